import { describe, expect, it } from 'vitest';
import type { EntryBody, Nozzle, TypedSprayer } from '$core';
import { inUnit, si } from '$core';
import { MemoryStore } from '../../../../tests/support/memory-store';
import { signOff, t, testSprayer, wholeCalibration } from '../../../../tests/support/entries';
import { blower, catches, course } from '../../../../tests/support/sprayers';
import { calibrationState } from '../../../../tests/support/calibration-state';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { noNozzles, nozzleTable } from '$lib/settings/nozzle-table';
import type { Setting } from '$lib/wire/sprayer';
import { nozzleJob } from '$lib/workers/nozzle-job';
import { AdjustState } from './adjust.svelte';
import { ArcSetState } from './arc-set.svelte';
import { carryChange, changeOf } from '$lib/calibration/sign/carry-change';
import { ChooserState } from './chooser.svelte';
import { keepAdjusted } from './keep-adjusted';
import type { NozzleMaths } from './nozzles-worker';
import { SignOffState } from '$lib/calibration/sign/sign-off.svelte';

/** The worker's work done in place. */
const maths: NozzleMaths = {
	choose: async (table, asked, filter) => {
		nozzleJob.table(table);
		return nozzleJob.choose(asked, filter);
	},
	arc: (asked, onProgress) => nozzleJob.arc(asked, onProgress)
};
const setting: Setting = {
	id: '01900000-0000-7000-8000-00000000aaaa',
	name: 'All on',
	off: [],
	gear: '',
	rpm: null,
	pressure: null,
	note: ''
};
const gauge: EntryBody = { kind: 'gauge', pressure: t('3', 'bar') };

async function adjusting(
	bodies: readonly EntryBody[] = [...wholeCalibration, gauge],
	settings: Partial<FarmSettings> = {},
	sprayer: TypedSprayer = testSprayer,
	shed: readonly string[] = []
) {
	const made = await calibrationState(bodies, settings, sprayer);
	const calibration = made.state;
	const table: readonly Nozzle[] = nozzleTable({ ...noNozzles, shed }, calibration.settings);
	const adjust = new AdjustState({
		sprayer,
		numbers: calibration.sprayer,
		settings: calibration.settings,
		setting,
		get entered() {
			return calibration.entered;
		},
		get answer() {
			return calibration.answer;
		},
		table,
		keep: (aim, change) => keepAdjusted(calibration, aim, change)
	});
	return { ...made, calibration, adjust };
}
const rateOf = (v: number) => inUnit('volumePerArea', si(v), 'L/ha');

describe('what is wanted', () => {
	it('asks nothing of a person until something is typed', async () => {
		const { adjust } = await adjusting();
		expect([adjust.aim, adjust.levers, adjust.change, adjust.next]).toEqual([null, null, null, 'To the signature']);
		expect(await adjust.keep()).toBe(true);
	});

	it('is kept once, also where the server gave its parts back in another order', async () => {
		const { calibration } = await adjusting();
		const aim = { wanted: { by: 'volume' as const, volume: t('187.5', 'L/ha') }, specificGravity: 1, perArea: true };
		const turned = {
			perArea: true,
			specificGravity: 1,
			wanted: { volume: t('187.5', 'L/ha'), by: 'volume' as const }
		};
		const before = calibration.entries.length;
		expect(await keepAdjusted(calibration, aim, null)).toBe('');
		expect(await keepAdjusted(calibration, turned, null)).toBe('');
		expect(calibration.entries.length).toBe(before + 1);
	});

	it('keeps what lies within 5 %, and says by how much to change what does not', async () => {
		const { adjust } = await adjusting();
		const measured = rateOf(adjust.measured!);
		adjust.form.volume = `${(measured * 1.03).toFixed(1)}`;
		expect(adjust.aim).toMatchObject({ keep: true });
		adjust.form.volume = `${(measured * 1.2).toFixed(2)}`;
		expect(adjust.aim).toMatchObject({ keep: false });
		expect(adjust.levers!.factor).toBeCloseTo(1.2, 3);
		expect(adjust.levers!.advice).toBe('speed');
	});

	it.each([
		['volume', { volume: '0' }, 'volume', 'more than zero'],
		['volume', { volume: 'much' }, 'volume', '“much”'],
		['range', { low: '200', high: '100' }, 'low', 'the low end comes first'],
		['tank', { area: '0 ha' }, 'area', 'more than zero'],
		['volume', { volume: '150', gravity: '9' }, 'specificGravity', '“9”']
	] as const)('gives the words back: %s %o', async (by, typed, place, words) => {
		const { adjust } = await adjusting();
		adjust.form.by = by;
		Object.assign(adjust.form, typed);
		expect(adjust.form.problems[place]).toContain(words);
		expect(adjust.aim).toBeNull();
		expect(await adjust.keep()).toBe(false);
	});

	it('takes the ground of one tank as a volume, without what cannot be sprayed out', async () => {
		const { adjust } = await adjusting(undefined, {}, { ...testSprayer, dead: t('20', 'L') });
		adjust.form.by = 'tank';
		adjust.form.area = '5 ha';
		expect(rateOf(adjust.aim!.volume)).toBeCloseTo(780 / 5, 9);
	});

	it('reckons with a heavy liquid: less comes out, and water is measured at more', async () => {
		const { adjust } = await adjusting();
		adjust.form.volume = '150';
		adjust.form.gravity = '1.28';
		expect(rateOf(adjust.water!)).toBeCloseTo(150 * Math.sqrt(1.28), 6);
		expect(adjust.levers!.factor).toBeCloseTo((150 * Math.sqrt(1.28)) / rateOf(adjust.measured!), 3);
	});
});

describe('the levers', () => {
	it('move each other along the line of the wanted volume', async () => {
		const { adjust } = await adjusting();
		adjust.form.volume = '150';
		const speed = adjust.present!.speed;
		adjust.moveSpeed(si(speed * 1.1));
		const one = adjust.point!;
		expect(rateOf(adjust.gives!)).toBeCloseTo(150, 6);
		adjust.movePressure(one.pressure!);
		expect(adjust.point!.speed).toBeCloseTo(one.speed, 9);
		// Flow goes with the root of pressure: a tenth faster takes 21 % more pressure on the same line.
		adjust.moveSpeed(speed);
		expect(one.pressure! / adjust.point!.pressure!).toBeCloseTo(1.21, 6);
	});

	it('say why a point is out of reach', async () => {
		const { adjust } = await adjusting();
		adjust.form.volume = '150';
		adjust.moveSpeed(si(adjust.reach!.speeds.high * 1.2));
		expect(adjust.pointOut).toBe('too-fast');
		adjust.movePressure(si(adjust.reach!.pressures.high * 1.01));
		expect(adjust.pointOut).toMatch(/over|too-fast/);
		adjust.form.volume = '3000';
		expect(adjust.line).toMatchObject({ inside: false, why: 'too-little' });
	});

	it('write speed down with what the dial has to show, pressure alone, and predict what it brings', async () => {
		const { adjust } = await adjusting();
		adjust.form.volume = '150';
		adjust.useSpeed();
		const { speed, dial, pressure } = adjust.change!;
		expect(pressure).toBeUndefined();
		expect(Number(dial!.text) / Number(speed!.text)).toBeCloseTo(
			8.2 / inUnit('speed', adjust.present!.speed, 'km/h'),
			2
		);
		expect(rateOf(adjust.prediction!.volume)).toBeCloseTo(150, 0);
		adjust.usePressure();
		expect(adjust.change).toEqual({ pressure: expect.objectContaining({ unit: 'bar' }) as unknown });
		expect(rateOf(adjust.prediction!.volume)).toBeCloseTo(150, 0);
		adjust.useFitted();
		expect(adjust.change).toBeNull();
	});

	it('lack the pressure where no gauge was read', async () => {
		const { adjust } = await adjusting(wholeCalibration);
		adjust.form.volume = '150';
		expect([adjust.levers!.pressure, adjust.reach]).toEqual([null, null]);
		adjust.useSpeed();
		expect(Object.keys(adjust.change!)).toEqual(['speed', 'dial']);
	});

	it('follow a reading that is mended after', async () => {
		const { adjust, calibration } = await adjusting();
		adjust.form.volume = '150';
		const before = adjust.levers!.factor;
		await calibration.add({ kind: 'run', time: t('35'), by: 'typed' });
		expect(adjust.levers!.factor).toBeLessThan(before);
	});

	it('tell the pump’s margin with the agitation', async () => {
		const { adjust } = await adjusting(undefined, {}, { ...testSprayer, pump: t('46', 'L/min') });
		// Six nozzles at 1.2 L/min, and 5 % of 800 L a minute.
		expect(adjust.pump).toMatchObject({ enough: false });
		expect(inUnit('flow', adjust.pump!.spare, 'L/min')).toBeCloseTo(46 - 40 - 7.2, 0);
	});
});

describe('the chooser', () => {
	it('finds nozzles for the wanted volume, those of the shed first, and filters by typed words', async () => {
		const { adjust } = await adjusting(undefined, {}, testSprayer, ['iso-air-induction-025']);
		const chooser = new ChooserState(adjust, maths);
		await chooser.ask();
		expect(chooser.found).toBeNull();
		adjust.form.volume = '150';
		await chooser.ask();
		const all = chooser.found!.all;
		expect(chooser.found!.choices.slice(0, 2).map((c) => c.nozzle.key)).toContain('iso-air-induction-025');
		chooser.filter = 'air-induction <4 bar';
		await chooser.ask();
		expect(chooser.found!.all).toBeLessThan(all);
		expect(chooser.found!.choices.every((c) => c.nozzle.kind === 'air-induction' && c.pressure <= 4e5)).toBe(true);
		chooser.filter = '<many bar';
		expect(chooser.problem).toContain('<many');
		await chooser.ask();
		expect(chooser.found!.all).toBe(all);
	});

	it('makes a change of the nozzle that is taken, and predicts it less surely', async () => {
		const { adjust } = await adjusting();
		adjust.form.volume = '120';
		const chooser = new ChooserState(adjust, maths);
		chooser.filter = 'air-induction 02';
		await chooser.ask();
		adjust.useNozzle(chooser.found!.choices[0]!);
		expect(adjust.change!.nozzle).toMatchObject({ name: 'Air induction fan 02' });
		expect(rateOf(adjust.prediction!.volume)).toBeCloseTo(120, 0);
		expect(adjust.prediction!.sure).toBeGreaterThan(0.05);
	});
});

describe('a set for an arc', () => {
	const bodies: readonly EntryBody[] = [
		...course('50', '36', '36', '36'),
		...catches('60', 'L', '1.0', '1.5', '1.5', '2.0', '1.0', '1.5', '1.5', '2.0'),
		{ kind: 'gauge', pressure: t('10', 'bar') }
	];
	it('is searched from the sizes at hand and taken as the change', async () => {
		const { adjust } = await adjusting(bodies, {}, blower);
		const arc = new ArcSetState(adjust, maths);
		expect(arc.asked).toBe('Enter the target volume first.');
		adjust.form.volume = `${(rateOf(adjust.measured!) * 0.9).toFixed(2)}`;
		arc.shares = ['40', '30', '20'];
		await arc.search();
		expect(arc.problem).toContain('do not add up to 100 %');
		arc.shares = ['33', '34', '33'];
		await arc.search();
		expect(arc.problem).toBe('');
		const given = arc.sides.reduce((s, q) => s + q, 0);
		expect(Math.abs(given / (0.9 * (12 / 6e4)) - 1)).toBeLessThan(0.0201);
		arc.use();
		expect(adjust.change!.set!.groups).toHaveLength(8);
		expect(rateOf(adjust.prediction!.volume) / (rateOf(adjust.measured!) * 0.9)).toBeCloseTo(1, 1);
	});
	it('says so where no set of the sizes comes near', async () => {
		const { adjust } = await adjusting(bodies, {}, blower);
		adjust.form.volume = `${rateOf(adjust.measured!) * 5}`;
		const arc = new ArcSetState(adjust, maths);
		await arc.search();
		expect(arc.problem).toContain('within 2 %');
	});
});

describe('keeping it', () => {
	it('adds what is wanted and the change once, however often one walks through', async () => {
		const { adjust, calibration } = await adjusting();
		adjust.form.volume = '150';
		adjust.useSpeed();
		expect(await adjust.keep()).toBe(true);
		const count = calibration.entries.length;
		expect(await adjust.keep()).toBe(true);
		expect(calibration.entries).toHaveLength(count);
		expect(calibration.steps.find((s) => s.name === 'adjust')).toMatchObject({ done: 1, figure: 'change' });
		await calibration.add({ kind: 'change', change: null });
		expect(calibration.steps.find((s) => s.name === 'adjust')).toMatchObject({ figure: 'unchanged' });
	});

	it('stands against the signature where it rests on what the calibration no longer answers by', async () => {
		const { adjust, calibration } = await adjusting();
		adjust.form.volume = '150';
		adjust.useSpeed();
		await adjust.keep();
		const form = new SignOffState(calibration, '2026-03-14');
		expect(form.blocked).toBe('');
		// By a refill no speed is measured, so a speed to hold predicts nothing.
		for (const body of [
			{ kind: 'method', method: 'refill' },
			{ kind: 'plot', ground: { by: 'area', area: t('1000', 'm2') } },
			{ kind: 'used', reading: { added: t('18', 'L') } }
		] as const)
			expect(await calibration.add(body)).toEqual([]);
		expect(form.blocked).toContain('take the change back under Adjust');
		await calibration.add({ kind: 'change', change: null });
		expect(form.blocked).toBe('');
	});

	it('goes onto the sprayer that the device keeps, and is let go by the calibration that checks it', async () => {
		const { adjust, calibration } = await adjusting();
		(calibration.head as { setting?: Setting }).setting = setting;
		adjust.form.volume = '150';
		adjust.usePressure();
		await adjust.keep();
		expect(changeOf(calibration)).toBeNull();
		await calibration.add(signOff);
		const made = changeOf(calibration)!;
		expect(rateOf(made.predicted)).toBeCloseTo(150, 0);
		const store = new MemoryStore();
		await store.keepSprayer(calibration.head.sprayerId, { rig: testSprayer, settings: [setting] });
		await carryChange(store, calibration);
		const kept = (await store.sprayer(calibration.head.sprayerId))!.settings[0]!;
		expect(kept).toMatchObject({ change: { after: calibration.head.id }, pressure: adjust.change?.pressure });
		const next = await adjusting([...wholeCalibration, signOff]);
		(next.calibration.head as { setting?: Setting }).setting = kept;
		await carryChange(store, next.calibration);
		expect((await store.sprayer(calibration.head.sprayerId))!.settings[0]!.change).toBeUndefined();
	});
});
