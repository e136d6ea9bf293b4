import { describe, expect, it } from 'vitest';
import type { EntryBody, TypedSprayer, FoldedCalibration, CalibrationResult, SprayerKind } from '../../src/core';
import { calibrationResult, foldCalibration, methodsOf } from '../../src/core';
import { answerFacts } from '../../src/lib/show/answer';
import { readingLines } from '../../src/lib/show/reading-lines';
import { boomNames } from '../../src/lib/wording/nozzle-names';
import { presentOf } from '../../src/lib/calibration/adjust/adjust-reach';
import { beforeOf } from '../../src/core';
import { entriesOf, t, testSprayer } from '../support/entries';
import { blower, knapsack, numbersOf, thrower } from '../support/sprayers';
import { metric } from '../support/calibration-state';

/** What a person can read in a calibration, part by part; each part alone may be left out. */
const parts = {
	course: [{ kind: 'course', length: t('60', 'm') }],
	runs: ['27', '27.4'].map((time) => ({ kind: 'run', time: t(time), by: 'typed' })),
	wetted: [
		{ kind: 'wetted', width: t('9', 'm') },
		{ kind: 'school', school: 'full' }
	],
	rows: [{ kind: 'rows', spacing: t('5', 'm'), alleys: 'every' }],
	catches: [1, 2].map((nozzle) => ({ kind: 'catch', nozzle, amount: t('600', 'ml'), why: 'first' })),
	catchTime: [{ kind: 'catch-time', time: t('30') }],
	gauge: [{ kind: 'gauge', pressure: t('2.5', 'bar') }],
	plot: [{ kind: 'plot', ground: { by: 'area', area: t('500', 'm2') } }],
	plotRuns: ['41', '40'].map((time) => ({ kind: 'plot-run', time: t(time), by: 'typed' })),
	used: [{ kind: 'used', reading: { start: t('20', 'L'), left: t('11', 'L') } }],
	parkedTime: [{ kind: 'parked-time', time: t('60') }]
} as const satisfies Record<string, readonly EntryBody[]>;
type Part = keyof typeof parts;
const names = Object.keys(parts) as Part[];

const sprayers: Readonly<Record<SprayerKind, TypedSprayer>> = {
	boom: testSprayer,
	boomless: thrower,
	airblast: { ...blower, rowSpacing: undefined },
	knapsack
};

/** Every subset of the parts, by its number. */
const subset = (n: number) => new Set(names.filter((_, i) => n & (1 << i)));

interface Case {
	readonly has: ReadonlySet<Part>;
	readonly calibration: FoldedCalibration;
	readonly result: CalibrationResult;
	readonly sprayer: TypedSprayer;
}

/** Every answer that any subset of the readings gives, by any method of a kind of sprayer. */
function answers(kind: SprayerKind): Case[] {
	const sprayer = sprayers[kind];
	const cases: Case[] = [];
	for (const method of methodsOf[kind])
		for (let n = 0; n < 1 << names.length; n += 1) {
			const has = subset(n);
			const entries = entriesOf([
				{ kind: 'method', method },
				...[...has].flatMap((part): readonly EntryBody[] =>
					// A knapsack has one nozzle.
					part === 'catches' ? parts.catches.slice(0, Math.min(2, sprayer.nozzles)) : parts[part]
				)
			]);
			const calibration = foldCalibration(entries);
			const result = calibrationResult(numbersOf(sprayer), calibration);
			if (result.ok) cases.push({ has, calibration, result: result.value, sprayer });
		}
	return cases;
}

/** What each thing that is told rests on. */
const timed = (has: ReadonlySet<Part>) => has.has('course') && has.has('runs');
const width = (has: ReadonlySet<Part>, kind: SprayerKind) =>
	kind === 'boom' || (kind === 'airblast' ? has.has('rows') : has.has('wetted'));

describe.each(Object.keys(sprayers) as SprayerKind[])(
	'a %s calibration, by every method and every subset of readings',
	(kind) => {
		const all = answers(kind);
		it('computes for some', () => {
			expect(all.length).toBeGreaterThan(50);
		});
		it('tells a speed, a width, a flow and ground only where they were read', () => {
			for (const { has, result } of all) {
				const { answer: c } = result;
				const what = `${c.method} from ${[...has].join(', ')}`;
				if (c.speed) expect(timed(has), `speed of ${what}`).toBe(true);
				if (c.swath) expect(width(has, kind), `swath of ${what}`).toBe(true);
				if (c.nozzles) expect(has.has('catches'), `nozzles of ${what}`).toBe(true);
				if (c.flow && !c.nozzles) expect(has.has('used') && timed(has), `flow of ${what}`).toBe(true);
				if (c.area !== null)
					expect(has.has('plot') || (kind === 'airblast' && has.has('rows')), `ground of ${what}`).toBe(true);
				for (const n of c.nozzles?.nozzles ?? [])
					if (n.flow !== null) expect(n.n <= 2, `nozzle ${n.n} of ${what}`).toBe(true);
			}
		});
		it('tells no other way from a reading that was counted already', () => {
			for (const { has, result } of all)
				for (const { answer: c } of result.others) {
					const tank = (m: string) => m === 'refill' || m === 'parked-drop';
					expect(tank(c.method) && tank(result.answer.method), [...has].join(', ')).toBe(false);
					if (c.speed) expect(timed(has)).toBe(true);
				}
		});
		it('lists as readings what was read, and says of the rest that it was not stated', () => {
			for (const { has, calibration } of all) {
				const lines = readingLines({ entered: calibration }, boomNames, false);
				const told = new Set(lines.map((l) => l.name));
				const line = (name: string, part: Part) =>
					expect(told.has(name), `${name} of ${[...has].join(', ')}`).toBe(has.has(part));
				line('Course', 'course');
				line('Run 1', 'runs');
				line('Wetted width', 'wetted');
				line('Rows', 'rows');
				line('Gauge', 'gauge');
				line('Ground', 'plot');
				line('Go 1', 'plotRuns');
				line('Tank 1', 'used');
				line('Ran parked', 'parkedTime');
				const marks = lines.find((l) => l.name === 'Jug marked every');
				if (marks) expect(marks.text).toContain('not stated');
			}
		});
		it('shows in its facts only what it has', () => {
			for (const { result } of all) {
				const facts = answerFacts(result.answer, metric).map((f) => f.name);
				const { answer: c } = result;
				expect(facts.includes('Ground speed')).toBe(c.speed !== null);
				expect(facts.some((f) => f === 'Swath' || f === 'Treated width')).toBe(c.swath !== null);
				expect(facts.includes('Ground')).toBe(c.area !== null);
			}
		});
		it('adjusts from what was read: no pressure without a gauge, no pace that nobody drove, no flow that nobody caught', () => {
			for (const { has, calibration, result, sprayer } of all) {
				const before = beforeOf(numbersOf(sprayer), calibration, result.answer);
				const present = presentOf(result.answer, before);
				expect(present.pressure === null).toBe(!has.has('gauge'));
				expect(present.paced).toBe(result.answer.speed === null || result.answer.swath === null);
				if (present.nozzle !== null) expect(result.answer.flow !== null || !present.paced).toBe(true);
			}
		});
	}
);
