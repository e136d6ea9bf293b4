import type { Kysely } from 'kysely';
import type { Role } from '../../settings/roles';
import type { Database } from '../db/schema';

export interface DemoPerson {
	readonly id: string;
	readonly name: string;
	readonly role: Role;
}

/** Everybody of the demo's farm, for one tap in. Asked for only where the demo runs. */
export async function demoPeople(db: Kysely<Database>): Promise<DemoPerson[]> {
	return db
		.selectFrom('membership as m')
		.innerJoin('person as p', 'p.id', 'm.person_id')
		.select(['p.id', 'p.name', 'm.role'])
		.where('m.ended_at', 'is', null)
		.orderBy('m.created_at')
		.orderBy('p.id')
		.limit(20)
		.execute();
}
