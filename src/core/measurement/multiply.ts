import type { Kind } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Measured } from './measured';

/**
 * Product of two measured values, as a quantity of kind K.
 *
 * Source: first-order propagation of uncertainty; relative errors of a product add.
 * @example
 * multiply({ value: 2, errors: [{ input: 'width', relative: 0.01 }] }, { value: 3, errors: [] }) // => {"value":6,"errors":[{"input":"width","relative":0.01}]}
 */
export const multiply = <K extends Kind>(a: Measured, b: Measured): Measured<K> => ({
	value: si<K>(a.value * b.value),
	errors: [...a.errors, ...b.errors]
});
