import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Typed } from '../../src/core';
import { readTyped } from '../../src/core';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { fieldUnits, typed } from '../../src/lib/settings/field-units';
import { keptText } from '../../src/lib/settings/typed-text';

const farms = (['L/ha', 'US gal/ac', 'Imp gal/ac'] as const).flatMap((rateUnit) =>
	[true, false].map((decimalComma) => ({
		...defaultSettings,
		rateUnit,
		decimalComma,
		gallon: rateUnit === 'Imp gal/ac' ? ('Imperial' as const) : ('US' as const)
	}))
);
const amount = (t: Typed, kind: 'length' | 'pressure' | 'volume') => {
	const read = readTyped(t, [kind], '');
	if (!read.ok) throw new Error(`${JSON.stringify(t)}: ${read.issues[0]!.code}`);
	return read.value.value;
};

describe('a field that shows what was typed before', () => {
	it('reads the same amount again, whatever the farm has changed in between', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...farms),
				fc.constantFrom(...farms),
				fc.constantFrom(['course', 'length'], ['pressure', 'pressure'], ['tank', 'volume']),
				fc.integer({ min: 1, max: 99_999 }),
				fc.integer({ min: 0, max: 99 }),
				fc.boolean(),
				fc.boolean(),
				(then, now, [place, kind], whole, part, grouped, said) => {
					const field = place as 'course';
					const group = then.decimalComma ? '.' : ',';
					const number = grouped ? `${whole}`.replace(/\B(?=(\d{3})+(?!\d))/g, group) : `${whole}`;
					const digits = part ? `${number}${then.decimalComma ? ',' : '.'}${part}` : number;
					// With a unit of its own, as people write it, or the field's.
					const own = { course: 'yd', pressure: 'psi', tank: 'gal' }[place as 'course' | 'pressure' | 'tank'];
					const text = said ? `${digits} ${own}` : digits;
					const kept = typed(text, fieldUnits(then)[field], then);
					const unit = fieldUnits(now)[field];
					const again = typed(keptText(kept, unit, now), unit, now);
					const [one, two] = [amount(kept, kind as 'length'), amount(again, kind as 'length')];
					return Math.abs(one - two) <= 1e-12 * one;
				}
			),
			{ seed: 13, numRuns: 2000 }
		);
	});
	it('shows a group of three as it was read', () => {
		const kept = typed('1,250', 'm', defaultSettings);
		expect(keptText(kept, 'm', defaultSettings)).toBe('1250');
		expect(keptText(kept, 'ft', defaultSettings)).toBe('1250 m');
		expect(keptText(null, 'm', defaultSettings)).toBe('');
	});
});
