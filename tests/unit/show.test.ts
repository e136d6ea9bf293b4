import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Kind } from '../../src/core';
import { factor, readTyped, units } from '../../src/core';
import type { FarmSettings } from '../../src/lib/settings/farm-settings';
import { amountOf, show, showAmount } from '../../src/lib/show/show';
import { t } from '../support/entries';
import { metric } from '../support/calibration-state';

const us: FarmSettings = { ...metric, rateUnit: 'US gal/ac', gallon: 'US' };
const imperial: FarmSettings = { ...metric, rateUnit: 'Imp gal/ac', gallon: 'Imperial' };
const squareFeet = (n: number) => n * factor('area', 'ft2');

describe('a figure as it is shown', () => {
	it.each([
		['a bed of 900 ft²', show('area', squareFeet(900), us).text, '900 ft²'],
		['an acre', show('area', factor('area', 'ac'), us).text, '1 ac'],
		['a small plot', show('area', 100, metric).text, '100 m²'],
		['a tenth of a hectare', show('area', 1000, metric).text, '0.100 ha'],
		['what is left in a knapsack', show('tank', 5e-5, metric).text, '50 ml'],
		['a course on a US farm', show('length', 30.48, us).text, '100 ft'],
		['a spacing', show('spacing', 0.6604, us).text, '26 in'],
		[
			'a dose typed in quarts',
			show('dose', 2 * factor('volumePerArea', 'US qt/ac'), us, { typed: t('2 qt/ac', '') }).text,
			'2 US qt/ac'
		],
		[
			'a dose typed in grams an acre',
			show('dryDose', 5 * factor('massPerArea', 'g/ac'), us, { typed: t('5 g/ac', '') }).text,
			'5 g/ac'
		],
		['a dose of a farm with a comma', show('dose', 2.5e-7, { ...metric, decimalComma: true }).text, '2,50 L/ha'],
		[
			'quarts in all',
			showAmount(amountOf('volume', 20 * factor('volume', 'US qt')), us, t('2 qt/ac', '')).text,
			'20 qt'
		],
		[
			'a cup of a quart',
			showAmount(amountOf('volume', 8 * factor('volume', 'US fl oz')), us, t('2 qt/ac', '')).text,
			'8 fl oz'
		],
		['grams on a US farm', showAmount(amountOf('mass', 0.862), us, t('5 g/ac', '')).text, '862 g'],
		[
			'pints of the Imperial gallon',
			showAmount(amountOf('volume', 6 * factor('volume', 'Imp pt')), imperial, {
				text: '2 pt/ac',
				unit: '',
				gallon: 'Imperial'
			}).text,
			'6 pt'
		],
		['what nobody typed a dose of', showAmount(amountOf('volume', 0.02), us).text, '5.283 gal']
	])('%s is told in the unit it was typed in, or in the one of its size', (_, is, wanted) => {
		expect(is).toBe(wanted);
	});

	/** Every unit of the two kinds that doses have, as a person types a dose in it. */
	const doses = (['volumePerArea', 'massPerArea'] as const).flatMap((kind) =>
		Object.keys(units[kind]).map((unit) => ({ kind: kind as Kind, unit }))
	);
	it('of any dose in any unit, gallon and decimal sign is the amount that was typed, in the unit it was typed in', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...doses),
				fc.integer({ min: 1, max: 9999 }),
				fc.constantFrom('US', 'Imperial'),
				fc.boolean(),
				fc.constantFrom(metric, us, imperial),
				({ kind, unit }, hundredths, gallon, comma, farm) => {
					const text = `${hundredths / 100}`.replace('.', comma ? ',' : '.');
					const typed = { text: `${text} ${unit}`, unit: '', gallon, ...(comma ? { comma } : {}) } as const;
					const read = readTyped(typed, [kind], '');
					if (!read.ok) return false;
					const settings: FarmSettings = { ...farm, decimalComma: comma };
					const shown = show(kind === 'massPerArea' ? 'dryDose' : 'dose', read.value.value, settings, {
						typed,
						digits: 4
					});
					// What is shown is read again: the same amount, in the same unit.
					const again = readTyped({ ...typed, text: shown.text }, [kind], '');
					return again.ok && again.value.unit === unit && Math.abs(again.value.value / read.value.value - 1) < 1e-12;
				}
			),
			{ numRuns: 3000 }
		);
	});
	it('of any amount reads as the amount that it is of, to its last shown digit', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...doses),
				fc.double({ min: 1e-5, max: 50, noNaN: true }),
				fc.constantFrom(metric, us, imperial),
				({ kind, unit }, value, farm) => {
					const dry = kind === 'massPerArea';
					const dose = { text: `1 ${unit}`, unit: '', gallon: farm.gallon };
					const { text } = showAmount(amountOf(dry ? 'mass' : 'volume', dry ? value : value / 1000), farm, dose);
					// Whose gallon is plain without: the farm's, or the one that was typed.
					const typed = {
						text: text.replace('oz (weight)', 'oz av'),
						unit: '',
						gallon: unit.startsWith('US') ? 'US' : unit.startsWith('Imp') ? 'Imperial' : farm.gallon
					} as const;
					const read = readTyped(typed, [dry ? 'mass' : 'volume'], '');
					return read.ok && Math.abs(read.value.value / (dry ? value : value / 1000) - 1) < 5.1e-4;
				}
			),
			{ numRuns: 3000 }
		);
	});
});
