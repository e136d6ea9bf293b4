import { sql } from 'kysely';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { calibrateSheet, foldCalibration, readSprayer, sheetOf } from '../../src/core';
import { farmHandle } from '../../src/lib/server/db/farm';
import { Failure } from '../../src/lib/server/failure';
import { olderCalibration, openCalibration } from '../../src/lib/server/open-calibration';
import type { CalibrationMessage } from '../../src/lib/wire/calibration-message';
import { farmDatabase } from '../support/database';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../support/entries';

let made: Awaited<ReturnType<typeof farmDatabase>>;
let sprayerId: string;
beforeAll(async () => {
	made = await farmDatabase();
	sprayerId = v7();
	await made.farm.sprayers.put(sprayerId, testSprayer);
});
afterAll(() => made.drop());

const freshIds = (entries: ReturnType<typeof entriesOf>) => entries.map((e) => ({ ...e, id: v7() }));
function message(bodies = [...wholeCalibration]): CalibrationMessage {
	return {
		round: { id: v7(), sprayerId, startedAt: '2026-03-14T08:00:00.000Z', rig: structuredClone(testSprayer) },
		entries: freshIds(entriesOf(bodies)) as CalibrationMessage['entries']
	};
}
const failure = async (run: Promise<unknown>): Promise<Failure> => {
	try {
		await run;
	} catch (e) {
		if (e instanceof Failure) return e;
		throw e;
	}
	throw new Error('it was taken');
};
const count = async (table: string, calibrationId: string) =>
	Number(
		(
			await sql<{
				n: string;
			}>`select count(*) n from ${sql.table(table)} where ${sql.ref(table === 'round_entry' ? 'round_id' : 'id')} = ${calibrationId}`.execute(
				made.db
			)
		).rows[0]!.n
	);

describe('a device’s messages', () => {
	it('are kept as they were typed, and read back the same', async () => {
		const sent = message();
		const answer = await made.farm.calibrationLogs.put(sent);
		expect(answer.acknowledged).toEqual(sent.entries.map((e) => e.id));
		const back = await made.farm.calibrationLogs.get(sent.round.id);
		expect(back.entries).toEqual(sent.entries);
		expect(back.round.rig).toEqual(testSprayer);
		expect(back.signedOff).toBe(false);
	});

	it('do no harm when they come twice, at once, or in pieces', async () => {
		const sent = message([...wholeCalibration, signOff]);
		const first = { ...sent, entries: sent.entries.slice(0, 5) };
		await made.farm.calibrationLogs.put(first);
		await Promise.all([
			made.farm.calibrationLogs.put(first),
			made.farm.calibrationLogs.put(sent),
			made.farm.calibrationLogs.put(sent)
		]);
		await made.farm.calibrationLogs.put(sent);
		expect(await count('round_entry', sent.round.id)).toBe(sent.entries.length);
		expect(await count('calibration', sent.round.id)).toBe(1);
	});

	it('are taken for the sprayer as it was begun with and as it was corrected, in any order of messages', async () => {
		const sent = message([...wholeCalibration]);
		const at = '2026-03-14T10:00:00.000Z';
		const next = sent.entries.length;
		const sprayer = { ...testSprayer, nozzles: 8, sections: [4, 4] };
		const eighth = { kind: 'catch' as const, nozzle: 8, amount: t('600', 'ml'), why: 'first' as const };
		const late = { ...eighth, id: v7(), seq: next + 1, at };
		await made.farm.calibrationLogs.put(sent);
		expect(await failure(made.farm.calibrationLogs.put({ ...sent, entries: [late] }))).toMatchObject({ status: 422 });
		await made.farm.calibrationLogs.put({ ...sent, entries: [{ kind: 'rig', rig: sprayer, id: v7(), seq: next, at }] });
		await made.farm.calibrationLogs.put({ ...sent, entries: [late] });
		const seventh = { ...eighth, nozzle: 7, id: v7(), seq: next + 2, at };
		await made.farm.calibrationLogs.put({ ...sent, entries: [seventh, { ...signOff, id: v7(), seq: next + 3, at }] });
		const signed = await made.farm.calibrations.get(sent.round.id);
		expect(signed.nozzles_on).toBe(8);
		expect((await made.farm.calibrationLogs.get(sent.round.id)).round.rig).toEqual(testSprayer);
	});

	it('fill a tank before they are signed, and one that has a newer beside it by name, but none that was withdrawn', async () => {
		const sent = message([...wholeCalibration]);
		const { farm } = made;
		await farm.calibrationLogs.put({ ...sent, entries: sent.entries.slice(0, 3) });
		expect(await openCalibration(farm, sent.round.id)).toBeNull();
		await farm.calibrationLogs.put(sent);
		const open = (await openCalibration(farm, sent.round.id))!;
		expect(open.setting).toContain('not signed yet');
		const signing = { ...signOff, id: v7(), seq: 99, at: '2026-03-14T10:00:00.000Z' };
		await farm.calibrationLogs.put({ ...sent, entries: [signing] });
		expect(await openCalibration(farm, sent.round.id)).toBeNull();
		const older = (await olderCalibration(farm, sent.round.id))!;
		expect([older.rate, older.relativeU95]).toEqual([open.rate, open.relativeU95]);
		await farm.calibrations.withdraw(sent.round.id, 'B', 'the wrong jug');
		expect(await olderCalibration(farm, sent.round.id)).toBeNull();
		expect([await olderCalibration(farm, v7()), await openCalibration(farm, v7())]).toEqual([null, null]);
	});

	it('throw a calibration in progress away and bring it back, whatever order they come in', async () => {
		const begun = message([...wholeCalibration]);
		const sent = { ...begun, round: { ...begun.round, startedAt: '2026-03-15T08:00:00.000Z' } };
		await made.farm.calibrationLogs.put(sent);
		const next = sent.entries.length;
		const at = '2026-03-14T10:00:00.000Z';
		const discard = { kind: 'discard' as const, id: v7(), seq: next, at };
		await made.farm.calibrationLogs.put({ ...sent, entries: [discard] });
		expect(await made.farm.calibrationLogs.open(sprayerId)).not.toBe(sent.round.id);
		expect((await made.farm.sprayers.list())[0]!.calibrationInProgress).not.toBe(sent.round.id);
		expect((await made.farm.calibrationLogs.get(sent.round.id)).entries).toHaveLength(next + 1);
		const back = { kind: 'strike' as const, entry: discard.id, id: v7(), seq: next + 1, at };
		await made.farm.calibrationLogs.put({ ...sent, entries: [back, discard] });
		expect(await made.farm.calibrationLogs.open(sprayerId)).toBe(sent.round.id);
	});

	it('cannot change what is kept under an id', async () => {
		const sent = message();
		await made.farm.calibrationLogs.put(sent);
		const forged = structuredClone(sent);
		(forged.entries[1] as { length: object }).length = t('90', 'm');
		expect(await failure(made.farm.calibrationLogs.put(forged))).toMatchObject({
			status: 409,
			code: 'conflict',
			path: 'entries.1.id'
		});
		const moved = { ...structuredClone(sent), round: { ...sent.round, id: v7() } };
		expect(await failure(made.farm.calibrationLogs.put(moved))).toMatchObject({ status: 409, code: 'conflict' });
		const otherSprayer = { ...sent, round: { ...sent.round, rig: { ...sent.round.rig, nozzles: 7, sections: [7] } } };
		expect(await failure(made.farm.calibrationLogs.put(otherSprayer))).toMatchObject({ status: 409, path: 'round' });
	});

	it('are taken whole or not at all', async () => {
		const sent = message();
		(sent.entries[4] as { time: object }).time = t('3 L');
		expect(await failure(made.farm.calibrationLogs.put(sent))).toMatchObject({
			status: 422,
			code: 'wrong-kind',
			path: 'entries.4.time'
		});
		expect(await count('round', sent.round.id)).toBe(0);
		expect(await count('round_entry', sent.round.id)).toBe(0);
	});

	it('need a sprayer of this farm', async () => {
		const sent = message();
		const elsewhere = { ...sent, round: { ...sent.round, sprayerId: v7() } };
		expect(await failure(made.farm.calibrationLogs.put(elsewhere))).toMatchObject({
			status: 404,
			path: 'round.sprayerId'
		});
	});
});

describe('a signed-off calibration', () => {
	it('is a calibration that the server computed itself, with the same core', async () => {
		const sent = message([...wholeCalibration, signOff]);
		expect((await made.farm.calibrationLogs.put(sent)).signedOff).toBe(true);
		const row = await made.farm.calibrations.get(sent.round.id);
		const sprayer = readSprayer(testSprayer);
		const sheet = sprayer.ok ? sheetOf(sprayer.value, foldCalibration(sent.entries)) : sprayer;
		const wanted = sheet.ok ? calibrateSheet(sheet.value) : sheet;
		expect(wanted.ok && row.rate_m3_per_m2).toBe(wanted.ok && wanted.value.rate.value);
		expect(row).toMatchObject({
			signed_by: 'A. Sample',
			signed_day: '2026-03-14',
			gear: 'B2',
			rpm: 540,
			method: 'speed-width-flow',
			nozzles_on: 6
		});
		expect(row.pressure_pa).toBe(300_000);
		expect(Object.values(row.budget).reduce((s, v) => s + v, 0)).toBeCloseTo(1, 9);
	});

	it('takes nothing more', async () => {
		const sent = message([...wholeCalibration, signOff]);
		await made.farm.calibrationLogs.put(sent);
		const late = freshIds(
			entriesOf([{ kind: 'run', time: t('20'), by: 'typed' }], 50)
		) as CalibrationMessage['entries'];
		expect(await failure(made.farm.calibrationLogs.put({ ...sent, entries: late }))).toMatchObject({
			status: 409,
			code: 'signed-off'
		});
	});

	it('cannot be signed before it computes, and nothing is kept of the try', async () => {
		const sent = message([wholeCalibration[1]!, signOff]);
		expect(await failure(made.farm.calibrationLogs.put(sent))).toMatchObject({ status: 422 });
		expect(await count('round_entry', sent.round.id)).toBe(0);
	});

	it('stands on the sprayer’s page, newest first, a page at a time, none twice and none left out', async () => {
		const id = v7();
		await made.farm.sprayers.put(id, testSprayer);
		for (let i = 0; i < 57; i += 1) {
			const sent = message([...wholeCalibration, signOff]);
			// Every third at the same moment, so that the id has to break the tie.
			const at = new Date(1_780_000_000_000 + Math.floor(i / 3) * 60_000).toISOString();
			const entries = sent.entries.map((entry) => ({ ...entry, at }));
			await made.farm.calibrationLogs.put({ round: { ...sent.round, sprayerId: id }, entries });
		}
		const seen: string[] = [];
		let after: string | null = null;
		do {
			const page: Awaited<ReturnType<typeof made.farm.calibrations.page>> = await made.farm.calibrations.page(
				id,
				after
			);
			expect(page.total).toBe(57);
			seen.push(...page.rows.map((r) => r.id));
			after = page.next;
		} while (after);
		expect(new Set(seen).size).toBe(57);
		expect((await made.farm.calibrations.page(id, 'nonsense')).rows).toHaveLength(25);
		const [listed] = (await made.farm.sprayers.list()).filter((s) => s.id === id);
		expect(listed?.latest?.id).toBe(seen[0]);
	});
});

describe('another farm', () => {
	it('sees and reaches nothing of this one', async () => {
		const sent = message([...wholeCalibration, signOff]);
		await made.farm.calibrationLogs.put(sent);
		const otherId = v7();
		await made.db.insertInto('farm').values({ id: otherId, name: 'Other farm', settings: '{}' }).execute();
		const other = (await farmHandle(made.db, otherId))!;
		expect(await other.sprayers.list()).toEqual([]);
		for (const run of [
			() => other.calibrationLogs.get(sent.round.id),
			() => other.calibrations.get(sent.round.id),
			() => other.sprayers.get(sprayerId),
			() => other.calibrationLogs.put(sent)
		])
			expect((await failure(run())).status).toBe(404);
		// The same id on two farms is two sprayers: neither can take the other's.
		await other.sprayers.put(sprayerId, { ...testSprayer, name: 'Theirs' });
		expect((await made.farm.sprayers.get(sprayerId)).rig.name).toBe('Test boom');
	});
});

describe('a tank plan', () => {
	const input = {
		area: { by: 'area' as const, area: t('6.3', 'ha') },
		tank: t('600', 'L'),
		split: 'full-then-part' as const,
		products: [{ name: 'Sample Ochre', dose: t('2', 'L/ha'), state: 'liquid' as const }]
	};

	it('is computed from the calibration’s own volume and kept once', async () => {
		const sent = message([...wholeCalibration, signOff]);
		await made.farm.calibrationLogs.put(sent);
		const id = v7();
		await made.farm.tankPlans.put(id, sent.round.id, input);
		await made.farm.tankPlans.put(id, sent.round.id, input);
		const kept = await made.farm.tankPlans.get(id);
		const { rate_m3_per_m2: rate } = await made.farm.calibrations.get(sent.round.id);
		expect(kept.input).toEqual(input);
		expect(kept.mix_m3).toBeCloseTo(63000 * rate, 9);
		expect(await made.farm.tankPlans.of(sent.round.id)).toHaveLength(1);
		expect(await failure(made.farm.tankPlans.put(id, sent.round.id, { ...input, split: 'equal' }))).toMatchObject({
			code: 'conflict'
		});
		expect(await failure(made.farm.tankPlans.put(v7(), v7(), input))).toMatchObject({ status: 404 });
		expect(
			await failure(made.farm.tankPlans.put(v7(), sent.round.id, { ...input, tank: t('3 m', 'L') }))
		).toMatchObject({ status: 422, path: 'tank' });
	});
});
