import type { Kysely } from 'kysely';
import type { Database } from '../src/lib/server/db/schema';
import { joinFarm } from '../src/lib/server/people/accounts';
import type { Role } from '../src/lib/settings/roles';

/** The invented people of the demo, one of each role. They have no password: they come in by a tap, on loopback. */
const people: readonly {
	readonly id: string;
	readonly name: string;
	readonly role: Role;
	readonly licence?: readonly [string, string];
}[] = [
	{
		id: '01900000-0000-7000-8000-00000000a001',
		name: 'Olive Sample',
		role: 'owner',
		licence: ['SP-1001', '2031-12-31']
	},
	{
		id: '01900000-0000-7000-8000-00000000a002',
		name: 'Max Example',
		role: 'manager',
		licence: ['SP-1002', '2030-06-30']
	},
	{
		id: '01900000-0000-7000-8000-00000000a003',
		name: 'Ana Muster',
		role: 'operator',
		licence: ['SP-1003', '2029-03-31']
	},
	{
		id: '01900000-0000-7000-8000-00000000a004',
		name: 'Ben Specimen',
		role: 'operator',
		licence: ['SP-1004', '2026-02-28']
	},
	{ id: '01900000-0000-7000-8000-00000000a005', name: 'Iris Model', role: 'adviser' }
];

/** Adds them once; who is there already stays as they are. */
export async function addPeople(db: Kysely<Database>, farmId: string): Promise<void> {
	for (const { id, name, role, licence } of people) {
		const made = await db
			.insertInto('person')
			.values({
				id,
				name,
				email: `${id}@people.invalid`,
				email_verified: false,
				image: null,
				sign_in_name: null,
				shown_sign_in_name: null
			})
			.onConflict((oc) => oc.column('id').doNothing())
			.executeTakeFirst();
		if (!made.numInsertedOrUpdatedRows) continue;
		await joinFarm(db, { farmId, personId: id, name, role });
		if (licence)
			await db
				.updateTable('worker')
				.set({ licence: licence[0], licence_until: licence[1] })
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.execute();
	}
}
