import type { MeasuringSkill } from '../measurement/defaults';
import { mean } from '../measurement/mean';
import type { ErrorTerm, Measured } from '../measurement/measured';
import { measured } from '../measurement/measured';
import { resolution } from '../measurement/resolution';
import { sampleDeviation } from '../measurement/sample-deviation';
import { studentT95 } from '../measurement/student-t95';
import type { Flow, Time, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { evenReference } from './even-reference';
import { median } from './median';
import { ratedFlow } from './rated-flow';
import type { Catch, FlowReading } from './sheet';
import type { EvenRule, Verdict } from './verdict';
import { verdictByRated, verdictOf } from './verdict';
import { waterDensity, waterVolume } from './water-volume';

export interface NozzleResult {
	/** Number on the rig, from 1. */
	readonly n: number;
	readonly group: string;
	readonly section: number;
	readonly flow: Flow | null;
	/** Share above or below the reference of its group. */
	readonly fromAverage: number | null;
	/** Share above or below the rated flow at the gauge's pressure. */
	readonly fromRated: number | null;
	readonly verdict: Verdict;
	/** Volumes of the catches that were averaged. */
	readonly catches: readonly Volume[];
}

export interface FlowResult {
	readonly nozzles: readonly NozzleResult[];
	/** Nozzles that the total stands for. */
	readonly count: number;
	/** Nozzles of those that were caught. */
	readonly caught: number;
	/** Volume that all nozzles give in one catch. */
	readonly volume: Measured<'volume'>;
	/** Mean volume of one catch. */
	readonly meanCatch: Volume;
	readonly time: Time;
	/** Reference flow by group. */
	readonly references: ReadonlyMap<string, Flow>;
}

const volumeOf = (c: Catch): Volume => ('volume' in c ? c.volume : waterVolume(c.mass));

interface CaughtNozzle {
	readonly volume: number;
	readonly volumes: readonly Volume[];
	readonly timeVariance: number;
	readonly markVariance: number;
}

/** One nozzle's volume from its repeats, and the variance that timing and the jug's marks leave in it. */
function caughtNozzle(catches: readonly Catch[], time: Time, flow: FlowReading, skill: MeasuringSkill): CaughtNozzle {
	const volumes = catches.map(volumeOf);
	const volume = mean(volumes);
	const timing = (skill.jugMove / time) * volume;
	const weighed = 'mass' in catches[0]!;
	const division = weighed
		? (flow.scaleDivision ?? skill.scaleDivision) / waterDensity
		: (flow.graduation ?? skill.jugMarks);
	const one = timing * timing + resolution(division) ** 2;
	// Repeats that scatter by more than one reading is good for widen both parts alike.
	const widened = Math.max(sampleDeviation(volumes) ** 2, one) / one / volumes.length;
	return {
		volume,
		volumes,
		timeVariance: timing * timing * widened,
		markVariance: (one - timing * timing) * widened
	};
}

/**
 * Part of a total's standard uncertainty that comes from nozzles that were not caught: what the mean of the caught ones
 * may miss by, `s × t₉₅(n−1) / 2 / √n` a nozzle, over all N.
 *
 * deviation: s of the caught, any unit; caught: n ≥ 2; all: N > n. Returns the unit of the deviation.
 * @example
 * sampledPart(10, 3, 24) // => 298.096525421162
 */
export const sampledPart = (deviation: number, caught: number, all: number): number =>
	(all * deviation * studentT95(caught - 1)) / 2 / Math.sqrt(caught);

/**
 * Flow of every nozzle, the verdict on each within its group, and the volume that the whole set gives in one catch.
 *
 * flow: catches in the order of the rig, at least one caught. time: of one catch, s. A nozzle not caught counts as the
 * mean of its group; `flow.nozzles` above the number of catches marks them as a sample. Uncertainty: timing and marks
 * of each catch are independent (caught together: one timing error for all), plus the sample's own part.
 */
export function nozzleFlow(
	flow: FlowReading,
	time: Time,
	skill: MeasuringSkill,
	rule: EvenRule = 'average'
): FlowResult {
	const count = Math.max(flow.nozzles ?? 0, flow.catches.length);
	const groupNames = flow.catches.map((_, i) => flow.groups?.[i] ?? '');
	const readings = flow.catches.map((c) => (c && c.length > 0 ? caughtNozzle(c, time, flow, skill) : null));
	const groups = new Map<string, CaughtNozzle[]>();
	const sizes = new Map<string, number>();
	groupNames.forEach((name, i) => {
		sizes.set(name, (sizes.get(name) ?? 0) + 1);
		const reading = readings[i];
		if (!reading) return;
		const known = groups.get(name);
		if (known) known.push(reading);
		else groups.set(name, [reading]);
	});
	const extra = count - flow.catches.length;
	const totals = [...groups].map(([name, caught]) => groupTotal(caught, sizes.get(name)!, skill));
	// A group that nobody caught, and nozzles beyond those listed, count as the mean of all that were.
	const known = totals.reduce((sum, t) => sum + t.size, 0);
	const stretch = groups.size === 1 ? 1 : count / known;
	const whole =
		groups.size === 1 && extra + (flow.catches.length - known) > 0
			? [groupTotal([...groups.values()][0]!, count, skill)]
			: totals;
	const sum = (pick: (t: GroupTotal) => number) => whole.reduce((s, t) => s + pick(t), 0) * stretch;
	const volume = sum((t) => t.volume);
	const root = (pick: (t: GroupTotal) => number) =>
		(Math.sqrt(whole.reduce((s, t) => s + pick(t), 0)) * stretch) / volume;
	const errors: ErrorTerm[] = [
		{ input: 'catchTime', relative: flow.catching === 'together' ? skill.jugMove / time : root((t) => t.timeVariance) },
		{ input: 'catchVolume', relative: root((t) => t.markVariance) }
	];
	const judged = judge(flow, readings, groupNames, groups, time, rule);
	return {
		nozzles: judged.nozzles,
		references: judged.references,
		count,
		caught: readings.filter(Boolean).length,
		volume: measured(si<'volume'>(volume), errors),
		meanCatch: si<'volume'>(volume / count),
		time
	};
}

interface GroupTotal {
	readonly size: number;
	readonly volume: number;
	readonly timeVariance: number;
	readonly markVariance: number;
}

function groupTotal(caught: readonly CaughtNozzle[], size: number, skill: MeasuringSkill): GroupTotal {
	const volumes = caught.map((c) => c.volume);
	const up = size / caught.length;
	const add = (pick: (c: CaughtNozzle) => number) => caught.reduce((s, c) => s + pick(c), 0);
	const unseen =
		size === caught.length
			? 0
			: caught.length > 1
				? sampledPart(sampleDeviation(volumes), caught.length, size)
				: size * skill.unseenSpread * volumes[0]!;
	return {
		size,
		volume: add((c) => c.volume) * up,
		timeVariance: add((c) => c.timeVariance) * up * up,
		markVariance: add((c) => c.markVariance) * up * up + unseen * unseen
	};
}

function judge(
	flow: FlowReading,
	readings: readonly (CaughtNozzle | null)[],
	groupNames: readonly string[],
	groups: ReadonlyMap<string, readonly CaughtNozzle[]>,
	time: Time,
	rule: EvenRule
): { nozzles: NozzleResult[]; references: Map<string, Flow> } {
	const references = new Map<string, Flow>();
	const medians = new Map<string, Flow>();
	for (const [name, caught] of groups) {
		const flows = caught.map((c) => si<'flow'>(c.volume / time));
		const middle = si<'flow'>(median(flows));
		references.set(name, evenReference(flows, middle));
		medians.set(name, middle);
	}
	const rated = flow.rated && flow.pressure ? ratedFlow(flow.rated.flow, flow.rated.at, flow.pressure) : null;
	const nozzles = readings.map((reading, i): NozzleResult => {
		const group = groupNames[i]!;
		const n = flow.numbers?.[i] ?? i + 1;
		const section = flow.sections?.[i] ?? 0;
		if (!reading)
			return { n, group, section, flow: null, fromAverage: null, fromRated: null, verdict: 'not caught', catches: [] };
		const q = si<'flow'>(reading.volume / time);
		const reference = references.get(group)!;
		const middle = medians.get(group)!;
		const fromRated = rated === null ? null : q / rated - 1;
		const byRated = rule === 'rated' && fromRated !== null;
		return {
			n,
			group,
			section,
			flow: q,
			fromAverage: reference > 0 ? q / reference - 1 : null,
			fromRated,
			verdict: byRated ? verdictByRated(q, fromRated, middle) : verdictOf(q, reference, middle),
			catches: reading.volumes
		};
	});
	return { nozzles, references };
}
