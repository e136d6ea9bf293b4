import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoBlocks } from '../../demo/ground';
import type { TypedBlock } from '../../src/core';
import { farmDatabase } from '../support/database';
import { refused } from '../support/refused';
import { t } from '../support/entries';

let made: Awaited<ReturnType<typeof farmDatabase>>;
beforeAll(async () => {
	made = await farmDatabase();
});
afterAll(() => made.drop());

const block = (name: string, change: Partial<TypedBlock> = {}): TypedBlock => ({
	...demoBlocks[0]!,
	name,
	boundary: null,
	extent: { by: 'area', area: t('2', 'ha') },
	...change
});
describe('blocks', () => {
	it('are kept with the area that was worked out here, by every way of telling it', async () => {
		const { blocks } = made.farm;
		await blocks.takeIn(demoBlocks.map((b) => ({ id: v7(), block: b })));
		const kept = await blocks.all();
		expect(kept.map((b) => b.block)).toEqual([...demoBlocks].sort((a, b) => (a.name < b.name ? -1 : 1)));
		const area = Object.fromEntries(kept.map((b) => [b.block.name, Math.round(b.area)]));
		expect(area).toMatchObject({
			'Hazel rows': 36 * 148 * 5.5,
			'Cider pears': 620 * 24,
			'Nursery strip': 108,
			'Barn wall': 1350
		});
		// Corners 0 0, 430 18, 418 196, 212 232, −6 176 in metres: the plane's shoelace, to a share of a per cent.
		expect(area['Long meadow']! / 85_442).toBeCloseTo(1, 3);
	});

	it('are changed, put away and taken out again', async () => {
		const { blocks } = made.farm;
		const id = v7();
		await blocks.put(id, block('Test block'));
		await blocks.put(id, block('Test block', { extent: { by: 'sides', length: t('100', 'm'), width: t('50', 'm') } }));
		expect((await blocks.get(id)).area).toBe(5000);
		await blocks.archive(id, true);
		expect((await blocks.all()).at(-1)).toMatchObject({ id, away: true });
		await blocks.archive(id, false);
		expect((await blocks.get(id)).away).toBe(false);
	});

	it('are refused where they do not hold, all of them together', async () => {
		const { blocks } = made.farm;
		const count = (await blocks.all()).length;
		const crossing = block('Crossing', {
			boundary: [
				[
					[
						[0, 0],
						[2, 2],
						[2, 0],
						[0, 2],
						[0, 0]
					]
				]
			],
			extent: { by: 'boundary' }
		});
		const put = (b: TypedBlock) =>
			refused(
				blocks.takeIn([
					{ id: v7(), block: block('Fine') },
					{ id: v7(), block: b }
				])
			);
		expect(await put(crossing)).toMatchObject({ status: 422, code: 'ring-crosses' });
		expect(await put(block('None', { extent: { by: 'boundary' } }))).toMatchObject({ status: 422, code: 'missing' });
		expect(
			await put(block('No rows', { extent: { by: 'rows', rows: 0, length: t('9', 'm'), spacing: t('5', 'm') } }))
		).toMatchObject({ code: 'not-whole' });
		expect(await put(block('fine'))).toMatchObject({ status: 409, path: 'name' });
		expect(await blocks.all()).toHaveLength(count);
		expect(await refused(blocks.get(v7()))).toMatchObject({ status: 404 });
	});
});
