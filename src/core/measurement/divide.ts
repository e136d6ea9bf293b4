import type { Kind } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { ErrorTerm, Measured } from './measured';

/**
 * Quotient of two measured values, as a quantity of kind K. An error that both share cancels, as it does in truth.
 *
 * Source: first-order propagation of uncertainty; relative errors of a quotient subtract.
 * @example
 * divide({ value: 6, errors: [] }, { value: 3, errors: [{ input: 'width', relative: 0.01 }] }) // => {"value":2,"errors":[{"input":"width","relative":-0.01}]}
 */
export const divide = <K extends Kind>(a: Measured, b: Measured): Measured<K> => ({
	value: si<K>(a.value / b.value),
	errors: [...a.errors, ...negated(b.errors)]
});
export const negated = (errors: readonly ErrorTerm[]): ErrorTerm[] =>
	errors.map((e) => ({ ...e, relative: -e.relative }));
