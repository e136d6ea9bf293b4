import type { Measured, Budget } from './measured';
import { budgetInputs } from './measured';
import { partsOfVariance } from './parts-of-variance';

/**
 * Uncertainty budget: the share of each input in u². The shares sum to 1; an exact value has none.
 *
 * Source: first-order propagation of uncertainty.
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
