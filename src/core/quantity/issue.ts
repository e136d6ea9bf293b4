/**
 * Something a person (or a file) got wrong, as data: a code, the place, and the bound that was passed. The words for
 * each code live outside the core, in one place. Bugs are not issues; they throw.
 */
export interface Issue {
	readonly code: IssueCode;
	/** Dotted place in the input: `flow.catches.3`. */
	readonly path: string;
	/** What was typed, given back as it was. */
	readonly text?: string | undefined;
	/** What was wanted there, for choosing an example. */
	readonly wanted?: string | undefined;
	readonly bound?: string | undefined;
	/** It was read with the comma as decimal sign: the figures told beside it are written so. */
	readonly comma?: true | undefined;
}

export type IssueCode =
	| 'empty'
	| 'unreadable'
	| 'comma'
	| 'no-unit'
	| 'unknown-unit'
	| 'wrong-kind'
	| 'ambiguous-oz'
	| 'no-state'
	| 'per-what'
	| 'three-of-four'
	| 'mixes-otherwise'
	| 'negative'
	| 'zero'
	| 'too-small'
	| 'too-large'
	| 'too-long'
	| 'missing'
	| 'not-whole'
	| 'stacked'
	| 'count-mismatch'
	| 'nothing-caught'
	| 'no-runs'
	| 'nothing-used'
	| 'no-even-swath'
	| 'sections-mismatch'
	| 'all-sections-off'
	| 'upside-down'
	| 'angle'
	| 'share'
	| 'shares-sum'
	| 'no-person'
	| 'no-position'
	| 'products-fill-tank'
	| 'nothing-left'
	| 'dead-over-tank'
	| 'row-over-tank'
	| 'pack-over-tank'
	| 'no-packet'
	| 'no-rows'
	| 'no-block-rows'
	| 'too-many-loads'
	| 'same-pressure'
	| 'no-orifice'
	| 'gravity'
	| 'twice'
	/** The device could not keep it; `text`: why. */
	| 'not-stored'
	/** It is signed off or sealed: nothing more is taken for it. */
	| 'closed'
	| 'ring-short'
	| 'ring-open'
	| 'ring-crosses'
	| 'not-degrees'
	| 'not-one-record'
	| 'no-density'
	| 'no-content'
	| 'which-active'
	| 'weight-percent'
	| 'interval-no-end'
	| 'parked-ground-drive'
	| 'level-over-load'
	| 'other-side'
	| 'dose-area'
	| 'dilute-or-mix'
	| 'no-dilute'
	| 'not-concentrate';

export type Result<T> =
	{ readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue[] };

export const good = <T>(value: T): Result<T> => ({ ok: true, value });
export const bad = (...issues: Issue[]): { readonly ok: false; readonly issues: readonly Issue[] } => ({
	ok: false,
	issues
});

/** A result whose issues know in which decimal sign they were read, so that what is told of them can be read in turn. */
export const inSign = <T>(result: Result<T>, comma: boolean | undefined): Result<T> =>
	result.ok || !comma ? result : bad(...result.issues.map((issue): Issue => ({ ...issue, comma: true })));
