import { describe, expect, it } from 'vitest';
import { entriesOf, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { calibrationResult } from './calibration-result';
import type { EntryBody } from './entries';
import { foldCalibration } from './fold-calibration';
import { readSprayer } from '../sprayer/read-sprayer';

const sprayer = (() => {
	const read = readSprayer(testSprayer);
	if (!read.ok) throw new Error('the test rig does not read');
	return read.value;
})();
const made = (bodies: readonly EntryBody[]) => {
	const result = calibrationResult(sprayer, foldCalibration(entriesOf(bodies)));
	if (!result.ok) throw new Error(JSON.stringify(result.issues));
	return result.value;
};
const refill: readonly EntryBody[] = [
	{ kind: 'method', method: 'refill' },
	{ kind: 'plot', ground: { by: 'area', area: t('1000', 'm2') } },
	{ kind: 'used', reading: { added: t('20', 'L') } }
];
const speed = wholeCalibration.slice(1, 5);
const caught = (amounts: readonly string[]): EntryBody[] =>
	amounts.map((ml, i) => ({ kind: 'catch', nozzle: i + 1, amount: t(ml, 'ml'), why: 'first' }));
const quick = (amounts: readonly string[]): EntryBody[] =>
	amounts.map((ml, i) => ({
		kind: 'quick',
		entry: { kind: 'catch', nozzle: i + 1, amount: t(ml, 'ml'), why: 'first' }
	}));

describe('what is measured beside a refill', () => {
	it('is its speed, and moves nothing of the answer', () => {
		const alone = made(refill);
		const timed = made([...refill, ...speed]);
		expect(timed.beside.speed!.value).toBeCloseTo(60 / ((27.4 + 26.9 + 27.3) / 3), 9);
		expect(timed.answer.rate).toEqual(alone.answer.rate);
		expect([alone.beside.speed, timed.answer.speed]).toEqual([null, null]);
	});
	it('finds a run that is apart, and an odd nozzle among those that were caught', () => {
		const odd = made([
			...refill,
			...speed,
			{ kind: 'run', time: t('33'), by: 'typed' },
			...caught(['600', '602', '598', '480', '601', '603'])
		]);
		expect(odd.answer.findings.map((f) => f.code)).toEqual(expect.arrayContaining(['run-apart', 'nozzle-low']));
		expect(odd.beside.nozzles!.nozzles[3]!.verdict).toBe('low');
	});
	it('lets one nozzle that was caught stand for nobody', () => {
		const one = made([...refill, ...caught(['600'])]);
		expect(one.answer.findings.map((f) => f.code)).not.toContain('sample-of-one');
	});
});

describe('a quick evenness check', () => {
	const course = wholeCalibration.filter((b) => b.kind !== 'catch-time');
	it('is judged, and no volume rests on it', () => {
		const plain = made(course);
		const checked = made([...course, ...quick(['200', '201', '199', '200', '120', '200'])]);
		expect(checked.answer.rate).toEqual(plain.answer.rate);
		expect(plain.answer.findings).toEqual([]);
		expect(checked.answer.findings.map((f) => f.code)).toContain('nozzle-low');
		expect(checked.answer.findings.find((f) => f.code === 'nozzle-low')).toMatchObject({ nozzle: 5 });
	});
	it('finds nothing again that the catches of the course have found', () => {
		const low = course.map((b) => (b.kind === 'catch' && b.nozzle === 5 ? { ...b, amount: t('400', 'ml') } : b));
		const twice = made([...low, ...quick(['200', '201', '199', '200', '130', '200'])]);
		expect(twice.answer.findings.filter((f) => f.code === 'nozzle-low')).toHaveLength(1);
	});
	it('alone makes no calibration', () => {
		const only = foldCalibration(entriesOf([...speed, ...quick(['200', '200', '200', '200', '200', '200'])]));
		const result = calibrationResult(sprayer, only);
		expect(result.ok ? [] : result.issues.map((i) => i.code)).toContain('nothing-caught');
		expect(only.quick!.nozzles.size).toBe(6);
	});
});
