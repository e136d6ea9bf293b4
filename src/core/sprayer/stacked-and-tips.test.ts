import { describe, expect, it } from 'vitest';
import { entriesOf, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { applyChange } from '../adjust/apply-change';
import type { MadeChange } from '../adjust/change';
import { usualSkill } from '../measurement/defaults';
import { workingOf } from '../calibration/working';
import { calibrationResult } from '../calibration-log/calibration-result';
import { foldCalibration } from '../calibration-log/fold-calibration';
import { readSprayer } from './read-sprayer';
import type { TypedSprayer } from './sprayer';
import { withTip } from './with-tip';

const numbers = (sprayer: TypedSprayer) => {
	const read = readSprayer(sprayer);
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.value;
};
const codes = (sprayer: TypedSprayer) => {
	const read = readSprayer(sprayer);
	return read.ok ? [] : read.issues.map((i) => [i.code, i.path]);
};

describe('nozzles that are stacked', () => {
	it('serve a share of their place each: the swath is that of the places', () => {
		const single = calibrationResult(
			numbers(testSprayer),
			foldCalibration(entriesOf(wholeCalibration)),
			usualSkill,
			'average'
		);
		const stackedSprayer = { ...testSprayer, sections: [2, 4], stacked: 2 };
		const double = calibrationResult(
			numbers(stackedSprayer),
			foldCalibration(entriesOf(wholeCalibration)),
			usualSkill,
			'average'
		);
		if (!single.ok || !double.ok) throw new Error('no calibration');
		const swath = (c: typeof single.value) => c.answer.swath!.treated.value;
		expect(swath(double.value)).toBeCloseTo(swath(single.value) / 2, 12);
		expect(double.value.answer.rate.value).toBeCloseTo(single.value.answer.rate.value * 2, 12);
		const line = workingOf(double.value.sheet, double.value.answer, 'units', 'metric').find(
			(l) => l.finds === 'width'
		)!;
		expect(line.figures).toMatch(/÷ 2 × /);
	});

	it('make whole places in every section, and every section has its name', () => {
		expect(codes({ ...testSprayer, sections: [3, 3], stacked: 2 })).toEqual([['stacked', 'stacked']]);
		expect(codes({ ...testSprayer, sections: [3, 3], sectionNames: ['Hedge side'] })).toEqual([
			['count-mismatch', 'sectionNames']
		]);
		expect(codes({ ...testSprayer, sections: [2, 4], stacked: 2, sectionNames: ['Hedge side', 'Road side'] })).toEqual(
			[]
		);
	});
});

describe('nozzle bodies with several tips', () => {
	const rated = (litres: string) => ({ flow: t(litres, 'L/min'), at: t('3', 'bar') });
	const sprayer: TypedSprayer = {
		...testSprayer,
		nozzle: '110-03',
		rated: rated('1.18'),
		tips: [
			{ name: '110-03', rated: rated('1.18') },
			{ name: '110-04', rated: rated('1.58') }
		]
	};

	it('go by the tip that is turned down', () => {
		expect(numbers(withTip(sprayer, '110-04')).rated!.flow * 60000).toBeCloseTo(1.58, 9);
		expect(withTip(sprayer, undefined)).toBe(sprayer);
		expect(withTip(sprayer, 'some other')).toBe(sprayer);
	});

	it('follow a change that was made in Adjust, whether the body holds the new tip or not', () => {
		const change = (name: string) =>
			({ nozzle: { name, rated: rated('1.58'), points: [] }, after: 'c', day: '2026-03-14' }) as unknown as MadeChange;
		const after = applyChange(sprayer, { pressure: null, tip: '110-03' }, change('110-04'));
		expect([after.setting.tip, withTip(after.sprayer, after.setting.tip).nozzle]).toEqual(['110-04', '110-04']);
		const other = applyChange(sprayer, { pressure: null, tip: '110-03' }, change('80-06'));
		expect(withTip(other.sprayer, other.setting.tip).nozzle).toBe('80-06');
	});

	it('tell a rating that does not read by its place', () => {
		expect(
			codes({ ...sprayer, tips: [{ name: '110-03', rated: { flow: t('3 m', 'L/min'), at: t('3', 'bar') } }] })
		).toEqual([['wrong-kind', 'tips.0.flow']]);
	});
});
