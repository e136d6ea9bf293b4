import type { JobBasis } from '../../core/index';
import { si } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { typedText } from '../settings/typed-text';
import { show } from './show';

/** What tells the volume of a job that rests on no calibration's, to stand after that volume. */
export function basisTold(basis: JobBasis, settings: FarmSettings): string {
	switch (basis.by) {
		case 'calibration':
			return '';
		case 'trial':
			return `, by a trial: ${typedText(basis.used)} wets ${typedText(basis.patch)}`;
		case 'timed-trial':
			return `, by a trial: ${typedText(basis.time)} at ${show('flow', si<'flow'>(basis.flow), settings).text} wets ${typedText(basis.patch)}`;
		case 'surface':
			return ', as told for a surface';
	}
}
