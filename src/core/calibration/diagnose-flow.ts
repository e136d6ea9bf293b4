import { mean } from '../measurement/mean';
import { evenBand, inclusive } from './even-reference';
import type { Finding } from './findings';
import { median } from './median';
import type { FlowResult, NozzleResult } from './nozzle-flow';
import type { Side } from './sheet';

const beyond = (share: number, limit: number) => Math.abs(share) > limit + inclusive;

/**
 * What the shape of all catches says: blocked, low, high, a whole section, falling away from the feed, a side, a third
 * of the set, a whole group off its rated flow.
 *
 * flow: the nozzles in the order of the rig. sides: of each nozzle, where the rig sprays to both sides. What one cause
 * explains is told once: nozzles of a low section, or along a falling line, are not told one by one too.
 */
export function diagnoseFlow(flow: FlowResult, sides?: readonly Side[]): Finding[] {
	const caught: NozzleResult[] = [];
	const out: NozzleResult[] = [];
	for (const n of flow.nozzles) {
		if (n.verdict === 'not caught') continue;
		caught.push(n);
		if (n.verdict !== 'even') out.push(n);
	}
	const findings: Finding[] = setOffRated(caught);
	const sections = sides || out.length === 0 ? [] : lowSections(caught);
	const falling = sections.length === 0 && spread(caught) > evenBand ? fallingAway(caught) : null;
	if (falling) findings.push(falling);
	if (!falling && caught.length >= 4 && out.length * 3 > caught.length)
		findings.push({ code: 'third-out', out: out.length, caught: caught.length });
	const told = new Set<number>();
	if (sides) findings.push(...sidesApart(flow, sides));
	for (const found of sections) {
		findings.push(found);
		for (const n of found.nozzles) told.add(n);
	}
	for (const nozzle of out) {
		if (told.has(nozzle.n) || (falling && nozzle.verdict !== 'blocked')) continue;
		findings.push(oneNozzle(nozzle, flow.nozzles));
	}
	if (flow.caught === 1 && flow.count > 1) findings.push({ code: 'sample-of-one', nozzles: flow.count });
	return findings;
}

/** Largest over smallest catch, less one. */
function spread(caught: readonly NozzleResult[]): number {
	let [least, most] = [Infinity, 0];
	for (const { fromAverage } of caught) {
		if (fromAverage === null) continue;
		if (fromAverage < least) least = fromAverage;
		if (fromAverage > most) most = fromAverage;
	}
	return (1 + most) / (1 + least) - 1;
}

function oneNozzle(nozzle: NozzleResult, all: readonly NozzleResult[]): Finding {
	const share = nozzle.fromAverage!;
	if (nozzle.verdict === 'blocked') return { code: 'nozzle-blocked', nozzle: nozzle.n, share };
	if (nozzle.verdict === 'high') return { code: 'nozzle-high', nozzle: nozzle.n, share };
	const beside = all.filter((n) => Math.abs(n.n - nozzle.n) === 1 && n.verdict !== 'not caught');
	const neighbours = beside.length > 0 && beside.every((n) => n.verdict === 'even');
	return { code: 'nozzle-low', nozzle: nozzle.n, share, neighbours };
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
const lineLimit = 0.9;
const fallLimit = 0.05;

/** Flows that fall steadily away from where the boom is fed: its middle, or one of its ends. Six catches or more tell. */
function fallingAway(caught: readonly NozzleResult[]): Finding | null {
	const line = caught.filter((n) => n.verdict !== 'blocked' && n.fromAverage !== null);
	if (line.length < 6) return null;
	const flows = line.map((n) => n.fromAverage!);
	const middle = (line[0]!.n + line.at(-1)!.n) / 2;
	const ways = [
		{ from: 'centre', along: line.map((n) => Math.abs(n.n - middle)) },
		{ from: 'left', along: line.map((n) => n.n) },
		{ from: 'right', along: line.map((n) => -n.n) }
	] as const;
	let found: Finding | null = null;
	let tightest = lineLimit;
	for (const { from, along } of ways) {
		const { r, slope } = fit(along, flows);
		const fall = -slope * (Math.max(...along) - Math.min(...along));
		if (-r <= tightest || fall <= fallLimit) continue;
		tightest = -r;
		found = { code: 'falling-from-feed', from, share: fall };
	}
	return found;
}

/** Straight line through points, and how tightly they follow it. */
function fit(x: readonly number[], y: readonly number[]): { readonly r: number; readonly slope: number } {
	const [mx, my] = [mean(x), mean(y)];
	let [xx, yy, xy] = [0, 0, 0];
	for (let i = 0; i < x.length; i += 1) {
		const [dx, dy] = [x[i]! - mx, y[i]! - my];
		xx += dx * dx;
		yy += dy * dy;
		xy += dx * dy;
	}
	return { r: xx * yy > 0 ? xy / Math.sqrt(xx * yy) : 0, slope: xx > 0 ? xy / xx : 0 };
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
