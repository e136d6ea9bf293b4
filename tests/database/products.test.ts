import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { TypedLabel } from '../../src/core';
import { emptyProductText, readProductText } from '../../src/lib/forms/product-text';
import { farmDatabase } from '../support/database';
import { refused } from '../support/refused';
import { metric } from '../support/calibration-state';

let made: Awaited<ReturnType<typeof farmDatabase>>;
beforeAll(async () => {
	made = await farmDatabase();
});
afterAll(() => made.drop());

const label = (name: string, dose = '2 L/ha'): TypedLabel => {
	const read = readProductText({ ...emptyProductText, name, state: 'liquid', mixes: 'solution', dose }, metric);
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.value;
};
describe('products', () => {
	it('are kept, changed, put away and taken out again', async () => {
		const { products } = made.farm;
		const [ochre, chalk] = [v7(), v7()];
		await products.put(ochre, label('Sample Ochre'));
		await products.put(chalk, label('Sample Chalk'));
		await products.put(ochre, label('Sample Ochre', '1 L/ha'));
		await products.archive(chalk, true);
		expect((await products.all()).map((p) => [p.label.name, p.label.dose.low.text, p.away])).toEqual([
			['Sample Ochre', '1 L/ha', false],
			['Sample Chalk', '2 L/ha', true]
		]);
		await products.archive(chalk, false);
		expect((await products.get(chalk)).away).toBe(false);
	});

	it('have a name each, however it is written', async () => {
		const { products } = made.farm;
		expect(await refused(products.put(v7(), label('sample ochre')))).toMatchObject({ status: 409, path: 'name' });
		await products.takeIn([label('SAMPLE OCHRE', '3 L/ha'), label('Sample Umber')]);
		const names = (await products.all()).map((p) => p.label.name);
		expect(names).toEqual(['Sample Chalk', 'SAMPLE OCHRE', 'Sample Umber']);
	});

	it('are refused where they do not read, and are none of another farm’s', async () => {
		const { products } = made.farm;
		const wrong = { ...label('Sample Odd'), dose: { ...label('x').dose, high: label('x', '1 L/ha').dose.low } };
		expect(await refused(products.put(v7(), wrong))).toMatchObject({ status: 422, path: 'dose' });
		expect(await refused(products.takeIn([label('Sample New'), wrong]))).toMatchObject({ status: 422 });
		expect((await products.all()).some((p) => p.label.name === 'Sample New')).toBe(false);
		expect(await refused(products.get(v7()))).toMatchObject({ status: 404 });
		expect(await refused(products.archive(v7(), true))).toMatchObject({ status: 404 });
	});
});
