import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { EntryBody, TypedAim, TypedChange, TypedNozzle } from '../../src/core';
import { inUnit, si } from '../../src/core';
import { nozzleTable } from '../../src/lib/settings/nozzle-table';
import { farmDatabase } from '../support/database';
import { refused } from '../support/refused';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../support/entries';
import { metric } from '../support/calibration-state';

let made: Awaited<ReturnType<typeof farmDatabase>>;
beforeAll(async () => {
	made = await farmDatabase();
});
afterAll(() => made.drop());

const nozzle = (name: string, flow = '1.2 L/min'): TypedNozzle => ({
	name,
	kind: 'flat-fan',
	size: '03',
	angle: 110,
	points: [{ pressure: t('3 bar', 'bar'), flow: t(flow, 'L/min') }],
	classes: []
});
describe('the nozzle catalogue', () => {
	it('keeps, changes and gives up nozzles, and what lies in the shed', async () => {
		const { nozzles } = made.farm;
		const id = v7();
		await nozzles.put(id, nozzle('Sample fan'), true);
		expect(await nozzles.get(id)).toEqual({ key: id, nozzle: nozzle('Sample fan') });
		await nozzles.put(id, nozzle('Sample fan', '1.3 L/min'), false);
		await nozzles.shed('iso-flat-fan-04', true);
		await nozzles.shed('iso-flat-fan-04', true);
		const kept = await nozzles.all();
		expect(kept).toMatchObject({ own: [{ key: id }], shed: ['iso-flat-fan-04'] });
		const table = nozzleTable(kept, metric);
		expect(table.find((n) => n.key === id)).toMatchObject({ shed: false });
		expect(table.filter((n) => n.shed).map((n) => n.key)).toEqual(['iso-flat-fan-04']);
		await nozzles.remove(id);
		await nozzles.shed('iso-flat-fan-04', false);
		expect(await nozzles.all()).toEqual({ own: [], shed: [] });
	});

	it('has one of a kind and a name: the newer sheet counts', async () => {
		const { nozzles } = made.farm;
		const [first, second] = [v7(), v7()];
		await nozzles.put(first, nozzle('Twice'), true);
		await nozzles.put(second, nozzle('Twice', '1.4 L/min'), true);
		expect(await nozzles.all()).toMatchObject({ own: [{ key: second }], shed: [second] });
		await nozzles.takeIn([{ nozzle: nozzle('Twice', '1.5 L/min'), shed: false }]);
		const { own } = await nozzles.all();
		expect(own).toMatchObject([{ key: second, nozzle: { points: [{ flow: { text: '1.5 L/min' } }] } }]);
		await nozzles.remove(second);
	});

	it('takes a thousand in at once, or none of them', async () => {
		const { nozzles } = made.farm;
		const many = Array.from({ length: 1200 }, (_, i) => ({ nozzle: nozzle(`Fan ${i}`), shed: i % 3 === 0 }));
		const broken = [...many, { nozzle: nozzle('Broken', 'much'), shed: false }];
		expect((await refused(nozzles.takeIn(broken)))?.status).toBe(422);
		expect((await nozzles.all()).own).toHaveLength(0);
		await nozzles.takeIn(many);
		const kept = await nozzles.all();
		expect([kept.own.length, kept.shed.length]).toEqual([1200, 400]);
	});

	it('refuses what does not read, and a shed mark on what is not there', async () => {
		const { nozzles } = made.farm;
		expect(await refused(nozzles.put(v7(), nozzle('Odd', 'much'), false))).toMatchObject({ status: 422 });
		expect(await refused(nozzles.shed(v7(), true))).toMatchObject({ status: 404 });
		expect(await refused(nozzles.shed('iso-flat-fan-99', true))).toMatchObject({ status: 404 });
	});
});

describe('predict, change, check', () => {
	const aim: TypedAim = { wanted: { by: 'volume', volume: t('150', 'L/ha') }, perArea: true, specificGravity: 1 };
	const gauge: EntryBody = { kind: 'gauge', pressure: t('3', 'bar') };

	async function calibration(sprayerId: string, bodies: readonly EntryBody[], at: number) {
		const [setting] = await made.farm.sprayerSettings.of(sprayerId);
		const { rig: sprayer } = await made.farm.sprayers.get(sprayerId);
		const id = v7({ msecs: at });
		const entries = entriesOf(bodies).map((e) => ({ ...e, id: v7({ msecs: at }) }));
		await made.farm.calibrationLogs.put({
			round: { id, sprayerId, startedAt: new Date(at).toISOString(), rig: sprayer, setting: setting! },
			entries
		});
		return id;
	}

	it('a change goes onto the setting with its prediction, and the next calibration lets it go', async () => {
		const { farm } = made;
		const sprayerId = v7();
		await farm.sprayers.put(sprayerId, testSprayer);
		const change: TypedChange = { pressure: t('2.1', 'bar') };
		const first = await calibration(
			sprayerId,
			[...wholeCalibration, gauge, { kind: 'aim', aim }, { kind: 'change', change }, signOff],
			Date.UTC(2026, 2, 14)
		);
		const [setting] = await farm.sprayerSettings.of(sprayerId);
		const before = await farm.calibrations.get(first);
		expect(setting).toMatchObject({ pressure: { text: '2.1' }, change: { after: first, pressure: { text: '2.1' } } });
		expect(setting!.change!.predicted).toBeCloseTo(before.rate_m3_per_m2 * Math.sqrt(2.1 / 3), 12);
		expect(before.doubt).toBeNull();
		const second = await calibration(
			sprayerId,
			[
				...wholeCalibration,
				{ kind: 'gauge', pressure: t('2.1', 'bar') },
				{ ...signOff, pressure: t('2.1', 'bar') } as EntryBody
			],
			Date.UTC(2026, 2, 15)
		);
		expect((await farm.calibrationLogs.get(second)).round.setting!.change!.after).toBe(first);
		expect((await farm.sprayerSettings.of(sprayerId))[0]!.change).toBeUndefined();
	});

	it('other nozzles become the sprayer’s, and put what was calibrated before in doubt', async () => {
		const { farm } = made;
		const sprayerId = v7();
		await farm.sprayers.put(sprayerId, testSprayer);
		const first = await calibration(sprayerId, [...wholeCalibration, gauge, signOff], Date.UTC(2026, 2, 14));
		const change: TypedChange = {
			nozzle: {
				name: 'Sample slow fan 02',
				rated: { flow: t('0.8', 'L/min'), at: t('3', 'bar') },
				points: [{ pressure: si(3e5), flow: si(0.8 / 6e4) }]
			}
		};
		const kept = await farm.calibrationLogs.changeAfter(first, '2026-03-16', aim, change);
		const rate = inUnit('volumePerArea', si((await farm.calibrations.get(first)).rate_m3_per_m2), 'L/ha');
		// Six jugs gave 1.2013 L/min each.
		expect(inUnit('volumePerArea', si(kept.predicted), 'L/ha') / rate).toBeCloseTo(0.8 / 1.2013, 3);
		expect((await farm.sprayers.get(sprayerId)).rig).toMatchObject({
			nozzle: 'Sample slow fan 02',
			rated: { flow: { text: '0.8' } }
		});
		expect((await farm.calibrations.get(first)).doubt).toBe('nozzles');
		expect(await farm.events.of(sprayerId)).toMatchObject([{ what: 'nozzles', day: '2026-03-16' }]);
	});

	it('refuses a change that rests on what was not measured, and writes nothing', async () => {
		const { farm } = made;
		const sprayerId = v7();
		await farm.sprayers.put(sprayerId, testSprayer);
		const { pressure: _none, ...unread } = signOff as Extract<EntryBody, { kind: 'sign-off' }>;
		const id = await calibration(
			sprayerId,
			[...wholeCalibration, { ...unread, pressure: t('3', 'bar') }],
			Date.UTC(2026, 2, 14)
		);
		const wrong = { pace: 0.9, speed: t('much', 'km/h') } as TypedChange;
		expect(await refused(farm.calibrationLogs.changeAfter(id, '2026-03-16', aim, wrong))).toMatchObject({
			status: 422
		});
		expect((await farm.sprayerSettings.of(sprayerId))[0]!.change).toBeUndefined();
		expect(await refused(farm.calibrationLogs.changeAfter(v7(), '2026-03-16', aim, { pace: 0.9 }))).toMatchObject({
			status: 404
		});
	});
});
