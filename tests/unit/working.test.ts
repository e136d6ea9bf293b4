import { describe, expect, it } from 'vitest';
import type { Measures, School } from '../../src/core';
import { calibrateSheet, usualSkill, workingOf } from '../../src/core';
import { readSheetText } from '../../src/lib/files/sheet-text';
import golden from '../golden/golden.json';
import expectedLines from '../golden/working.json';

/**
 * The working of golden cases, in each way of reckoning and each farm's measures, line by line, so that no figure of a
 * paper changes unseen. The lines are the program's own: what they say is held to their own arithmetic below.
 */
const cases: readonly { readonly id: string; readonly sheet: unknown }[] = golden;
const working: Record<string, Record<string, readonly string[]>> = expectedLines;

describe('the working of a calibration', () => {
	it.each(Object.keys(working))('%s', (id) => {
		const read = readSheetText(JSON.stringify(cases.find((c) => c.id === id)!.sheet));
		if (!read.ok) throw new Error(read.problem);
		const result = calibrateSheet(read.sheet, usualSkill, 'average');
		if (!result.ok) throw new Error(result.issues[0]!.code);
		const lines = working[id]!;
		for (const [way, expected] of Object.entries(lines)) {
			const [school, measures] = way.split(', ') as [School, Measures];
			const same = /^as (.*)$/.exec(expected[0]!)?.[1];
			expect(
				workingOf(read.sheet, result.value, school, measures).map((l) => `${l.finds}: ${l.rule} | ${l.figures}`),
				way
			).toEqual(same ? lines[same] : expected);
		}
	});
});

/** A line of arithmetic by its numbers alone: sums, products and brackets. Null where it is more than that. */
function worth(text: string): number | null {
	const marks = text.replace(/(\d),(?=\d{3})/g, '$1').match(/\d+(?:\.\d+)?|[()×÷+−]/g) ?? [];
	let at = 0;
	const one = (): number => {
		if (marks[at] !== '(') return Number(marks[at++]);
		at += 1;
		const inside = sum();
		at += 1;
		return inside;
	};
	const product = (): number => {
		let value = one();
		while (marks[at] === '×' || marks[at] === '÷') value = marks[at++] === '×' ? value * one() : value / one();
		return value;
	};
	const sum = (): number => {
		let value = product();
		while (marks[at] === '+' || marks[at] === '−') value += marks[at++] === '+' ? product() : -product();
		return value;
	};
	const value = sum();
	return at === marks.length && Number.isFinite(value) ? value : null;
}

describe('a line of the working', () => {
	/** Ways of reckoning whose line is one of bare numbers: what stands left of its last sign is what stands right of it. */
	const bare = /gal\/ac = gal\/min × (?:5940|495)|mph = ft × 60/;
	const lines = [...new Set(Object.values(working).flatMap((ways) => Object.values(ways).flat()))].filter((line) =>
		bare.test(line)
	);
	it('is worked out right by hand', () => {
		expect(lines.length).toBeGreaterThan(20);
		for (const line of lines) {
			const [left, right] = line
				.split(' | ')[1]!
				.split(' = ')
				.map((side) => worth(side.replace(/(?<=\d) (?:US |Imp )?[a-z][a-z/ ]*/g, '')));
			expect(left! / right!, line).toBeCloseTo(1, 3);
		}
	});
});
