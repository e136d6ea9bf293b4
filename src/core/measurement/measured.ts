import type { Kind, Quantity } from '../quantity/quantity';

/** The inputs of a calibration that an error budget names. */
export const budgetInputs = [
	'courseLength',
	'courseTime',
	'width',
	'catchTime',
	'catchVolume',
	'area',
	'used',
	'runTime',
	'speed'
] as const;
export type BudgetInput = (typeof budgetInputs)[number];

/**
 * One source of error in a value: a signed relative standard uncertainty. Terms that share a `source` are one error
 * (two lengths from one tape) and add straight, sign and all; terms without a source are independent.
 */
export interface ErrorTerm {
	readonly input: BudgetInput;
	readonly relative: number;
	readonly source?: string;
}

/** A value with what makes it unsure. */
export interface Measured<K extends Kind = Kind> {
	readonly value: Quantity<K>;
	readonly errors: readonly ErrorTerm[];
}

/**
 * A value with its errors; without any it is exact.
 * @example
 * measured(2) // => {"value":2,"errors":[]}
 */
export const measured = <K extends Kind>(value: Quantity<K>, errors: readonly ErrorTerm[] = []): Measured<K> => ({
	value,
	errors
});

export type Budget = Partial<Record<BudgetInput, number>>;
