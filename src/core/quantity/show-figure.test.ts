import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { showDecimals, showFigure } from './show-figure';
import { showWithInterval } from './show-with-interval';

describe('shown figures', () => {
	it.each([
		[17.726, 0.43, '17.7', '0.4'],
		[599.2, 17.2, '599', '17'],
		[168.1, 4.2, '168', '4'],
		[7.8912, 0.081, '7.89', '0.08'],
		[12.3749, 0.4, '12.4', '0.4'],
		[0.0172176, 0.00031, '0.0172', '0.0003'],
		[1234.5, 19.7, '1,235', '20'],
		[181.48, 0, '181.5', '0']
	])('%d ± %d is shown as %s ± %s', (value, interval, shown, pm) => {
		expect(showWithInterval(value, interval, false)).toEqual({ value: shown, interval: pm });
	});

	it('groups thousands, and writes the farm’s decimal sign', () => {
		expect(showDecimals(1234567.891, 2, false)).toBe('1,234,567.89');
		expect(showDecimals(1234567.891, 2, true)).toBe('1.234.567,89');
		expect(showDecimals(-0.04, 1, false)).toBe('0.0');
		expect(showDecimals(-15.04, 1, false)).toBe('−15.0');
	});

	it('never shows more digits than the interval is worth', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.01, max: 1e5, noNaN: true }),
				fc.double({ min: 1e-4, max: 0.3, noNaN: true }),
				(value, share) => {
					const interval = value * share;
					const shown = showWithInterval(value, interval, false);
					const back = Number(shown.value.replace(/,/g, ''));
					// What is lost by showing is under the interval itself, and the ± is right to a tenth or so of itself.
					return (
						Math.abs(back - value) <= interval * 0.55 &&
						Math.abs(Number(shown.interval.replace(/,/g, '')) / interval - 1) <= 0.35
					);
				}
			)
		);
	});

	it('keeps the digits asked for', () => {
		expect(showFigure(20, 4, false)).toBe('20');
		expect(showFigure(0.0172176, 4, false)).toBe('0.01722');
		expect(showFigure(226.93, 4, false)).toBe('226.9');
		expect(showFigure(0, 3, false)).toBe('0');
	});
});
