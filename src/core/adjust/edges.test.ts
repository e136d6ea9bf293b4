import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import type { TypedSprayer } from '../sprayer/sprayer';
import { adjust, fittedGives } from './adjust';
import { aimAt } from './aim-at';
import { applyChange } from './apply-change';
import type { MadeChange } from './change';
import type { Four } from './fourth-of-four';
import { fourthOfFour } from './fourth-of-four';
import type { Before } from './predict-volume';
import { predictChange } from './predict-change';
import { predictionGap } from './prediction-gap';
import type { Reach } from './reach';
import { wantedLine } from './wanted-line';
import { tankAreaVolume } from './tank-area-volume';

const rate = (lha: number) => si<'volumePerArea'>(lha * 1e-7);
const typed = (text: string, unit: string) => ({ text, unit, gallon: 'US' as const });

describe('a limit of a lever that is met exactly is not passed', () => {
	const nozzle = {
		points: [{ pressure: si<'pressure'>(4), flow: si<'flow'>(2) }],
		range: { low: si<'pressure'>(1), high: si<'pressure'>(16) }
	};
	const speedRange = { low: si<'speed'>(2), high: si<'speed'>(8) };
	const levers = (measured: number, wanted: number) =>
		adjust({
			measured: si(measured),
			wanted: si(wanted),
			speed: si(4),
			pressure: si(4),
			nozzle,
			speedRange
		}).impossible;
	it('by a factor of two either way, at both ends of both', () => {
		expect(levers(1, 2)).toEqual({});
		expect(levers(2, 1)).toEqual({});
		expect(levers(1, 2.0001)).toEqual({
			speed: { why: 'too-slow', bound: 2 },
			pressure: { why: 'over-nozzle', bound: 16 }
		});
		expect(levers(2.0001, 1)).toEqual({
			speed: { why: 'too-fast', bound: 8 },
			pressure: { why: 'under-nozzle', bound: 1 }
		});
	});
	it('and by the flow that the fitted nozzle gives at the ends of its range', () => {
		expect(fittedGives(nozzle, si(4))).toBeNull();
		expect(fittedGives(nozzle, si(1))).toBeNull();
		expect(fittedGives(nozzle, si(4.0001))).toEqual({ why: 'nozzle-too-small', bound: 4 });
		expect(fittedGives(nozzle, si(0.9999))).toEqual({ why: 'nozzle-too-large', bound: 1 });
	});
	it('without a speed or a pressure nothing is said of them', () => {
		const bare = adjust({ measured: si(1), wanted: si(9), nozzle, speedRange });
		expect([bare.speed, bare.pressure, bare.nozzleFlow, bare.impossible]).toEqual([null, null, null, {}]);
		expect(adjust({ measured: si(1), wanted: si(2), speed: si(4) }).nozzleFlow).toBeNull();
		expect(adjust({ measured: si(1), wanted: si(2), spacing: si(0.5) }).nozzleFlow).toBeNull();
		expect(adjust({ measured: si(1), wanted: si(2), speed: si(4), spacing: si(0.5) }).nozzleFlow).toBe(4);
	});
});

describe('what to aim at', () => {
	const one = (measured: number, volume: number) => {
		const { why, keep, volume: aim } = aimAt(rate(measured), 0.02, { by: 'volume', volume: rate(volume) });
		return [why, keep, Number((aim / 1e-7).toFixed(6))];
	};
	const range = (measured: number, low: number, high: number, u95 = 0.02) => {
		const {
			why,
			keep,
			volume: aim,
			sure
		} = aimAt(rate(measured), u95, { by: 'range', low: rate(low), high: rate(high) });
		return [why, keep, Number((aim / 1e-7).toFixed(6)), sure];
	};
	it('stays within 5 % of one volume, both ends with it, and is that volume beyond', () => {
		expect(one(100, 105)).toEqual(['within-five', true, 100]);
		expect(one(100, 95)).toEqual(['within-five', true, 100]);
		expect(one(100, 105.1)).toEqual(['under', false, 105.1]);
		expect(one(100, 94.9)).toEqual(['over', false, 94.9]);
	});
	it('stays inside a range, its ends with it, and is the nearer end moved in by the ± beyond, at most to the middle', () => {
		expect(range(100, 100, 200).slice(0, 3)).toEqual(['in-range', true, 100]);
		expect(range(200, 100, 200).slice(0, 3)).toEqual(['in-range', true, 200]);
		expect(range(90, 100, 200).slice(0, 3)).toEqual(['under', false, 102]);
		expect(range(220, 100, 200).slice(0, 3)).toEqual(['over', false, 196]);
		expect(range(90, 100, 110, 0.5).slice(0, 3)).toEqual(['under', false, 105]);
		expect(range(150, 100, 110, 0.5).slice(0, 3)).toEqual(['over', false, 105]);
	});
	it('is sure where the ± is narrower than the range', () => {
		// 150 ± 30 in 100 to 200, and in 140 to 160.
		expect(range(150, 100, 200, 0.2)[3]).toBe(true);
		expect(range(150, 140, 160, 0.2)[3]).toBe(false);
	});
	it('of a tank is what is in it less what cannot be sprayed out, over the ground', () => {
		expect(tankAreaVolume(si(0.6), si(0.02), si(2e4))).toBeCloseTo(2.9e-5, 15);
	});
});

describe('the fourth of four', () => {
	const all: Four = { rate: si(18e-6), speed: si(2), width: si(12), flow: si(18e-6 * 24) };
	const names = ['rate', 'speed', 'width', 'flow'] as const;
	const pick = (...of: readonly (keyof Four)[]): Partial<Four> =>
		Object.fromEntries(of.map((name) => [name, all[name]]));
	it('follows from any three', () => {
		for (const left of names) {
			const four = fourthOfFour(pick(...names.filter((n) => n !== left)))!;
			for (const name of names) expect(four[name]).toBeCloseTo(all[name], 12);
		}
	});
	it('is none where two or more are left out, or none is', () => {
		expect(fourthOfFour(all)).toBeNull();
		expect(fourthOfFour({})).toBeNull();
		for (const one of names) {
			expect(fourthOfFour(pick(one))).toBeNull();
			for (const two of names) if (one !== two) expect(fourthOfFour(pick(one, two))).toBeNull();
		}
	});
});

describe('a change that is made', () => {
	const rated = { flow: typed('1.2', 'L/min'), at: typed('3', 'bar') };
	const sprayer: TypedSprayer = {
		kind: 'boom',
		name: 'Boom',
		tank: typed('600', 'L'),
		nozzles: 2,
		sections: [2],
		nozzle: '110-03',
		rated
	};
	const setting = { name: 'As it is', pressure: typed('3', 'bar'), gear: '2' };
	const made = (change: Partial<MadeChange>): MadeChange => ({
		after: 'k',
		day: '2026-03-20',
		aim: { wanted: { by: 'volume', volume: typed('200', 'L/ha') }, perArea: true, specificGravity: 1 },
		predicted: 2e-5,
		sure: 0.03,
		...change
	});
	it('of the pressure is the setting’s, and stands on it until it is checked', () => {
		const change = made({ pressure: typed('4', 'bar') });
		expect(applyChange(sprayer, setting, change)).toEqual({
			sprayer,
			setting: { ...setting, pressure: typed('4', 'bar'), change }
		});
		const speed = made({ speed: typed('7', 'km/h') });
		expect(applyChange(sprayer, setting, speed)).toEqual({ sprayer, setting: { ...setting, change: speed } });
	});
	it('of nozzles is the sprayer’s: its size and its flow, or its set', () => {
		const other = { flow: typed('1.6', 'L/min'), at: typed('3', 'bar') };
		const nozzle = made({ nozzle: { name: '110-04', rated: other, points: [] } });
		expect(applyChange(sprayer, setting, nozzle).sprayer).toEqual({ ...sprayer, nozzle: '110-04', rated: other });
		const set = { groups: ['a', 'b'], ratings: { a: rated, b: other } };
		expect(applyChange(sprayer, setting, made({ set })).sprayer).toEqual({ ...sprayer, ...set });
	});
});

describe('a prediction', () => {
	const before: Before = {
		calibration: {
			rate: { value: rate(150), errors: [] },
			speed: { value: si<'speed'>(2), errors: [] },
			flow: { value: si<'flow'>(4e-4), errors: [] },
			relativeUncertainty95: 0.03
		},
		pressure: si(3e5),
		on: [1, 2]
	};
	const bare: Before = { ...before, calibration: { ...before.calibration, speed: null, flow: null }, pressure: null };
	const issues = (from: Before, change: Parameters<typeof predictChange>[1]) => {
		const p = predictChange(from, change);
		return p.ok ? [] : p.issues.map((i) => `${i.code} ${i.path}`);
	};
	const rated = { flow: typed('1.2', 'L/min'), at: typed('3', 'bar') };
	const nozzle = { name: '110-03', rated, points: [{ pressure: si<'pressure'>(3e5), flow: si<'flow'>(2e-5) }] };
	it('says what it would need and nobody measured', () => {
		expect(issues(bare, { speed: typed('7', 'km/h') })).toEqual(['missing speed']);
		expect(issues(bare, { pressure: typed('3', 'bar') })).toEqual(['missing flow.pressure']);
		expect(issues(bare, { nozzle })).toEqual(['missing flow.pressure', 'missing flow']);
		expect(issues({ ...before, pressure: null }, { nozzle })).toEqual(['missing flow.pressure']);
		expect(issues({ ...before, calibration: bare.calibration }, { nozzle })).toEqual(['missing flow']);
		expect(issues(bare, {})).toEqual([]);
	});
	it('of a set takes each nozzle’s own size, and names the size that has no flow', () => {
		const set = { groups: ['a', 'b'], ratings: { a: rated } };
		expect(issues(before, { set })).toEqual(['missing change.set.b']);
		expect(issues(before, { set: { ...set, groups: ['a'] } })).toEqual(['missing change.set.2']);
		const half = { ...set, groups: ['a', 'a'], ratings: { a: { ...rated, at: typed('x', 'bar') } } };
		expect(issues(before, { set: half })).toEqual(['unreadable nozzle.at']);
		const whole = {
			groups: ['a', 'b'],
			ratings: { a: rated, b: { flow: typed('2.4', 'L/min'), at: typed('3', 'bar') } }
		};
		const p = predictChange({ ...before, on: [2] }, { set: whole });
		expect(p.ok && p.value.volume / rate(150)).toBeCloseTo(0.1, 9);
	});
	it('has held where it is off by its joint ± at most', () => {
		expect(predictionGap(100, 0.03, 105, 0.04)).toEqual({ share: 0.05, joint: 0.05, held: true });
		expect(predictionGap(100, 0.03, 105.1, 0.04).held).toBe(false);
		expect(predictionGap(100, 0.03, 94.9, 0.04).held).toBe(false);
	});
});

describe('what a sprayer can reach', () => {
	const reach: Reach = {
		points: [{ pressure: si<'pressure'>(3), flow: si<'flow'>(2e-5) }],
		served: si<'length'>(0.5),
		specificGravity: 1,
		speeds: { low: si<'speed'>(1), high: si<'speed'>(3) },
		pressures: { low: si<'pressure'>(3), high: si<'pressure'>(12) }
	};
	it('touches a volume at one corner, slow and hard or fast and soft, and says why beyond', () => {
		expect(wantedLine(reach, si(8e-5))).toMatchObject({ inside: true, speeds: { low: 1, high: 1 } });
		expect(wantedLine(reach, si(8.01e-5))).toEqual({ inside: false, why: 'too-little', bound: 8e-5 });
		const least = wantedLine(reach, si(1.3e-5));
		expect(least).toMatchObject({ inside: false, why: 'too-much' });
	});
});
