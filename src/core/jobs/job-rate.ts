import { trialPatch } from '../loads/trial-patch';
import { fields, readField } from '../quantity/fields';
import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { JobBasis } from './job';

/**
 * Spray volume of a job by what tells it: its calibration, a patch sprayed until it was wet, or a volume for so much of a
 * surface. A timed patch took the flow of the wand for that time.
 *
 * calibrated: m³/m²; null without a calibration.
 *
 * Errors: `missing` calibration; those of the fields.
 * @example
 * jobRate({ by: 'trial', used: { text: '2', unit: 'L', gallon: 'US' }, patch: { text: '20 m2', unit: 'ha', gallon: 'US' } }, null).value // => 0.0001
 * jobRate({ by: 'timed-trial', time: { text: '45', unit: 's', gallon: 'US' }, flow: 2e-5, patch: { text: '9 m2', unit: 'ha', gallon: 'US' } }, null).value // => 0.0001
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
		case 'timed-trial': {
			const time = readField(fields.trialTime, basis.time, 'basis.time');
			const patch = readField(fields.area, basis.patch, 'basis.patch');
			const flows = basis.flow > 0 && Number.isFinite(basis.flow);
			if (!time.ok || !patch.ok || !flows)
				return bad(
					...(time.ok ? [] : time.issues),
					...(patch.ok ? [] : patch.issues),
					...(flows ? [] : [{ code: 'missing' as const, path: 'flow' }])
				);
			return good(trialPatch(si<'volume'>(basis.flow * time.value.value), patch.value.value));
		}
		case 'surface': {
			const volume = readField(fields.volumePerArea, basis.volume, 'basis.volume');
			return volume.ok ? good(volume.value.value) : volume;
		}
	}
}
