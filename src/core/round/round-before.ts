import type { Before } from '../adjust/predict-volume';
import type { MethodCalibration } from '../calibration/calibrate-sheet';
import { fields, readField } from '../quantity/fields';
import type { Typed } from '../quantity/typed';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { nozzlesOn } from './round-readings';

/**
 * What a prediction starts from in a round: its calibration, the pressure that was signed or read (else the setting's),
 * and the nozzles that spray.
 */
export function roundBefore(
	rig: RigNumbers,
	round: Round,
	calibration: MethodCalibration,
	setting: Typed | null = null
): Before {
	const typed = round.signOff?.pressure ?? round.gauge ?? setting;
	const read = typed ? readField(fields.pressure, typed, 'flow.pressure') : null;
	return {
		calibration,
		pressure: read?.ok ? read.value.value : null,
		on: nozzlesOn(rig.sections, round.off)
	};
}
