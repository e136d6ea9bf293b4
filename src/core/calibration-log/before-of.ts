import type { Before } from '../adjust/predict-volume';
import type { MethodCalibration } from '../calibration/calibrate-sheet';
import { quantityOf } from '../quantity/entered';
import type { FoldedCalibration } from './fold-calibration';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { nozzlesOn } from '../sprayer/nozzles-on';

/**
 * What a prediction starts from: the answer, the pressure that was signed or read, and the nozzles that spray. A
 * pressure that a setting is meant to have was read by nobody: without a gauge there is none.
 */
export function beforeOf(sprayer: SprayerNumbers, calibration: FoldedCalibration, answer: MethodCalibration): Before {
	return {
		calibration: answer,
		pressure: quantityOf(calibration.gauge),
		on: nozzlesOn(sprayer.sections, calibration.off)
	};
}
