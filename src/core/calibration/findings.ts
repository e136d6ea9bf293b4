import type { SpeedKind } from './usual-speeds';
import { usualSpeeds } from './usual-speeds';
import type { Length, Pressure, Speed, Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { inclusive } from './even-reference';
import { catchGoodTo, neededCatch } from './needed-catch';
import type { FlowResult } from './nozzle-flow';
import type { AnySheet, Side, TimedCourse, UsedReading } from './sheet';
import { volumeUsed } from './used-volume';

/** Something odd in the readings, as data. Findings never block; the words for each code live outside the core. */
export type Finding =
	/** `by`: judged by its rated flow; else by the others. */
	| {
			readonly code: 'nozzle-low';
			readonly nozzle: number;
			readonly share: number;
			readonly neighbours: boolean;
			readonly by?: 'rated';
	  }
	| { readonly code: 'nozzle-blocked'; readonly nozzle: number; readonly share: number }
	| { readonly code: 'nozzle-high'; readonly nozzle: number; readonly share: number; readonly by?: 'rated' }
	| {
			readonly code: 'section-low';
			readonly section: number;
			readonly nozzles: readonly number[];
			readonly share: number;
	  }
	/** Two sizes of nozzle on a sprayer that is not told to have groups: asked about before one is called blocked. */
	| {
			readonly code: 'two-sizes';
			readonly small: readonly number[];
			readonly large: readonly number[];
			readonly share: number;
	  }
	| { readonly code: 'third-out'; readonly out: number; readonly caught: number }
	| { readonly code: 'set-over-rated'; readonly share: number; readonly group: string }
	| { readonly code: 'set-under-rated'; readonly share: number; readonly group: string }
	| { readonly code: 'falling-from-feed'; readonly from: 'centre' | Side; readonly share: number }
	/** Right over left, less one. */
	| { readonly code: 'sides-apart'; readonly share: number }
	| { readonly code: 'run-apart'; readonly run: number; readonly share: number }
	| { readonly code: 'catch-apart'; readonly nozzle: number; readonly share: number }
	| { readonly code: 'speed-unusual'; readonly speed: Speed; readonly slow: boolean; readonly rig: SpeedKind }
	| { readonly code: 'swath-passed-by'; readonly width: number; readonly cv: number }
	| { readonly code: 'course-short'; readonly course: number }
	| { readonly code: 'catch-too-short'; readonly good: number; readonly needed: number; readonly time: number }
	| { readonly code: 'sample-of-one'; readonly nozzles: number }
	/** Nozzles that were caught in one vessel: an odd one among them does not show. */
	| { readonly code: 'caught-together'; readonly nozzles: readonly number[] }
	| { readonly code: 'used-apart'; readonly reading: number; readonly share: number }
	| { readonly code: 'swath-none-even'; readonly limit: number }
	| {
			readonly code: 'methods-apart';
			readonly method: AnySheet['method'];
			/** The other way's answer over this one's, less one. */
			readonly share: number;
			readonly joint: number;
	  }
	| { readonly code: 'height-outside'; readonly height: Length; readonly low: Length; readonly high: Length }
	| { readonly code: 'pressure-outside'; readonly pressure: Pressure; readonly low: Pressure; readonly high: Pressure };

export type FindingCode = Finding['code'];

/** A run or a second catch further than this from the others is a mistake until somebody says otherwise. */
const apart = 0.05;
const beyond = (share: number, limit: number) => Math.abs(share) > limit + inclusive;

/** Which of several readings of one thing lie more than 5 % from the mean of the others, counted from 1. */
function apartFromOthers(values: readonly number[]): { readonly at: number; readonly share: number }[] {
	if (values.length < 2) return [];
	const sum = values.reduce((s, v) => s + v, 0);
	return values.flatMap((value, i) => {
		const share = (value * (values.length - 1)) / (sum - value) - 1;
		// Of two each is apart from the other; one finding says it.
		return beyond(share, apart) && !(values.length === 2 && i === 0) ? [{ at: i + 1, share }] : [];
	});
}

/** Runs more than 5 % from the mean of the others: pointed out and asked about, never dropped. */
export const findRunsApart = (times: readonly Time[]): Finding[] =>
	apartFromOthers(times).map(({ at, share }) => ({ code: 'run-apart', run: at, share }));

/** Repeats of what was used, more than 5 % from the mean of the others. */
export const findUsedApart = (used: readonly UsedReading[]): Finding[] =>
	apartFromOthers(used.map(volumeUsed)).map(({ at, share }) => ({ code: 'used-apart', reading: at, share }));

/** Nozzles that were caught with others: their total counts, and none of them is judged. */
export function findCaughtTogether(flow: FlowResult): Finding[] {
	const nozzles = flow.nozzles.flatMap((n) => (n.verdict === 'together' ? [n.n] : []));
	return nozzles.length > 0 ? [{ code: 'caught-together', nozzles }] : [];
}

/** Second catches more than 5 % from the first of the same nozzle. */
export function findCatchesApart(flow: FlowResult): Finding[] {
	const findings: Finding[] = [];
	for (const nozzle of flow.nozzles) {
		if (nozzle.catches.length < 2) continue;
		const [first, ...again] = nozzle.catches;
		const far = again.map((v) => v / first! - 1).find((share) => beyond(share, apart));
		if (far !== undefined) findings.push({ code: 'catch-apart', nozzle: nozzle.n, share: far });
	}
	return findings;
}

/** A speed outside of what such a sprayer usually does: more often a wrong course or unit than a hurry. */
export function findUnusualSpeed(speed: Speed, sprayer: SpeedKind): Finding[] {
	const [slowest, fastest] = usualSpeeds[sprayer];
	if (speed < slowest - inclusive) return [{ code: 'speed-unusual', speed, slow: true, rig: sprayer }];
	return speed > fastest + inclusive ? [{ code: 'speed-unusual', speed, slow: false, rig: sprayer }] : [];
}

/** A course under 100 ft or 30 m makes the stopwatch the largest error. */
export const findShortCourse = (reading: TimedCourse): Finding[] =>
	reading.course < 30 - inclusive ? [{ code: 'course-short', course: reading.course }] : [];

/** One catch must be good to the band that it is judged by: 2u within 5 % (timing and the jug's marks). */
export function findShortCatch(flow: FlowResult, jugMove: number, markUncertainty: number): Finding[] {
	const rate = si<'flow'>(flow.meanCatch / flow.time);
	const goodTo = catchGoodTo(flow.time, rate, jugMove, markUncertainty);
	if (!(goodTo > apart + inclusive)) return [];
	const exact = neededCatch(apart, rate, jugMove, markUncertainty);
	return [{ code: 'catch-too-short', good: goodTo, needed: Math.ceil(exact / 5) * 5, time: flow.time }];
}
