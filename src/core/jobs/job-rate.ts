import { trialPatch } from '../loads/trial-patch';
import { fields, readField } from '../quantity/fields';
import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { VolumePerArea } from '../quantity/quantity';
import type { JobBasis } from './job';

/**
 * Spray volume of a job by what tells it: its calibration, a patch sprayed until it was wet, or a volume for so much of a
 * surface.
 *
 * calibrated: m³/m²; null without a calibration.
 *
 * Errors: `missing` calibration; those of the fields.
 * @example
 * jobRate({ by: 'trial', used: { text: '2', unit: 'L', gallon: 'US' }, patch: { text: '20 m2', unit: 'ha', gallon: 'US' } }, null).value // => 0.0001
 * jobRate({ by: 'calibration' }, 0.000018).value // => 0.000018
 */
export function jobRate(basis: JobBasis, calibrated: VolumePerArea | null): Result<VolumePerArea> {
	switch (basis.by) {
		case 'calibration':
			return calibrated === null ? bad({ code: 'missing', path: 'rate' }) : good(calibrated);
		case 'trial': {
			const used = readField(fields.trialVolume, basis.used, 'basis.used');
			const patch = readField(fields.area, basis.patch, 'basis.patch');
			if (!used.ok || !patch.ok) return bad(...(used.ok ? [] : used.issues), ...(patch.ok ? [] : patch.issues));
			return good(trialPatch(used.value.value, patch.value.value));
		}
		case 'surface': {
			const volume = readField(fields.volumePerArea, basis.volume, 'basis.volume');
			return volume.ok ? good(volume.value.value) : volume;
		}
	}
}
