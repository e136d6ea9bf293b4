import type { Claim, Entry, FaultKind, YardAction } from '$core';
import type { KeptLog } from '$lib/entries/calibration-store';

/** What begins a practice yard. */
export interface YardHead {
	readonly id: string;
	/** Id of its exercise. */
	readonly exercise: string;
	readonly seed: number;
	readonly begunAt: string;
	/** Free play: the faults that were chosen. */
	readonly faults?: readonly FaultKind[] | undefined;
	/** Of a class: its code, and what the server knows this learner's seat by. */
	readonly seat?: { readonly code: string; readonly token: string; readonly name: string } | undefined;
}

/** What happened in a yard: something was done, or a learner said what is wrong. */
export type YardBody =
	| { readonly kind: 'did'; readonly action: YardAction }
	| { readonly kind: 'claim'; readonly claim: Claim; readonly holds: boolean };

export type YardItem = YardBody & { readonly id: string; readonly seq: number; readonly at: string };

export type KeptYard = KeptLog<YardHead, YardItem>;

/** A yard whole: what was done in it and what was read there. */
export interface WholeYard {
	readonly yard: KeptYard;
	readonly entries: readonly Entry[];
}

export const actionsOf = (items: readonly YardItem[]): readonly YardAction[] =>
	items.flatMap((item) => (item.kind === 'did' ? [item.action] : []));

const sameClaim = (a: Claim, b: Claim) => a.kind === b.kind && a.at === b.at;

/** What a learner says is wrong by now: the last word on each counts. */
export function claimsOf(items: readonly YardItem[]): readonly Claim[] {
	let claims: readonly Claim[] = [];
	for (const item of items) {
		if (item.kind !== 'claim') continue;
		const others = claims.filter((c) => !sameClaim(c, item.claim));
		claims = item.holds ? [...others, item.claim] : others;
	}
	return claims;
}
