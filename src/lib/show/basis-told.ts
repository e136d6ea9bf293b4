import { m } from '$words';
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
			return m.by_a_trial_wets({ used: typedText(basis.used), patch: typedText(basis.patch) });
		case 'timed-trial':
			return m.by_a_trial_at_wets({
				time: typedText(basis.time),
				text: show('flow', si<'flow'>(basis.flow), settings).text,
				patch: typedText(basis.patch)
			});
		case 'surface':
			return m.as_told_for_a_surface();
	}
}
