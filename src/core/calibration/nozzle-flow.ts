import type { MeasuringSkill } from '../measurement/defaults';
import { mean } from '../measurement/mean';
import type { ErrorTerm, Measured } from '../measurement/measured';
import { measured } from '../measurement/measured';
import { resolution } from '../measurement/resolution';
import { sampleDeviation } from '../measurement/sample-deviation';
import { studentT95 } from '../measurement/student-t95';
import type { Flow, Time, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { evenBand, evenReference } from './even-reference';
import { lowSections } from './low-sections';
import { median } from './median';
import { ratedFlow } from './rated-flow';
import type { Catch, FlowReading } from './sheet';
import type { EvenRule, Standard, Verdict } from './verdict';
import { judgeNozzle, ratedBand } from './verdict';
import { waterDensity, waterVolume } from './water-volume';

export interface NozzleResult {
	/** Number on the sprayer, from 1. */
	readonly n: number;
	readonly group: string;
	readonly section: number;
	readonly flow: Flow | null;
	/** Share above or below the reference of its group. */
	readonly fromAverage: number | null;
	/** Share above or below the rated flow at the gauge's pressure. */
	readonly fromRated: number | null;
	/** Share above or below what it is judged against: the one or the other, by the rule in force. */
	readonly off: number | null;
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
	/** What each group is judged against. */
	readonly standards: ReadonlyMap<string, Standard>;
}

/** What one catch comes to in the catch time, m³. A tester's flow is taken for all of that time. */
export const caughtVolume = (c: Catch, time: Time): Volume =>
	'volume' in c ? c.volume : 'mass' in c ? waterVolume(c.mass) : si<'volume'>(c.flow * time);

/** Whether anything at all came out. */
const gaveWater = (c: Catch): boolean => ('volume' in c ? c.volume : 'mass' in c ? c.mass : c.flow) > 0;
/** Whether any nozzle was caught, alone or with others. */
export const anyCaught = ({ catches, together = [] }: FlowReading): boolean =>
	catches.some((c) => c?.some(gaveWater)) || together.some((b) => gaveWater(b.amount));

/** What does not change from jug to jug: relative timing error, and the resolution of jug and scale, m³. */
interface Reading {
	readonly time: Time;
	readonly timing: number;
	readonly jug: number;
	readonly scale: number;
	readonly tester: number;
}

/** Adds one nozzle's catches to its group: their mean, and the variance that timing and the jug's marks leave in it. */
function addCatches(group: Group, catches: readonly Catch[], volumes: readonly Volume[], reading: Reading): number {
	const first = catches[0]!;
	const volume: number = volumes.length === 1 ? volumes[0]! : mean(volumes);
	const timed = 'flow' in first ? 0 : reading.timing * volume;
	const mark = 'flow' in first ? reading.tester * volume : 'mass' in first ? reading.scale : reading.jug;
	let time2 = timed * timed;
	let mark2 = mark * mark;
	if (volumes.length > 1) {
		const one = time2 + mark2;
		// Repeats that scatter by more than one reading is good for widen both parts alike.
		const widened = one > 0 ? Math.max(sampleDeviation(volumes) ** 2, one) / one / volumes.length : 0;
		time2 *= widened;
		mark2 *= widened;
	}
	group.volumes.push(volume);
	group.volume += volume;
	group.timeVariance += time2;
	group.markVariance += mark2;
	return volume;
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
 * flow: catches in the order of the sprayer, at least one caught. time: of one catch, s. A nozzle not caught counts as the
 * mean of its group; `flow.nozzles` above the number of catches marks them as a sample. `flow.together`: nozzles in one vessel
 * count with all that it holds, and none of them is judged. Uncertainty: timing and marks
 * of each catch are independent (caught together: one timing error for all), plus the sample's own part.
 *
 * Source: finite-population sampling with Student's t for nozzles that were not caught.
 * @example
 * const catches = [0.0006, 0.0006, 0.00048].map((volume) => [{ volume }]);
 * nozzleFlow({ time: 30, catches }, 30, usualSkill).volume.value // => 0.00168
 * nozzleFlow({ time: 30, catches }, 30, usualSkill).nozzles.map((n) => n.verdict) // => ["even","even","low"]
 * const pair = [{ places: [0, 1], amount: { volume: 0.0012 } }];
 * nozzleFlow({ time: 30, catches: [null, null, [{ volume: 0.0006 }]], together: pair }, 30, usualSkill).volume.value // => 0.0018
 */
export function nozzleFlow(
	flow: FlowReading,
	time: Time,
	skill: MeasuringSkill,
	rule: EvenRule = 'average'
): FlowResult {
	const listed = flow.catches.length;
	const count = Math.max(flow.nozzles ?? 0, listed);
	const reading: Reading = {
		time,
		timing: skill.jugMove / time,
		jug: resolution(flow.graduation ?? skill.jugMarks),
		scale: resolution((flow.scaleDivision ?? skill.scaleDivision) / waterDensity),
		tester: skill.tester
	};
	const caughtVolumes: (readonly Volume[] | null)[] = [];
	const means = new Float64Array(listed);
	const together = bucketsOf(flow, reading);
	const inBucket = new Set(together.flatMap((b) => b.places));
	const groups = new Map<string, Group>();
	let caught = inBucket.size;
	for (let i = 0; i < listed; i += 1) {
		const name = flow.groups?.[i] ?? '';
		if (inBucket.has(i)) {
			caughtVolumes.push(null);
			continue;
		}
		let group = groups.get(name);
		if (!group) groups.set(name, (group = { size: 0, volumes: [], volume: 0, timeVariance: 0, markVariance: 0 }));
		group.size += 1;
		const catches = flow.catches[i]!;
		if (catches === null || catches.length === 0) {
			caughtVolumes.push(null);
			continue;
		}
		const volumes =
			catches.length === 1 ? [caughtVolume(catches[0]!, time)] : catches.map((c) => caughtVolume(c, time));
		caughtVolumes.push(volumes);
		means[i] = addCatches(group, catches, volumes, reading);
		caught += 1;
	}
	const total = totalOf([...groups.values()], together, count, skill);
	const errors: ErrorTerm[] = [
		{
			input: 'catchTime',
			relative: flow.catching === 'together' ? reading.timing : Math.sqrt(total.timeVariance) / total.volume
		},
		{ input: 'catchVolume', relative: Math.sqrt(total.markVariance) / total.volume }
	];
	const judged = judge(flow, { volumes: caughtVolumes, means, groups, inBucket }, reading, rule);
	return {
		nozzles: judged.nozzles,
		references: judged.references,
		standards: judged.standards,
		count,
		caught,
		volume: measured(si<'volume'>(total.volume), errors),
		meanCatch: si<'volume'>(total.volume / count),
		time
	};
}

interface Group {
	/** Nozzles of the group that are listed, caught or not. */
	size: number;
	/** Mean catch of each that was caught, and their sums. */
	readonly volumes: number[];
	volume: number;
	timeVariance: number;
	markVariance: number;
}

/** What several nozzles gave into one vessel: one timing error and one reading for all of them. */
function bucketsOf({ together = [] }: FlowReading, reading: Reading): Bucket[] {
	return together.map(({ places, amount, graduation }) => {
		const volume = caughtVolume(amount, reading.time);
		const timed = 'flow' in amount ? 0 : reading.timing * volume;
		const jug = graduation === undefined ? reading.jug : resolution(graduation);
		const mark = 'flow' in amount ? reading.tester * volume : 'mass' in amount ? reading.scale : jug;
		return { places, size: places.length, volume, timeVariance: timed * timed, markVariance: mark * mark };
	});
}

/** All nozzles together. A group that nobody caught, and nozzles beyond those listed, count as the mean of all that were. */
function totalOf(
	groups: readonly Group[],
	together: readonly Bucket[],
	count: number,
	skill: MeasuringSkill
): GroupTotal {
	const known = groups.filter((g) => g.volumes.length > 0);
	const only = known.length === 1 && groups.length === 1;
	const inBuckets = together.reduce((sum, b) => sum + b.size, 0);
	const parts = [...known.map((g) => groupTotal(g, only ? count - inBuckets : g.size, skill)), ...together];
	const standing = parts.reduce((sum, t) => sum + t.size, 0);
	const stretch = count / standing;
	const add = (pick: (t: GroupTotal) => number) => parts.reduce((sum, t) => sum + pick(t), 0);
	// A bucket says nothing of how its nozzles differ: those that count as its mean may be off by what is usual.
	const unseen =
		inBuckets > 0 && known.length === 0
			? (count - standing) * skill.unseenSpread * (add((t) => t.volume) / standing)
			: 0;
	return {
		size: count,
		volume: add((t) => t.volume) * stretch,
		timeVariance: add((t) => t.timeVariance) * stretch * stretch,
		markVariance: add((t) => t.markVariance) * stretch * stretch + unseen * unseen
	};
}

interface GroupTotal {
	readonly size: number;
	readonly volume: number;
	readonly timeVariance: number;
	readonly markVariance: number;
}

interface Bucket extends GroupTotal {
	readonly places: readonly number[];
}

function groupTotal(group: Group, size: number, skill: MeasuringSkill): GroupTotal {
	const { volumes } = group;
	const caught = volumes.length;
	const up = size / caught;
	const unseen =
		size === caught
			? 0
			: caught > 1
				? sampledPart(sampleDeviation(volumes), caught, size)
				: size * skill.unseenSpread * volumes[0]!;
	return {
		size,
		volume: group.volume * up,
		timeVariance: group.timeVariance * up * up,
		markVariance: group.markVariance * up * up + unseen * unseen
	};
}

interface Gathered {
	readonly volumes: readonly (readonly Volume[] | null)[];
	readonly means: Float64Array;
	readonly groups: ReadonlyMap<string, Group>;
	/** Places of the nozzles that were caught together with others. */
	readonly inBucket: ReadonlySet<number>;
}

function judge(
	flow: FlowReading,
	gathered: Gathered,
	reading: Reading,
	rule: EvenRule
): Pick<FlowResult, 'nozzles' | 'references' | 'standards'> {
	const judges = judgesOf(flow, gathered, reading, rule);
	const { volumes, means, inBucket } = gathered;
	const nozzles = volumes.map((catches, i): NozzleResult => {
		const group = flow.groups?.[i] ?? '';
		const place = { n: flow.numbers?.[i] ?? i + 1, group, section: flow.sections?.[i] ?? 0 };
		if (catches === null) return { ...place, ...notCaught, verdict: inBucket.has(i) ? 'together' : 'not caught' };
		const { reference, rated, standard } = judges.get(group)!;
		const q = si<'flow'>(means[i]! / reading.time);
		return {
			...place,
			flow: q,
			fromAverage: reference > 0 ? q / reference - 1 : null,
			fromRated: rated === null ? null : q / rated - 1,
			off: standard.flow > 0 ? q / standard.flow - 1 : null,
			verdict: judgeNozzle(q, standard, catches.length),
			catches
		};
	});
	return {
		nozzles,
		references: new Map([...judges].map(([name, { reference }]) => [name, reference])),
		standards: new Map([...judges].map(([name, { standard }]) => [name, standard]))
	};
}

const notCaught = { flow: null, fromAverage: null, fromRated: null, off: null, catches: [] } as const;

/** What the nozzles of each group that was caught are judged by. */
function judgesOf(
	flow: FlowReading,
	{ volumes, means, groups }: Gathered,
	reading: Reading,
	rule: EvenRule
): ReadonlyMap<string, Judge> {
	const { time } = reading;
	const judges = new Map<string, Judge>();
	const sound = soundOnes(flow, volumes, means, groups);
	for (const [name, group] of groups) {
		if (group.volumes.length === 0) continue;
		const middle = si<'flow'>(median(group.volumes) / time);
		// A section that is low as a whole must not make the good ones of another look high.
		const own = means.filter((_, i) => sound[i] && (flow.groups?.[i] ?? '') === name);
		const judged = own.length > 0 && own.length < group.volumes.length ? [...own] : group.volumes;
		const reference = si<'flow'>(evenReference(judged.map((v) => si<'flow'>(v))) / time);
		const rating = flow.ratings?.[name] ?? flow.rated;
		const rated = rating && flow.pressure ? ratedFlow(rating.flow, rating.at, flow.pressure) : null;
		const u95 = oneCatch(flow, group.volume / group.volumes.length, reading);
		const standard: Standard =
			rule === 'rated' && rated !== null
				? { by: 'rated', flow: rated, band: ratedBand, middle, u95 }
				: { by: 'average', flow: reference, band: evenBand, middle, u95 };
		judges.set(name, { reference, rated, standard });
	}
	return judges;
}

/** 95 % ± of one catch of a group, as a share of it: what jugs begun and ended together share tells nothing between them. */
function oneCatch(flow: FlowReading, volume: number, { timing, jug, scale, tester }: Reading): number {
	if (!(volume > 0)) return 0;
	const first = flow.catches.find((c) => c && c.length > 0)?.[0];
	if (first && 'flow' in first) return 2 * tester;
	return 2 * Math.hypot(flow.catching === 'together' ? 0 : timing, (first && 'mass' in first ? scale : jug) / volume);
}

/** Which of the catches belong to sections that are not low as a whole. */
function soundOnes(
	flow: FlowReading,
	volumes: readonly (readonly Volume[] | null)[],
	means: Float64Array,
	groups: ReadonlyMap<string, Group>
): readonly boolean[] {
	const sections = flow.sections;
	const caught = volumes.map((v) => v !== null);
	if (!sections || new Set(sections).size < 2) return caught;
	const places = caught.flatMap((is, i) => (is ? [i] : []));
	const middles = new Map([...groups].map(([name, g]) => [name, g.volumes.length > 0 ? median(g.volumes) : 1]));
	const low = lowSections(
		places.map((i) => means[i]! / (middles.get(flow.groups?.[i] ?? '') || 1)),
		places.map((i) => sections[i]!)
	).map((s) => s.section);
	return caught.map((is, i) => is && !low.includes(sections[i]!));
}

interface Judge {
	readonly reference: Flow;
	readonly rated: Flow | null;
	readonly standard: Standard;
}
