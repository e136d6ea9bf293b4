import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { farmHandle } from '../../src/lib/server/db/farm';
import { farmDatabase } from '../support/database';

type Made = Awaited<ReturnType<typeof farmDatabase>>;
let made: Made;
beforeAll(async () => (made = await farmDatabase()));
afterAll(() => made.drop());

describe('the farm’s clock', () => {
	const farm = async () => (await farmHandle(made.db, made.farm.id))!;

	it('is that of the first browser that opens the farm, and stays until somebody changes it', async () => {
		expect((await farm()).zoneTold).toBe(false);
		expect(await (await farm()).settleZone('America/New_York')).toBe('America/New_York');
		const told = await farm();
		expect([told.zoneTold, told.settings.timeZone]).toEqual([true, 'America/New_York']);
		// Another phone, on a journey: the farm's clock stays where the farm is.
		expect(await told.settleZone('Australia/Perth')).toBe('America/New_York');
		await told.saveFarm('Test farm', { ...told.settings, timeZone: 'America/Chicago' });
		expect(await (await farm()).settleZone('Australia/Perth')).toBe('America/Chicago');
	});

	it('leaves every other setting as it was', async () => {
		const before = await farm();
		await before.saveFarm('Test farm', { ...before.settings, gallon: 'Imperial' });
		await (await farm()).settleZone('Australia/Perth');
		expect((await farm()).settings.gallon).toBe('Imperial');
	});
});
