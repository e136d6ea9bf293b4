import { describe, expect, it } from 'vitest';
import { defaultSettings } from '$lib/settings/farm-settings';
import type { TankSource } from './full-tank.svelte';
import { FullTankState } from './full-tank.svelte';
import { shownTank } from '$lib/show/shown-tank';
import { readJobStart } from '$lib/wire/job-start';
import { jobStartHref } from '$lib/wire/job-start-href';
import { demoProducts } from '../../../../demo/products';
import { longMeadow } from '../../../../demo/sprayers';

const us = { ...defaultSettings, rateUnit: 'US gal/ac' as const };
const galPerAcre = 3.785411784e-3 / 4046.8564224;
const source = (over: Partial<TankSource> = {}): TankSource => ({
	settings: us,
	calibrations: [
		{
			id: 'c1',
			calibrationId: 'c1',
			team: null,
			flow: null,
			settingId: 'o1',
			sprayerId: 's1',
			sprayer: 'Boom',
			setting: 'All on',
			rig: { ...longMeadow, tank: { text: '300 gal', unit: 'US gal', gallon: 'US' } },
			rate: 17.65 * galPerAcre,
			relativeU95: 0.4 / 17.7,
			speed: 2,
			width: 12,
			fieldWidth: 12,
			drops: null,
			signedDay: '2026-03-01',
			doubt: null
		}
	],
	products: demoProducts.map((label, i) => ({ id: `0000000${i}`, label })),
	mixes: [],
	...over
});
const must = (tank: FullTankState) => {
	if (!tank.read.ok) throw new Error(JSON.stringify(tank.read.issues));
	return tank.read.value;
};
const add = (tank: FullTankState, name: string, dose: string, unit: string) => {
	Object.assign(tank.writing!, { name, dose, unit });
	return tank.add();
};

describe('one full tank', () => {
	it('tells what it covers between the ends of its ±, without any area', () => {
		const tank = new FullTankState(source());
		expect(tank.read.ok).toBe(true);
		add(tank, 'Umber', '1', 'US qt/ac');
		add(tank, 'Chalk', '6.4', 'US fl oz/ac');
		const shown = shownTank(must(tank), tank.products, {
			relativeU95: tank.relativeU95,
			settings: us,
			tank: tank.mixTyped
		});
		expect(shown.area.text).toBe('17.0 ± 0.4 ac');
		expect(shown.range).toBe('16.6 to 17.4 ac');
		expect(shown.working).toBe('300 gal ÷ 17.65 US gal/ac');
		// 17 quarts of the first and 109 fluid ounces of the second, as by hand from 300 ÷ 17.65.
		expect(shown.products.map((p) => [p.dose, p.perMix])).toEqual([
			['1 qt/ac', '1.81 fl oz per gallon of mix'],
			['6.4 fl oz/ac', '0.363 fl oz per gallon of mix']
		]);
		expect(shown.products[1]!.amount.text).toBe('108.8 fl oz');
		expect(shown.products[0]!.onGround).toBe('0.977 to 1.02 US qt/ac on the ground');
	});

	it('halves all of it for half a tank, and takes an amount as it is typed', () => {
		const tank = new FullTankState(source());
		add(tank, 'Umber', '1', 'US qt/ac');
		const full = tank.read.ok ? tank.read.value.tank : null;
		tank.fill = 'half';
		const half = tank.read.ok ? tank.read.value.tank : null;
		expect(half!.products[0]!.amount).toBeCloseTo(full!.products[0]!.amount / 2, 12);
		tank.fill = 'typed';
		expect(tank.read.ok).toBe(false);
		expect(tank.problem('mix')).toBeUndefined();
		tank.amount = '75 gal';
		expect(tank.read.ok && tank.read.value.tank.area).toBeCloseTo(full!.area / 4, 6);
	});

	it('goes by a typed volume where nothing is calibrated, and then has no ±', () => {
		const tank = new FullTankState(source({ calibrations: [] }));
		expect(tank.read.ok).toBe(false);
		tank.volume = '20';
		tank.tank = '100';
		expect(tank.relativeU95).toBe(0);
		expect(tank.read.ok && tank.read.value.tank.area / 4046.8564224).toBeCloseTo(5, 9);
	});

	it('refuses a dose that does not read, and keeps what stood there', () => {
		const tank = new FullTankState(source());
		expect(add(tank, 'Umber', 'a lot', 'US qt/ac')).toBe(false);
		expect(tank.lines).toHaveLength(0);
		expect(tank.writing!.dose).toBe('a lot');
		expect(tank.lineProblem(tank.writing!)).toMatch(/a lot/);
	});

	it('takes a product of the farm by its name, with its label’s dose and its form', () => {
		const tank = new FullTankState(source());
		const dry = demoProducts.find((p) => p.state === 'dry')!;
		tank.writing!.name = dry.name.toUpperCase();
		tank.named(tank.writing!);
		expect(tank.writing!.dose).not.toBe('');
		expect(tank.add()).toBe(true);
		expect(tank.products[0]!.state).toBe('dry');
		expect(tank.mix('Winter')!.products[0]!.product).toBe(tank.productOf(dry.name)!.id);
	});

	it('keeps a mix as it was typed, and begins a job with the same doses', () => {
		const made = new FullTankState(source());
		add(made, 'Umber', '1', 'US qt/ac');
		add(made, 'Wetter', '0.25', '% v/v');
		const mix = made.mix('  Track edges ')!;
		expect(mix.name).toBe('Track edges');
		const again = new FullTankState(source({ mixes: [{ id: 'm', mix }] }), { mix: 'm' });
		expect(again.mix('Track edges')).toEqual(mix);
		// The ids of a job that is begun are real ones.
		const start = { ...again.job, calibration: '01890a5d-ac96-774b-bcce-b302099a8057' };
		const asked = readJobStart(new URL(jobStartHref(start), 'http://x').searchParams.get('start'));
		expect(asked?.products.map((p) => p.dose.text)).toEqual(['1', '0.25 % v/v']);
		expect(asked?.tank).toBe('300 gal');
		expect(readJobStart('{"products":')).toBeNull();
	});

	it('asks on bands what a dose per area is of', () => {
		const [c] = source().calibrations;
		const tank = new FullTankState(source({ calibrations: [{ ...c!, width: 4, fieldWidth: 12 }] }));
		add(tank, 'Umber', '1', 'US qt/ac');
		expect(tank.issues.map((i) => i.code)).toContain('dose-area');
		tank.write(tank.lines[0]);
		tank.writing!.per = 'treated';
		expect(tank.add()).toBe(true);
		expect(tank.read.ok).toBe(true);
	});

	it('stands for no other calibration in silence where the one that was asked for is none any more', () => {
		const tank = new FullTankState(source(), { calibration: '01890a5d-ac96-774b-bcce-b302099a8057' });
		expect([tank.lost, tank.calibrationId, tank.rate]).toEqual([true, '', null]);
		const known = new FullTankState(source(), { calibration: source().calibrations[0]!.id });
		expect([known.lost, known.calibrationId]).toEqual([false, source().calibrations[0]!.id]);
	});
});
