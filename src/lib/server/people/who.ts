import type { Kysely } from 'kysely';
import type { Right, Role } from '../../settings/roles';
import { rights, rightsOf } from '../../settings/roles';
import type { Database } from '../db/schema';
import type { Need } from './route-rules';

/** Who asks. */
export type Who =
	/** The only person there is, on this computer: nobody has an account, and only this computer is answered. */
	| { readonly kind: 'alone' }
	/** `first`: nobody has an account yet. */
	| { readonly kind: 'nobody'; readonly first: boolean }
	| Person;

export interface Person {
	readonly kind: 'person';
	readonly personId: string;
	readonly sessionId: string;
	readonly name: string;
	/** The language that they picked, on whatever device; null until they did. */
	readonly language: string | null;
	/** Their farms, those that they left not among them. */
	readonly farms: readonly { readonly id: string; readonly name: string; readonly role: Role }[];
	/** The one that is looked at; null for somebody who is on none. */
	readonly farm: { readonly id: string; readonly name: string; readonly role: Role } | null;
}

const rightsOfWho = (who: Who): readonly Right[] => {
	if (who.kind === 'alone') return rights;
	return who.kind === 'person' && who.farm ? rightsOf(who.farm.role) : [];
};

export type Answer = 'allowed' | 'sign-in' | 'first' | 'no-farm' | 'refused';

/** Whether somebody may: the one decision, for every route. */
export function decide(who: Who, need: Need | null): Answer {
	if (need === 'anyone') return 'allowed';
	if (who.kind === 'nobody') return who.first ? 'first' : 'sign-in';
	if (need === null) return 'refused';
	if (need === 'signed-in') return who.kind === 'person' ? 'allowed' : 'refused';
	if (who.kind === 'person' && !who.farm) return 'no-farm';
	return rightsOfWho(who).includes(need) ? 'allowed' : 'refused';
}

/** A person who is signed in, with their farms; the farm looked at is the one the session says, else the first. */
export async function personOf(db: Kysely<Database>, sessionId: string, personId: string): Promise<Person | null> {
	const session = await db
		.selectFrom('person_session as s')
		.innerJoin('person as p', 'p.id', 's.person_id')
		.select(['s.farm_id', 'p.name', 'p.language'])
		.where('s.id', '=', sessionId)
		.where('s.person_id', '=', personId)
		.executeTakeFirst();
	if (!session) return null;
	const farms = await db
		.selectFrom('membership as m')
		.innerJoin('farm as f', 'f.id', 'm.farm_id')
		.select(['f.id', 'f.name', 'm.role'])
		.where('m.person_id', '=', personId)
		.where('m.ended_at', 'is', null)
		.orderBy('m.created_at')
		.orderBy('f.id')
		.execute();
	const farm = farms.find((one) => one.id === session.farm_id) ?? farms[0] ?? null;
	return { kind: 'person', personId, sessionId, name: session.name, language: session.language, farms, farm };
}

/** Who asks, as pages and devices are told. */
export const meOf = (who: Who) => ({
	id: who.kind === 'person' ? who.personId : null,
	name: who.kind === 'person' ? who.name : '',
	role: who.kind === 'person' ? (who.farm?.role ?? null) : null,
	rights: rightsOfWho(who),
	language: who.kind === 'person' ? who.language : null
});
