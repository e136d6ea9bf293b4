import { describe, expect, it } from 'vitest';
import { settingLabel } from '../../src/lib/show/setting-label';
import { blower } from '../support/rigs';
import { testRig } from '../support/entries';

describe('what a calibration’s setting is called', () => {
	const both = { name: 'Both sides', off: [] };
	it.each([
		[blower, both, 8, 'Both sides'],
		[blower, both, 4, 'One side only'],
		[blower, { name: 'Left only', off: [1] }, 4, 'Left only'],
		[blower, both, null, 'Both sides'],
		[testRig, { name: 'All on', off: [] }, 3, '3 of 6 nozzles on'],
		[testRig, undefined, 3, '']
	])('%# says what sprayed', (rig, setting, measured, label) =>
		expect(settingLabel(setting, rig, measured)).toBe(label)
	);
});
