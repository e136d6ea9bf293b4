import { si } from '../quantity/quantity';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ErrorTerm, Measured } from './measured';
import { measured } from './measured';
import { budgetOf } from './budget-of';
import { relativeU } from './relative-u';
import { divide } from './divide';
import { multiply } from './multiply';
import { meanUncertainty } from './mean-uncertainty';
import { studentT95 } from './student-t95';

const of = (...errors: ErrorTerm[]): Measured => measured(si(10), errors);

describe('propagation', () => {
	it('adds independent relative variances in a product and in a quotient', () => {
		const a = of({ input: 'courseTime', relative: 0.03 });
		const b = of({ input: 'catchTime', relative: 0.04 });
		expect(relativeU(multiply(a, b))).toBeCloseTo(0.05, 12);
		expect(relativeU(divide(a, b))).toBeCloseTo(0.05, 12);
	});

	it('adds what one tape measured straight, and lets it cancel in a quotient of two of its lengths', () => {
		const course = of({ input: 'courseLength', relative: 0.003, source: 'tape' });
		const width = of({ input: 'width', relative: 0.003, source: 'tape' });
		expect(relativeU(multiply(course, width))).toBeCloseTo(0.006, 12);
		expect(relativeU(divide(course, width))).toBeCloseTo(0, 12);
		expect(budgetOf(multiply(course, width))).toEqual({ courseLength: 0.5, width: 0.5 });
	});

	it('has a budget that sums to 1 and names only what is there', () => {
		const term = fc.record({
			input: fc.constantFrom('courseTime', 'catchTime', 'width', 'catchVolume'),
			relative: fc.double({ min: 1e-6, max: 0.2, noNaN: true })
		});
		fc.assert(
			fc.property(fc.array(term, { minLength: 1, maxLength: 12 }), (errors) => {
				const budget = budgetOf(of(...(errors as ErrorTerm[])));
				const sum = Object.values(budget).reduce((s, share) => s + share, 0);
				return Math.abs(sum - 1) < 1e-9 && Object.keys(budget).every((k) => errors.some((e) => e.input === k));
			})
		);
	});
});

describe('repeats', () => {
	it('cannot claim more than one reading is good for', () => {
		expect(meanUncertainty([27, 27, 27], 0.5)).toBeCloseTo(0.5 / Math.sqrt(3), 12);
		expect(meanUncertainty([20, 30], 0.5)).toBeCloseTo(Math.sqrt(50) / Math.sqrt(2), 12);
	});

	it('uses Student’s t for few, and goes to the normal for many', () => {
		expect(studentT95(1)).toBeCloseTo(12.7062, 3);
		expect(studentT95(10)).toBeCloseTo(2.2281, 3);
		expect(studentT95(60)).toBeCloseTo(2.0003, 3);
		expect(studentT95(1e6)).toBeCloseTo(1.959964, 4);
		expect(() => studentT95(0)).toThrow();
	});
});
