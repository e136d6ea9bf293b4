import { describe, expect, it } from 'vitest';
import type { Finding, Issue, IssueCode } from '../../src/core';
import { si } from '../../src/core';
import { sprayerChecks } from '../../src/core';
import { findingKey } from '../../src/lib/wording/finding-key';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { wordFinding } from '../../src/lib/wording/findings';
import { wordIssue } from '../../src/lib/wording/issues';
import { sprayerCheckWords } from '../../src/lib/wording/sprayer-checks';
import { inSpanish } from '../support/in-spanish';

const issueCodes: Record<IssueCode, true> = {
	empty: true,
	unreadable: true,
	comma: true,
	'no-unit': true,
	'unknown-unit': true,
	'wrong-kind': true,
	'ambiguous-oz': true,
	'no-state': true,
	'per-what': true,
	'three-of-four': true,
	'mixes-otherwise': true,
	negative: true,
	zero: true,
	'too-small': true,
	'too-large': true,
	'too-long': true,
	missing: true,
	'not-whole': true,
	stacked: true,
	'count-mismatch': true,
	'nothing-caught': true,
	'no-runs': true,
	'nothing-used': true,
	'no-even-swath': true,
	'sections-mismatch': true,
	'all-sections-off': true,
	'upside-down': true,
	angle: true,
	share: true,
	'shares-sum': true,
	'no-person': true,
	'no-position': true,
	'products-fill-tank': true,
	'too-many-loads': true,
	'same-pressure': true,
	'no-orifice': true,
	gravity: true,
	twice: true,
	'not-stored': true,
	closed: true,
	'not-one-record': true,
	'ring-short': true,
	'ring-open': true,
	'ring-crosses': true,
	'not-degrees': true,
	'nothing-left': true,
	'dead-over-tank': true,
	'row-over-tank': true,
	'pack-over-tank': true,
	'no-packet': true,
	'no-rows': true,
	'no-block-rows': true,
	'no-density': true,
	'no-content': true,
	'which-active': true,
	'weight-percent': true,
	'interval-no-end': true,
	'parked-ground-drive': true,
	'level-over-load': true,
	'other-side': true,
	'dose-area': true,
	'dilute-or-mix': true,
	'no-dilute': true,
	'not-concentrate': true
};

const findings: readonly Finding[] = [
	{ code: 'nozzle-low', nozzle: 9, share: -0.15, neighbours: true },
	{ code: 'nozzle-low', nozzle: 3, share: -0.151, neighbours: false },
	{ code: 'nozzle-blocked', nozzle: 9, share: -0.95 },
	{ code: 'nozzle-high', nozzle: 9, share: 0.0812 },
	{ code: 'section-low', section: 1, nozzles: [5, 6, 7], share: -0.12 },
	{ code: 'two-sizes', small: [1, 2, 3], large: [4, 5, 6], share: 0.31 },
	{ code: 'third-out', out: 5, caught: 12 },
	{ code: 'set-over-rated', share: 0.12, group: '' },
	{ code: 'set-under-rated', share: -0.12, group: '1.5' },
	{ code: 'run-apart', run: 3, share: 0.08 },
	{ code: 'catch-apart', nozzle: 3, share: -0.07 },
	{ code: 'speed-unusual', speed: si(1), slow: true, rig: 'boom' },
	{ code: 'swath-passed-by', width: 7.5, cv: 0.143 },
	{ code: 'course-short', course: 20 },
	{ code: 'catch-too-short', good: 0.063, needed: 30, time: 10 },
	{ code: 'sample-of-one', nozzles: 12 },
	{ code: 'falling-from-feed', from: 'centre', share: 0.09 },
	{ code: 'falling-from-feed', from: 'left', share: 0.09 },
	{ code: 'sides-apart', share: 0.07 },
	{ code: 'used-apart', reading: 2, share: 0.08 },
	{ code: 'swath-none-even', limit: 0.15 },
	{ code: 'methods-apart', method: 'refill', share: -0.11, joint: 0.06 },
	{ code: 'height-outside', height: si(1.4), low: si(0.8), high: si(1.2) },
	{ code: 'pressure-outside', pressure: si(9e5), low: si(2e5), high: si(6e5) }
];

describe('words', () => {
	it('give back what was typed, say what is wrong, and end in a sentence', () => {
		for (const code of Object.keys(issueCodes) as IssueCode[]) {
			const issue: Issue = { code, path: 'speed.course', text: '3 L', wanted: 'length', bound: '5,000 m' };
			const words = wordIssue(issue);
			expect(words, code).toMatch(/[.?]$/);
			expect(words, code).not.toMatch(/undefined|\bNaN\b|!/);
		}
		expect(wordIssue({ code: 'wrong-kind', path: '', text: '3 L', wanted: 'length' })).toBe(
			'“3 L” is not a length. Write it like 60 m, 200 ft or 18 ft 6 in.'
		);
	});

	it('say of every finding what, how much and what to do', () => {
		for (const finding of findings) {
			const words = wordFinding(finding);
			expect(words.title + words.body).not.toMatch(/undefined|NaN|!/);
			expect(words.body).toMatch(/\.$/);
		}
		expect(wordFinding(findings[0]!).title).toBe('Nozzle 9 is 15 % low');
		expect(wordFinding(findings[0]!).body).toContain('soft brush');
		// In the farm's measures and with its sign, and in no other.
		const us = { ...defaultSettings, rateUnit: 'US gal/ac' as const };
		const comma = { ...defaultSettings, decimalComma: true };
		const short = { code: 'course-short', course: 27 } as const;
		expect(wordFinding(short, undefined, us)).toMatchObject({
			title: 'A course of 88.6 ft is short',
			body: expect.not.stringContaining(' m ') as unknown
		});
		expect(wordFinding(short, undefined, comma).title).toBe('A course of 27 m is short');
		const slow = { code: 'speed-unusual', speed: si<'speed'>(0.5), slow: true, rig: 'boom' } as const;
		expect(wordFinding(slow, undefined, us).title).toBe('1.1 mph is slow for a boom');
		expect(wordFinding(slow, undefined, comma).title).toBe('1,8 km/h is slow for a boom');
		const low = { code: 'nozzle-low', nozzle: 3, share: -0.073, neighbours: true } as const;
		expect(wordFinding(low, undefined, comma).title).toBe('Nozzle 3 is 7,3 % low');
		for (const settings of [us, comma])
			for (const finding of findings) {
				const { title, body } = wordFinding(finding, undefined, settings);
				const other = settings === us ? /\d (?:m|cm|km\/h|bar|L)\b/ : /\d (?:ft|in|mph|psi|gal)\b/;
				expect(`${title} ${body}`, finding.code).not.toMatch(other);
				// What a group is called stays as it was typed.
				const words = `${title} ${body}`.replace('The 1.5 nozzles', '');
				if (settings === comma) expect(words, finding.code).not.toMatch(/\d\.\d/);
			}
		expect(wordFinding(findings.find((f) => f.code === 'catch-too-short')!).title).toBe(
			'A 10 s catch is good to ±6.3 %'
		);
	});

	it('are whole in Spanish, with the same figures, and with none of the English left', () => {
		const english =
			/\b(the|is|are|of|and|to|than|with|not|nozzles?|catch|catches|course|look|write|read|their|this|that|it|its|under|over|for|or)\b/i;
		// What is typed in files and fields is the same in every language.
		const typed = /“[^”]*”|\d[\d.,]* ?(?:fl )?[a-z]+|(?:Write it|Escríbalo) (?:like|como) .*$/gi;
		const numbers = (text: string) => [...text.matchAll(/\d+(?:[.,]\d+)?/g)].map((found) => found[0]).sort();
		for (const code of Object.keys(issueCodes) as IssueCode[]) {
			const issue: Issue = { code, path: 'speed.course', text: '3 L', wanted: 'length', bound: '5,000 m' };
			const [here, there] = [wordIssue(issue), inSpanish(() => wordIssue(issue))];
			expect(there, code).not.toBe(here);
			expect(there, code).toMatch(/[.?]$/);
			expect(there.replace(typed, ''), code).not.toMatch(english);
		}
		for (const finding of findings) {
			const [here, there] = [wordFinding(finding), inSpanish(() => wordFinding(finding))];
			expect(`${there.title} ${there.body}`, finding.code).not.toMatch(english);
			expect(numbers(there.title), finding.code).toEqual(numbers(here.title));
			// A title stands on a card in two lines of a phone.
			expect(there.title.length, there.title).toBeLessThan(80);
		}
		for (const check of sprayerChecks)
			expect(inSpanish(() => sprayerCheckWords[check].title + sprayerCheckWords[check].why)).not.toMatch(english);
	});

	it('tell any two findings of a calibration apart', () => {
		expect(new Set(findings.map(findingKey)).size).toBe(findings.length);
	});

	it('give a reason for every check of the sprayer', () => {
		for (const check of sprayerChecks) expect(sprayerCheckWords[check].why.length).toBeGreaterThan(20);
	});
});
