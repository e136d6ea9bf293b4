import { si } from '$core';
import { describe, expect, it } from 'vitest';
import { wholeCalibration } from '../../../tests/support/entries';
import { metric, calibrationState } from '../../../tests/support/calibration-state';
import { SignOffState } from '$lib/calibration/sign/sign-off.svelte';
import { Stopwatch } from '$lib/kit/stopwatch.svelte';
import { TankPlanState } from '$lib/job/plan/tank-plan.svelte';
import { TextField } from '$lib/kit/text-field.svelte';

describe('the stopwatch', () => {
	function watch() {
		const clock = { now: 1_000_000, steady: 500, kept: undefined as unknown };
		const made = new Stopwatch({
			now: () => clock.now,
			steady: () => clock.steady,
			keep: async (w) => void (clock.kept = w)
		});
		return { clock, watch: made };
	}

	it('measures by the steady clock, even when the wall clock jumps', () => {
		const { clock, watch: w } = watch();
		w.start();
		clock.steady += 27_412;
		clock.now -= 3_600_000;
		w.tick();
		expect(w.elapsed).toBe(27.41);
		expect(w.stop()).toBe(27.41);
		expect(w.running).toBe(false);
		expect(clock.kept).toBeNull();
	});

	it('goes on after a reload, by the wall clock, and says so', () => {
		const { clock, watch: w } = watch();
		w.start();
		expect(clock.kept).toEqual({ startedAt: 1_000_000 });
		const after = watch();
		after.clock.now = 1_012_000;
		after.watch.resume({ startedAt: 1_000_000 });
		expect([after.watch.running, after.watch.elapsed, after.watch.carriedOver]).toEqual([true, 12, true]);
		after.clock.steady += 3000;
		expect(after.watch.stop()).toBe(15);
	});

	it('is started once by two presses that come together', () => {
		const { clock, watch: w } = watch();
		w.start();
		clock.steady += 1000;
		w.start();
		expect(w.stop()).toBe(1);
	});
});

describe('a typed field', () => {
	it('keeps a refused text with what is wrong, and lets a good one go', async () => {
		let kept = '60';
		const field = new TextField(
			() => kept,
			async (text) => {
				if (text === 'bad') return [{ code: 'unreadable', path: '', text, wanted: 'length' }];
				kept = text;
				return [];
			}
		);
		field.text = 'bad';
		expect(await field.commit()).toBe(false);
		expect([field.text, field.problem]).toEqual(['bad', expect.stringContaining('“bad”')]);
		field.text = '80 m';
		expect(await field.commit()).toBe(true);
		expect([field.text, field.problem, kept]).toEqual(['80 m', null, '80 m']);
	});

	it('hands nothing on that is empty or unchanged', async () => {
		let calls = 0;
		const field = new TextField(
			() => '60',
			async () => ((calls += 1), [])
		);
		for (const text of ['60', '', '  ']) {
			field.text = text;
			await field.commit();
			expect(field.text).toBe('60');
		}
		expect(calls).toBe(0);
	});
});

describe('signing off', () => {
	it('asks for what is missing and keeps what was typed', async () => {
		const { state } = await calibrationState(wholeCalibration);
		const form = new SignOffState(state, '2026-03-14');
		form.gear = 'B2';
		form.rpm = 'fast';
		expect(await form.sign()).toBe(false);
		expect(Object.keys(form.problems).sort()).toEqual(['person', 'rpm']);
		expect([form.gear, form.rpm]).toEqual(['B2', 'fast']);
		form.person = 'A. Sample';
		form.rpm = '1,540';
		form.pressure = '3 L';
		expect(await form.sign()).toBe(false);
		expect(form.problems.pressure).toContain('“3 L”');
		form.pressure = '3 bar';
		expect(await form.sign()).toBe(true);
		expect(state.entered.signOff).toMatchObject({ person: 'A. Sample', gear: 'B2', rpm: 1540 });
	});

	it('is blocked by a calibration that does not compute, not by findings', async () => {
		const empty = new SignOffState((await calibrationState()).state, '2026-03-14');
		expect(empty.blocked).toContain('Still missing');
		const odd = await calibrationState([
			...wholeCalibration,
			{ kind: 'catch', nozzle: 3, amount: { text: '400', unit: 'ml', gallon: 'US' }, why: 'cleaned' }
		]);
		const form = new SignOffState(odd.state, '2026-03-14');
		expect(form.blocked).toBe('');
		expect(form.notes.join()).toContain('1 warning');
	});
});

describe('a tank plan', () => {
	const plan = () => new TankPlanState(si(18e-6), '600 L', metric);

	it('computes as soon as it can, from area or sides', () => {
		const p = plan();
		expect(p.plan).toBeNull();
		p.area = '6.3';
		expect(p.plan?.loads.map((l) => Math.round(l.mix * 1000))).toEqual([600, 534]);
		p.areaBy = 'sides';
		p.length = '420 m';
		p.width = '150';
		expect(p.plan?.area).toBeCloseTo(63000, 6);
		p.split = 'equal';
		expect(p.plan?.loads.map((l) => Math.round(l.mix * 1000))).toEqual([567, 567]);
	});

	it('leaves empty lines out, and names what has no name', () => {
		const p = plan();
		p.area = '6.3';
		p.addProduct();
		p.products[1]!.dose = '2';
		// Litres or kilograms: nobody has said.
		expect(p.plan).toBeNull();
		expect(p.issues.map((i) => i.code)).toEqual(['no-state']);
		p.products[1]!.state = 'liquid';
		expect(p.input.products).toMatchObject([{ name: 'Product 1', dose: { text: '2', unit: 'L/ha' } }]);
		expect(p.plan?.totals[0]?.amount).toBeCloseTo(12.6e-3, 12);
		p.removeProduct(p.products[1]!.key);
		expect(p.input.products).toEqual([]);
	});

	it('says what is wrong only once a field was left', () => {
		const p = plan();
		p.area = 'many';
		expect(p.problem('area')).toBeUndefined();
		p.leave('area');
		expect(p.problem('area')).toContain('“many”');
		expect(p.check()).toBe(false);
		p.area = '6.3 ha';
		for (const [dose, state, words] of [
			['14 oz/ac', '', 'fluid ounces or ounces of weight'],
			['0.1 %', '', 'liquid or dry'],
			['3 kg/ha', 'liquid', '3 kg/ha']
		] as const) {
			p.products[0]!.dose = dose;
			p.products[0]!.state = state;
			expect(p.check()).toBe(false);
			expect(p.doseProblem(p.products[0]!)).toContain(words);
		}
		p.products[0]!.state = 'dry';
		expect(p.check()).toBe(true);
		// A dose that tells it by itself needs no more.
		p.products[0]!.state = '';
		expect(p.check()).toBe(true);
	});
});
