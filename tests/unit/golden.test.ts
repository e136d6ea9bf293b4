import { describe, expect, it } from 'vitest';
import { calc, isCalcError } from '../../src/lib/files/calc';
import golden from '../golden/golden.json';

interface GoldenCase {
	readonly id: string;
	readonly about: string;
	readonly sheet: Record<string, unknown>;
	readonly expect: Record<string, number | string | null>;
	readonly tolerance: number;
}
const cases = golden as unknown as GoldenCase[];

/** A value by its dotted path; units are keys, so a key may hold a slash or a space but no dot. */
function at(answer: unknown, path: string): unknown {
	return path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)[key], answer);
}

describe('golden cases', () => {
	it('are all here', () => {
		expect(cases).toHaveLength(40);
	});

	for (const one of cases)
		it(`${one.id}: ${one.about}`, () => {
			const answer = calc(one.sheet);
			expect(isCalcError(answer), JSON.stringify(answer)).toBe(false);
			for (const [path, wanted] of Object.entries(one.expect)) {
				const got = at(answer, path);
				if (typeof wanted !== 'number') expect(got, path).toBe(wanted);
				else expect(Math.abs((got as number) - wanted), path).toBeLessThanOrEqual(one.tolerance * Math.abs(wanted));
			}
		});
});
