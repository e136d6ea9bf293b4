import type { Speed } from '../quantity/quantity';
import { mean } from '../measurement/mean';
import { inclusive } from './even-reference';
import type { FlowResult, NozzleResult } from './nozzle-flow';
import type { TimedCourse } from './sheet';

/** Something odd in the readings, as data. Findings never block; the words for each code live outside the core. */
export type Finding =
	| { readonly code: 'nozzle-low'; readonly nozzle: number; readonly share: number; readonly neighbours: boolean }
	| { readonly code: 'nozzle-blocked'; readonly nozzle: number; readonly share: number }
	| { readonly code: 'nozzle-high'; readonly nozzle: number; readonly share: number }
	| {
			readonly code: 'section-low';
			readonly section: number;
			readonly nozzles: readonly number[];
			readonly share: number;
	  }
	| { readonly code: 'third-out'; readonly out: number; readonly caught: number }
	| { readonly code: 'set-over-rated'; readonly share: number }
	| { readonly code: 'set-under-rated'; readonly share: number }
	| { readonly code: 'run-apart'; readonly run: number; readonly share: number }
	| { readonly code: 'catch-apart'; readonly nozzle: number; readonly share: number }
	| { readonly code: 'speed-unusual'; readonly speed: Speed; readonly slow: boolean; readonly rig: RigKind }
	| { readonly code: 'swath-passed-by'; readonly width: number; readonly cv: number }
	| { readonly code: 'course-short'; readonly course: number }
	| { readonly code: 'catch-too-short'; readonly good: number; readonly needed: number; readonly time: number }
	| { readonly code: 'sample-of-one'; readonly nozzles: number };

export type FindingCode = Finding['code'];

/** A run or a second catch further than this from the others is a mistake until somebody says otherwise. */
const apart = 0.05;
const beyond = (share: number, limit: number) => Math.abs(share) > limit + inclusive;

/** Runs more than 5 % from the mean of the others: pointed out and asked about, never dropped. */
export function findRunsApart(reading: TimedCourse): Finding[] {
	if (reading.times.length < 2) return [];
	return reading.times.flatMap((time, i) => {
		const share = time / mean(reading.times.filter((_, j) => j !== i)) - 1;
		// Of two runs each is apart from the other; one finding says it.
		return beyond(share, apart) && !(reading.times.length === 2 && i === 0)
			? [{ code: 'run-apart', run: i + 1, share } as const]
			: [];
	});
}

/** Second catches more than 5 % from the first of the same nozzle. */
export const findCatchesApart = (flow: FlowResult): Finding[] =>
	flow.nozzles.flatMap((nozzle) => {
		if (nozzle.catches.length < 2) return [];
		const [first, ...again] = nozzle.catches;
		const far = again.map((v) => v / first! - 1).find((share) => beyond(share, apart));
		return far === undefined ? [] : [{ code: 'catch-apart', nozzle: nozzle.n, share: far } as const];
	});

export type RigKind = 'boom' | 'boomless' | 'airblast' | 'on foot';

/** Usual ground speeds, m/s: a boom 6–12 km/h, up to 20 self-propelled; boomless 3–10 mph; airblast 3–8 and on foot 2–5 km/h. */
export const usualSpeeds: Readonly<Record<RigKind, readonly [number, number]>> = {
	boom: [6 / 3.6, 20 / 3.6],
	boomless: [3 * 0.44704, 10 * 0.44704],
	airblast: [3 / 3.6, 8 / 3.6],
	'on foot': [2 / 3.6, 5 / 3.6]
};

/** A speed outside of what such a rig usually does: more often a wrong course or unit than a hurry. */
export function findUnusualSpeed(speed: Speed, rig: RigKind): Finding[] {
	const [slowest, fastest] = usualSpeeds[rig];
	if (speed < slowest - inclusive) return [{ code: 'speed-unusual', speed, slow: true, rig }];
	return speed > fastest + inclusive ? [{ code: 'speed-unusual', speed, slow: false, rig }] : [];
}

/** A course under 100 ft or 30 m makes the stopwatch the largest error. */
export const findShortCourse = (reading: TimedCourse): Finding[] =>
	reading.course < 30 - inclusive ? [{ code: 'course-short', course: reading.course }] : [];

/** One catch must be good to the band that it is judged by: 2u within 5 % (timing and the jug's marks). */
export function findShortCatch(flow: FlowResult, jugMove: number, markUncertainty: number): Finding[] {
	const goodTo = 2 * Math.hypot(jugMove / flow.time, markUncertainty / flow.meanCatch);
	if (!(goodTo > apart + inclusive)) return [];
	const flowRate = flow.meanCatch / flow.time;
	const exact = (2 / apart) * Math.hypot(jugMove, markUncertainty / flowRate);
	return [{ code: 'catch-too-short', good: goodTo, needed: Math.ceil(exact / 5) * 5, time: flow.time }];
}

/** What the shape of all catches says: blocked, low, high, a whole section, a third of the set, the whole set. */
export function diagnoseFlow(flow: FlowResult): Finding[] {
	const caught = flow.nozzles.filter((n) => n.verdict !== 'not caught');
	const out = caught.filter((n) => n.verdict !== 'even');
	const setShift = shiftFromRated(caught);
	const findings: Finding[] = [];
	if (setShift !== null && setShift > 0.1 + inclusive) findings.push({ code: 'set-over-rated', share: setShift });
	if (setShift !== null && setShift < -0.1 - inclusive) findings.push({ code: 'set-under-rated', share: setShift });
	if (caught.length >= 4 && out.length * 3 > caught.length)
		findings.push({ code: 'third-out', out: out.length, caught: caught.length });
	const inLowSections = new Set<number>();
	for (const found of lowSections(caught)) {
		findings.push(found);
		found.nozzles.forEach((n) => inLowSections.add(n));
	}
	for (const nozzle of out) if (!inLowSections.has(nozzle.n)) findings.push(oneNozzle(nozzle, flow.nozzles));
	if (flow.caught === 1 && flow.count > 1) findings.push({ code: 'sample-of-one', nozzles: flow.count });
	return findings;
}

function oneNozzle(nozzle: NozzleResult, all: readonly NozzleResult[]): Finding {
	const share = nozzle.fromAverage!;
	if (nozzle.verdict === 'blocked') return { code: 'nozzle-blocked', nozzle: nozzle.n, share };
	if (nozzle.verdict === 'high') return { code: 'nozzle-high', nozzle: nozzle.n, share };
	const beside = all.filter((n) => Math.abs(n.n - nozzle.n) === 1 && n.verdict !== 'not caught');
	const neighbours = beside.length > 0 && beside.every((n) => n.verdict === 'even');
	return { code: 'nozzle-low', nozzle: nozzle.n, share, neighbours };
}

function shiftFromRated(caught: readonly NozzleResult[]): number | null {
	// The middle of the set, so that one bad nozzle does not speak for all.
	const shares = caught.flatMap((n) => (n.fromRated === null || n.verdict === 'blocked' ? [] : [n.fromRated]));
	if (shares.length < 2) return null;
	const sorted = [...shares].sort((a, b) => a - b);
	return (sorted[(sorted.length - 1) >> 1]! + sorted[sorted.length >> 1]!) / 2;
}

/** A section of two nozzles or more, all of them low, while another section is not. */
function lowSections(caught: readonly NozzleResult[]) {
	const sections = new Map<number, NozzleResult[]>();
	for (const n of caught) {
		const known = sections.get(n.section);
		if (known) known.push(n);
		else sections.set(n.section, [n]);
	}
	if (sections.size < 2) return [];
	return [...sections].flatMap(([section, nozzles]) =>
		nozzles.length >= 2 && nozzles.every((n) => n.verdict === 'low')
			? [
					{
						code: 'section-low',
						section,
						nozzles: nozzles.map((n) => n.n),
						share: mean(nozzles.map((n) => n.fromAverage!))
					} as const
				]
			: []
	);
}
