import { m } from '$words';
import type { Kysely, Transaction } from 'kysely';
import type { AnySheet, Entry, MadeChange, SprayerNumbers, TypedAim, TypedChange } from '../../../core';
import { checkEntry, inOrder, isCarried, personIssues, readSprayer, sprayerOf } from '../../../core';
import type { CalibrationHead, CalibrationMessage } from '../../wire/calibration-message';
import { canonicalJson } from '../canonical-json';
import { Failure, fromIssue, notFound } from '../failure';
import { changeChecked, recordChange } from './changes';
import { knownIds } from './entry-log';
import { computedColumns, sprayerNumbers } from './compute';
import type { Database, NewCalibration } from './schema';
import type { Scope } from './scope';
import { settingsOf } from './settings';

export interface StoredCalibration extends CalibrationMessage {
	readonly signedOff: boolean;
}

export interface Acknowledgement {
	/** Ids of the entries that are in the database now, whether they came with this message or an earlier one. */
	readonly acknowledged: readonly string[];
	readonly signedOff: boolean;
}

export interface ImportedSheet {
	readonly id: string;
	readonly entryIds: readonly [string, string, string];
	readonly sprayerId: string;
	readonly settingId: string;
	readonly rig: CalibrationHead['rig'];
	readonly sheet: AnySheet;
	/** The file as it came. */
	readonly file: string;
	/** ISO 8601. */
	readonly at: string;
	readonly sign: {
		readonly person: string;
		readonly day: string;
		readonly remarks: string;
		readonly carriedBy: string;
	};
}

export const calibrationLogsOf = (scope: Scope) => ({
	/**
	 * Takes one message of a device's outbox: all of it or nothing. The same message again changes nothing. An entry
	 * whose id is known must be the same entry; a signed-off calibration takes no new ones.
	 */
	async put(message: CalibrationMessage): Promise<Acknowledgement> {
		const { round: head } = message;
		const sprayer = sprayerNumbers(head.rig, 'round.rig');
		return scope.db.transaction().execute(async (trx) => {
			await keepHead(scope, trx, head);
			const known = await knownEntries(scope, trx, head.id, message.entries);
			const fresh = message.entries.filter((entry) => !known.has(entry.id));
			const signedBefore = await isSignedOff(scope, trx, head.id);
			if (fresh.length > 0 && signedBefore)
				throw new Failure(409, 'signed-off', 'entries', m.calibration_is_read_only());
			checkEntries(message.entries, fresh, [sprayer, ...(await correctedSprayers(scope, trx, message))]);
			if (fresh.length > 0) {
				await insertEntries(scope, trx, head.id, fresh);
				await keepDiscarded(scope, trx, head.id);
			}
			const signs = fresh.some((entry) => entry.kind === 'sign-off');
			if (signs) await signOff(scope, trx, head);
			return { acknowledged: message.entries.map((e) => e.id), signedOff: signedBefore || signs };
		});
	},

	/**
	 * Takes in a whole sheet from a file as a signed-off calibration of a sprayer. The same id again changes nothing.
	 */
	async takeSheet(imported: ImportedSheet): Promise<void> {
		const { id, sprayerId, rig, settingId, sheet, file, at, sign } = imported;
		const setting = await settingsOf(scope).get(sprayerId, settingId);
		const head: CalibrationHead = { id, sprayerId, startedAt: at, rig, setting };
		const stamp = (seq: number) => ({ id: imported.entryIds[seq]!, seq, at });
		const entries: Entry[] = [
			{ ...stamp(0), kind: 'sheet', sheet, file },
			...(sign.carriedBy ? [{ ...stamp(1), kind: 'person', name: sign.carriedBy } as const] : []),
			{ ...stamp(2), kind: 'sign-off', person: sign.person, day: sign.day, gear: '', rpm: null, remarks: sign.remarks }
		];
		await scope.db.transaction().execute(async (trx) => {
			await keepHead(scope, trx, head);
			if (await isSignedOff(scope, trx, id)) return;
			await insertEntries(scope, trx, id, entries);
			await signOff(scope, trx, head);
		});
	},

	/** A change that is made after a calibration was signed, from its page. */
	async changeAfter(id: string, day: string, aim: TypedAim, change: TypedChange): Promise<MadeChange> {
		return scope.db.transaction().execute(async (trx) => {
			const row = await trx
				.selectFrom('calibration as c')
				.innerJoin('round as r', (join) => join.onRef('r.farm_id', '=', 'c.farm_id').onRef('r.id', '=', 'c.id'))
				.select(['c.sprayer_id', 'c.setting_id', 'c.skill', 'c.even_rule', 'r.rig', 'r.setting'])
				.where('c.farm_id', '=', scope.farmId)
				.where('c.id', '=', id)
				.executeTakeFirst();
			if (!row) throw notFound('calibration');
			const { setting } = row;
			const entries = await entriesOf(scope, trx, id);
			const sprayer = sprayerOf(row.rig, entries);
			const [issue] = [
				...checkEntry({ kind: 'aim', aim }, sprayerNumbers(sprayer, 'rig')),
				...checkEntry({ kind: 'change', change }, sprayerNumbers(sprayer, 'rig'))
			];
			if (issue) throw fromIssue(issue);
			const raw = { sprayer, setting, entries, skill: row.skill, evenRule: row.even_rule };
			const { entered, answer } = computedColumns(raw);
			const of = { calibrationId: id, sprayerId: row.sprayer_id, settingId: row.setting_id };
			return recordChange(scope, trx, { ...of, day, sprayer, entered, answer, setting, aim, change });
		});
	},

	/** The newest calibration of a sprayer that is not signed off. */
	async open(sprayerId: string): Promise<string | null> {
		const row = await scope.db
			.selectFrom('round as r')
			.leftJoin('calibration as c', (join) => join.onRef('c.farm_id', '=', 'r.farm_id').onRef('c.id', '=', 'r.id'))
			.select('r.id')
			.where('r.farm_id', '=', scope.farmId)
			.where('r.sprayer_id', '=', sprayerId)
			.where('c.id', 'is', null)
			.where('r.discarded_at', 'is', null)
			.orderBy('r.started_at', 'desc')
			.limit(1)
			.executeTakeFirst();
		return row?.id ?? null;
	},

	async get(id: string): Promise<StoredCalibration> {
		const head = await scope.db
			.selectFrom('round')
			.select(['id', 'sprayer_id', 'rig', 'setting', 'started_at'])
			.where('farm_id', '=', scope.farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!head) throw notFound('round');
		return {
			round: {
				id: head.id,
				sprayerId: head.sprayer_id,
				startedAt: head.started_at.toISOString(),
				rig: structuredClone(head.rig) as CalibrationHead['rig'],
				...(head.setting ? { setting: head.setting } : {})
			},
			entries: await entriesOf(scope, scope.db, id),
			signedOff: await isSignedOff(scope, scope.db, id)
		};
	}
});

type Reader = Kysely<Database> | Transaction<Database>;

/** Inserts the calibration if it is new, and locks its row, so that two messages for one calibration come one after the other. */
async function keepHead(scope: Scope, trx: Transaction<Database>, head: CalibrationHead): Promise<void> {
	const sprayer = await trx
		.selectFrom('sprayer')
		.select('id')
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', head.sprayerId)
		.executeTakeFirst();
	if (!sprayer) throw notFound('sprayer', 'round.sprayerId');
	const settings = await trx
		.selectFrom('setting')
		.select('id')
		.where('farm_id', '=', scope.farmId)
		.where('sprayer_id', '=', head.sprayerId)
		.orderBy('position')
		.orderBy('id')
		.execute();
	const settingId = head.setting?.id ?? settings[0]?.id;
	if (!settingId || !settings.some((s) => s.id === settingId)) throw notFound('setting', 'round.setting.id');
	await trx
		.insertInto('round')
		.values({
			id: head.id,
			farm_id: scope.farmId,
			sprayer_id: head.sprayerId,
			rig: JSON.stringify(head.rig),
			setting_id: settingId,
			setting: head.setting ? JSON.stringify(head.setting) : null,
			started_at: head.startedAt
		})
		.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
		.execute();
	const stored = await trx
		.selectFrom('round')
		.select(['sprayer_id', 'rig', 'setting'])
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', head.id)
		.forUpdate()
		.executeTakeFirstOrThrow();
	const same = (a: unknown, b: unknown) => canonicalJson(a ?? null) === canonicalJson(b ?? null);
	if (stored.sprayer_id !== head.sprayerId || !same(stored.rig, head.rig) || !same(stored.setting, head.setting))
		throw new Failure(409, 'conflict', 'round', m.calibration_of_another_sprayer());
}

async function knownEntries(
	scope: Scope,
	trx: Transaction<Database>,
	calibrationId: string,
	entries: readonly Entry[]
): Promise<Set<string>> {
	if (entries.length === 0) return new Set();
	const rows = await trx
		.selectFrom('round_entry')
		.select(['id', 'round_id as log_id', 'body'])
		.where('farm_id', '=', scope.farmId)
		.where(
			'id',
			'in',
			entries.map((e) => e.id)
		)
		.execute();
	return knownIds(calibrationId, entries, rows);
}

/** The sprayer as it was corrected in this calibration, by what is kept and what comes now. */
async function correctedSprayers(
	scope: Scope,
	trx: Transaction<Database>,
	message: CalibrationMessage
): Promise<SprayerNumbers[]> {
	const rows = await trx
		.selectFrom('round_entry')
		.select('body')
		.where('farm_id', '=', scope.farmId)
		.where('round_id', '=', message.round.id)
		.where('kind', '=', 'rig')
		.execute();
	return [...rows.map((r) => r.body), ...message.entries].flatMap((entry) => {
		const read = entry.kind === 'rig' ? readSprayer(entry.rig) : null;
		return read?.ok ? [read.value] : [];
	});
}

/** An entry has to hold for the sprayer as it was begun with or as it was corrected: either may have made it. */
function checkEntries(all: readonly Entry[], fresh: readonly Entry[], sprayers: readonly SprayerNumbers[]): void {
	for (const entry of fresh) {
		const [issues = []] = sprayers.map((sprayer) => checkEntry(entry, sprayer)).sort((a, b) => a.length - b.length);
		if (issues[0]) throw fromIssue(issues[0], `entries.${all.indexOf(entry)}`);
	}
}

async function insertEntries(
	scope: Scope,
	trx: Transaction<Database>,
	calibrationId: string,
	entries: readonly Entry[]
) {
	await trx
		.insertInto('round_entry')
		.values(
			entries.map((entry) => ({
				id: entry.id,
				farm_id: scope.farmId,
				round_id: calibrationId,
				seq: entry.seq,
				kind: entry.kind,
				at: entry.at,
				body: JSON.stringify(entry),
				by_person: scope.personId
			}))
		)
		.execute();
}

/** Whether a calibration is discarded follows from its entries; whatever is added after a discard brings it back. */
async function keepDiscarded(scope: Scope, trx: Transaction<Database>, calibrationId: string): Promise<void> {
	const last = inOrder(await entriesOf(scope, trx, calibrationId)).at(-1);
	await trx
		.updateTable('round')
		.set({ discarded_at: last?.kind === 'discard' ? last.at : null })
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', calibrationId)
		.execute();
}

const entriesOf = async (scope: Scope, db: Reader, calibrationId: string): Promise<Entry[]> => {
	const rows = await db
		.selectFrom('round_entry')
		.select('body')
		.where('farm_id', '=', scope.farmId)
		.where('round_id', '=', calibrationId)
		.orderBy('seq')
		.orderBy('id')
		.execute();
	return rows.map((row) => row.body);
};

async function isSignedOff(scope: Scope, db: Reader, calibrationId: string): Promise<boolean> {
	const row = await db
		.selectFrom('calibration')
		.select('id')
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', calibrationId)
		.executeTakeFirst();
	return row !== undefined;
}

/** Computes the calibration again from all stored readings, with the core that the device used, and keeps it. */
async function signOff(scope: Scope, trx: Transaction<Database>, head: CalibrationHead): Promise<void> {
	const stored = await trx
		.selectFrom('round')
		.select(['setting', 'setting_id'])
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', head.id)
		.executeTakeFirstOrThrow();
	const { evenRule, skill } = scope.settings;
	const entries = await entriesOf(scope, trx, head.id);
	const { setting } = stored;
	const sprayer = sprayerOf(head.rig, entries);
	const { entered, answer, columns } = computedColumns({ sprayer, setting, entries, skill, evenRule });
	const signed = entered.signOff;
	if (!signed) throw new Error(`calibration ${head.id} has no sign-off`);
	const [nobody] = personIssues(sprayerNumbers(sprayer, 'round.rig'), entered);
	if (nobody) throw fromIssue(nobody, 'round');
	const row: NewCalibration = {
		id: head.id,
		farm_id: scope.farmId,
		sprayer_id: head.sprayerId,
		setting_id: stored.setting_id,
		person: isCarried(head.rig) ? entered.person.trim() || signed.person : '',
		signed_by: signed.person,
		signed_day: signed.day,
		signed_at: signed.at,
		gear: signed.gear,
		rpm: signed.rpm,
		remarks: signed.remarks,
		even_rule: evenRule,
		skill: JSON.stringify(skill),
		...columns
	};
	await trx.insertInto('calibration').values(row).execute();
	const of = { calibrationId: head.id, sprayerId: head.sprayerId, settingId: stored.setting_id };
	if (setting?.change) await changeChecked(scope, trx, of.sprayerId, of.settingId, setting.change.after);
	const { aim, change } = entered;
	if (aim && change)
		await recordChange(scope, trx, { ...of, day: signed.day, sprayer, entered, answer, setting, aim, change });
}
