import type { CalibrationMethod } from '../calibration/calibration-methods';
import type { FoldedCalibration } from './fold-calibration';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { methodsOf } from './methods-for';

export const methodOf = (
	sprayer: Pick<SprayerNumbers, 'kind' | 'uncounted'>,
	calibration: Pick<FoldedCalibration, 'method'>
): CalibrationMethod => calibration.method ?? (sprayer.uncounted ? 'refill' : methodsOf[sprayer.kind][0]!);
