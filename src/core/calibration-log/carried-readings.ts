import type { CarriedReadings } from '../adjust/change';
import type { FoldedCalibration } from './fold-calibration';

/**
 * How a calibration was made, for the one that checks a change after it: its method, its course, its rows and sides. What was
 * measured is measured again.
 * @example
 * carriedReadings({ method: 'speed-width-flow', course: { typed: { text: '60', unit: 'm', gallon: 'US' } }, rows: null, otherSide: null, off: [1] }) // => {"off":[1],"method":"speed-width-flow","course":{"text":"60","unit":"m","gallon":"US"}}
 */
export const carriedReadings = ({
	method,
	course,
	rows,
	otherSide,
	off
}: Pick<FoldedCalibration, 'method' | 'course' | 'rows' | 'otherSide' | 'off'>): CarriedReadings => ({
	off,
	...(method ? { method } : {}),
	...(course ? { course: course.typed } : {}),
	...(rows ? { rows: { spacing: rows.spacing.typed, alleys: rows.alleys } } : {}),
	...(otherSide ? { otherSide } : {})
});
