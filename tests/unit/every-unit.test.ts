import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Entry, Typed } from '../../src/core';
import {
	factor,
	fields,
	foldCalibration,
	inUnit,
	isUnit,
	nozzleFlow,
	readField,
	readFlow,
	si,
	usualSkill
} from '../../src/core';
import type { FarmSettings } from '../../src/lib/settings/farm-settings';
import { typed } from '../../src/lib/settings/field-units';
import { rateUnits } from '../../src/lib/settings/rate-units';
import { entrySchema } from '../../src/lib/wire/calibration-message';
import { keptText } from '../../src/lib/settings/typed-text';
import { shownRate } from '../../src/lib/show/answer';
import { jugUnits } from '../../src/lib/calibration/flow/flow-step.svelte';
import { amountIn } from '../../src/lib/drawings/jug-board';
import { entriesOf, testSprayer } from '../support/entries';
import { numbersOf } from '../support/sprayers';
import { metric } from '../support/calibration-state';

const gallons = fc.constantFrom('US', 'Imperial');
const settingsOf = (gallon: 'US' | 'Imperial', decimalComma: boolean): FarmSettings => ({
	...metric,
	gallon,
	decimalComma
});
/** A number as a person of the farm writes it. */
const written = (value: number, comma: boolean) => `${value}`.replace('.', comma ? ',' : '.');
/** Out of the device and into the server: nothing but text. */
const sent = (entry: Entry): Entry => entrySchema.parse(JSON.parse(JSON.stringify(entry)) as unknown) as Entry;

describe('an amount typed in any unit that a list or the pad offers', () => {
	it('of a jug is the same amount in the same unit, from the key to the volume and back to the field', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...jugUnits),
				fc.integer({ min: 100, max: 9999 }),
				gallons,
				fc.boolean(),
				(unit, tenths, gallon, comma) => {
					// A jug of any unit holds between a cup and a bucket.
					const size =
						{
							L: 0.001,
							'L/min': 0.002,
							'US gal/min': 0.0005,
							oz: 0.1,
							'US fl oz': 0.1,
							'Imp fl oz': 0.1,
							'US pt': 0.005,
							'Imp pt': 0.005,
							'US qt': 0.0025,
							'US gal': 0.0006
						}[unit as string] ?? 1;
					const amount = Number((tenths * size).toPrecision(4));
					const settings = settingsOf(gallon, comma);
					const entry: Entry = {
						...entriesOf([])[0],
						kind: 'catch',
						nozzle: 1,
						amount: typed(written(amount, comma), unit, settings),
						why: 'first',
						id: '01910000-0000-7000-8000-000000000001',
						seq: 1,
						at: '2026-03-20T08:00:00.000Z'
					};
					const calibration = foldCalibration([sent(entry)]);
					const flow = readFlow(numbersOf(testSprayer), calibration);
					if (!flow.ok) throw new Error(JSON.stringify(flow.issues));
					const result = nozzleFlow(flow.value, si<'time'>(30), usualSkill);
					const back = amountIn(result.nozzles[0]!.catches[0]!, unit, 30);
					expect(back / amount).toBeCloseTo(1, 9);
					const kept: Typed = calibration.nozzles.get(1)!.takes[0]!.amount.typed;
					expect(keptText(kept, unit, settings)).toBe(written(amount, comma));
				}
			),
			{ numRuns: 800 }
		);
	});
	it('of a spray volume is the same amount in every unit that a farm can pick', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...rateUnits),
				fc.integer({ min: 1000, max: 9999 }),
				gallons,
				fc.boolean(),
				(unit, n, gallon, comma) => {
					const settings = settingsOf(gallon, comma);
					// About 200 L/ha in any unit.
					const amount = Number(((2e-5 / factor('volumePerArea', unit)) * (n / 5000)).toPrecision(4));
					const kept = JSON.parse(JSON.stringify(typed(written(amount, comma), unit, settings))) as Typed;
					const read = readField(fields.volumePerArea, kept, '');
					if (!read.ok) throw new Error(JSON.stringify(read.issues));
					expect(read.value.unit).toBe(unit);
					expect(inUnit('volumePerArea', read.value.value, unit) / amount).toBeCloseTo(1, 12);
					expect(keptText(kept, unit, settings)).toBe(written(amount, comma));
					// And on a farm of another gallon, unit and sign it is still that amount.
					const other = settingsOf(gallon === 'US' ? 'Imperial' : 'US', !comma);
					const elsewhere = readField(fields.volumePerArea, typed(keptText(kept, 'L/ha', other), 'L/ha', other), '');
					if (!elsewhere.ok) throw new Error(JSON.stringify([kept, keptText(kept, 'L/ha', other), elsewhere.issues]));
					expect(elsewhere.value.value / read.value.value).toBeCloseTo(1, 9);
					const shown = shownRate(read.value.value, 0.001, unit, false);
					expect(Number(shown.value.replace(/,/g, '')) / amount).toBeCloseTo(1, 2);
				}
			),
			{ numRuns: 800 }
		);
	});
	it('is offered by no list in a unit that the core does not know', () => {
		for (const unit of jugUnits)
			expect(['volume', 'mass', 'flow'].some((kind) => isUnit(kind as 'volume', unit))).toBe(true);
		for (const unit of rateUnits) expect(isUnit('volumePerArea', unit)).toBe(true);
	});
});
