import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { messageOf, pastCalibrations } from '../../demo/farm';
import { demoBlocks } from '../../demo/ground';
import { demoAsked } from '../../demo/jobs';
import { demoProducts } from '../../demo/products';
import { nurseryKnapsack } from '../../demo/sprayers';
import type { TypedSprayer, RunEntry, RunEntryBody } from '../../src/core';
import type { FarmSettings } from '../../src/lib/settings/farm-settings';
import type { AskedJob } from '../../src/lib/wire/job';
import type { Setting } from '../../src/lib/wire/sprayer';
import { farmHandle } from '../../src/lib/server/db/farm';
import { recompute } from '../../src/lib/server/db/recompute';
import { openStates } from '../../src/lib/server/open-states';
import { farmDatabase } from '../support/database';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../support/entries';

let made: Awaited<ReturnType<typeof farmDatabase>>;
const [block, ochre, gneiss] = [v7(), v7(), v7()];
/** Twelve hours ahead of Greenwich: a name without a place. */
const zone = 'Etc/GMT-12';
beforeAll(async () => {
	made = await farmDatabase();
	const settings: FarmSettings = {
		...made.farm.settings,
		timeZone: zone,
		due: { seasonStart: null, days: null, hours: 3, area: null, abrasiveHours: 2 }
	};
	await made.farm.saveFarm('Test farm', settings);
	made = { ...made, farm: (await farmHandle(made.db, made.farm.id))! };
	const { farm } = made;
	await farm.blocks.put(
		block,
		demoBlocks.find((b) => b.name === 'Hazel rows')!
	);
	const label = demoProducts.find((p) => p.name === 'Sample Tuff')!;
	await farm.products.put(ochre, { ...label, entryHours: 24, harvestDays: 14 });
	await farm.products.put(gneiss, {
		...label,
		name: 'Sample Grit',
		abrasive: true,
		plantBack: [{ crop: 'Linseed', days: 200 }]
	});
});
afterAll(() => made.drop());

const calibrated = async (
	sprayer: TypedSprayer,
	known: { readonly sprayerId: string; readonly setting: Setting } | null = null
) => {
	const sprayerId = known?.sprayerId ?? v7();
	if (!known) await made.farm.sprayers.put(sprayerId, sprayer);
	const id = v7();
	await made.farm.calibrationLogs.put({
		round: {
			id,
			sprayerId,
			startedAt: '2026-03-14T08:00:00.000Z',
			rig: structuredClone(sprayer),
			...(known ? { setting: known.setting } : {})
		},
		entries: entriesOf([
			...wholeCalibration.filter((e) => e.kind !== 'catch' || e.nozzle <= sprayer.nozzles),
			signOff
		]).map((e, i) => ({
			...e,
			id: v7(),
			at: new Date(Date.parse('2026-03-14T08:00:00Z') + i * 1000).toISOString()
		}))
	});
	return { sprayerId, calibrationId: id };
};

/** A moment as a phone in some zone (hours ahead of Greenwich) writes it. */
const stamped = (ms: number, zone: number): string =>
	zone === 0
		? new Date(ms).toISOString()
		: new Date(ms + zone * 3_600_000)
				.toISOString()
				.replace('Z', `${zone < 0 ? '-' : '+'}${`${Math.abs(zone)}`.padStart(2, '0')}:00`);

/** A job on a twentieth of the block. */
const asked = (calibrationId: string, day: string, product = ochre): AskedJob => ({
	id: v7(),
	day,
	basis: { by: 'calibration' },
	calibrationId,
	blocks: [{ id: block, part: { by: 'share', share: 0.05 } }],
	sprayed: 1,
	tank: t('4000', 'L'),
	products: [{ id: product, dose: t('0.2 %', '%') }],
	split: 'full-then-part',
	harvest: null,
	pace: null,
	reason: 'sample',
	notes: ''
});

/** A job that is sprayed and closed: from its start on, the minutes at which each act was. */
async function sprayed(
	calibrationId: string,
	at: {
		readonly start: string;
		readonly minutes: readonly number[];
		readonly day?: string;
		readonly product?: string;
		readonly zones?: readonly number[];
		readonly left?: string;
		/** Only begun: its load is mixed, and goes out. */
		readonly open?: boolean;
	}
): Promise<string> {
	const { farm } = made;
	const job = asked(calibrationId, at.day ?? at.start.slice(0, 10), at.product);
	const { id } = job;
	await farm.jobs.put(job);
	const { area } = (await farm.jobs.list()).find((j) => j.id === id)!;
	const acts = ['start', 'pause', 'go-on', 'end'] as const;
	const bodies: { body: RunEntryBody; minute: number }[] = [
		...[0, 1, 2].map((step) => ({ body: { kind: 'tick', load: 1, step, poured: null } as const, minute: 0 })),
		...acts.map((act, i) => ({ body: { kind: 'spray', load: 1, act } as const, minute: at.minutes[i]! })),
		{
			body: {
				kind: 'close',
				done: { by: 'area', area: t(`${area} m2`, 'ha') },
				left: t(at.left ?? '0', 'L'),
				remarks: ''
			},
			minute: at.minutes[3]!
		}
	];
	await farm.jobRuns.put(
		id,
		(at.open ? bodies.slice(0, 4) : bodies).map(({ body, minute }, seq): RunEntry => ({
			...body,
			id: v7(),
			seq,
			at: stamped(Date.parse(at.start) + minute * 60_000, at.zones?.[seq % at.zones.length] ?? 0)
		}))
	);
	return id;
}
/** What other tests sprayed and nobody recorded is as if it had not been: it would keep people out too. */
const forgetUnrecorded = () =>
	made.db
		.updateTable('job')
		.set({ state: 'planned' })
		.where((eb) => eb.not(eb.exists(eb.selectFrom('record').select('record.id').whereRef('record.id', '=', 'job.id'))))
		.execute();
const dueOf = async (sprayerId: string, today: string) => {
	const { farm } = made;
	return (await farm.sprayers.due(await farm.sprayers.list(false, sprayerId), today)).get(sprayerId)!;
};

describe('a sprayer’s use since it was calibrated', () => {
	it('is counted from its jobs without their pauses, and makes it due', async () => {
		const sprayer = await calibrated(testSprayer);
		expect(await dueOf(sprayer.sprayerId, '2026-03-20')).toMatchObject({ state: 'good', since: { hours: 0 } });
		await sprayed(sprayer.calibrationId, { start: '2026-03-20T08:00:00Z', minutes: [0, 60, 90, 150] });
		const one = await dueOf(sprayer.sprayerId, '2026-03-20');
		expect(one.since.hours).toBeCloseTo(2, 9);
		expect(one.since.area).toBeGreaterThan(0);
		expect(one.state).toBe('good');
		// A job before the calibration does not count.
		await sprayed(sprayer.calibrationId, { start: '2026-03-10T08:00:00Z', minutes: [0, 60, 90, 150] });
		expect((await dueOf(sprayer.sprayerId, '2026-03-20')).since.hours).toBeCloseTo(2, 9);
		await sprayed(sprayer.calibrationId, { start: '2026-03-22T08:00:00Z', minutes: [0, 30, 40, 70], product: gneiss });
		const two = await dueOf(sprayer.sprayerId, '2026-03-22');
		expect(two.since).toMatchObject({ hours: 3, abrasiveHours: 1 });
		expect(two.reasons.map((r) => [r.code, r.due])).toEqual([['hours', true]]);
		// What was counted is counted again the same way from the raw entries.
		await made.db.updateTable('job').set({ computed: 0, sprayed_s: 0, done_m2: 0, abrasive: false }).execute();
		await recompute(made.db);
		expect((await dueOf(sprayer.sprayerId, '2026-03-22')).since).toEqual(two.since);
	});

	it('is not made longer by a clock that jumped', async () => {
		const sprayer = await calibrated(testSprayer);
		// An hour, then the phone’s clock goes back two days and the rest cannot be told.
		const id = await sprayed(sprayer.calibrationId, { start: '2026-03-20T08:00:00Z', minutes: [0, 60, 90, -2880] });
		expect((await dueOf(sprayer.sprayerId, '2026-03-21')).since.hours).toBeCloseTo(1, 9);
		// Nobody is let in too soon by it: the day's end counts, which is noon at Greenwich, and 24 hours from there.
		await made.farm.records.seal(id, demoAsked, []);
		await forgetUnrecorded();
		const { states } = await openStates(made.farm, Date.parse('2026-03-20T13:00:00Z'));
		expect(states[0]!.entry).toEqual({
			until: Date.parse('2026-03-21T12:00:00Z') / 1000,
			whole: 86_400,
			product: 'Sample Tuff'
		});
	});

	it('that was off puts the calibrations of the setting in doubt that was used, and no others', async () => {
		const { farm } = made;
		const sprayer = await calibrated(testSprayer);
		const [all] = await farm.sprayerSettings.of(sprayer.sprayerId);
		const left = { ...all!, id: v7(), name: 'Left only', off: [1] };
		await farm.sprayerSettings.put(sprayer.sprayerId, testSprayer, left);
		const other = await calibrated(testSprayer, { sprayerId: sprayer.sprayerId, setting: left });
		const doubts = async () => [
			(await farm.calibrations.get(sprayer.calibrationId)).doubt,
			(await farm.calibrations.get(other.calibrationId)).doubt
		];
		await sprayed(sprayer.calibrationId, { start: '2026-03-20T08:00:00Z', minutes: [0, 10, 20, 30] });
		expect(await doubts()).toEqual([null, null]);
		// Five litres over of some 26: a fifth too little went on.
		await sprayed(sprayer.calibrationId, { start: '2026-03-20T10:00:00Z', minutes: [0, 10, 20, 30], left: '5' });
		expect(await doubts()).toEqual(['drift', null]);
		expect((await farm.jobs.fieldVolumes(sprayer.sprayerId, 10)).map((j) => j.truth / j.planned < 0.95)).toEqual([
			false,
			true
		]);
	});

	it('is the same though the phone changes its time zone in the middle', async () => {
		const sprayer = await calibrated(testSprayer);
		const id = await sprayed(sprayer.calibrationId, {
			start: '2026-03-20T20:00:00Z',
			minutes: [0, 60, 90, 150],
			zones: [9, -5, 12]
		});
		expect((await dueOf(sprayer.sprayerId, '2026-03-21')).since.hours).toBeCloseTo(2, 9);
		await made.farm.records.seal(id, demoAsked, []);
		// 20:00 at Greenwich is 08:00 of the day after where the farm is, whatever the phone thought.
		const { record } = await made.farm.records.get(id);
		expect(record.day).toBe('2026-03-21');
		expect(Date.parse(record.startedAt!)).toBe(Date.parse('2026-03-20T20:00:00Z'));
		expect(Date.parse(record.endedAt!)).toBe(Date.parse('2026-03-20T22:30:00Z'));
	});

	it('asks for a calibration of its own from whoever else carries it', async () => {
		const { farm } = made;
		const past = pastCalibrations.find((p) => p.rig === nurseryKnapsack)!;
		const sprayer = { sprayerId: v7(), calibrationId: '' };
		await farm.sprayers.put(sprayer.sprayerId, nurseryKnapsack);
		const [setting] = await farm.sprayerSettings.of(sprayer.sprayerId);
		const message = messageOf({ ...past, daysAgo: 1 }, sprayer.sprayerId, Date.parse('2026-03-15T12:00:00Z'), setting);
		sprayer.calibrationId = message.round.id;
		await farm.calibrationLogs.put(message);
		const id = await sprayed(sprayer.calibrationId, { start: '2026-03-20T08:00:00Z', minutes: [0, 10, 15, 20] });
		await farm.records.seal(id, { ...demoAsked, operator: 'B. Sample' }, []);
		expect((await dueOf(sprayer.sprayerId, '2026-03-20')).reasons).toMatchObject([
			{ code: 'operator', due: true, what: 'B. Sample' }
		]);
	});
});

describe('a job over midnight', () => {
	it('is recorded on the day on which it began by the farm’s own calendar, with both its times', async () => {
		const { farm } = made;
		const sprayer = await calibrated(testSprayer);
		// Planned for the 25th. 23:40 to 01:10 of the 26th and 27th where the farm is; the 26th at Greenwich.
		const id = await sprayed(sprayer.calibrationId, {
			day: '2026-03-25',
			start: '2026-03-26T11:40:00Z',
			minutes: [0, 30, 40, 90]
		});
		await farm.records.seal(id, demoAsked, []);
		const { record } = await farm.records.get(id);
		expect(record).toMatchObject({
			day: '2026-03-26',
			// How the sprayer was set is told by the calibration that was used.
			rig: { nozzles: '6 × 110-03', gear: 'B2', rpm: 540, pressure: 3e5, calibrated: '2026-03-14' },
			startedAt: '2026-03-26T11:40:00.000Z',
			endedAt: '2026-03-26T13:10:00.000Z'
		});
		expect(((await dueOf(sprayer.sprayerId, '2026-03-27')).since.hours * 60).toFixed(1)).toBe('80.0');
		// Both count from the end: the harvest from the day on which the last load was out.
		await forgetUnrecorded();
		const { states } = await openStates(farm, Date.parse('2026-03-26T20:00:00Z'));
		expect(states).toMatchObject([
			{
				block: 'Hazel rows',
				entry: { until: Date.parse('2026-03-27T13:10:00Z') / 1000, product: 'Sample Tuff' },
				harvest: { day: '2026-04-10' }
			}
		]);
		// Later jobs plan around the day on which it was sprayed, not the one it was planned for.
		const uses = await farm.jobs.usesAround('2026-03-26');
		expect(uses.filter((u) => u.day === '2026-03-26')).toHaveLength(1);
		expect(uses.filter((u) => u.day === '2026-03-25')).toHaveLength(0);
		// Who plans on the day after it is told: nobody goes in before ten past one of the 28th, where the farm is.
		const next = v7();
		await farm.jobs.put({ ...asked(sprayer.calibrationId, '2026-03-27'), id: next });
		expect(await farm.jobs.before(next, (await farm.jobs.get(next)).job)).toMatchObject({
			entry: [{ product: 'Sample Tuff', hours: 24, until: Date.parse('2026-03-27T13:10:00Z') / 1000 }],
			harvest: expect.arrayContaining([
				{ product: 'Sample Tuff', day: '2026-03-27', until: '2026-04-10', inDays: 14 }
			]) as unknown
		});
		await farm.jobs.remove(next);
	});

	it('keeps a sowing off for as long as its label says, long after everything else is open', async () => {
		const { farm } = made;
		const sprayer = await calibrated(testSprayer);
		const id = await sprayed(sprayer.calibrationId, {
			start: '2026-04-01T00:00:00Z',
			minutes: [0, 10, 20, 30],
			product: gneiss
		});
		await farm.records.seal(id, demoAsked, []);
		const late = async (at: string) => (await openStates(farm, Date.parse(at))).states.map((s) => s.plantBack);
		expect(await late('2026-10-15T00:00:00Z')).toEqual([
			[{ crop: 'Linseed', day: '2026-10-18', days: 3, whole: 200, product: 'Sample Grit' }]
		]);
		expect(await late('2026-10-18T00:00:00Z')).toEqual([]);
	});
});

describe('a job that was sprayed and has no record yet', () => {
	it('keeps people out before its record is written, from the last load on, and after it the same', async () => {
		const { farm } = made;
		const sprayer = await calibrated(testSprayer);
		const id = await sprayed(sprayer.calibrationId, { start: '2026-07-20T08:00:00Z', minutes: [0, 60, 90, 150] });
		const now = Date.parse('2026-07-20T12:00:00Z');
		const entryOf = async () => (await openStates(farm, now)).states.find((s) => s.block === 'Hazel rows')!.entry;
		const before = await entryOf();
		expect(before).toEqual({ until: Date.parse('2026-07-21T10:30:00Z') / 1000, whole: 86_400, product: 'Sample Tuff' });
		await farm.records.seal(id, demoAsked, []);
		expect(await entryOf()).toEqual(before);
	});

	it('keeps people out while it is sprayed: the interval has not begun, and nothing is planned to be kept out of', async () => {
		const { farm } = made;
		const sprayer = await calibrated(testSprayer);
		const id = await sprayed(sprayer.calibrationId, { start: '2026-08-20T08:00:00Z', minutes: [0], open: true });
		const now = Date.parse('2026-08-20T09:00:00Z');
		const { atWork } = await openStates(farm, now);
		expect(atWork).toEqual([{ block: 'Hazel rows', product: 'Sample Tuff', whole: 86_400 }]);
		await made.db.deleteFrom('job_entry').where('job_id', '=', id).execute();
		await made.db.updateTable('job').set({ state: 'planned' }).where('id', '=', id).execute();
		expect((await openStates(farm, now)).atWork).toEqual([]);
	});
});
