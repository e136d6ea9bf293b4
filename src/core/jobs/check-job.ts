import type { CheckedJob, LabelFinding } from './label-checks';
import { checkLabels } from './label-checks';

/**
 * All that a job does against labels: those of its own products, and the intervals of what its ground had before.
 * @example
 * const before = { entry: [], harvest: [], empty: [{ product: 'Sample Ochre', day: '2026-03-20', what: 'entry' }] };
 * checkJob({ checks: [], before }) // => [{"code":"interval-empty","product":"Sample Ochre","stop":false,"what":"entry","day":"2026-03-20"}]
 */
export const checkJob = ({ checks, before }: CheckedJob): LabelFinding[] => {
	// A harvest that is wanted before an earlier product allows it is as much of a stop as one of this job.
	const wanted = checks.find((c) => c.harvestInDays !== null)?.harvestInDays ?? null;
	return [
		...checkLabels(checks),
		...before.entry.map(({ product, day, hours, until }): LabelFinding => ({
			code: 'inside-entry',
			product,
			stop: false,
			day,
			within: hours,
			until
		})),
		...before.harvest.map(({ product, day, until, inDays }): LabelFinding =>
			wanted !== null && wanted < inDays
				? { code: 'before-harvest', product, stop: true, ratio: wanted / inDays, within: inDays }
				: { code: 'harvest-runs', product, stop: false, day, until }
		),
		...before.empty.map(({ product, day, what }): LabelFinding => ({
			code: 'interval-empty',
			product,
			stop: false,
			what,
			day
		}))
	];
};
