import type { Kysely, Transaction } from 'kysely';
import type { Entry, RigNumbers } from '../../../core';
import { calibrate, checkEntry, foldRound, readField, fields, readRig, roundSheet, usualSkill } from '../../../core';
import type { RoundHead, RoundMessage } from '../../formats/round-message';
import { canonicalJson } from '../canonical-json';
import { Failure, fromIssue, notFound } from '../failure';
import type { Database, NewCalibration } from './schema';
import type { Scope } from './scope';

export interface StoredRound {
	readonly round: RoundHead;
	readonly entries: readonly Entry[];
	readonly signedOff: boolean;
}

export interface Acknowledgement {
	/** Ids of the entries that are in the database now, whether they came with this message or an earlier one. */
	readonly acknowledged: readonly string[];
	readonly signedOff: boolean;
}

export const roundsOf = (scope: Scope) => ({
	/**
	 * Takes one message of a device's outbox: all of it or nothing. The same message again changes nothing. An entry
	 * whose id is known must be the same entry; a signed-off round takes no new ones.
	 */
	async put(message: RoundMessage): Promise<Acknowledgement> {
		const { round } = message;
		const rig = readRig(round.rig);
		if (!rig.ok) throw fromIssue(rig.issues[0]!, 'round.rig');
		return scope.db.transaction().execute(async (trx) => {
			await openRound(scope, trx, round);
			const known = await knownEntries(scope, trx, round.id, message.entries);
			const fresh = message.entries.filter((entry) => !known.has(entry.id));
			const signedBefore = await isSignedOff(scope, trx, round.id);
			if (fresh.length > 0 && signedBefore)
				throw new Failure(
					409,
					'signed-off',
					'entries',
					'This round is signed off and read-only. A new round is a new calibration.'
				);
			checkEntries(message.entries, fresh, rig.value);
			if (fresh.length > 0) await insertEntries(scope, trx, round.id, fresh);
			const signs = fresh.some((entry) => entry.kind === 'sign-off');
			if (signs) await signOff(scope, trx, round, rig.value);
			return { acknowledged: message.entries.map((e) => e.id), signedOff: signedBefore || signs };
		});
	},

	/** The newest round of a sprayer that is not signed off. */
	async open(sprayerId: string): Promise<string | null> {
		const row = await scope.db
			.selectFrom('round as r')
			.leftJoin('calibration as c', (join) => join.onRef('c.farm_id', '=', 'r.farm_id').onRef('c.id', '=', 'r.id'))
			.select('r.id')
			.where('r.farm_id', '=', scope.farmId)
			.where('r.sprayer_id', '=', sprayerId)
			.where('c.id', 'is', null)
			.orderBy('r.started_at', 'desc')
			.limit(1)
			.executeTakeFirst();
		return row?.id ?? null;
	},

	async get(id: string): Promise<StoredRound> {
		const head = await scope.db
			.selectFrom('round')
			.select(['id', 'sprayer_id', 'rig', 'started_at'])
			.where('farm_id', '=', scope.farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		if (!head) throw notFound('round');
		return {
			round: {
				id: head.id,
				sprayerId: head.sprayer_id,
				startedAt: head.started_at.toISOString(),
				rig: structuredClone(head.rig) as RoundHead['rig']
			},
			entries: await entriesOf(scope, scope.db, id),
			signedOff: await isSignedOff(scope, scope.db, id)
		};
	}
});

type Reader = Kysely<Database> | Transaction<Database>;

/** Inserts the round if it is new, and locks its row, so that two messages for one round come one after the other. */
async function openRound(scope: Scope, trx: Transaction<Database>, round: RoundHead): Promise<void> {
	const sprayer = await trx
		.selectFrom('sprayer')
		.select('id')
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', round.sprayerId)
		.executeTakeFirst();
	if (!sprayer) throw notFound('sprayer', 'round.sprayerId');
	await trx
		.insertInto('round')
		.values({
			id: round.id,
			farm_id: scope.farmId,
			sprayer_id: round.sprayerId,
			rig: JSON.stringify(round.rig),
			started_at: round.startedAt
		})
		.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
		.execute();
	const stored = await trx
		.selectFrom('round')
		.select(['sprayer_id', 'rig'])
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', round.id)
		.forUpdate()
		.executeTakeFirstOrThrow();
	if (stored.sprayer_id !== round.sprayerId || canonicalJson(stored.rig) !== canonicalJson(round.rig))
		throw new Failure(409, 'conflict', 'round', 'This round is known with another rig. A new round takes a new id.');
}

async function knownEntries(
	scope: Scope,
	trx: Transaction<Database>,
	roundId: string,
	entries: readonly Entry[]
): Promise<Set<string>> {
	if (entries.length === 0) return new Set();
	const rows = await trx
		.selectFrom('round_entry')
		.select(['id', 'round_id', 'body'])
		.where('farm_id', '=', scope.farmId)
		.where(
			'id',
			'in',
			entries.map((e) => e.id)
		)
		.execute();
	const stored = new Map(rows.map((row) => [row.id, row]));
	entries.forEach((entry, i) => {
		const row = stored.get(entry.id);
		if (row && (row.round_id !== roundId || canonicalJson(row.body) !== canonicalJson(entry)))
			throw new Failure(409, 'conflict', `entries.${i}.id`, 'Another reading is already kept under this id.');
	});
	return new Set(stored.keys());
}

function checkEntries(all: readonly Entry[], fresh: readonly Entry[], rig: RigNumbers): void {
	const ids = new Set<string>();
	for (const entry of all) {
		const place = `entries.${all.indexOf(entry)}`;
		if (ids.has(entry.id)) throw new Failure(400, 'double', `${place}.id`, 'This id comes twice in one message.');
		ids.add(entry.id);
		const [issue] = fresh.includes(entry) ? checkEntry(entry, rig) : [];
		if (issue) throw fromIssue(issue, place);
	}
}

async function insertEntries(scope: Scope, trx: Transaction<Database>, roundId: string, entries: readonly Entry[]) {
	await trx
		.insertInto('round_entry')
		.values(
			entries.map((entry) => ({
				id: entry.id,
				farm_id: scope.farmId,
				round_id: roundId,
				seq: entry.seq,
				kind: entry.kind,
				at: entry.at,
				body: JSON.stringify(entry)
			}))
		)
		.execute();
}

const entriesOf = async (scope: Scope, db: Reader, roundId: string): Promise<Entry[]> => {
	const rows = await db
		.selectFrom('round_entry')
		.select('body')
		.where('farm_id', '=', scope.farmId)
		.where('round_id', '=', roundId)
		.orderBy('seq')
		.orderBy('id')
		.execute();
	return rows.map((row) => row.body);
};

async function isSignedOff(scope: Scope, db: Reader, roundId: string): Promise<boolean> {
	const row = await db
		.selectFrom('calibration')
		.select('id')
		.where('farm_id', '=', scope.farmId)
		.where('id', '=', roundId)
		.executeTakeFirst();
	return row !== undefined;
}

/** Computes the calibration again from all stored readings, with the core that the device used, and keeps it. */
async function signOff(scope: Scope, trx: Transaction<Database>, head: RoundHead, rig: RigNumbers): Promise<void> {
	const round = foldRound(await entriesOf(scope, trx, head.id));
	const signed = round.signOff;
	if (!signed) throw new Error(`round ${head.id} has no sign-off`);
	const sheet = roundSheet(rig, round);
	if (!sheet.ok) throw fromIssue(sheet.issues[0]!, 'round');
	const result = calibrate(sheet.value, usualSkill, scope.settings.evenRule);
	if (!result.ok) throw fromIssue(result.issues[0]!, 'round');
	const pressure = readField(fields.pressure, signed.pressure, 'pressure');
	if (!pressure.ok) throw fromIssue(pressure.issues[0]!, 'round');
	const c = result.value;
	const row: NewCalibration = {
		id: head.id,
		farm_id: scope.farmId,
		sprayer_id: head.sprayerId,
		signed_by: signed.person,
		signed_day: signed.day,
		signed_at: signed.at,
		gear: signed.gear,
		rpm: signed.rpm,
		remarks: signed.remarks,
		method: c.method,
		even_rule: scope.settings.evenRule,
		pressure_pa: pressure.value.value,
		rate_m3_per_m2: c.rate.value,
		relative_u95: c.relativeUncertainty95,
		speed_m_s: c.speed.value,
		width_m: c.width.value,
		flow_m3_s: c.flow.value,
		nozzles_on: c.nozzles.count,
		budget: JSON.stringify(c.budget),
		findings: JSON.stringify(c.findings)
	};
	await trx.insertInto('calibration').values(row).execute();
}
