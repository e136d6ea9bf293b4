import type { ArcAsked, Fill, PlaceGroup } from './arc-places';
import { gapsAlike, placeGroups, totalWithin } from './arc-places';

/** A set for the whole arc. */
export interface ArcSet {
	/** Size of each place, by its place in the sizes asked with. */
	readonly sizes: readonly number[];
	readonly total: number;
	/** Share of the spray in each zone. */
	readonly shares: readonly number[];
	/** Greatest gap between a wanted and a reached share. */
	readonly gap: number;
	/** Nozzles to change. */
	readonly changes: number;
	/** Different sizes in it. */
	readonly kinds: number;
}

/** How far a search is: 0 to 1. */
export type ArcSearch = Generator<number, ArcSet | null>;

/** Bounds for the gap that are tried one after the other: a narrow one that holds a set makes the search short. */
const tries = [0.0005, 0.002, 0.008, 0.02, 0.04, 0.08, 0.15, 0.3, 1];

/** Combinations between two words about progress. */
const breath = 64;

/**
 * The best set for an arc, by search: the total within ±2 % of the wanted one; then the smallest greatest gap between
 * wanted and reached share by zone; then the fewest nozzles to change; then the fewest sizes. A generator: it yields how
 * far it is, and returns the set, or null where no set comes within 2 % of the total.
 *
 * What is exact about it: places that serve the same zones are interchangeable, so only the flow of each group of places
 * matters for the gap; a group that lies in one zone alone is looked up in its sorted flows between bounds that the zones
 * before it leave, and a bound only ever excludes what is worse than the best that is known.
 */
export function* searchArc(asked: ArcAsked): ArcSearch {
	const groups = placeGroups(asked);
	const search = new Search(asked, groups);
	const steps = search.mixedCount * (tries.length + 2);
	let done = 0;
	for (const bound of tries) {
		search.gap = bound;
		search.found = false;
		for (let i = 0; i < search.mixedCount; i += 1) {
			search.tryMixed(i, search.narrow);
			if (i % breath === 0) yield (done + i) / steps;
		}
		done += search.mixedCount;
		if (search.found) break;
	}
	if (!search.found) return null;
	// All sets that are as near: first the fewest changes among them, then the fewest sizes with so few changes.
	search.gap = search.nearest + gapsAlike;
	for (const count of [search.countChanges, search.countSizes]) {
		for (let i = 0; i < search.mixedCount; i += 1) {
			search.tryMixed(i, count);
			if (i % breath === 0) yield Math.min(1, (steps - 2 * search.mixedCount + i) / steps);
		}
	}
	return search.answer();
}

/** A group in the order of trying, with the least and most that those after it can give. */
interface Ordered {
	readonly group: PlaceGroup;
	readonly least: number;
	readonly most: number;
	/** No group of its zone comes after it. */
	readonly last: boolean;
}

type Visit = (fills: readonly Fill[], gap: number) => void;

class Search {
	readonly #asked: ArcAsked;
	readonly #mixed: readonly PlaceGroup[];
	readonly #pure: readonly PlaceGroup[];
	readonly mixedCount: number;
	/** Greatest gap that is still looked at. */
	gap = 1;
	/** Gap of the nearest that was found. */
	nearest = 1;
	found = false;
	#changes = Infinity;
	#kinds = Infinity;
	#best: { readonly sizes: readonly (readonly number[])[]; readonly gap: number } | null = null;

	constructor(asked: ArcAsked, groups: readonly PlaceGroup[]) {
		this.#asked = asked;
		this.#mixed = groups.filter((g) => g.zone < 0);
		this.#pure = groups.filter((g) => g.zone >= 0);
		this.mixedCount = this.#mixed.reduce((n, g) => n * g.fills.length, 1);
	}

	/** Nearer than anything before: the bound shrinks to a little under it, so that what is as near is not walked through. */
	readonly narrow: Visit = (_, gap) => {
		this.found = true;
		this.nearest = gap;
		this.gap = Math.max(0, gap - gapsAlike / 2);
	};

	readonly countChanges: Visit = (fills) => {
		const changes = fills.reduce((n, f) => n + f.changes, 0);
		if (changes < this.#changes) this.#changes = changes;
	};

	readonly countSizes: Visit = (fills, gap) => {
		if (fills.reduce((n, f) => n + f.changes, 0) > this.#changes) return;
		this.#fewest(fills, 0, 0, [], gap);
	};

	#fewest(fills: readonly Fill[], at: number, mask: number, picked: (readonly number[])[], gap: number): void {
		const kinds = bits(mask);
		if (kinds >= this.#kinds) return;
		if (at === fills.length) {
			this.#kinds = kinds;
			this.#best = { sizes: [...picked], gap };
			return;
		}
		for (const way of fills[at]!.ways) {
			picked[at] = way.sizes;
			this.#fewest(fills, at + 1, mask | way.mask, picked, gap);
		}
	}

	/** One combination of the groups that straddle cuts, by its number; the others are then looked up. */
	tryMixed(number: number, visit: Visit): void {
		const zones = new Array<number>(this.#asked.shares.length).fill(0);
		const picked: Fill[] = [];
		let rest = number;
		for (const group of this.#mixed) {
			const fill = group.fills[rest % group.fills.length]!;
			rest = Math.floor(rest / group.fills.length);
			picked.push(fill);
			group.weights.forEach((w, z) => (zones[z]! += w * fill.sum));
		}
		const { total } = this.#asked;
		const sum = picked.reduce((s, f) => s + f.sum, 0);
		const [low, high] = [total * (1 - totalWithin), total * (1 + totalWithin)];
		const order = this.#order(zones, low, high);
		if (order) this.#tryPure(0, order, sum, zones, picked, low, high, visit);
	}

	/**
	 * The groups of one zone each, that with the fewest flows near enough to what its zone wants first: what is scarce
	 * settles most. Null where one has none.
	 */
	#order(zones: readonly number[], low: number, high: number): Ordered[] | null {
		const counted = this.#pure.map((group) => {
			const { fills, zone } = group;
			const alone = !this.#pure.some((other) => other !== group && other.zone === zone);
			const wanted = this.#asked.shares[zone]!;
			const spill = slack * high;
			const from = alone ? firstFrom(fills, (wanted - this.gap) * low - zones[zone]! - spill) : 0;
			const to = firstFrom(fills, (wanted + this.gap) * high - zones[zone]! + spill);
			return { group, count: to - from };
		});
		if (counted.some((c) => c.count <= 0)) return null;
		const sorted = counted.sort((a, b) => a.count - b.count).map((c) => c.group);
		return sorted.map((group, at) => {
			const after = sorted.slice(at + 1);
			const least = after.reduce((s, g) => s + g.fills[0]!.sum, 0);
			const most = after.reduce((s, g) => s + g.fills.at(-1)!.sum, 0);
			return { group, least, most, last: !after.some((g) => g.zone === group.zone) };
		});
	}

	/**
	 * `sum`: flow of what is picked. `low`, `high`: what the total has to lie between for the zones that are settled to be
	 * near enough.
	 */
	#tryPure(
		at: number,
		order: readonly Ordered[],
		sum: number,
		zones: number[],
		picked: Fill[],
		low: number,
		high: number,
		visit: Visit
	): void {
		const next = order[at];
		if (!next) return this.#judge(zones, picked, order, visit);
		const { group, last } = next;
		const { zone } = group;
		const before = zones[zone]!;
		const wanted = this.#asked.shares[zone]!;
		const spill = slack * high;
		// Another group of this zone may come after it: then only the upper bound holds.
		const least = Math.max(last ? (wanted - this.gap) * low - before : 0, low - sum - next.most);
		for (let i = firstFrom(group.fills, least - spill); i < group.fills.length; i += 1) {
			const fill = group.fills[i]!;
			// The bound may have shrunk since the last one.
			const most = Math.min((wanted + this.gap) * high - before, high - sum - next.least);
			if (fill.sum > most + spill) break;
			const flow = before + fill.sum;
			const from = last ? Math.max(low, flow / (wanted + this.gap)) : low;
			const to = last && wanted > this.gap ? Math.min(high, flow / (wanted - this.gap)) : high;
			if (from > to + spill) continue;
			zones[zone] = flow;
			picked.push(fill);
			this.#tryPure(at + 1, order, sum + fill.sum, zones, picked, from, to, visit);
			picked.pop();
		}
		zones[zone] = before;
	}

	#judge(zones: readonly number[], picked: readonly Fill[], order: readonly Ordered[], visit: Visit): void {
		const { total, shares } = this.#asked;
		const sum = zones.reduce((s, v) => s + v, 0);
		if (Math.abs(sum / total - 1) > totalWithin + 1e-9) return;
		let gap = 0;
		for (let z = 0; z < shares.length; z += 1) gap = Math.max(gap, Math.abs(zones[z]! / sum - shares[z]!));
		if (gap > this.gap) return;
		// Handed on in the order of the groups, whatever order they were tried in.
		const mixed = this.#mixed.length;
		visit(
			[...picked.slice(0, mixed), ...this.#pure.map((g) => picked[mixed + order.findIndex((o) => o.group === g)]!)],
			gap
		);
	}

	answer(): ArcSet | null {
		const best = this.#best;
		if (!best) return null;
		const { sizes: flows, places, shares } = this.#asked;
		const sizes = new Array<number>(places.length).fill(-1);
		[...this.#mixed, ...this.#pure].forEach((group, g) =>
			group.places.forEach((place, i) => (sizes[place] = best.sizes[g]![i]!))
		);
		return describeSet(this.#asked, sizes, flows, shares);
	}
}

/** A set of sizes in figures: what it gives, where, and how much it changes. */
function describeSet(
	{ places }: ArcAsked,
	sizes: readonly number[],
	flows: readonly number[],
	shares: readonly number[]
): ArcSet {
	const zones = new Array<number>(shares.length).fill(0);
	let changes = 0;
	places.forEach((place, i) => {
		const flow = flows[sizes[i]!]! * place.present.length;
		place.weights.forEach((w, z) => (zones[z]! += w * flow));
		changes += place.present.filter((now) => now !== sizes[i]).length;
	});
	const total = zones.reduce((s, v) => s + v, 0);
	const reached = zones.map((v) => v / total);
	return {
		sizes,
		total,
		shares: reached,
		gap: Math.max(...reached.map((v, z) => Math.abs(v - shares[z]!))),
		changes,
		kinds: new Set(sizes).size
	};
}

const slack = 1e-9;

function firstFrom(fills: readonly Fill[], sum: number): number {
	let [low, high] = [0, fills.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if (fills[middle]!.sum < sum) low = middle + 1;
		else high = middle;
	}
	return low;
}

function bits(mask: number): number {
	let n = 0;
	for (let m = mask; m !== 0; m &= m - 1) n += 1;
	return n;
}
