import type { Kind, Quantity } from '../quantity/quantity';
import { si } from '../quantity/quantity';

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

export const measured = <K extends Kind>(value: Quantity<K>, errors: readonly ErrorTerm[] = []): Measured<K> => ({
	value,
	errors
});

const negated = (errors: readonly ErrorTerm[]): ErrorTerm[] => errors.map((e) => ({ ...e, relative: -e.relative }));

/** Product of two measured values, as a quantity of kind K. */
export const times = <K extends Kind>(a: Measured, b: Measured): Measured<K> => ({
	value: si<K>(a.value * b.value),
	errors: [...a.errors, ...b.errors]
});

/** Quotient of two measured values, as a quantity of kind K. An error that both share cancels, as it does in truth. */
export const over = <K extends Kind>(a: Measured, b: Measured): Measured<K> => ({
	value: si<K>(a.value / b.value),
	errors: [...a.errors, ...negated(b.errors)]
});

/** The terms of one source, added straight; then each source's part of the relative variance, told by input. */
function partsOfVariance(errors: readonly ErrorTerm[]): Map<BudgetInput, number> {
	const shared = new Map<string, number>();
	for (const e of errors) if (e.source !== undefined) shared.set(e.source, (shared.get(e.source) ?? 0) + e.relative);
	const parts = new Map<BudgetInput, number>();
	for (const e of errors) {
		const whole = e.source === undefined ? e.relative : shared.get(e.source)!;
		parts.set(e.input, (parts.get(e.input) ?? 0) + e.relative * whole);
	}
	return parts;
}

/**
 * Relative standard uncertainty u/x of a measured value: variances of independent sources add, errors of one source
 * add first.
 * @example
 * relativeU({ value: 1, errors: [{ input: 'area', relative: 0.03 }, { input: 'used', relative: 0.04 }] }) // => 0.05
 */
export function relativeU(m: Measured): number {
	let sum = 0;
	for (const part of partsOfVariance(m.errors).values()) sum += part;
	return Math.sqrt(Math.max(0, sum));
}

export type Budget = Partial<Record<BudgetInput, number>>;

/**
 * Uncertainty budget: the share of each input in u². The shares sum to 1; an exact value has none.
 * @example
 * budgetOf({ value: 1, errors: [{ input: 'area', relative: 0.03 }, { input: 'used', relative: 0.04 }] }) // => {"area":0.36,"used":0.64}
 */
export function budgetOf(m: Measured): Budget {
	const parts = partsOfVariance(m.errors);
	let sum = 0;
	for (const part of parts.values()) sum += part;
	const budget: Budget = {};
	if (sum > 0) for (const input of budgetInputs) if (parts.has(input)) budget[input] = parts.get(input)! / sum;
	return budget;
}
