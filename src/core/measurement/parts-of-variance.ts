import type { ErrorTerm, BudgetInput } from './measured';

/**
 * The terms of one source, added straight; then each source's part of the relative variance, told by input.
 * @example
 * [...partsOfVariance([{ input: 'area', relative: 0.03, source: 'tape' }, { input: 'width', relative: 0.01, source: 'tape' }])].map(([input, part]) => `${input} ${part.toFixed(4)}`) // => ["area 0.0012","width 0.0004"]
 */
export function partsOfVariance(errors: readonly ErrorTerm[]): Map<BudgetInput, number> {
	const shared = new Map<string, number>();
	for (const e of errors) if (e.source !== undefined) shared.set(e.source, (shared.get(e.source) ?? 0) + e.relative);
	const parts = new Map<BudgetInput, number>();
	for (const e of errors) {
		const whole = e.source === undefined ? e.relative : shared.get(e.source)!;
		parts.set(e.input, (parts.get(e.input) ?? 0) + e.relative * whole);
	}
	return parts;
}
