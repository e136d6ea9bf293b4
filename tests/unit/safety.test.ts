import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type {
	CheckedProduct,
	Issue,
	LabelFinding,
	PlanSheet,
	QuestionCode,
	RefusalCode,
	Result,
	RunEntry,
	RunEntryBody,
	Stop,
	StopCode,
	Weather,
	WeatherLimits
} from '../../src/core';
import {
	calibrate,
	checkClose,
	checkJob,
	checkLabels,
	checkRunEntry,
	foldCalibration,
	foldRun,
	jobBefore,
	judgeWeather,
	labelStops,
	openStops,
	pouredOverMax,
	questions,
	readDose,
	readJob,
	refusals,
	sheetOf,
	si,
	stops,
	usualLimits,
	usualSkill,
	weatherFits,
	weatherStops
} from '../../src/core';
import { stopMessage, stopWords } from '../../src/lib/wording/safety';
import { wordIssue } from '../../src/lib/wording/issues';
import { entriesOf, t } from '../support/entries';
import { blower, catches, course, numbersOf } from '../support/sprayers';
import { plannedJob, plannedLabel } from '../support/planned-job';

// One line a code: what brings it about, by the functions that the app calls. A code that nothing brings about is no rule.

const issuesOf = (result: Result<unknown>): readonly Issue[] => (result.ok ? [] : result.issues);
const hasIssue = (issues: readonly Issue[], code: string) => issues.some((i) => i.code === code);

const fair: Weather = {
	from: 270,
	wind: 2,
	gust: 3,
	height: 2,
	temperature: 20,
	humidity: 50,
	pressure: 1013.25,
	sky: 'partly',
	dew: false,
	smoke: null,
	sinceRain: 20,
	untilRain: 12,
	inversionHours: false
};
const ofWeather = (change: Partial<Weather>, limits: Partial<WeatherLimits> = {}): Stop[] =>
	weatherStops(
		judgeWeather({ ...fair, ...change }, { ...usualLimits, ...limits }, [{ what: 'hives', side: 'E', note: '' }])
	);

const cap = (perArea: number) => ({ kind: 'volume' as const, perArea: si<'volumePerArea'>(perArea) });
const checked = (change: {
	readonly product?: Partial<CheckedProduct>;
	readonly label?: Partial<CheckedProduct['label']>;
	readonly typed?: Partial<CheckedProduct['typed']>;
	readonly before?: Partial<NonNullable<CheckedProduct['before']>>;
}): LabelFinding[] =>
	checkLabels([
		{
			name: 'Sample Ochre',
			on: 2e-7,
			planned: 2e-7,
			range: { low: 1e-7, high: 4e-7 },
			strength: 0.01,
			share: 1,
			spot: false,
			label: { max: null, seasonMax: null, volume: null, ...change.label },
			typed: { entryHours: 12, harvestDays: 21, mixes: 'solution', ...change.typed },
			rate: si<'volumePerArea'>(2e-5),
			dilute: null,
			harvestInDays: null,
			actives: [],
			before: { used: 0, actives: [], unnamed: [], applications: 0, nearest: null, ...change.before },
			drops: null,
			...change.product
		}
	]);
const ofLabel = (change: Parameters<typeof checked>[0]): Stop[] => labelStops(checked(change));

const sheet: PlanSheet = {
	area: si<'area'>(30_000),
	rate: si<'volumePerArea'>(2e-5),
	tank: si<'volume'>(0.6),
	split: 'full-then-part',
	products: [
		{ name: 'Sample Ochre', dose: { basis: 'liquidPerArea', dose: si<'volumePerArea'>(2e-7) }, max: cap(2e-7) }
	]
};
const entry = (seq: number, body: RunEntryBody): RunEntry => ({
	...body,
	id: `${seq}`,
	seq,
	at: `2026-03-20T08:0${seq}:00Z`
});
/** One load that is mixed with so much of the product, and goes out without anybody's noting its end. */
const run = (poured: string) => {
	const made = foldRun(
		sheet,
		[{ mixes: 'solution' }],
		[
			entry(0, { kind: 'tick', load: 1, step: 0, poured: null }),
			entry(1, { kind: 'tick', load: 1, step: 1, poured: t(poured, 'L') }),
			entry(2, { kind: 'tick', load: 1, step: 2, poured: null }),
			entry(3, { kind: 'spray', load: 1, act: 'start' }),
			entry(4, { kind: 'close', done: { by: 'area', area: t('3 ha', 'ha') }, left: t('0', 'L'), remarks: '' })
		]
	);
	if (!made.ok) throw new Error(JSON.stringify(made.issues));
	return made.value;
};
const job = (dose: string, change: object, label: object = {}) =>
	readJob(
		{
			...plannedJob,
			...change,
			products: [{ id: 'p', label: { ...plannedLabel, ...label }, dose: { text: dose, unit: 'L/ha', gallon: 'US' } }]
		},
		si<'volumePerArea'>(2e-5)
	);
const ground = { ...numbersOf(blower), groundDriven: true };

const refused: Readonly<Record<RefusalCode, () => boolean>> = {
	'level-over-load': () =>
		hasIssue(checkRunEntry({ kind: 'tick', load: 1, step: 1, poured: t('700 L', 'L') }, sheet), 'level-over-load'),
	'parked-ground-drive': () =>
		hasIssue(
			issuesOf(sheetOf(ground, foldCalibration(entriesOf([...course('50', '36'), ...catches('60', 'L', '1', '1')])))),
			'parked-ground-drive'
		),
	'interval-no-end': () => hasIssue(checkClose(run('6')), 'interval-no-end'),
	'no-density': () => hasIssue(issuesOf(readDose('2 kg/ha', { gallon: 'US', state: 'liquid' }, 'dose')), 'no-density')
};

const stopped: Readonly<Record<StopCode, () => readonly Stop[]>> = {
	'inversion-hours': () => ofWeather({ inversionHours: true, sky: 'clear', wind: 2 / 3.6 }),
	'smoke-hangs': () => ofWeather({ smoke: 'hangs' }),
	'wind-over': () => ofWeather({ wind: 5 }),
	'wind-under': () => ofWeather({ wind: 1 }, { windLeast: 1.5 }),
	'gust-over': () => ofWeather({ gust: 6 }, { windHigh: 3, windByLabel: true }),
	'downwind-forbidden': () => ofWeather({}, { forbidden: ['hives'] }),
	'delta-t-over': () => ofWeather({ temperature: 34, humidity: 25 }),
	'temperature-outside': () => ofWeather({ temperature: 31 }, { temperature: { low: null, high: 28 } }),
	'humidity-outside': () => ofWeather({ humidity: 35 }, { humidity: { low: 40, high: null } }),
	'rain-coming': () => ofWeather({ untilRain: 1 }, { rainFree: 2 }),
	'over-max': () => ofLabel({ product: { on: 3e-7, strength: 0.015 }, label: { max: cap(2e-7) } }),
	'over-season': () => ofLabel({ label: { seasonMax: cap(6e-7) }, before: { used: 5e-7 } }),
	'too-many-applications': () => ofLabel({ typed: { applications: 2 }, before: { applications: 2 } }),
	'too-few-days': () =>
		ofLabel({ typed: { daysBetween: 14 }, before: { nearest: { day: '2026-03-10', days: 7, product: 'Q' } } }),
	'volume-under': () => ofLabel({ label: { volume: { low: si(3e-5), high: si(4e-5) } } }),
	'volume-over': () => ofLabel({ label: { volume: { low: si(1e-6), high: si(1e-5) } } }),
	'before-harvest': () => ofLabel({ product: { harvestInDays: 10 } }),
	'finer-drops': () => ofLabel({ product: { drops: 'fine' }, typed: { drops: 'medium' } }),
	'not-concentrate': () => ofLabel({ product: { dilute: si(8e-5) }, typed: { concentrate: false } }),
	'poured-over-max': () => pouredOverMax(run('9').loads, sheet)
};

const asked: Readonly<Record<QuestionCode, () => boolean>> = {
	'other-side': () =>
		hasIssue(
			issuesOf(
				sheetOf(
					numbersOf(blower),
					foldCalibration(entriesOf([...course('50', '36'), ...catches('60', 'L', '1', '1', '1', '1')]), { off: [1] })
				)
			),
			'other-side'
		),
	'dose-area': () => hasIssue(issuesOf(job('2 L/ha', { treated: 1 / 3 })), 'dose-area'),
	'dilute-or-mix': () => hasIssue(issuesOf(job('40 ml/100 L', { canopy: true })), 'dilute-or-mix'),
	'no-dilute': () => hasIssue(issuesOf(job('40 ml/100 L', { canopy: true }, { dilution: 'dilute' })), 'no-dilute'),
	'two-sizes': () => {
		const flow = (i: number) => (i % 2 === 0 ? 2e-5 : 1.4e-5);
		const made = calibrate(
			{
				method: 'speed-width-flow',
				speed: { course: si<'length'>(60), times: [si<'time'>(30)] },
				width: { kind: 'boom', nozzles: 12, spacing: si<'length'>(0.5) },
				flow: {
					time: si<'time'>(30),
					catches: Array.from({ length: 12 }, (_, i) => [{ volume: si<'volume'>(flow(i) * 30) }]),
					catching: 'one-by-one'
				}
			},
			usualSkill
		);
		return made.ok && made.value.findings.some((f) => f.code === 'two-sizes');
	},
	'interval-empty': () => {
		const read = job('2 L/ha', {}, { entryHours: null });
		return read.ok && checkJob(read.value).some((f) => f.code === 'interval-empty');
	},
	'drops-unknown': () => checked({ typed: { drops: 'medium' } }).some((f) => f.code === 'drops-unknown'),
	'weather-unknown': () => {
		const found = judgeWeather({ ...fair, wind: null }, usualLimits, []);
		return found.some((f) => f.state === 'unknown') && !weatherFits(found);
	}
};

describe('what Fallow refuses', () => {
	it.each(refusals)('%s', (code) => {
		expect(refused[code]()).toBe(true);
		expect(wordIssue({ code, path: '', text: '9 kg/ha' })).toMatch(/[.?]$/);
	});
	it('lets be what is right', () => {
		expect(checkRunEntry({ kind: 'tick', load: 1, step: 1, poured: t('6 L', 'L') }, sheet)).toEqual([]);
		expect(readDose('2 L/ha', { gallon: 'US', state: 'liquid' }, 'dose').ok).toBe(true);
		// Jugs that were filled while the course was driven say all that such a pump can say.
		const driven = [...course('50', '36'), ...catches(null, 'L', '1', '1', '1', '1', '1', '1', '1', '1')];
		expect(sheetOf(ground, foldCalibration(entriesOf(driven)))).toMatchObject({ ok: true, value: { driven: true } });
	});
});

describe('what stops until a reason is written', () => {
	it.each(stops)('%s', (code) => {
		const found = stopped[code]();
		expect(found.map((s) => s.code)).toContain(code);
		// No reason, or one of two letters, passes nothing; a reason passes that stop of that product, and no other.
		const [one] = found.filter((s) => s.code === code);
		expect(openStops(found, [])).toEqual(found);
		expect(openStops(found, [{ ...one!, reason: 'ok' }])).toEqual(found);
		expect(openStops([one!], [{ ...one!, about: 'another', reason: 'a good reason' }])).toEqual([one]);
		expect(openStops([one!], [{ ...one!, reason: 'a good reason' }])).toEqual([]);
		expect(stopMessage(one!)).toContain(stopWords[code]);
	});
	it('stops nothing on a fair day within every label', () => {
		expect(ofWeather({})).toEqual([]);
		expect(ofLabel({})).toEqual([]);
		expect(pouredOverMax(run('6').loads, sheet)).toEqual([]);
	});
});

describe('what Fallow asks', () => {
	it.each(questions)('%s', (code) => expect(asked[code]()).toBe(true));
});

describe('docs/safety.md', () => {
	const text = readFileSync('docs/safety.md', 'utf8');
	it('has a row for each of them, with its reason, its source and its test, and for nothing else', () => {
		const rows = [...text.matchAll(/^\| `([a-z-]+)` +\| (.+?) +\| (.+?) +\| (.+?) +\|$/gm)];
		expect(rows.map((r) => r[1]).sort()).toEqual([...refusals, ...stops, ...questions].sort());
		for (const [, code, why, source, test] of rows) {
			expect(why!.length, code).toBeGreaterThan(20);
			expect(source!.length, code).toBeGreaterThan(3);
			const [file] = /tests\/[\w./-]+|src\/[\w./-]+/.exec(test!) ?? [];
			expect(readFileSync(file!, 'utf8').length, code).toBeGreaterThan(0);
		}
	});
});

describe('an interval', () => {
	it('that nobody entered is asked about, not taken for none', () => {
		const before = jobBefore(
			[
				{
					spraying: 'j',
					blockId: 'b',
					productId: 'q',
					product: 'Q',
					day: '2026-03-18',
					lastDay: '2026-03-18',
					endedAt: null,
					perGround: 1e-7,
					actives: [],
					entryHours: null,
					harvestDays: 0
				}
			],
			{ day: '2026-03-20', begins: 0, blocks: ['b'], products: [] },
			() => ({ from: '2026-01-01', to: '2026-12-31' })
		);
		expect(before.empty).toEqual([{ product: 'Q', day: '2026-03-18', what: ['entry'] }]);
	});
});
