import { describe, expect, it } from 'vitest';
import { quantityOf } from '$core';
import { wholeCalibration } from '../../../../tests/support/entries';
import { calibrationState } from '../../../../tests/support/calibration-state';
import { FlowStepState } from './flow-step.svelte';
import { TouchJugState } from './touch-jug.svelte';

async function jug(settings = {}, catches = 0) {
	const made = await calibrationState(wholeCalibration.slice(0, 7 + catches), settings);
	const step = new FlowStepState(made.state);
	const touch = new TouchJugState(step);
	touch.height = 480;
	return { ...made, step, touch };
}
const settled = async () => {
	for (let i = 0; i < 20; i += 1) await Promise.resolve();
};

describe('touching the jug where the water stands', () => {
	it('starts empty, and keeps nothing before the finger lifts', async () => {
		const { touch, step, state } = await jug();
		expect(touch.level).toBeNull();
		touch.press(touch.yOf(602));
		expect(touch.touching).toBe(true);
		expect(Number(step.text)).toBeCloseTo(602, 0);
		expect(state.countedTakes(1)).toHaveLength(0);
		touch.lift();
		await settled();
		expect(state.countedTakes(1)).toHaveLength(1);
		expect(step.at).toBe(2);
		expect(touch.level).toBeNull();
	});

	it('keeps nothing of a finger that slides off the side', async () => {
		const { touch, step, state } = await jug();
		touch.press(100);
		touch.slideOff();
		touch.lift();
		await settled();
		expect(state.countedTakes(1)).toHaveLength(0);
		expect(step.drafts).toEqual({});
		expect(step.at).toBe(1);
	});

	it('follows small moves after the first touch, finer than the finger', async () => {
		const { touch, step } = await jug();
		touch.press(200);
		const first = Number(step.text);
		touch.move(190);
		const perPx = (touch.window.high - touch.window.low) / touch.height;
		expect(Number(step.text) - first).toBeGreaterThan(0);
		expect(Number(step.text) - first).toBeLessThan(10 * perPx);
	});

	it('shows the part of the jug where an even catch lies, and stands still while it is touched', async () => {
		const { touch, step } = await jug({}, 3);
		const { low, high } = touch.window;
		expect(low).toBeGreaterThan(0);
		const even = step.kept.reference!;
		expect(even).toBeGreaterThan(low);
		expect(even).toBeLessThan(high);
		touch.press(470);
		expect(touch.window).toEqual({ low, high });
		touch.slideOff();
		touch.more(-1);
		expect(touch.window.low).toBeLessThan(low);
	});

	it('draws marks no coarser than those that its ± counts with', async () => {
		const usual = await jug();
		// Nobody stated the marks: 10 ml.
		expect(usual.touch.mark).toBe(10);
		const us = await jug({ rateUnit: 'US gal/ac' });
		us.step.pickUnit('US fl oz');
		expect(us.touch.mark).toBe(0.25);
		expect(us.touch.mark * 29.5735).toBeLessThanOrEqual(10);
	});

	it('writes a figure as the farm would type it, never one that reads as another', async () => {
		const { touch, step, state } = await jug({ decimalComma: true });
		step.pickUnit('L');
		touch.press(touch.yOf(0.612));
		expect(step.text).toMatch(/^0,6\d*$/);
		const text = step.text;
		touch.lift();
		await settled();
		expect(quantityOf(state.countedTakes(1)[0]!.amount)! * 1000).toBeCloseTo(Number(text.replace(',', '.')), 9);
	});

	it('takes the last touch back, and goes to its nozzle', async () => {
		const { touch, step, state } = await jug();
		touch.press(touch.yOf(600));
		touch.lift();
		await settled();
		touch.press(touch.yOf(300));
		touch.lift();
		await settled();
		expect(step.lastCatch?.nozzle).toBe(2);
		step.undo();
		await settled();
		expect(step.at).toBe(2);
		expect(state.countedTakes(2)).toHaveLength(0);
		expect(state.entered.nozzles.get(2)?.takes[0]).toMatchObject({ struck: true, counts: false });
		expect(step.lastCatch?.nozzle).toBe(1);
	});

	it('is typed where it is weighed or read by a tester', async () => {
		const { touch, step } = await jug();
		step.pickUnit('g');
		expect(touch.possible).toBe(false);
		touch.press(10);
		expect(step.drafts).toEqual({});
	});
});
