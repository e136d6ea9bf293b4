import type { Flow } from '../quantity/quantity';

/** What an arc shall give, and what there is to build it from. */
export interface ArcAsked {
	/** Flow of each size at the pressure, m³/s, over 0. */
	readonly sizes: readonly Flow[];
	/** Each place that is decided by itself; where both sides are alike it places two nozzles. */
	readonly places: readonly ArcPlace[];
	/** Wanted flow of all nozzles together. */
	readonly total: Flow;
	/** Wanted share of the spray in each zone, bottom to top; sums to 1. */
	readonly shares: readonly number[];
}

export interface ArcPlace {
	/** How much of the nozzle goes into each zone; sums to 1. */
	readonly weights: readonly number[];
	/** Place in `sizes` of what sits there now, one for each nozzle that is placed; −1 is none of them. */
	readonly present: readonly number[];
}

/** How far the total may lie from the wanted one. */
export const totalWithin = 0.02;

/** Gaps nearer to each other than this are alike, so that fewer changes decide. */
export const gapsAlike = 1e-6;

/** Places that are interchangeable: the same zones, the same number of nozzles. */
export interface PlaceGroup {
	readonly weights: readonly number[];
	/** Nozzles that each of its places holds. */
	readonly each: number;
	/** Which places of the arc. */
	readonly places: readonly number[];
	/** Zone that all of it goes into; −1 where it straddles a cut. */
	readonly zone: number;
	/** Every flow that the group can give, the smallest first. */
	readonly fills: readonly Fill[];
}

/** One flow of a group, with the fewest changes that give it. */
export interface Fill {
	/** Flow of all its nozzles. */
	readonly sum: number;
	readonly changes: number;
	/** The ways of giving it with so few changes. */
	readonly ways: readonly Way[];
}

/** A size for each place of a group, and the set of sizes used as bits. */
export interface Way {
	readonly mask: number;
	readonly sizes: readonly number[];
}

/** The places of an arc by what is interchangeable among them, each with every flow that it can give. */
export function placeGroups({ places, sizes, total }: ArcAsked): PlaceGroup[] {
	const byKey = new Map<string, number[]>();
	places.forEach((place, i) => {
		const key = `${place.present.length}:${place.weights.map((w) => w.toFixed(9)).join(',')}`;
		byKey.set(key, [...(byKey.get(key) ?? []), i]);
	});
	return [...byKey.values()].map((members): PlaceGroup => {
		const first = places[members[0]!]!;
		const zone = first.weights.findIndex((w) => w === 1);
		const each = first.present.length;
		const present = members.map((i) => places[i]!.present);
		return { weights: first.weights, each, places: members, zone, fills: fillsOf(present, sizes, total) };
	});
}

interface Partial {
	readonly sum: number;
	readonly changes: number;
	readonly mask: number;
	readonly sizes: readonly number[];
}

/**
 * Every flow of a group, worked out a place at a time: of what gives the same flow with the same set of sizes only the
 * fewest changes are kept, since nothing later can tell the others from it.
 */
function fillsOf(present: readonly (readonly number[])[], sizes: readonly Flow[], total: Flow): Fill[] {
	let states = new Map<string, Partial>([['', { sum: 0, changes: 0, mask: 0, sizes: [] }]]);
	for (const now of present) {
		const next = new Map<string, Partial>();
		for (const state of states.values())
			for (let s = 0; s < sizes.length; s += 1) {
				const sum = state.sum + sizes[s]! * now.length;
				const mask = state.mask | (1 << s);
				let changes = state.changes;
				for (const one of now) if (one !== s) changes += 1;
				const key = `${flowKey(sum, total)}:${mask}`;
				const known = next.get(key);
				if (!known || changes < known.changes) next.set(key, { sum, changes, mask, sizes: [...state.sizes, s] });
			}
		states = next;
	}
	const bySum = new Map<number, Partial[]>();
	for (const state of states.values()) {
		const key = flowKey(state.sum, total);
		const known = bySum.get(key);
		if (known) known.push(state);
		else bySum.set(key, [state]);
	}
	const fills = [...bySum.values()].map((alike): Fill => {
		const changes = Math.min(...alike.map((a) => a.changes));
		return { sum: alike[0]!.sum, changes, ways: fewestSizes(alike.filter((a) => a.changes === changes)) };
	});
	return fills.sort((a, b) => a.sum - b.sum);
}

/** Flows that binary arithmetic alone keeps apart are one. */
const flowKey = (sum: number, total: number) => Math.round((sum / total) * 1e8);

/** A way whose sizes hold all of another's is never better than it. */
const fewestSizes = (ways: readonly Partial[]): Way[] =>
	ways.filter((a) => !ways.some((b) => b !== a && (b.mask & a.mask) === b.mask && b.mask !== a.mask));
