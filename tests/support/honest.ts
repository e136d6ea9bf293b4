import { calibrateSheet, relativeU, si, usualSkill } from '../../src/core';
import type { AnySheet, CalibrationSheet, UsedReading, Volume, WidthReading } from '../../src/core';
import type { Seeded } from './seeded';

/** What a true boom and a person with a stopwatch, a tape and a jug would read, errors drawn as the defaults say. */
export function simulatedCalibration(
	random: Seeded,
	method: CalibrationSheet['method'],
	runs: number,
	sample: number | null
): { readonly truth: number; readonly sheet: CalibrationSheet } {
	const nozzles = sample === null ? random.whole(4, 24) : 24;
	const speed = random.between(1.7, 3.4);
	const spacing = random.between(0.4, 0.6);
	const course = random.between(50, 100);
	const tape = 1 + random.normal(0, usualSkill.tape);
	const flow = random.between(1e-5, 3e-5);
	const each = Array.from({ length: nozzles }, () => flow * (1 + random.normal(0, 0.02)));
	const total = each.reduce((s, q) => s + q, 0);
	const truth = total / (speed * nozzles * spacing);
	// One run's own speed wavers about the true one; the stopwatch adds its own.
	const time = () =>
		(course / speed) * (1 + random.normal(0, usualSkill.steadyDriven)) + random.normal(0, usualSkill.stopwatch);
	const times = Array.from({ length: runs }, time);
	const told = method === 'course-catch' ? times.reduce((s, t) => s + t, 0) / runs : 30;
	const mark = usualSkill.jugMarks;
	const caught = (sample === null ? each : each.slice(0, sample)).map((q) => {
		const held = told + random.normal(0, usualSkill.jugMove);
		return Math.round((q * held) / mark) * mark;
	});
	return {
		truth,
		sheet: {
			method,
			speed: { course: si<'length'>(course * tape), times: times.map((t) => si<'time'>(t)) },
			width: { kind: 'boom', nozzles, spacing: si<'length'>(spacing * tape) },
			flow: {
				time: method === 'course-catch' ? undefined : si<'time'>(30),
				catches: caught.map((v) => [{ volume: v as Volume }]),
				nozzles: sample === null ? undefined : nozzles
			}
		}
	};
}

/** The methods and ways of reading that the interval is tried on. */
export const simulations = [
	'boom, speed × width × flow',
	'boom, course and catch',
	'boomless by share',
	'airblast rows',
	'knapsack plot',
	'boom in two buckets',
	'refill, metered',
	'refill to the mark',
	'parked drop'
] as const;
export type Simulation = (typeof simulations)[number];

interface Simulated {
	readonly truth: number;
	readonly sheet: AnySheet;
}

/** One simulated calibration of a kind, with as many repeats of whatever the method repeats. */
export function simulated(kind: Simulation, random: Seeded, repeats: number): Simulated {
	switch (kind) {
		case 'boom, speed × width × flow':
			return simulatedCalibration(random, 'speed-width-flow', repeats, null);
		case 'boom, course and catch':
			return simulatedCalibration(random, 'course-catch', repeats, null);
		case 'boomless by share':
		case 'airblast rows':
			return onSwath(kind === 'airblast rows', random, repeats);
		case 'knapsack plot':
			return onPlot(random, repeats);
		case 'boom in two buckets':
			return inBuckets(random, repeats);
		case 'refill, metered':
		case 'refill to the mark':
			return refilled(kind === 'refill to the mark', random, repeats);
		case 'parked drop':
			return parked(random, repeats);
	}
}

const one = (random: Seeded, deviation: number) => 1 + random.normal(0, deviation);
const many = <T>(n: number, make: () => T): T[] => Array.from({ length: n }, make);

/** A timed run over a true time: steadiness, then the stopwatch. */
const timed = (random: Seeded, truth: number, steady: number) =>
	si<'time'>(truth * one(random, steady) + random.normal(0, usualSkill.stopwatch));

/** A catch from a true flow, held for a told time, read to the jug's mark. */
function caught(random: Seeded, flow: number, told: number): readonly { volume: Volume }[] {
	const volume = flow * (told + random.normal(0, usualSkill.jugMove));
	return [{ volume: (Math.round(volume / usualSkill.jugMarks) * usualSkill.jugMarks) as Volume }];
}

function onSwath(rows: boolean, random: Seeded, repeats: number): Simulated {
	const speed = random.between(1.4, 2.2);
	const course = random.between(50, 100);
	const width = random.between(4, 9);
	const flow = random.between(2e-5, 6e-5);
	const tape = one(random, usualSkill.tape);
	const edge = Math.min(usualSkill.wettedEdge, usualSkill.wettedEdgeShare * width);
	const reading: WidthReading = rows
		? { kind: 'rows', rowSpacing: si<'length'>(width * tape), alleys: 'every', sides: 'both' }
		: { kind: 'measured', wetted: si<'length'>((width + random.normal(0, edge)) * tape), usable: { share: 0.85 } };
	const nozzles = rows ? 12 : 3;
	return {
		truth: (flow * nozzles) / (speed * (rows ? width : width * 0.85)),
		sheet: {
			method: 'speed-width-flow',
			speed: {
				course: si<'length'>(course * tape),
				times: many(repeats, () => timed(random, course / speed, usualSkill.steadyDriven))
			},
			width: reading,
			flow: { time: si<'time'>(30), catches: many(nozzles, () => caught(random, flow, 30)) }
		}
	};
}

function onPlot(random: Seeded, repeats: number): Simulated {
	const [length, width] = [random.between(4, 10), random.between(4, 10)];
	const time = random.between(40, 90);
	const flow = random.between(1e-5, 3e-5);
	const tape = one(random, usualSkill.tape);
	const times = many(repeats, () => timed(random, time, usualSkill.steadyOnFoot));
	const told = times.reduce((s, t) => s + t, 0) / repeats;
	return {
		truth: (flow * time) / (length * width),
		sheet: {
			method: 'plot-catch',
			plot: { by: 'sides', length: si<'length'>(length * tape), width: si<'length'>(width * tape) },
			times,
			flow: { catches: [caught(random, flow, told)] }
		}
	};
}

/** A boom whose left and right half were caught in a bucket each: one timing and one reading for all of a half. */
function inBuckets(random: Seeded, repeats: number): Simulated {
	const half = random.whole(2, 6);
	const [speed, spacing, course] = [random.between(1.7, 3.4), random.between(0.4, 0.6), random.between(50, 100)];
	const tape = one(random, usualSkill.tape);
	const each = many(2 * half, () => random.between(1e-5, 3e-5));
	const sum = (nozzles: readonly number[]) => nozzles.reduce((s, q) => s + q, 0);
	const halves = [each.slice(0, half), each.slice(half)];
	return {
		truth: sum(each) / (speed * each.length * spacing),
		sheet: {
			method: 'speed-width-flow',
			speed: {
				course: si<'length'>(course * tape),
				times: many(repeats, () => timed(random, course / speed, usualSkill.steadyDriven))
			},
			width: { kind: 'boom', nozzles: each.length, spacing: si<'length'>(spacing * tape) },
			flow: {
				time: si<'time'>(20),
				catches: each.map(() => null),
				together: halves.map((nozzles, i) => ({
					places: nozzles.map((_, n) => i * half + n),
					amount: caught(random, sum(nozzles), 20)[0]!
				}))
			}
		}
	};
}

function refilled(toMark: boolean, random: Seeded, repeats: number): Simulated {
	const area = random.between(200, 900);
	const rate = random.between(2e-5, 8e-5);
	const truth = rate * area;
	const tank = truth * random.between(1.5, 4);
	const mark = () => (toMark ? random.normal(0, usualSkill.tankMark) * tank : 0);
	const used = many(repeats, (): UsedReading => {
		const took = truth * one(random, usualSkill.steadyDriven);
		const added = (took + mark() + mark()) * one(random, usualSkill.metered);
		return { added: si<'volume'>(added) };
	});
	return {
		truth: rate,
		sheet: {
			method: 'refill',
			area: { by: 'stated', area: si<'area'>(area * one(random, usualSkill.statedArea)) },
			used,
			tank: toMark ? si<'volume'>(tank) : undefined
		}
	};
}

function parked(random: Seeded, repeats: number): Simulated {
	const speed = random.between(1, 2);
	const course = random.between(50, 100);
	const width = random.between(3, 7);
	const flow = random.between(2e-4, 6e-4);
	const tape = one(random, usualSkill.tape);
	const run = 60;
	const left = flow * (run + random.normal(0, usualSkill.stopwatch));
	const start = left * random.between(1.2, 3);
	const dip = (v: number) => si<'volume'>(v * one(random, usualSkill.metered));
	return {
		truth: flow / (speed * width),
		sheet: {
			method: 'parked-drop',
			speed: {
				course: si<'length'>(course * tape),
				times: many(repeats, () => timed(random, course / speed, usualSkill.steadyDriven))
			},
			width: { kind: 'rows', rowSpacing: si<'length'>(width * tape), alleys: 'every', sides: 'both' },
			used: [{ start: dip(start), left: dip(start - left) }],
			run: si<'time'>(run)
		}
	};
}

/** Share of simulated calibrations whose 95 % interval holds the truth. */
export function coverageOf(make: () => Simulated, calibrations: number): number {
	let held = 0;
	for (let i = 0; i < calibrations; i += 1) {
		const { truth, sheet } = make();
		const result = calibrateSheet(sheet);
		if (!result.ok) throw new Error(JSON.stringify(result.issues));
		const rate = result.value.rate;
		if (Math.abs(rate.value - truth) <= 2 * relativeU(rate) * rate.value) held += 1;
	}
	return held / calibrations;
}
