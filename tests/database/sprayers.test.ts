import { sql } from 'kysely';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { messageOf, pastCalibrations } from '../../demo/farm';
import { demoSprayers } from '../../demo/sprayers';
import { readSheetText } from '../../src/lib/files/sheet-text';
import { writeCalibrationSheet } from '../../src/lib/files/write-sheet';
import { calibrationCsv } from '../../src/lib/server/calibration-csv';
import { calibrationPage, readPage } from '../../src/lib/server/calibration-page';
import { computing } from '../../src/lib/server/db/compute';
import { farmHandle } from '../../src/lib/server/db/farm';
import { migrate } from '../../src/lib/server/db/migrate';
import { migrations } from '../../src/lib/server/db/migrations';
import { recompute } from '../../src/lib/server/db/recompute';
import { Failure } from '../../src/lib/server/failure';
import { calibrationPdf } from '../../src/lib/server/pdf/calibration-pdf';
import { fieldSheetPdf } from '../../src/lib/server/pdf/field-sheet-pdf';
import { makePdf, papers } from '../../src/lib/server/pdf/make-pdf';
import { emptyDatabase, farmDatabase } from '../support/database';
import { entriesOf, signOff, t, testSprayer, wholeCalibration } from '../support/entries';
import { blower, knapsack } from '../support/sprayers';

let made: Awaited<ReturnType<typeof farmDatabase>>;
beforeAll(async () => {
	made = await farmDatabase();
});
afterAll(() => made.drop());

const now = Date.UTC(2026, 5, 1);
const sprayer = async (typed: Parameters<typeof made.farm.sprayers.put>[1]) => {
	const id = v7();
	await made.farm.sprayers.put(id, typed);
	return { id, settings: await made.farm.sprayerSettings.of(id) };
};
const refused = async (run: Promise<unknown>) => {
	try {
		await run;
	} catch (e) {
		if (e instanceof Failure) return e;
		throw e;
	}
	throw new Error('it was taken');
};
const signed = async (sprayerId: string, body = [...wholeCalibration, signOff]) => {
	const id = v7();
	await made.farm.calibrationLogs.put({
		round: { id, sprayerId, startedAt: '2026-03-14T08:00:00.000Z', rig: structuredClone(testSprayer) },
		entries: entriesOf(body).map((e) => ({ ...e, id: v7() }))
	});
	return id;
};

describe('a sprayer’s settings', () => {
	it('begin with all on, and a calibration without one goes to the first', async () => {
		const { id, settings } = await sprayer(testSprayer);
		expect(settings.map((s) => s.name)).toEqual(['All on']);
		const calibration = await made.farm.calibrations.get(await signed(id));
		expect(calibration.setting_id).toBe(settings[0]!.id);
	});

	it('shut a side, keep their calibrations apart, and stay as they were in a calibration that was begun', async () => {
		const { id, settings } = await sprayer(blower);
		const left = { ...settings[0]!, id: v7(), name: 'Left only', off: [1] };
		await made.farm.sprayerSettings.put(id, blower, left);
		const past = pastCalibrations.find((p) => p.rig.kind === 'airblast')!;
		const bodies = past.bodies.filter((b) => b.kind !== 'catch' || b.nozzle <= 4);
		const message = messageOf({ ...past, rig: blower, bodies }, id, now, left);
		await made.farm.calibrationLogs.put(message);
		const row = await made.farm.calibrations.get(message.round.id);
		expect(row).toMatchObject({ setting_id: left.id, nozzles_on: 4, width_m: 2.75 });
		await made.farm.sprayerSettings.put(id, blower, { ...left, off: [0] });
		expect((await made.farm.calibrationLogs.get(message.round.id)).round.setting?.off).toEqual([1]);
		// The same message again is the same calibration.
		await made.farm.calibrationLogs.put(message);
	});

	it('never shut everything, and belong to their sprayer', async () => {
		const { id, settings } = await sprayer(blower);
		expect(await refused(made.farm.sprayerSettings.put(id, blower, { ...settings[0]!, off: [0, 1] }))).toMatchObject({
			status: 422,
			path: 'off'
		});
		const other = await sprayer(testSprayer);
		expect(await refused(made.farm.sprayerSettings.get(other.id, settings[0]!.id))).toMatchObject({ status: 404 });
		const stray = messageOf(pastCalibrations[0]!, other.id, now, settings[0]);
		expect(await refused(made.farm.calibrationLogs.put(stray))).toMatchObject({
			status: 404,
			path: 'round.setting.id'
		});
	});
});

describe('what happens to a sprayer', () => {
	it('puts the calibrations before it in doubt, not those after', async () => {
		const { id } = await sprayer(testSprayer);
		const before = await signed(id);
		expect((await made.farm.calibrations.get(before)).doubt).toBeNull();
		const event = { id: v7(), day: '2026-04-01', what: 'nozzles', note: 'a new set' } as const;
		await made.farm.events.add(id, event);
		await made.farm.events.add(id, event);
		expect(await made.farm.events.of(id)).toEqual([event]);
		expect((await made.farm.calibrations.get(before)).doubt).toBe('nozzles');
		const after = await signed(id, [...wholeCalibration, { ...signOff, day: '2026-04-02' }]);
		expect((await made.farm.calibrations.get(after)).doubt).toBeNull();
		const page = await made.farm.calibrations.page(id, null);
		expect(page.rows.map((r) => r.doubt).sort()).toEqual(['nozzles', null].sort());
	});

	it('puts it away and takes it out again, with all that it has', async () => {
		const { id } = await sprayer({ ...testSprayer, name: 'Put away' });
		await signed(id);
		const names = async (away: boolean) => (await made.farm.sprayers.list(away)).map((s) => s.rig.name);
		await made.farm.sprayers.archive(id, true);
		expect(await names(false)).not.toContain('Put away');
		expect(await names(true)).toEqual(['Put away']);
		expect((await made.farm.calibrations.page(id, null)).total).toBe(1);
		await made.farm.sprayers.archive(id, false);
		expect(await names(false)).toContain('Put away');
	});

	it('a copy has its settings and none of its calibrations', async () => {
		const { id, settings } = await sprayer(blower);
		await made.farm.sprayerSettings.put(id, blower, { ...settings[0]!, id: v7(), name: 'Right only', off: [0] });
		const copy = v7();
		await made.farm.sprayers.copy(id, copy, 'The copy');
		expect((await made.farm.sprayers.get(copy)).rig).toEqual({ ...blower, name: 'The copy' });
		const copied = await made.farm.sprayerSettings.of(copy);
		expect(copied.map((s) => s.name)).toEqual(['Both sides', 'Right only']);
		expect(new Set([...settings.map((s) => s.id), ...copied.map((s) => s.id)]).size).toBe(3);
		expect((await made.farm.calibrations.page(copy, null)).total).toBe(0);
	});
});

describe('every kind of the demo farm', () => {
	it('is calibrated by its own method, and people stand side by side', async () => {
		const ids = new Map<unknown, string>();
		for (const typed of demoSprayers) ids.set(typed, (await sprayer(typed)).id);
		for (const past of pastCalibrations) await made.farm.calibrationLogs.put(messageOf(past, ids.get(past.rig)!, now));
		const methods = async (kind: string) => {
			const id = ids.get(demoSprayers.find((r) => r.kind === kind))!;
			return (await made.farm.calibrations.page(id, null)).rows.map((r) => r.method);
		};
		expect(new Set(await methods('knapsack'))).toEqual(new Set(['plot-catch']));
		expect(await methods('airblast')).toEqual(['speed-width-flow']);
		const carried = ids.get(demoSprayers.find((r) => r.kind === 'knapsack'))!;
		const [setting] = await made.farm.sprayerSettings.of(carried);
		const team = await made.farm.calibrations.team(carried, setting!.id);
		expect(team.map((m) => m.person)).toEqual(['A. Sample', 'B. Sample', 'C. Sample']);
		const meadow = await made.farm.calibrations.history(ids.get(demoSprayers[0])!, 200);
		expect(meadow.map((h) => h.signedDay)).toEqual([...meadow.map((h) => h.signedDay)].sort());
		expect(meadow.at(-1)!.nozzles[8]).toMatchObject({ n: 9, verdict: 'low' });
		expect(meadow.every((h) => h.wear !== null && h.unevenness !== null)).toBe(true);
		// Every one of them has its print on one page, both papers, with Fallow's own fonts; its sheet; its CSV.
		for (const past of [
			pastCalibrations[2]!,
			pastCalibrations[3]!,
			pastCalibrations[4]!,
			pastCalibrations[5]!,
			pastCalibrations[6]!
		]) {
			const [row] = (await made.farm.calibrations.page(ids.get(past.rig)!, null)).rows;
			const page = await calibrationPage(made.farm, row!.id);
			for (const paper of papers) {
				const pdf = Buffer.from(await makePdf(calibrationPdf(page, made.farm, paper))).toString('latin1');
				expect(pdf.startsWith('%PDF-1.')).toBe(true);
				expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
				expect(pdf).toMatch(/AtkinsonHyperlegibleNext/);
				expect(pdf).toMatch(/ArchivoNarrow/);
			}
			const text = JSON.stringify(writeCalibrationSheet(readPage(page)!.sheet));
			const again = readSheetText(text);
			expect(again.ok).toBe(true);
			const csv = calibrationCsv(page);
			expect(csv.split('\r\n')[0]).toBe('part,value,what,text,unit,note');
			expect(csv).toContain('spray volume');
		}
		for (const typed of demoSprayers) {
			const settings = await made.farm.sprayerSettings.of(ids.get(typed)!);
			const pdf = Buffer.from(await makePdf(fieldSheetPdf(typed, settings[0]!, made.farm, 'A4'))).toString('latin1');
			expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
		}
	}, 120_000);

	it('goes out as CSV with every reading as it counts: struck, in one bucket, for evenness only, carried over', async () => {
		const past = pastCalibrations.find((p) => p.rig.kind === 'boom')!;
		const { id } = await sprayer(past.rig);
		const sent = messageOf(past, id, now);
		const run = sent.entries.find((e) => e.kind === 'run')!;
		const signed = sent.entries.at(-1)!;
		const stamp = (n: number) => ({ id: v7(), seq: signed.seq + n, at: signed.at });
		const amount = { text: '1.2', unit: 'L', gallon: 'US' as const };
		const entries = [
			...sent.entries.slice(0, -1),
			{ kind: 'strike' as const, entry: run.id, ...stamp(0) },
			{
				kind: 'quick' as const,
				entry: { kind: 'catch' as const, nozzle: 2, amount, why: 'first' as const },
				...stamp(1)
			},
			{ kind: 'bucket' as const, nozzles: [1, 2], amount, ...stamp(2) },
			{
				kind: 'carry' as const,
				from: v7(),
				day: '2026-03-01',
				changed: ['pressure' as const],
				entries: [{ kind: 'dial' as const, speed: { text: '4.9', unit: 'mph', gallon: 'US' as const }, ...stamp(0) }],
				...stamp(3)
			},
			{ ...signed, seq: signed.seq + 9 }
		];
		await made.farm.calibrationLogs.put({ ...sent, entries });
		const lines = calibrationCsv(await calibrationPage(made.farm, sent.round.id)).split('\r\n');
		const line = (what: string) => lines.find((l) => l.includes(what))!;
		expect(line(',run,')).toMatch(/,struck|, struck/);
		expect(line('quick evenness check')).toContain('Nozzle 2,1.2,L');
		expect(line('together')).toContain('"nozzle 1 to nozzle 2, together",1.2,L');
		expect(line('carried over from 2026-03-01')).toContain('dial,4.9,mph');
	});

	it('a carried sprayer without a person is not signed', async () => {
		const { id } = await sprayer(knapsack);
		const past = pastCalibrations.find((p) => p.rig.kind === 'knapsack')!;
		const message = messageOf({ ...past, rig: knapsack, bodies: past.bodies.slice(1) }, id, now);
		expect(await refused(made.farm.calibrationLogs.put(message))).toMatchObject({ status: 422, code: 'no-person' });
	});
});

describe('a sheet from a file', () => {
	const text = JSON.stringify({
		format: 'fallow-sheet/1',
		method: 'refill',
		area: { length: '100 m', width: '5 m' },
		used: [{ added: '14.4 L' }]
	});
	it('becomes a calibration that is computed here, keeps its text, and comes once', async () => {
		const { id, settings } = await sprayer(blower);
		const sheet = readSheetText(text);
		if (!sheet.ok) throw new Error(sheet.problem);
		const imported = {
			id: v7(),
			entryIds: [v7(), v7(), v7()] as const,
			sprayerId: id,
			settingId: settings[0]!.id,
			rig: structuredClone(blower),
			sheet: sheet.sheet,
			file: text,
			at: '2026-05-01T08:00:00.000Z',
			sign: { person: 'A. Sample', day: '2026-05-01', remarks: 'from paper', carriedBy: '' }
		};
		await made.farm.calibrationLogs.takeSheet(imported);
		await made.farm.calibrationLogs.takeSheet(imported);
		const row = await made.farm.calibrations.get(imported.id);
		expect(row.rate_m3_per_m2 * 1e7).toBeCloseTo(288, 9);
		expect(row).toMatchObject({ method: 'refill', speed_m_s: null, pressure_pa: null, remarks: 'from paper' });
		const { entries } = await made.farm.calibrationLogs.get(imported.id);
		expect(entries.find((e) => e.kind === 'sheet')).toMatchObject({ file: text });
		expect((await made.farm.calibrations.page(id, null)).total).toBe(1);
	});
});

describe('a database from before there were settings', () => {
	it('is brought up: each sprayer has its first setting, and every calibration is computed again', async () => {
		const old = await emptyDatabase();
		try {
			// What the first version left: its tables, and a calibration that it had signed.
			await migrate(old.db, migrations.slice(0, 1));
			const farm = v7();
			const [sprayerId, begun] = [v7(), v7()];
			await sql`insert into farm (id, name, settings) values (${farm}, 'Old farm', '{}')`.execute(old.db);
			await sql`insert into sprayer (id, farm_id, rig, name, kind, tank_m3, nozzle_count, spacing_m)
				values (${sprayerId}, ${farm}, ${JSON.stringify(testSprayer)}::jsonb, 'Old boom', 'boom', 0.8, 6, 0.5)`.execute(old.db);
			await sql`insert into round (id, farm_id, sprayer_id, rig, started_at)
				values (${begun}, ${farm}, ${sprayerId}, ${JSON.stringify(testSprayer)}::jsonb, now())`.execute(old.db);
			for (const e of entriesOf([...wholeCalibration, { ...signOff, pressure: t('3', 'bar') }]))
				await sql`insert into round_entry (id, farm_id, round_id, seq, kind, at, body)
					values (${e.id}, ${farm}, ${begun}, ${e.seq}, ${e.kind}, ${e.at}, ${JSON.stringify(e)}::jsonb)`.execute(old.db);
			await sql`insert into calibration (id, farm_id, sprayer_id, signed_by, signed_day, signed_at, gear, rpm, remarks,
				method, even_rule, pressure_pa, rate_m3_per_m2, relative_u95, speed_m_s, width_m, flow_m3_s, nozzles_on, budget, findings)
				values (${begun}, ${farm}, ${sprayerId}, 'A. Sample', '2026-03-14', now(), 'B2', 540, '', 'speed-width-flow', 'average',
				300000, 1e-5, 0.5, 1, 1, 1, 6, '{}', '[]')`.execute(old.db);
			await migrate(old.db);
			expect(await recompute(old.db)).toBe(1);
			expect(await recompute(old.db)).toBe(0);
			const handle = (await farmHandle(old.db, farm))!;
			const settings = await handle.sprayerSettings.of(sprayerId);
			expect(settings.map((s) => s.name)).toEqual(['All on']);
			const row = await handle.calibrations.get(begun);
			expect(row.setting_id).toBe(settings[0]!.id);
			expect(row.rate_m3_per_m2 * 1e7).toBeCloseTo(181.54, 1);
			expect(row.nozzles).toHaveLength(6);
			expect(row.computed).toBe(computing);
		} finally {
			await old.drop();
		}
	});
});
