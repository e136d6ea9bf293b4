import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { carryOver, readSprayer } from '../../src/core';
import type { Entry } from '../../src/core';
import { emptyProductText, readProductText } from '../../src/lib/forms/product-text';
import { entrySchema } from '../../src/lib/wire/calibration-message';
import type { TankMixInput } from '../../src/lib/wire/tank-mix';
import { farmDatabase } from '../support/database';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../support/entries';
import { refused } from '../support/refused';
import { metric } from '../support/calibration-state';

let made: Awaited<ReturnType<typeof farmDatabase>>;
beforeAll(async () => {
	made = await farmDatabase();
});
afterAll(() => made.drop());

const mix = (name: string, dose = t('2', 'L/ha')): TankMixInput => ({
	name,
	products: [{ name: 'Sample Ochre', dose, state: 'liquid' }]
});

describe('tank mixes', () => {
	it('are kept by name: the same name is brought up to date, and comes back from the archive', async () => {
		const { tankMixes } = made.farm;
		const id = v7();
		expect(await tankMixes.put(id, mix('Headland'))).toBe(id);
		expect(await tankMixes.put(v7(), mix('headland', t('1.5', 'L/ha')))).toBe(id);
		expect((await tankMixes.all()).map((m) => [m.mix.name, m.mix.products[0]!.dose.text])).toEqual([
			['headland', '1.5']
		]);
		await tankMixes.archive(id);
		expect(await tankMixes.all()).toEqual([]);
		expect((await tankMixes.get(id)).mix.name).toBe('headland');
		await tankMixes.put(v7(), mix('Headland'));
		expect((await tankMixes.all()).map((m) => m.id)).toEqual([id]);
	});

	it('are refused where a dose does not read, and are none of another farm’s', async () => {
		const { tankMixes } = made.farm;
		expect(await refused(tankMixes.put(v7(), mix('Odd', t('a lot', 'L/ha'))))).toMatchObject({ status: 422 });
		expect(await refused(tankMixes.get(v7()))).toMatchObject({ status: 404 });
		expect(await refused(tankMixes.archive(v7()))).toMatchObject({ status: 404 });
	});

	it('read a dose of the active ingredient by the label of the farm’s product, and by no other', async () => {
		const read = readProductText(
			{
				...emptyProductText,
				name: 'Sample Gneiss',
				state: 'liquid',
				mixes: 'solution',
				dose: '2 L/ha',
				actives: 'gneissate = 480 g/L'
			},
			metric
		);
		if (!read.ok) throw new Error(JSON.stringify(read.issues));
		const product = v7();
		await made.farm.products.put(product, read.value);
		const active = { name: 'Sample Gneiss', dose: t('480 g a.i./ha', 'L/ha'), state: 'liquid' as const };
		await made.farm.tankMixes.put(v7(), { name: 'By content', products: [{ ...active, product }] });
		expect(
			await refused(made.farm.tankMixes.put(v7(), { name: 'Without', products: [{ ...active, product: v7() }] }))
		).toMatchObject({ status: 422 });
	});
});

describe('a calibration that carries readings', () => {
	it('is stored as it was sent, and computed with what it carries', async () => {
		const { farm } = made;
		const sprayerId = v7();
		await farm.sprayers.put(sprayerId, testSprayer);
		const head = (id: string) => ({ id, sprayerId, startedAt: '2026-03-20T08:00:00.000Z', rig: testSprayer });
		const numbers = readSprayer(testSprayer);
		if (!numbers.ok) throw new Error('the test rig does not read');
		const first = v7();
		const before = entriesOf([...wholeCalibration, signOff]);
		await farm.calibrationLogs.put({ round: head(first), entries: before });
		const second = v7();
		const carry: Entry = {
			kind: 'carry',
			from: first,
			day: '2026-03-20',
			changed: ['gear'],
			entries: carryOver(before, ['gear'], numbers.value),
			id: v7(),
			seq: 0,
			at: '2026-04-01T08:00:00.000Z'
		};
		expect(entrySchema.safeParse(JSON.parse(JSON.stringify(carry))).success).toBe(true);
		const runs = entriesOf(
			wholeCalibration.filter((e) => e.kind === 'run'),
			10
		);
		const again = [carry, ...runs, ...entriesOf([signOff], 40)].map((e, seq) => ({ ...e, id: v7(), seq }));
		await farm.calibrationLogs.put({ round: head(second), entries: again });
		const [one, two] = [await farm.calibrations.get(first), await farm.calibrations.get(second)];
		expect(two.rate_m3_per_m2 / one.rate_m3_per_m2).toBeCloseTo(1, 9);
		expect(two.relative_u95).toBeCloseTo(one.relative_u95, 9);
	});
});
