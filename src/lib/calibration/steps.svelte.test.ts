import { describe, expect, it } from 'vitest';
import { fields, readField } from '$core';
import { entriesOf, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { blower, catches, knapsack, thrower } from '../../../tests/support/sprayers';
import { calibrationState } from '../../../tests/support/calibration-state';
import type { Fix } from '$lib/device/read-track';
import { helperWords, readingCourses } from '$lib/calibration/speed/course-helper';
import { FlowStepState } from '$lib/calibration/flow/flow-step.svelte';
import { GroundStripeState, stripeFaults } from './ground-stripe.svelte';
import { lineOptions, nozzleGrid } from '$lib/sprayer/history';
import { BoomlessSwath, layPasses } from '$lib/calibration/swath/pans.svelte';
import { PlotStepState, usualPlots } from '$lib/calibration/plot/plot-step.svelte';
import { SignOffState } from '$lib/calibration/sign/sign-off.svelte';
import { TrackStepState } from '$lib/calibration/speed/track-step.svelte';

describe('the steps of a calibration', () => {
	const names = async (...args: Parameters<typeof calibrationState>) =>
		(await calibrationState(...args)).state.steps.map((s) => `${s.name}:${s.title}`);
	it('are those of its way, in the words of its kind', async () => {
		expect(await names([], {}, blower)).toEqual([
			'ready:Check the sprayer',
			'speed:Ground speed',
			'swath:Alley',
			'flow:Flow',
			'volume:Spray volume',
			'adjust:Adjust',
			'sign-off:Sign off'
		]);
		expect(await names([{ kind: 'method', method: 'refill' }], {}, blower)).toContain('plot:Row');
		expect((await names([], {}, knapsack)).map((n) => n.split(':')[0])).toEqual([
			'ready',
			'plot',
			'flow',
			'volume',
			'adjust',
			'sign-off'
		]);
	});
	it('keep one of another way once it has readings, and lead on from it to the answer', async () => {
		const { state } = await calibrationState([], {}, blower);
		expect(state.steps.map((s) => s.name)).not.toContain('tank');
		expect(state.stepAfter('tank')).toBeNull();
		await state.add({ kind: 'used', reading: { added: t('20', 'L') } });
		expect(state.stepAfter('flow')?.name).toBe('tank');
		expect(state.stepAfter('tank')?.name).toBe('volume');
	});
	it('open with what the setting shuts', async () => {
		const { state } = await calibrationState([], {}, blower);
		const { CalibrationState } = await import('./calibration.svelte');
		const leftOnly = (otherSide?: 'sprayed' | 'not') => {
			const setting = {
				id: 's',
				name: 'Left only',
				off: [1],
				gear: '',
				rpm: null,
				pressure: null,
				note: '',
				otherSide
			};
			return { ...state.head, setting };
		};
		const opened = (otherSide?: 'sprayed' | 'not') =>
			new CalibrationState(
				{ head: leftOnly(otherSide), entries: entriesOf(catches('60', 'L', '1.0')) },
				state.settings,
				{
					store: { add: async () => undefined },
					newId: () => '',
					now: () => 0,
					onAdded: () => undefined
				}
			);
		expect(opened().on).toEqual([1, 2, 3, 4]);
		// One side is half a row only where another pass sprays the other side; until that is said there is no width.
		expect([opened().width, opened('sprayed').width, opened('not').width]).toEqual([null, 2.5, 5]);
	});
});

describe('a column that is pasted', () => {
	it('fills the nozzles in order from the one at hand, each kept as typed', async () => {
		const { state } = await calibrationState();
		const step = new FlowStepState(state);
		expect(step.paste(2, '602\n598\r\n605\t600')).toBe(4);
		await state.add({ kind: 'tick', check: 'kit', done: true });
		expect([2, 3, 4, 5].map((n) => state.countedTakes(n)[0]?.amount.typed.text)).toEqual(['602', '598', '605', '600']);
		expect(step.at).toBe(6);
	});
	it('is typing where it is one figure, and says what it left out where it is too many', async () => {
		const { state } = await calibrationState();
		const step = new FlowStepState(state);
		expect(step.paste(1, '602')).toBe(0);
		expect(step.paste(5, '1\n2\n3\n4')).toBe(2);
		expect(step.problem).toContain('2 were left out');
	});
	it('stops at a figure that does not read, names the nozzle, and keeps what came before', async () => {
		const { state } = await calibrationState();
		const step = new FlowStepState(state);
		expect(step.paste(1, '602\nabc\n600')).toBe(1);
		expect(step.problem).toMatch(/^Nozzle 2: “abc”/);
		await state.add({ kind: 'tick', check: 'kit', done: true });
		expect(state.countedTakes(1)).toHaveLength(1);
		expect(state.countedTakes(3)).toHaveLength(0);
	});
	it('a meter’s figure is kept like a typed one', async () => {
		const { state } = await calibrationState();
		const step = new FlowStepState(state);
		step.pickUnit('L/min');
		expect(step.take(3, '1.327')).toBe(4);
		await state.add({ kind: 'tick', check: 'kit', done: true });
		expect(state.flow?.nozzles[2]?.flow).toBeCloseTo(1.327e-3 / 60, 12);
	});
});

describe('laying out a plot', () => {
	it('one side gives the other, for the area that is wanted', async () => {
		const { state } = await calibrationState([], {}, knapsack);
		const plot = new PlotStepState(state);
		await plot.pick(100);
		expect(state.area).toBeCloseTo(100, 2);
		await plot.setSide('length', '20');
		expect(state.entered.plot).toMatchObject({
			by: 'sides',
			length: { typed: { text: '20' } },
			width: { typed: { text: '5' } }
		});
		expect(await plot.setSide('length', '3 L')).toMatchObject([{ code: 'wrong-kind' }]);
	});
	it('any sides: the first waits for the second', async () => {
		const { state } = await calibrationState([], {}, knapsack);
		const plot = new PlotStepState(state);
		plot.wanted = null;
		expect(await plot.setSide('width', '4')).toEqual([]);
		expect(state.entered.plot).toBeNull();
		await plot.setSide('length', '6');
		expect(state.area).toBe(24);
	});
	it('knows the plots of the trade', () => {
		const [first] = usualPlots('US', false);
		expect(first!.area / 0.09290304).toBeCloseTo(340.3125, 6);
		expect(usualPlots('metric', true)[0]!.area).toBe(10);
	});
});

describe('a boomless swath', () => {
	it('shows every school’s answer beside the others', async () => {
		const { state } = await calibrationState([{ kind: 'wetted', width: t('10', 'm') }], {}, thrower);
		const swath = new BoomlessSwath(state);
		expect(swath.school).toBeNull();
		expect(state.width).toBeNull();
		expect(Object.fromEntries(swath.answers.map((a) => [a.school, a.width]))).toEqual({
			pans: null,
			share: 8.5,
			edges: null,
			full: 10,
			maker: 9,
			asked: null
		});
	});
	it('takes pans one by one or as a column, and then goes by them', async () => {
		const { state } = await calibrationState(
			[{ kind: 'pans', spacing: t('1', 'm'), count: 4, driving: 'one-way', maxCv: 0.15 }],
			{},
			thrower
		);
		const swath = new BoomlessSwath(state);
		swath.drafts[1] = '20';
		expect(await swath.enter(1)).toBe(true);
		expect(swath.at).toBe(2);
		swath.drafts[2] = 'x';
		expect(await swath.enter(2)).toBe(false);
		expect(await swath.paste(2, '20\n20\n20')).toBe(3);
		expect(swath.school).toBe('pans');
		expect(swath.result?.best?.spacings).toBe(2);
		expect(swath.result?.passedBy.map((c) => c.spacings)).toEqual([4]);
		expect(swath.laid).toEqual([1, 1, 1, 1]);
		expect(swath.cv).toBe(0);
	});
	it('lays passes as the core counts them', () => {
		expect(layPasses([1, 2, 1], 3, false)).toEqual([0.75, 1.5, 0.75]);
		expect(layPasses([0, 0], 1, true)).toEqual([0, 0]);
	});
});

describe('the ground under a boom', () => {
	it('shows what was asked last, and asks one thing at a time', async () => {
		const asked: number[] = [];
		let free: () => void = () => undefined;
		const stripe = new GroundStripeState(async (fans, _reach, _from, _to, cells) => {
			asked.push(fans.length);
			await new Promise<void>((done) => (free = done));
			return new Array<number>(cells).fill(fans.length);
		});
		const fans = (n: number) => Array.from({ length: n }, (_, i) => ({ at: i, flow: 1 }));
		const first = stripe.ask({ fans: fans(1), reach: 1, width: 5 });
		void stripe.ask({ fans: fans(2), reach: 1, width: 5 });
		void stripe.ask({ fans: fans(3), reach: 1, width: 5 });
		free();
		await new Promise((r) => setImmediate(r));
		expect(stripe.strips).toEqual([]);
		free();
		await first;
		expect(asked).toEqual([1, 3]);
		expect(stripe.strips).toHaveLength(144);
		expect(stripe.strips.every((s) => s === 1)).toBe(true);
	});
	it('tells thin strips and double ones', () => {
		const strips = [
			...new Array<number>(50).fill(1),
			...new Array<number>(25).fill(0.6),
			...new Array<number>(25).fill(1.4)
		];
		expect(stripeFaults(strips).thin).toBeCloseTo(25 / 90, 6);
		expect(stripeFaults(strips).double).toBeCloseTo(20 / 90, 6);
	});
});

describe('how far to drive', () => {
	it('is where the reading is the answer', () => {
		const by = Object.fromEntries(readingCourses(20 * 0.0254).map((c) => [c.name, c.course]));
		expect(by['1/128 acre']! / 0.3048).toBeCloseTo(204.1875, 6);
		expect(readingCourses(0.5).find((c) => c.name === '10 m²')?.course).toBe(20);
	});
	it('says what is too short, and what would do', async () => {
		const { state } = await calibrationState();
		const source = {
			wanted: 0.05,
			skill: state.skill,
			onFoot: false,
			course: 10,
			speed: 2.5,
			runs: 1,
			held: 10,
			flow: 2e-5,
			marks: 1e-5,
			metric: true,
			decimalComma: false
		};
		const words = helperWords(source);
		expect(words.catches).toMatch(/^A 10 s catch is good to ±6.* too coarse to judge 5 %\. Catch \d+ s\.$/);
		expect(words.course).toMatch(/^1 run of 10 m is good to .* Lay out \d+ m\.$/);
		expect(helperWords({ ...source, wanted: 0.02 }).course).toContain('Drive');
		const enough = helperWords({ ...source, course: 100, held: 60 });
		expect([enough.course, enough.catches].every((w) => w.includes('enough'))).toBe(true);
		expect(helperWords({ ...source, course: null, held: null })).toEqual({ course: '', catches: '' });
	});
});

describe('a track before it is kept', () => {
	const points = Array.from(
		{ length: 60 },
		(_, i) => [i, 0, (Math.min(40, Math.max(10, i)) * 2) / 111_319.49] as const
	);
	it('finds its steady part, lets its ends be moved, and becomes the speed', async () => {
		const { state } = await calibrationState(wholeCalibration);
		const track = new TrackStepState(state);
		track.take({ source: 'gpx', name: 'drive.gpx', points });
		expect(track.from).toBeGreaterThanOrEqual(8);
		expect(track.to).toBeLessThanOrEqual(42);
		expect(track.speed).toBeCloseTo(2, 3);
		track.move('from', 1e9);
		expect(track.from).toBe(track.to);
		expect(await track.keep()).toBe(false);
		expect(track.problem).not.toBe('');
		track.move('from', 15);
		expect(await track.keep()).toBe(true);
		expect(state.speed?.measured.value).toBeCloseTo(2, 3);
		await track.drop();
		expect(state.speed?.measured.value).toBeCloseTo(60 / 27.2, 9);
	});
	it('records what a receiver tells until it is stopped, and minds one that tells nothing', async () => {
		const { state } = await calibrationState();
		const track = new TrackStepState(state);
		let tell: (fix: Fix) => void = () => undefined;
		let stopped = 0;
		const receiver = { start: (onFix: (fix: Fix) => void) => ((tell = onFix), () => void (stopped += 1)) };
		track.record('receiver', receiver);
		track.finish();
		expect(track.problem).toContain('Fewer than three');
		track.record('receiver', receiver);
		for (let i = 0; i < 30; i += 1) tell({ at: 1e12 + i * 1000, latitude: 0, longitude: (i * 2) / 111_319.49 });
		expect(track.recording).toBe(true);
		track.finish();
		expect(stopped).toBe(2);
		expect(track.speed).toBeCloseTo(2, 2);
	});
});

describe('signing a carried sprayer', () => {
	it('needs a person and neither gauge nor gear', async () => {
		const plot = [
			{ kind: 'plot', ground: { by: 'area', area: t('100 m2', 'ha') } } as const,
			{ kind: 'plot-run', time: t('150'), by: 'typed' } as const,
			...catches(null, 'ml', '2000')
		];
		const { state } = await calibrationState(plot, {}, knapsack);
		const form = new SignOffState(state, '2026-03-14');
		// Nobody named who carries it: asked here, where the signature waits for it.
		form.person = 'B. Sample';
		expect([form.asksCarrier, form.blocked]).toEqual([true, '']);
		expect(await form.sign()).toBe(false);
		expect(form.problems.carrier).toContain('Nobody is named');
		form.carrier = ' A. Sample ';
		expect(await form.sign()).toBe(true);
		expect([state.entered.person, state.entered.signOff?.person]).toEqual(['A. Sample', 'B. Sample']);
		expect(state.entered.signOff?.pressure).toBeUndefined();
	});
	it('knows who carries it where that was said before', async () => {
		const { state } = await calibrationState([{ kind: 'person', name: 'A. Sample' }], {}, knapsack);
		const form = new SignOffState(state, '2026-03-14');
		expect([form.person, form.asksCarrier]).toEqual(['A. Sample', false]);
	});
	it('a boom needs neither either: what was not read is said, not invented', async () => {
		const { state } = await calibrationState(wholeCalibration, {}, testSprayer);
		const form = new SignOffState(state, '2026-03-14');
		form.person = 'A. Sample';
		expect(form.notes.join()).toContain('not measured');
		expect(await form.sign()).toBe(true);
		expect(state.entered.signOff).toMatchObject({ gear: '' });
		expect(state.entered.signOff?.pressure).toBeUndefined();
	});
	it('takes the gauge in the unit in which it was read, and a setting’s pressure for no reading', async () => {
		const gauge = { kind: 'gauge', pressure: t('40', 'psi') } as const;
		const { state } = await calibrationState([...wholeCalibration, gauge], {}, testSprayer);
		const form = new SignOffState(state, '2026-03-14');
		expect(form.pressure).toBe('40 psi');
		form.person = 'A. Sample';
		await form.sign();
		const signed = readField(fields.pressure, state.entered.signOff!.pressure!, '');
		expect(signed.ok && signed.value.value / 6894.757293168361).toBeCloseTo(40, 9);
	});
});

describe('a history', () => {
	const trace = (day: string, offs: readonly (number | null)[]) => ({
		id: day,
		signedDay: day,
		person: '',
		rate: 2e-5,
		relativeU95: 0.03,
		wear: 0.02,
		unevenness: 0.01,
		nozzles: offs.map((off, i) => ({ n: i + 1, off }))
	});
	it('lays nozzles against calibrations, and tells one that drifts', () => {
		const grid = nozzleGrid([
			trace('2026-01-01', [0, 0, 0.01]),
			trace('2026-02-01', [0.03, -0.01, null]),
			trace('2026-03-01', [0.06, 0.01, 0.2])
		]);
		expect(grid.nozzles).toEqual([1, 2, 3]);
		expect(grid.rows[1]?.cells).toEqual([0.03, -0.01, null]);
		expect(grid.drifting.map((d) => d.n)).toEqual([1]);
	});
	it('has a line with its last value beside it, and words for those who listen', () => {
		const line = lineOptions(
			[
				{ day: '2026-01-01', value: 18 },
				{ day: '2026-02-01', value: 18.6 }
			],
			'spray volume',
			false,
			[]
		);
		expect(line.points).toBe(2);
		expect(line.words).toContain('18.6 on 1 Feb 2026');
		expect(line.options.annotations?.points).toHaveLength(1);
		expect(lineOptions([], 'wear', false, [{ at: 10, words: 'worn' }]).words).toContain('nothing yet');
	});
});
