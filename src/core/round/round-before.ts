import type { Before } from '../adjust/predict-volume';
import type { MethodCalibration } from '../calibration/calibrate-sheet';
import { quantityOf } from '../quantity/entered';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { nozzlesOn } from './nozzles-on';

/**
 * What a prediction starts from in a round: its calibration, the pressure that was signed or read, and the nozzles that spray. A
 * pressure that a setting is meant to have was read by nobody: without a gauge there is none.
 */
export function roundBefore(rig: RigNumbers, round: Round, calibration: MethodCalibration): Before {
	return { calibration, pressure: quantityOf(round.gauge), on: nozzlesOn(rig.sections, round.off) };
}
