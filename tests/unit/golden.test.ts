import { describe, expect, it } from 'vitest';
import { calc, isCalcError } from '../../src/lib/formats/calc';
import golden from '../golden/golden.json';

interface GoldenCase {
	readonly id: string;
	readonly about: string;
	readonly sheet: Record<string, unknown>;
	readonly expect: Record<string, number | string | null>;
	readonly tolerance: number;
}
const cases = golden as unknown as GoldenCase[];

/** The kinds that this version computes. */
const supported = [
	'boom-metric',
	'boom-us-one-low',
	'boom-sample',
	'course-128th',
	'course-50m',
	'course-other-catch-time',
	'plan-full-then-part',
	'plan-equal',
	'plan-us-dry',
	'plan-no-early-rounding'
];

/** A value by its dotted path; units are keys, so a key may hold a slash or a space but no dot. */
function at(answer: unknown, path: string): unknown {
	return path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)[key], answer);
}

describe('golden cases', () => {
	it('has every case that this version computes', () => {
		expect(supported.filter((id) => !cases.some((c) => c.id === id))).toEqual([]);
	});

	for (const one of cases.filter((c) => supported.includes(c.id)))
		it(`${one.id}: ${one.about}`, () => {
			const answer = calc(one.sheet);
			expect(isCalcError(answer), JSON.stringify(answer)).toBe(false);
			for (const [path, wanted] of Object.entries(one.expect)) {
				const got = at(answer, path);
				if (typeof wanted !== 'number') expect(got, path).toBe(wanted);
				else expect(Math.abs((got as number) - wanted), path).toBeLessThanOrEqual(one.tolerance * Math.abs(wanted));
			}
		});

	for (const one of cases.filter((c) => !supported.includes(c.id)))
		it(`${one.id} comes later: a clear error, no guess`, () => {
			const answer = calc(one.sheet);
			expect(isCalcError(answer)).toBe(true);
			if (isCalcError(answer)) {
				expect(answer.error.message.length).toBeGreaterThan(10);
				expect(typeof answer.error.path).toBe('string');
			}
		});
});
