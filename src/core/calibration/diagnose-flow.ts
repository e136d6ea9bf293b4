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
 * flow: the nozzles in the order of the rig, their groups known or not. sides: of each nozzle, where the rig sprays to both.
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
	const findings: Finding[] = setOffRated(caught.filter((n) => !inLow(n)));
	// A whole that is off its rating is low or high in all of its parts: the average is then the measure of the parts.
	const falling = fallingAway(running);
	const explained = new Set<number>();
	for (const f of findings)
		if (f.code === 'set-over-rated' || f.code === 'set-under-rated')
			for (const n of running) if (n.group === f.group && !beyond(n.fromAverage!, evenBand)) explained.add(n.n);
	if (falling) {
		findings.push(falling);
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
	for (const nozzle of left) findings.push(oneNozzle(nozzle, flow));
	if (flow.caught === 1 && flow.count > 1) findings.push({ code: 'sample-of-one', nozzles: flow.count });
	return findings;
}

/** Two sizes on a rig that has one group; nozzles that are told to differ are compared within theirs already. */
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
		if (!beyond(share, 0.1)) return [];
		return [{ code: share > 0 ? 'set-over-rated' : 'set-under-rated', share, group }];
	});
}

/** How tightly catches must follow a falling line for it to be one, and how far they must fall in all. */
const lineLimit = 0.85;
const fallLimit = 0.05;

/**
 * Flows that fall steadily away from where the boom is fed: its middle, or one of its ends. Six catches or more tell, and only
 * where a line fits them better than a step from section to section does.
 */
function fallingAway(line: readonly NozzleResult[]): Finding | null {
	if (line.length < 6) return null;
	const flows = line.map((n) => n.fromAverage!);
	const middle = (line[0]!.n + line.at(-1)!.n) / 2;
	const ways = [
		{ from: 'centre', along: line.map((n) => Math.abs(n.n - middle)) },
		{ from: 'left', along: line.map((n) => n.n) },
		{ from: 'right', along: line.map((n) => -n.n) }
	] as const;
	const steps = stepScatter(line);
	let found: Finding | null = null;
	let tightest = lineLimit;
	for (const { from, along } of ways) {
		const { r, slope, scatter } = fit(along, flows);
		const fall = -slope * (Math.max(...along) - Math.min(...along));
		if (-r <= tightest || fall <= fallLimit || scatter > steps) continue;
		tightest = -r;
		found = { code: 'falling-from-feed', from, share: fall };
	}
	return found;
}

/** What is left of the scatter, as a sum of squares, when every section has its own level; all of it where there is one. */
function stepScatter(line: readonly NozzleResult[]): number {
	const by = new Map<number, number[]>();
	for (const n of line) by.set(n.section, [...(by.get(n.section) ?? []), n.fromAverage!]);
	if (by.size < 2) return Infinity;
	let sum = 0;
	for (const list of by.values()) {
		const m = mean(list);
		for (const v of list) sum += (v - m) ** 2;
	}
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

/** Left against right, more than 5 % apart. Only where both sides are caught whole and have as many nozzles. */
function sidesApart(flow: FlowResult, sides: readonly Side[]): Finding[] {
	const total = { left: 0, right: 0 };
	const count = { left: 0, right: 0 };
	for (let i = 0; i < flow.nozzles.length; i += 1) {
		const { flow: q } = flow.nozzles[i]!;
		if (q === null) return [];
		total[sides[i]!] += q;
		count[sides[i]!] += 1;
	}
	if (count.left === 0 || count.left !== count.right || !(total.left > 0)) return [];
	const share = total.right / total.left - 1;
	return beyond(share, 0.05) ? [{ code: 'sides-apart', share }] : [];
}
