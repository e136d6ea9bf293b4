import { describe, expect, it } from 'vitest';
import { si, inUnit } from '../../src/core';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { wordLabelFinding } from '../../src/lib/wording/jobs';

describe('spot work within the label’s most', () => {
	const perAcre = (floz: number) => floz / inUnit('volumePerArea', si<'volumePerArea'>(1), 'US fl oz/ac');
	const finding = {
		code: 'within-max',
		product: 'Sample Umber',
		stop: false,
		kind: 'volume',
		on: perAcre(4.1),
		most: perAcre(5)
	} as const;
	it('says what it comes to, in the farm’s measures', () => {
		const us = { ...defaultSettings, rateUnit: 'US gal/ac' as const };
		expect(wordLabelFinding(finding, us).title).toMatch(/^Sample Umber: 4\.1 of 5(\.0)? fl oz\/ac$/);
		const comma = { ...defaultSettings, decimalComma: true };
		expect(wordLabelFinding({ ...finding, on: 1.5e-7, most: 2e-7 }, comma).title).toBe('Sample Umber: 1,5 of 2 L/ha');
	});
});
