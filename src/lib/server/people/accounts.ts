import { m } from '$words';
import type { Kysely } from 'kysely';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import { initialsOf } from '../../settings/initials';
import type { Role } from '../../settings/roles';
import { now } from '../clock';
import type { Database } from '../db/schema';
import { Failure } from '../failure';
import { signInNamePattern } from './auth';
import type { Asking, Door } from './door';
import { handedOn } from './door';
import { passwordProblem } from './password';
import { tokenHash } from './token';

export interface NewAccount {
	readonly name: string;
	readonly signInName: string;
	readonly password: string;
}

async function check({ name, signInName, password }: NewAccount): Promise<void> {
	if (name.trim() === '' || name.trim().length > 80) throw new Failure(422, 'name', 'name', m.type_your_name());
	if (!signInNamePattern.test(signInName.trim().toLowerCase()))
		throw new Failure(422, 'sign-in-name', 'signInName', m.sign_in_name_wrong());
	const problem = await passwordProblem(password, name.trim(), signInName.trim());
	if (problem) throw new Failure(422, 'password', 'password', problem);
}

/** Opens an account; the cookies let its person in at once. */
export async function openAccount(door: Door, asking: Asking, account: NewAccount) {
	await check(account);
	const auth = door.auth(asking.url.origin);
	// No mail is ever sent; the package asks for an address, and this one can belong to nobody.
	const email = `${v7()}@people.invalid`;
	const signInName = account.signInName.trim();
	const taken = new Failure(409, 'taken', 'signInName', m.sign_in_name_taken());
	const known = await door.outside.db
		.selectFrom('person')
		.select('id')
		.where('sign_in_name', '=', signInName.toLowerCase())
		.executeTakeFirst();
	if (known) throw taken;
	const { headers, response } = await auth.api
		.signUpEmail({
			body: { email, name: account.name.trim(), password: account.password, username: signInName },
			headers: handedOn(asking),
			returnHeaders: true
		})
		.catch((error: unknown) => {
			if ((error as { status?: unknown }).status === 'UNPROCESSABLE_ENTITY' || /unique/i.test(String(error)))
				throw taken;
			throw error;
		});
	return { personId: response.user.id, cookies: headers.getSetCookie() };
}

/** Puts somebody on a farm, named in its work from now on. */
export async function joinFarm(
	db: Kysely<Database>,
	{ farmId, personId, name, role }: { farmId: string; personId: string; name: string; role: Role }
): Promise<void> {
	await db
		.insertInto('worker')
		.values({ farm_id: farmId, id: personId, name, initials: initialsOf(name), licence: '', licence_until: null })
		.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
		.execute();
	await db
		.insertInto('membership')
		.values({ farm_id: farmId, person_id: personId, role })
		.onConflict((oc) => oc.columns(['farm_id', 'person_id']).doUpdateSet({ role, ended_at: null }))
		.execute();
}

/** Any number that no other lock of Fallow uses. */
const firstLock = 41_208;

/** The first person, who makes the farm theirs. Two at once: one is told that somebody was first. */
export async function openFirst(door: Door, asking: Asking, farmId: string, account: NewAccount) {
	const { db } = door.outside;
	return db.connection().execute(async (held) => {
		await sql`select pg_advisory_lock(${firstLock})`.execute(held);
		try {
			if (!(await door.nobodyYet())) throw new Failure(409, 'not-first', '', m.somebody_was_first());
			const made = await openAccount(door, asking, account);
			await joinFarm(db, { farmId, personId: made.personId, name: account.name.trim(), role: 'owner' });
			return made;
		} finally {
			await sql`select pg_advisory_unlock(${firstLock})`.execute(held);
		}
	});
}

export interface OpenLink {
	readonly id: string;
	readonly farmId: string;
	readonly farm: string;
	readonly role: Role;
	readonly name: string;
	/** Whose password it sets; null where it lets somebody join. */
	readonly forPerson: string | null;
}

/** The link of a token while it can be used. */
export async function linkOf(db: Kysely<Database>, token: string): Promise<OpenLink | null> {
	const row = await db
		.selectFrom('invitation as i')
		.innerJoin('farm as f', 'f.id', 'i.farm_id')
		.select(['i.id', 'i.farm_id', 'f.name as farm', 'i.role', 'i.name', 'i.for_person'])
		.where('i.token_hash', '=', tokenHash(token))
		.where('i.used_at', 'is', null)
		.where('i.ended_at', 'is', null)
		.where('i.ends_at', '>', now())
		.executeTakeFirst();
	return row
		? { id: row.id, farmId: row.farm_id, farm: row.farm, role: row.role, name: row.name, forPerson: row.for_person }
		: null;
}

/** Takes a link, once: who comes second with it is refused. */
export async function takeLink(db: Kysely<Database>, id: string): Promise<void> {
	const taken = await db
		.updateTable('invitation')
		.set({ used_at: now() })
		.where('id', '=', id)
		.where('used_at', 'is', null)
		.where('ended_at', 'is', null)
		.where('ends_at', '>', now())
		.executeTakeFirst();
	if (taken.numUpdatedRows === 0n) throw new Failure(410, 'link-ended', '', m.link_ended());
}

/** Sets a password, and ends whatever was open with the old one. */
export async function setPassword(door: Door, asking: Asking, personId: string, password: string): Promise<void> {
	const problem = await passwordProblem(password);
	if (problem) throw new Failure(422, 'password', 'password', problem);
	const context = await door.auth(asking.url.origin).$context;
	await context.internalAdapter.updatePassword(personId, await context.password.hash(password));
	await door.outside.db.deleteFrom('person_session').where('person_id', '=', personId).execute();
}

/** The language that a person picked. */
export async function keepLanguage(db: Kysely<Database>, personId: string, language: string): Promise<void> {
	await db.updateTable('person').set({ language }).where('id', '=', personId).execute();
}
