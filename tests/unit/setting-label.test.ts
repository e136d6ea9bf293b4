import { describe, expect, it } from 'vitest';
import { settingLabel } from '../../src/lib/show/setting-label';
import { blower } from '../support/sprayers';
import { testSprayer } from '../support/entries';

describe('what a calibration’s setting is called', () => {
	const both = { name: 'Both sides', off: [] };
	it.each([
		[blower, both, 8, 'Both sides'],
		[blower, both, 4, 'One side only'],
		[blower, { name: 'Left only', off: [1] }, 4, 'Left only'],
		[blower, both, null, 'Both sides'],
		[testSprayer, { name: 'All on', off: [] }, 3, '3 of 6 nozzles on'],
		[testSprayer, undefined, 3, '']
	])('%# says what sprayed', (sprayer, setting, measured, label) =>
		expect(settingLabel(setting, sprayer, measured)).toBe(label)
	);
});
