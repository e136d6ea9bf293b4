import { describe, expect, it } from 'vitest';
import type { WorkingNow } from '$core';
import { of } from '$core';
import { defaultSettings } from '$lib/settings/farm-settings';
import { unitChoices } from '$lib/settings/unit-lists';
import { BlockState } from './block.svelte';
import { FourState } from './four.svelte';
import { TryState } from './try.svelte';

const us = { ...defaultSettings, rateUnit: 'US gal/ac' as const };
const set = (four: FourState, texts: Partial<Record<'rate' | 'speed' | 'width' | 'flow', string>>) => {
	for (const [thing, text] of Object.entries(texts)) four.boxes[thing as 'rate'].text = text;
};

describe('three of four', () => {
	it('gives the speed for a wanted volume from four fields, before anything was measured', () => {
		const four = new FourState(us);
		four.find = 'speed';
		set(four, { rate: '20', width: '40', flow: '0.35' });
		four.nozzles = '24';
		// 495 × gal/min ÷ (gal/ac × ft): 495 × 8.4 ÷ 800.
		expect(four.answer).toMatchObject({ figure: '5.20', unit: 'mph' });
		expect(four.answer!.more).toBe('200 ft in 26.2 s');
	});
	it('gives the flow of one nozzle to buy for', () => {
		const four = new FourState(us);
		four.find = 'flow';
		set(four, { rate: '20', speed: '5', width: '40' });
		four.nozzles = '24';
		expect(four.answer).toMatchObject({ figure: '0.337', unit: 'gal/min', more: '8.08 gal/min for all 24 nozzles' });
	});
	it('reads a unit that was typed or picked, and says what does not read', () => {
		const four = new FourState(us);
		set(four, { speed: '8 km/h', width: '12 m', flow: '1.2' });
		four.boxes.flow.unit = 'L/min';
		four.boxes.rate.unit = 'L/ha';
		four.nozzles = '24';
		expect(four.answer).toMatchObject({ figure: '180', unit: 'L/ha' });
		four.boxes.speed.text = 'fast';
		expect(four.answer).toBeNull();
		expect(four.problem('speed')).toContain('fast');
		four.nozzles = 'many';
		expect(four.countProblem).toMatch(/24/);
	});
	it('fills in what was measured, and a change of it is typed', () => {
		const four = new FourState(us);
		const known = { rate: 2e-5, speed: 2, width: 12, flow: 4.8e-4, nozzles: 24, day: '2026-03-01' };
		four.use(known);
		expect(four.boxes.speed).toMatchObject({ text: '4.474', from: 'measured' });
		// Worked with unrounded, and the same amount in any unit that is picked.
		expect(four.four!.rate / 2e-5).toBeCloseTo(1, 12);
		four.boxes.speed.unit = 'km/h';
		four.typed('speed');
		expect(four.boxes.speed).toMatchObject({ text: '7.200', from: 'measured' });
		expect(four.four!.speed).toBe(2);
		four.boxes.speed.text = '3.6';
		four.typed('speed');
		expect(four.boxes.speed.from).toBe('typed');
		expect(four.four!.speed).toBeCloseTo(1, 12);
		expect(four.four!.rate / 2e-5).toBeCloseTo(2, 12);
	});
	it('offers the units of the farm first, and those of the other system after', () => {
		expect(unitChoices('catch', us).map((u) => u.label)).toEqual([
			'fl oz',
			'pt',
			'qt',
			'gal',
			'oz weighed',
			'lb',
			'ml',
			'L',
			'g',
			'kg'
		]);
		expect(unitChoices('speed', { ...us, rateUnit: 'L/ha' })[0]!.value).toBe('km/h');
	});
});

const now: WorkingNow = {
	rate: of('volumePerArea', 20, 'US gal/ac'),
	relativeU95: 0.03,
	speed: of('speed', 5, 'mph'),
	pressure: of('pressure', 30, 'psi'),
	spacing: of('length', 20, 'in'),
	rpm: 1800,
	nozzleFlow: of('flow', 0.337, 'US gal/min'),
	nozzles: 24
};

describe('what if', () => {
	const trial = (over: Partial<WorkingNow> = {}) => new TryState(() => ({ ...now, ...over }), us);
	it('says nothing before something is tried', () => {
		const t = trial();
		expect(t.any).toBe(false);
		expect(t.missing).toEqual([]);
	});
	it('goes by the square root of pressure, over speed and spacing', () => {
		const t = trial();
		t.boxes.pressure.text = '43.2';
		t.boxes.speed.text = '6';
		expect(t.result.ok && t.result.value.factor).toBeCloseTo(1.2 / 1.2, 9);
		t.boxes.spacing.text = '30';
		expect(t.result.ok && t.result.value.factor).toBeCloseTo(20 / 30, 9);
	});
	it('tells apart a pressure that is held and one that goes with the pump', () => {
		const t = trial();
		t.rpm = '2000';
		expect(t.result.ok && t.result.value.factor).toBeCloseTo(0.9, 9);
		t.pump = 'goes-along';
		expect(t.result.ok && t.result.value.factor).toBeCloseTo(1, 9);
		t.rpm = '';
		t.nozzles = '20';
		expect(t.result.ok && t.result.value.factor).toBeCloseTo(1.2, 9);
		t.pump = 'held';
		expect(t.result.ok && t.result.value.factor).toBeCloseTo(1, 9);
	});
	it('names what was not measured, and makes nothing up', () => {
		const t = trial({ pressure: null });
		t.boxes.pressure.text = '40';
		expect(t.result.ok).toBe(false);
		expect(t.missing.map((i) => i.path)).toEqual(['flow.pressure']);
	});
	it('is less sure of a nozzle that nobody has caught', () => {
		const t = trial();
		t.points = [{ pressure: of('pressure', 40, 'psi'), flow: of('flow', 0.4, 'US gal/min') }];
		expect(t.result.ok && t.result.value.sure).toBeCloseTo(Math.hypot(0.03, 0.05), 9);
		expect(t.result.ok && t.result.value.factor).toBeCloseTo((0.4 * Math.sqrt(30 / 40)) / 0.337, 6);
		t.rpm = '1.5';
		expect(t.problem('rpm')).toMatch(/whole number/);
	});
});

describe('sections that would be off', () => {
	it('leave the nozzles that spray, and one section always does', () => {
		const state = new TryState(() => ({}) as WorkingNow, us);
		const sections = [4, 4, 4];
		state.toggleSection(0, sections);
		expect([state.off, state.nozzles]).toEqual([[0], '8']);
		state.toggleSection(2, sections);
		state.toggleSection(1, sections);
		expect([state.off, state.nozzles]).toEqual([[0, 2], '4']);
		state.toggleSection(0, sections);
		state.toggleSection(2, sections);
		expect([state.off, state.nozzles]).toEqual([[], '']);
		state.toggleSection(1, sections);
		state.typedNozzles('7');
		expect([state.off, state.nozzles]).toEqual([[], '7']);
	});
});

describe('blocks that nobody has measured', () => {
	it('half of a block took 5 gal: gallons a block, loads in blocks, and acres once they are known', () => {
		const blocks = new BlockState(us);
		expect([blocks.perBlock, blocks.lines]).toEqual(['', []]);
		blocks.used = '5';
		expect(blocks.perBlock).toBe('10 gal');
		blocks.tank = '25';
		blocks.wanted = '6';
		expect(blocks.lines).toEqual([
			{ name: 'One tank does', text: '2.50 blocks' },
			{ name: 'Mix for 6 blocks', text: '60 gal' },
			{ name: 'Loads', text: '2 full tanks and one of 10 gal' }
		]);
		blocks.area = '0.5';
		expect(blocks.lines.at(-1)).toEqual({ name: 'Spray volume', text: '20 US gal/ac' });
	});
	it('takes any unit, and says what it cannot read', () => {
		const blocks = new BlockState(us);
		blocks.used = '20 qt';
		expect(blocks.perBlock).toBe('10 gal');
		blocks.sprayed = 'some';
		expect(blocks.problem('sprayed')).toContain('“some” is not a number of blocks');
		expect(blocks.figures).toBeNull();
		blocks.sprayed = '2';
		blocks.used = '0';
		expect(blocks.problem('used')).toContain('Nothing was used');
		blocks.tank = '3 m';
		expect(blocks.problem('tank')).toContain('not a volume');
	});
	it('begins with the tank of the sprayer, as it was typed', () => {
		const blocks = new BlockState(us);
		blocks.use({ text: '300', unit: 'L', gallon: 'US' });
		expect(blocks.tank).toBe('300 L');
	});
});
