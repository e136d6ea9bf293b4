import { describe, expect, it } from 'vitest';
import type { EntryBody } from '$core';
import { quantityOf } from '$core';
import { t, testSprayer, wholeCalibration } from '../../../../tests/support/entries';
import { calibrationState } from '../../../../tests/support/calibration-state';
import { FlowStepState } from './flow-step.svelte';

async function step(bodies: readonly EntryBody[] = wholeCalibration.slice(0, 7)) {
	const made = await calibrationState(bodies);
	return { ...made, step: new FlowStepState(made.state) };
}
/** Lets what is being kept behind arrive. */
const settled = async () => {
	for (let i = 0; i < 20; i += 1) await Promise.resolve();
};

describe('typing catches along the boom', () => {
	it('goes to the next jug at once, and keeps behind', async () => {
		const { step: s, state } = await step();
		s.drafts[1] = '602';
		expect(s.enter(1)).toBe(2);
		s.drafts[2] = '1 pt 3 oz';
		expect(s.enter(2)).toBe(3);
		await settled();
		expect(state.countedTakes(1).map((x) => x.amount.typed.text)).toEqual(['602']);
		expect(s.drafts).toEqual({});
		expect(s.board.jugs[0]?.figure).toBe('602');
	});

	it('shows the jug rise while the figure is typed, and judges it against the others', async () => {
		const { step: s } = await step(wholeCalibration.slice(0, 10));
		s.pick(4);
		for (const key of '510') s.key(key);
		expect(s.jug?.amount).toBeCloseTo(510, 9);
		expect(s.jug?.verdict).toBe('low');
		expect(s.text).toBe('510');
	});

	it('keeps what cannot be read in the jug, with what is wrong', async () => {
		const { step: s } = await step();
		s.drafts[1] = '3 m';
		expect(s.enter(1)).toBeNull();
		expect(s.problem).toContain('“3 m”');
		expect(s.drafts[1]).toBe('3 m');
	});

	it('takes what a flow meter reads as somebody on this farm would type it', async () => {
		for (const [decimalComma, text] of [
			[false, '1.234'],
			[true, '1,234']
		] as const) {
			const { state } = await calibrationState(wholeCalibration.slice(0, 7), { decimalComma });
			const s = new FlowStepState(state);
			expect(s.takeMeter(1, 1.2344)).toBe(2);
			await settled();
			const { amount } = state.countedTakes(1)[0]!;
			expect(amount.typed).toMatchObject({ text, unit: 'L/min' });
			expect(quantityOf(amount)).toBeCloseTo(1.234 / 60_000, 12);
		}
	});

	it('asks why when a nozzle that has a catch is typed again', async () => {
		const { step: s, state } = await step(wholeCalibration);
		s.drafts[3] = '590';
		expect(s.enter(3)).toBeNull();
		expect(s.asked).toEqual({ nozzle: 3, text: '590', before: '605 ml' });
		s.choose('sure');
		await settled();
		expect(state.countedTakes(3).map((x) => x.amount.typed.text)).toEqual(['605', '590']);
		expect(s.board.jugs[2]).toMatchObject({ takes: 2 });
	});

	it('leaves it as it was when nobody answers', async () => {
		const { step: s, state } = await step(wholeCalibration);
		s.drafts[3] = '590';
		s.enter(3);
		s.cancel();
		expect([s.asked, s.drafts[3]]).toEqual([null, undefined]);
		expect(state.countedTakes(3)).toHaveLength(1);
	});

	it('types the same figure again without a question', async () => {
		const { step: s } = await step(wholeCalibration);
		s.drafts[3] = '605';
		s.enter(3);
		expect(s.asked).toBeNull();
	});

	it('passes a nozzle over, and comes back to what is open', async () => {
		const { step: s } = await step();
		expect(s.passOver(1)).toBe(2);
		await settled();
		expect(s.board.jugs[0]).toMatchObject({ passedOver: true, verdict: 'not caught' });
		s.pick(6);
		s.drafts[6] = '600';
		expect(s.enter(6)).toBe(2);
	});

	it('moves along the boom and round its ends', async () => {
		const { step: s } = await step();
		expect(s.move(1, -1)).toBe(6);
		expect(s.move(6, 1)).toBe(1);
	});

	it('takes keys of the pad: one point, no endless figure, erase', async () => {
		const { step: s } = await step();
		for (const key of ['1', '9', '.', '2', '.', '5']) s.key(key);
		expect(s.text).toBe('19.25');
		s.erase();
		expect(s.text).toBe('19.2');
		for (let i = 0; i < 20; i += 1) s.key('7');
		expect(s.text.length).toBeLessThanOrEqual(9);
		for (let i = 0; i < 20; i += 1) s.erase();
		expect(s.text).toBe('');
	});

	it('remembers the jug’s unit, and reads a scale', async () => {
		const { step: s, state } = await step();
		expect(s.unit).toBe('ml');
		s.pickUnit('US fl oz');
		expect(s.unit).toBe('US fl oz');
		s.drafts[1] = '20';
		s.enter(1);
		s.pickUnit('g');
		s.drafts[2] = '590';
		s.enter(2);
		await settled();
		// The last used first.
		expect(s.units.slice(0, 2)).toEqual(['g', 'US fl oz']);
		expect(state.flow?.nozzles[0]?.catches[0]).toBeCloseTo(20 * 2.95735e-5, 8);
		expect(state.flow?.nozzles[1]?.catches[0]).toBeCloseTo(0.59 / 998.2, 8);
	});

	it('never takes a bare number for another unit because one jug was typed with one', async () => {
		const { step: s, state } = await step();
		s.pickUnit('US fl oz');
		s.drafts[1] = '562 ml';
		s.enter(1);
		s.drafts[2] = '19.3';
		s.enter(2);
		await settled();
		expect(state.flow?.nozzles[0]?.catches[0]).toBeCloseTo(562e-6, 9);
		expect(state.flow?.nozzles[1]?.catches[0]).toBeCloseTo(19.3 * 2.95735e-5, 8);
	});

	it('shows a long boom in views of a dozen', async () => {
		const sprayer = { ...testSprayer, nozzles: 30, sections: [10, 10, 10] };
		const made = await calibrationState([{ kind: 'course', length: t('60', 'm') }], {}, sprayer);
		const s = new FlowStepState(made.state);
		expect(s.views.map((v) => v.length)).toEqual([10, 10, 10]);
		s.pick(11);
		expect(s.view[0]).toBe(11);
	});
});
