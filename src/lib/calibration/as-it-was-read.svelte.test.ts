import { describe, expect, it } from 'vitest';
import type { EntryBody } from '$core';
import { carriedReadings, foldCalibration } from '$core';
import { entriesOf, t, wholeCalibration } from '../../../tests/support/entries';
import { catches, course, knapsack, thrower } from '../../../tests/support/sprayers';
import { calibrationState } from '../../../tests/support/calibration-state';
import { boomNames } from '$lib/wording/nozzle-names';
import { readingLines } from '$lib/show/reading-lines';
import { FlowStepState } from '$lib/calibration/flow/flow-step.svelte';
import { PlotStepState } from '$lib/calibration/plot/plot-step.svelte';

const timed = course('60', '27', '27.4');
const settled = async () => {
	for (let i = 0; i < 20; i += 1) await Promise.resolve();
};

describe('how long a jug is held', () => {
	it('follows the mean time of the course by itself, until somebody sets another', async () => {
		const { state } = await calibrationState([{ kind: 'course', length: t('60', 'm') }]);
		expect(state.catchTime?.typed.text).toBe('30');
		for (const body of timed) await state.add(body);
		expect(state.catchTime).toBeNull();
		const step = new FlowStepState(state);
		expect(step.heldFor).toBeCloseTo(27.2, 9);
		step.drafts[1] = '540';
		step.enter(1);
		await settled();
		// It is written down as being as long as the course: another run moves it.
		await state.add({ kind: 'run', time: t('28.2', 's'), by: 'typed' });
		expect(step.heldFor).toBeCloseTo((27 + 27.4 + 28.2) / 3, 9);
		await state.add({ kind: 'catch-time', time: t('60', 's') });
		expect(step.heldFor).toBe(60);
	});
	it('makes the answer the same whichever time was set, when the jug was held as long as it says', async () => {
		const rateOf = async (bodies: readonly EntryBody[]) => (await calibrationState(bodies)).state.answer!.rate.value;
		const jugs = (ml: number) =>
			[1, 2, 3, 4, 5, 6].map((nozzle) => ({ kind: 'catch', nozzle, amount: t(`${ml}`, 'ml'), why: 'first' }) as const);
		const asLong = await rateOf([...timed, ...jugs(544)]);
		const half = await rateOf([...timed, { kind: 'catch-time', time: t('13.6', 's') }, ...jugs(272)]);
		expect(half / asLong).toBeCloseTo(1, 12);
	});
});

describe('a catch far from the others', () => {
	it('is asked about once as a lost digit, and is saved when it is entered again', async () => {
		const { state } = await calibrationState([...timed, { kind: 'catch-time', time: t('30', 's') }]);
		const step = new FlowStepState(state);
		for (const [n, text] of [
			[1, '590'],
			[2, '605']
		] as const) {
			step.drafts[n] = text;
			step.enter(n);
			await settled();
		}
		step.drafts[3] = '59';
		expect(step.enter(3)).toBeNull();
		expect(step.problem).toContain('Was a digit lost?');
		expect(state.countedTakes(3)).toHaveLength(0);
		expect(step.enter(3)).toBe(4);
		await settled();
		expect(state.countedTakes(3)[0]!.amount.typed.text).toBe('59');
	});
});

describe('two sizes of nozzle', () => {
	const three = [
		...course('50', '25'),
		...catches('60', 'L', '6', '3.6', '6.02'),
		{ kind: 'wetted', width: t('10', 'm') },
		{ kind: 'school', school: 'share' }
	] as EntryBody[];
	const sprayer = { ...thrower, nozzles: 3, sections: [3] };
	const codes = (state: Awaited<ReturnType<typeof calibrationState>>['state']) =>
		state.answer!.findings.map((f) => f.code);
	it('that differ on purpose are taken into the open calibration at once, and none is called blocked', async () => {
		const { state } = await calibrationState(three, {}, sprayer);
		expect(codes(state)).toContain('two-sizes');
		expect(codes(state)).not.toContain('nozzle-low');
		await state.sizes({ small: [2] });
		expect(codes(state)).not.toContain('two-sizes');
		expect(state.answer!.nozzles!.nozzles.map((n) => [n.group, n.verdict])).toEqual([
			['large', 'even'],
			['small', 'even'],
			['large', 'even']
		]);
	});
	it('that do not differ on purpose are judged as one size', async () => {
		const { state } = await calibrationState(three, {}, sprayer);
		await state.sizes(null);
		expect(codes(state)).toContain('nozzle-low');
		expect(codes(state)).not.toContain('two-sizes');
	});
});

describe('what was not measured', () => {
	it('a width that was only estimated counts 10 %, and says so in the readings', async () => {
		const bodies = [
			{ kind: 'method', method: 'speed-width-flow' },
			...course('50', '36'),
			...catches('60', 'L', '1.2')
		] as EntryBody[];
		const taped = await calibrationState([...bodies, { kind: 'wetted', width: t('1.5', 'm') }], {}, knapsack);
		const guess = await calibrationState(
			[...bodies, { kind: 'wetted', width: t('1.5', 'm'), estimated: true }],
			{},
			knapsack
		);
		const { answer } = guess.state;
		expect(answer!.rate.value).toBe(taped.state.answer!.rate.value);
		const ofWidth = Math.sqrt(answer!.budget.width!) * answer!.relativeUncertainty95;
		expect(ofWidth).toBeCloseTo(0.2, 9);
		const lines = readingLines({ entered: foldCalibration(guess.state.entries) }, boomNames, false);
		expect(lines.find((l) => l.name === 'Wetted width')?.text).toBe('1.5 m, estimated');
	});
	it('marks of a jug that nobody stated are not told as read', async () => {
		const lines = readingLines({ entered: foldCalibration(entriesOf(wholeCalibration)) }, boomNames, false);
		const marks = lines.find((l) => l.name === 'Jug marked every')?.text;
		expect(marks).toBe(wholeCalibration.some((b) => b.kind === 'jug') ? '10 ml' : 'not stated, counted as 10 ml');
	});
	it('no plot looks picked while nobody laid one out', async () => {
		const { state } = await calibrationState([], {}, knapsack);
		const plot = new PlotStepState(state);
		expect(plot.laidOut).toBe(false);
		await plot.pick(10);
		expect(plot.laidOut).toBe(true);
	});
	it('one go of a walk is no surer than three that agree', async () => {
		const go = (text: string): EntryBody => ({ kind: 'used', reading: { added: t(text, 'L') } });
		const ground: EntryBody[] = [
			{ kind: 'method', method: 'refill' },
			{ kind: 'plot', ground: { by: 'area', area: t('100', 'm2') } }
		];
		const one = await calibrationState([...ground, go('4')], {}, knapsack);
		const three = await calibrationState([...ground, go('4'), go('3.9'), go('4.1')], {}, knapsack);
		const pm = (s: typeof one) => s.state.answer!.relativeUncertainty95;
		expect(pm(one)).toBeGreaterThan(pm(three));
		expect(pm(one)).toBeGreaterThan(0.06);
	});
});

describe('a calibration that checks a change', () => {
	it('begins with the method, course, rows, sides and target of the one before, and with none of its readings', () => {
		const before = foldCalibration(
			entriesOf([
				{ kind: 'method', method: 'speed-width-flow' },
				...timed,
				{ kind: 'rows', spacing: t('4', 'm'), alleys: 'second', otherSide: 'not' },
				{ kind: 'sections', off: [1] },
				...catches('30', 'ml', '600')
			])
		);
		const aim = { wanted: { by: 'volume', volume: t('200', 'L/ha') }, perArea: true, specificGravity: 1 } as const;
		const change = { aim, carried: carriedReadings(before) };
		const next = foldCalibration([], { off: [], change });
		expect(next).toMatchObject({
			method: 'speed-width-flow',
			course: { typed: t('60', 'm') },
			rows: { spacing: { typed: t('4', 'm') }, alleys: 'second' },
			otherSide: 'not',
			off: [1],
			aim,
			runs: []
		});
		expect(next.nozzles.size).toBe(0);
		// What is told anew counts.
		expect(foldCalibration(entriesOf([{ kind: 'sections', off: [] }]), { change }).off).toEqual([]);
	});
});
