import { mean } from '../measurement/mean';
import { evenBand, inclusive } from './even-reference';
import type { Finding } from './findings';
import { lowSections } from './low-sections';
import { median } from './median';
import type { FlowResult, NozzleResult } from './nozzle-flow';
import type { Side } from './sheet';
import { twoSizes } from './two-sizes';

const beyond = (share: number, limit: number) => Math.abs(share) > limit + inclusive;

/**
 * What the shape of all catches says, from the whole to the part: the set against its rating, sections and sides against each
 * other, a line that falls away from the feed, two sizes on purpose, a third of the set, and at last single nozzles. What a
 * greater part explains is not told again of its nozzles, and a good nozzle is never called high because a section is low.
 *
 * flow: the nozzles in the order of the sprayer, their groups known or not. sides: of each nozzle, where the sprayer sprays to both.
 * oneSize: somebody said that none differ on purpose.
 * @example
 * const catches = [...Array(11).fill(0.0006), 0.0003].map((volume) => [{ volume }]);
 * diagnoseFlow(nozzleFlow({ time: 30, catches }, 30, usualSkill)).map((f) => f.code) // => ["nozzle-low"]
 */
export function diagnoseFlow(flow: FlowResult, sides?: readonly Side[], oneSize = false): Finding[] {
	const caught = flow.nozzles.filter((n) => n.flow !== null);
	const out = caught.filter((n) => n.verdict !== 'even' && n.verdict !== 'cannot tell');
	const running = caught.filter((n) => n.verdict !== 'blocked' && n.fromAverage !== null);
	const low = lowSections(
		running.map((n) => 1 + n.fromAverage!),
		running.map((n) => n.section)
	);
	const inLow = (n: NozzleResult) => low.some((s) => s.section === n.section);
	// A whole that is off its rating is low or high in all of its parts: the average is then the measure of the parts.
	const falling = fallingAway(running);
	const findings: Finding[] = setOffRated(falling ? nearFeed(running, falling.from) : caught.filter((n) => !inLow(n)));
	const explained = new Set<number>();
	for (const f of findings)
		if (f.code === 'set-over-rated' || f.code === 'set-under-rated')
			for (const n of running) if (n.group === f.group && !beyond(n.fromAverage!, evenBand)) explained.add(n.n);
	if (falling) {
		findings.push({ code: 'falling-from-feed', from: falling.from, share: falling.share });
		for (const n of running) explained.add(n.n);
	} else if (sides) {
		findings.push(...sidesApart(flow, sides));
		for (const n of running) if (inLow(n)) explained.add(n.n);
	} else
		for (const { section, share } of low) {
			const nozzles = running.filter((n) => n.section === section).map((n) => n.n);
			findings.push({ code: 'section-low', section, nozzles, share });
			for (const n of nozzles) explained.add(n);
		}
	const sizes = oneSize ? null : sizesOf(running.filter((n) => !explained.has(n.n)));
	if (sizes) {
		findings.push(sizes);
		for (const n of [...sizes.small, ...sizes.large]) explained.add(n);
	}
	const left = out.filter((n) => !explained.has(n.n));
	const judged = caught.filter((n) => !explained.has(n.n) || !out.includes(n));
	if (judged.length >= 4 && left.length * 3 > judged.length)
		findings.push({ code: 'third-out', out: left.length, caught: judged.length });
	for (const nozzle of left) if (!rightOfTwo(nozzle, caught)) findings.push(oneNozzle(nozzle, flow));
	if (flow.caught === 1 && flow.count > 1) findings.push({ code: 'sample-of-one', nozzles: flow.count });
	return findings;
}

/** Two sizes on a sprayer that has one group; nozzles that are told to differ are compared within theirs already. */
function sizesOf(running: readonly NozzleResult[]): Extract<Finding, { code: 'two-sizes' }> | null {
	if (new Set(running.map((n) => n.group)).size > 1) return null;
	const sizes = twoSizes(running.map((n) => n.flow!));
	if (!sizes) return null;
	const numbers = (places: readonly number[]) => places.map((i) => running[i]!.n);
	const mid = (places: readonly number[]) => median(places.map((i) => running[i]!.flow!));
	return {
		code: 'two-sizes',
		small: numbers(sizes.small),
		large: numbers(sizes.large),
		share: mid(sizes.small) / mid(sizes.large) - 1
	};
}

/**
 * Of two nozzles that differ neither is the measure of the other. Where their rating is known, the one that is nearer to it is not
 * called high because the other is low.
 */
function rightOfTwo(nozzle: NozzleResult, caught: readonly NozzleResult[]): boolean {
	const group = caught.filter((n) => n.group === nozzle.group);
	const other = group.find((n) => n.n !== nozzle.n);
	if (group.length !== 2 || !other || nozzle.fromRated === null || other.fromRated === null) return false;
	return Math.abs(nozzle.fromRated) < Math.abs(other.fromRated) && !beyond(nozzle.fromRated, setBand);
}

function oneNozzle(nozzle: NozzleResult, flow: FlowResult): Finding {
	// By the rated flow it is off its rating: how far it is off the others did not decide.
	const share = nozzle.off!;
	const by = flow.standards.get(nozzle.group)?.by === 'rated' ? ({ by: 'rated' } as const) : {};
	if (nozzle.verdict === 'blocked') return { code: 'nozzle-blocked', nozzle: nozzle.n, share };
	if (nozzle.verdict === 'high') return { code: 'nozzle-high', nozzle: nozzle.n, share, ...by };
	const beside = flow.nozzles.filter((n) => Math.abs(n.n - nozzle.n) === 1 && n.flow !== null);
	const neighbours = beside.length > 0 && beside.every((n) => n.verdict === 'even');
	return { code: 'nozzle-low', nozzle: nozzle.n, share, neighbours, ...by };
}

/** How far the middle of a set may be off its rated flow. */
const setBand = 0.1;
/** Of so few the middle is no measure: all of them have to be off. */
const few = 4;

/** Groups whose middle is more than 10 % off its rated flow; the middle, so that one bad nozzle does not speak for all. */
function setOffRated(caught: readonly NozzleResult[]): Finding[] {
	const groups = new Map<string, number[]>();
	for (const n of caught) {
		if (n.fromRated === null || n.verdict === 'blocked') continue;
		const known = groups.get(n.group);
		if (known) known.push(n.fromRated);
		else groups.set(n.group, [n.fromRated]);
	}
	return [...groups].flatMap(([group, shares]): Finding[] => {
		if (shares.length < 2) return [];
		const share = median(shares);
		if (!beyond(share, setBand)) return [];
		if (shares.length < few && !shares.every((one) => one * share > 0 && beyond(one, setBand))) return [];
		return [{ code: share > 0 ? 'set-over-rated' : 'set-under-rated', share, group }];
	});
}

/** How tightly catches must follow a falling line for it to be one, and how far they must fall in all. */
const lineLimit = 0.85;
const fallLimit = 0.05;

interface Falling {
	readonly from: 'centre' | Side;
	readonly share: number;
}

/**
 * Flows that fall steadily away from where the boom is fed: its middle, or one of its ends. Six catches or more tell, and only
 * where a line fits them better than a step from section to section does. They may fall evenly, or as a hose that is too narrow lets
 * them: steeply near the feed, where it carries the water of all, and hardly at its end.
 */
function fallingAway(line: readonly NozzleResult[]): Falling | null {
	if (line.length < 6) return null;
	const flows = line.map((n) => n.fromAverage!);
	// By Cauchy and Schwarz no straight line falls by more than this between its ends: an even boom is done here.
	if (2 * squares(flows) <= fallLimit * fallLimit) return null;
	let steps: number | null = null;
	let found: Falling | null = null;
	let tightest = lineLimit;
	for (const from of ['centre', 'left', 'right'] as const) {
		const away = awayFrom(line, from);
		const most = Math.max(...away);
		for (const along of [away, away.map((x) => hoseLoss(x, most))]) {
			const { r, slope, scatter } = fit(along, flows);
			const fall = -slope * (Math.max(...along) - Math.min(...along));
			if (-r <= tightest || fall <= fallLimit) continue;
			if (scatter > (steps ??= stepScatter(line))) continue;
			// One high nozzle at the feed looks like the steep end of a hose: the others have to fall too.
			if (along !== away && !(-restOf(along, flows) > restLimit)) continue;
			tightest = -r;
			found = { from, share: fall };
		}
	}
	return found;
}

/** How tightly the nozzles that are not the nearest to the feed must follow it. */
const restLimit = 0.75;
function restOf(along: readonly number[], flows: readonly number[]): number {
	const nearest = Math.min(...along);
	const rest = along.flatMap((x, i) => (x > nearest ? [i] : []));
	return fit(
		rest.map((i) => along[i]!),
		rest.map((i) => flows[i]!)
	).r;
}

/** How far each nozzle is from the feed, in nozzles. */
function awayFrom(line: readonly NozzleResult[], from: Falling['from']): readonly number[] {
	const [first, last] = [line[0]!.n, line.at(-1)!.n];
	if (from === 'left') return line.map((n) => n.n - first);
	if (from === 'right') return line.map((n) => last - n.n);
	return line.map((n) => Math.abs(n.n - (first + last) / 2));
}

/** Pressure lost on the way to a nozzle: each piece of hose takes it by the square of what it still carries. */
const hoseLoss = (away: number, most: number): number => (most === 0 ? 0 : 1 - (1 - away / (most + 1)) ** 3);

/** The nozzles nearest to the feed: they say whether the set is right, since the others lack pressure. */
function nearFeed(line: readonly NozzleResult[], from: Falling['from']): readonly NozzleResult[] {
	const away = awayFrom(line, from);
	const limit = [...away].sort((a, b) => a - b)[Math.max(1, Math.ceil(line.length / 6) - 1)]!;
	return line.filter((_, i) => away[i]! <= limit);
}

/** What is left of the scatter, as a sum of squares, when every section has its own level; all of it where there is one. */
function stepScatter(line: readonly NozzleResult[]): number {
	const by = new Map<number, number[]>();
	for (const n of line) {
		const known = by.get(n.section);
		if (known) known.push(n.fromAverage!);
		else by.set(n.section, [n.fromAverage!]);
	}
	if (by.size < 2) return Infinity;
	let sum = 0;
	for (const list of by.values()) sum += squares(list);
	return sum;
}

/** Sum of squares about the mean. */
function squares(values: readonly number[]): number {
	const m = mean(values);
	let sum = 0;
	for (const v of values) sum += (v - m) * (v - m);
	return sum;
}

/** Straight line through points, how tightly they follow it, and the sum of squares that it leaves. */
function fit(
	x: readonly number[],
	y: readonly number[]
): { readonly r: number; readonly slope: number; readonly scatter: number } {
	const [mx, my] = [mean(x), mean(y)];
	let [xx, yy, xy] = [0, 0, 0];
	for (let i = 0; i < x.length; i += 1) {
		const [dx, dy] = [x[i]! - mx, y[i]! - my];
		xx += dx * dx;
		yy += dy * dy;
		xy += dx * dy;
	}
	const r = xx * yy > 0 ? xy / Math.sqrt(xx * yy) : 0;
	return { r, slope: xx > 0 ? xy / xx : 0, scatter: yy * (1 - r * r) };
}

/**
 * Left against right, more than 5 % apart. Only where both sides are caught whole and have as many nozzles. Places at which a nozzle is off
 * its own side are left out on both: one blocked nozzle is that, and no weak side.
 */
function sidesApart(flow: FlowResult, sides: readonly Side[]): Finding[] {
	if (flow.nozzles.some((n) => n.flow === null)) return [];
	const of = (side: Side) => flow.nozzles.filter((_, i) => sides[i] === side);
	const [left, right] = [of('left'), of('right')];
	if (left.length === 0 || left.length !== right.length) return [];
	const [oddLeft, oddRight] = [oddOnes(left), oddOnes(right)];
	const fair = left.flatMap((_, i) => (oddLeft.has(i) || oddRight.has(i) ? [] : [i]));
	const places = fair.length > 0 ? fair : left.map((_, i) => i);
	const total = (side: readonly NozzleResult[]) => places.reduce((sum, i) => sum + side[i]!.flow!, 0);
	if (!(total(left) > 0)) return [];
	const share = total(right) / total(left) - 1;
	return beyond(share, 0.05) ? [{ code: 'sides-apart', share }] : [];
}

/** Places of a side whose nozzle is off the middle of that side, each held against its own size. */
function oddOnes(side: readonly NozzleResult[]): ReadonlySet<number> {
	const values = side.map((n) => (n.fromAverage === null ? null : 1 + n.fromAverage));
	const known = values.filter((v) => v !== null);
	if (known.length < 3) return new Set();
	const middle = median(known);
	return new Set(values.flatMap((v, i) => (v === null || beyond(v / middle - 1, evenBand) ? [i] : [])));
}
