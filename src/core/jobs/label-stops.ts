import type { Stop } from '../safety/rules';
import type { LabelFinding } from './label-checks';

/**
 * What of it stops the work until a reason is written.
 * @example
 * labelStops([{ code: 'too-few-days', product: 'P', stop: true, ratio: 0.5, within: 14, day: '2026-03-20', other: 'P' }, { code: 'over-run-off', product: 'Q', stop: false, factor: 0.5 }]) // => [{"code":"too-few-days","about":"P"}]
 */
export const labelStops = (findings: readonly LabelFinding[]): Stop[] =>
	findings.flatMap((f) => (f.stop ? [{ code: f.code, about: f.product }] : []));
