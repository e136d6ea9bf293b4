import { m } from '$words';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import type { Role } from '../../settings/roles';
import { rolesUnder } from '../../settings/roles';
import { now } from '../clock';
import { Failure, notFound } from '../failure';
import { newToken, tokenHash } from '../people/token';
import { inTransaction } from './in-transaction';
import type { Scope } from './scope';

/** How long a link to join can be used, and one for a new password. */
const linkDays = { join: 7, password: 1 } as const;
const day = 86_400_000;

export interface Worker {
	readonly id: string;
	readonly name: string;
	readonly initials: string;
	readonly licence: string;
	readonly licenceUntil: string | null;
}

const lowerOnly = (role: Role, by: Role) => {
	if (!rolesUnder(by).includes(role)) throw new Failure(403, 'role', 'role', m.only_an_owner_may());
};

/** People of one farm, their devices, and the links that were given out. */
export const peopleOf = (scope: Scope) => {
	const { db, farmId, personId, settings } = scope;

	const roleOf = async (id: string): Promise<Role> => {
		const row = await db
			.selectFrom('membership')
			.select('role')
			.where('farm_id', '=', farmId)
			.where('person_id', '=', id)
			.where('ended_at', 'is', null)
			.executeTakeFirst();
		if (!row) throw notFound('person');
		return row.role;
	};

	/** A farm keeps an owner. Owners are counted under a lock, so that two cannot leave at once. */
	const keepsAnOwner = (id: string, change: (trx: typeof db) => Promise<unknown>) =>
		inTransaction(db, async (trx) => {
			await sql`select from farm where id = ${farmId} for update`.execute(trx);
			await change(trx);
			const owner = await trx
				.selectFrom('membership')
				.select('person_id')
				.where('farm_id', '=', farmId)
				.where('role', '=', 'owner')
				.where('ended_at', 'is', null)
				.limit(1)
				.executeTakeFirst();
			if (!owner) throw new Failure(409, 'last-owner', 'role', m.farm_needs_an_owner());
		});

	const link = async (role: Role, name: string, forPerson: string | null, days: number): Promise<string> => {
		const token = newToken();
		await db
			.insertInto('invitation')
			.values({
				id: v7(),
				farm_id: farmId,
				token_hash: tokenHash(token),
				role,
				name,
				for_person: forPerson,
				made_by: personId,
				ends_at: new Date(now().getTime() + days * day)
			})
			.execute();
		return token;
	};

	return {
		async all() {
			return db
				.selectFrom('membership as m')
				.innerJoin('worker as w', (join) => join.onRef('w.farm_id', '=', 'm.farm_id').onRef('w.id', '=', 'm.person_id'))
				.innerJoin('person as p', 'p.id', 'm.person_id')
				.select([
					'w.id',
					'w.name',
					'w.initials',
					'w.licence',
					'w.licence_until as licenceUntil',
					'm.role',
					'p.shown_sign_in_name as signInName'
				])
				.where('m.farm_id', '=', farmId)
				.where('m.ended_at', 'is', null)
				.orderBy(sql`array_position(array['owner','manager','operator','adviser'], m.role)`)
				.orderBy((eb) => eb.fn('lower', ['w.name']))
				.execute();
		},

		/** Somebody who is or was on the farm, as named in its work; null for nobody of it. */
		async worker(id: string | null): Promise<Worker | null> {
			if (id === null) return null;
			const row = await db
				.selectFrom('worker')
				.select(['id', 'name', 'initials', 'licence', 'licence_until as licenceUntil'])
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.executeTakeFirst();
			return row ?? null;
		},

		/** Who worked on a job after the last day of their licence. */
		async endedLicences(jobId: string): Promise<{ readonly name: string; readonly until: string }[]> {
			return db
				.selectFrom('worker as w')
				.select(['w.name', sql<string>`w.licence_until::text`.as('until')])
				.where('w.farm_id', '=', farmId)
				.where((eb) =>
					eb.exists(
						eb
							.selectFrom('job_entry as e')
							.select('e.id')
							.where('e.farm_id', '=', farmId)
							.where('e.job_id', '=', jobId)
							.whereRef('e.by_person', '=', 'w.id')
							.where(sql<boolean>`(e.at at time zone ${settings.timeZone})::date > w.licence_until`)
					)
				)
				.orderBy('w.name')
				.execute();
		},

		/** Who changed a thing last; empty where nobody knows. */
		async changedBy(table: 'product' | 'block' | 'sprayer' | 'setting', id: string): Promise<string> {
			const found = await sql<{ name: string }>`
				select w.name from ${sql.table(table)} t join worker w on w.farm_id = t.farm_id and w.id = t.changed_by
				where t.farm_id = ${farmId} and t.id = ${id}`.execute(db);
			return found.rows[0]?.name ?? '';
		},

		async saveWorker({ id, name, initials, licence, licenceUntil }: Worker): Promise<void> {
			await db
				.updateTable('worker')
				.set({ name, initials, licence, licence_until: licenceUntil })
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.execute();
			await db.updateTable('person').set({ name, updated_at: now() }).where('id', '=', id).execute();
		},

		/** A link by which somebody joins; told once, only its hash is kept. */
		async invite(role: Role, name: string, by: Role): Promise<string> {
			lowerOnly(role, by);
			return link(role, name, null, linkDays.join);
		},

		/** A link by which somebody of the farm sets a new password. */
		async passwordLink(id: string, by: Role): Promise<string> {
			const role = await roleOf(id);
			lowerOnly(role, by);
			return link(role, '', id, linkDays.password);
		},

		async openInvitations() {
			return db
				.selectFrom('invitation')
				.select(['id', 'role', 'name', 'for_person as forPerson', 'ends_at as endsAt'])
				.where('farm_id', '=', farmId)
				.where('used_at', 'is', null)
				.where('ended_at', 'is', null)
				.where('ends_at', '>', now())
				.orderBy('created_at')
				.limit(100)
				.execute();
		},

		async recall(id: string, by: Role): Promise<void> {
			const row = await db
				.selectFrom('invitation')
				.select('role')
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.executeTakeFirst();
			if (!row) throw notFound('link');
			lowerOnly(row.role, by);
			await db
				.updateTable('invitation')
				.set({ ended_at: now() })
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.execute();
		},

		async changeRole(id: string, role: Role, by: Role): Promise<void> {
			lowerOnly(await roleOf(id), by);
			lowerOnly(role, by);
			await keepsAnOwner(id, (trx) =>
				trx.updateTable('membership').set({ role }).where('farm_id', '=', farmId).where('person_id', '=', id).execute()
			);
		},

		/** Somebody leaves; what they did stays, with their name. Whatever they are signed in on opens this farm no more. */
		async leave(id: string, by: Role): Promise<void> {
			if (id !== personId) lowerOnly(await roleOf(id), by);
			await keepsAnOwner(id, (trx) =>
				trx
					.updateTable('membership')
					.set({ ended_at: now() })
					.where('farm_id', '=', farmId)
					.where('person_id', '=', id)
					.execute()
			);
		},

		/** Where the people of the farm are signed in, the last seen first. */
		async devices(ofPerson?: string) {
			return db
				.selectFrom('person_session as s')
				.innerJoin('membership as m', 'm.person_id', 's.person_id')
				.innerJoin('worker as w', (join) => join.onRef('w.farm_id', '=', 'm.farm_id').onRef('w.id', '=', 'm.person_id'))
				.select([
					's.id',
					's.person_id as personId',
					'w.name as person',
					'm.role',
					's.device',
					's.user_agent as userAgent',
					's.updated_at as seenAt'
				])
				.where('m.farm_id', '=', farmId)
				.where('m.ended_at', 'is', null)
				.where('s.expires_at', '>', now())
				.$if(ofPerson !== undefined, (q) => q.where('s.person_id', '=', ofPerson!))
				.orderBy('s.updated_at', 'desc')
				.limit(200)
				.execute();
		},

		/** Ends a session: the device opens nothing more until somebody signs in on it. */
		async endDevice(sessionId: string, by: Role): Promise<void> {
			const found = (await this.devices()).find((one) => one.id === sessionId);
			if (!found) throw notFound('device');
			if (found.personId !== personId) lowerOnly(found.role, by);
			await db.deleteFrom('person_session').where('id', '=', sessionId).execute();
		},

		async inspectorLink(asked: {
			readonly name: string;
			readonly first: string;
			readonly last: string;
			readonly blocks: readonly string[];
			readonly endsAt: Date;
		}): Promise<string> {
			const token = newToken();
			await db
				.insertInto('inspector_link')
				.values({
					id: v7(),
					farm_id: farmId,
					token_hash: tokenHash(token),
					name: asked.name,
					first_day: asked.first,
					last_day: asked.last,
					blocks: [...asked.blocks],
					ends_at: asked.endsAt,
					made_by: personId
				})
				.execute();
			return token;
		},

		async inspectorLinks() {
			return db
				.selectFrom('inspector_link')
				.select([
					'id',
					'name',
					'first_day as first',
					'last_day as last',
					'blocks',
					'ends_at as endsAt',
					'opened_at as openedAt'
				])
				.where('farm_id', '=', farmId)
				.where('ended_at', 'is', null)
				.where('ends_at', '>', now())
				.orderBy('created_at')
				.limit(100)
				.execute();
		},

		async closeInspectorLink(id: string): Promise<void> {
			await db
				.updateTable('inspector_link')
				.set({ ended_at: now() })
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.execute();
		}
	};
};
