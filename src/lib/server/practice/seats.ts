import type { Kysely } from 'kysely';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import { m } from '$words';
import type { PracticeWork } from '../../wire/practice';
import { now } from '../clock';
import type { StoredClass, StoredSeat } from '../db/practice';
import { classOf } from '../db/practice';
import type { Database } from '../db/schema';
import { Failure, notFound } from '../failure';
import { newToken, tokenHash } from '../people/token';

/** Most learners of one class. */
const mostSeats = 60;

/** The class of a code, as somebody who has no account finds it. */
export async function classByCode(db: Kysely<Database>, code: string): Promise<StoredClass> {
	const row = await db
		.selectFrom('practice_class')
		.selectAll()
		.where('code', '=', code)
		.where('ended_at', 'is', null)
		.where('ends_at', '>', now())
		.executeTakeFirst();
	if (!row) throw notFound('class', 'code');
	return classOf(row);
}

/** Takes a seat in a class; answers with the token that its work is written by. */
export async function takeSeat(db: Kysely<Database>, code: string, name: string): Promise<string> {
	const one = await classByCode(db, code);
	const token = newToken();
	await db.transaction().execute(async (trx) => {
		// One after the other, so that the last seat is given once.
		await sql`select 1 from practice_class where id = ${one.id} for update`.execute(trx);
		const { count } = await trx
			.selectFrom('practice_seat')
			.select(sql<number>`count(*)::int`.as('count'))
			.where('class_id', '=', one.id)
			.executeTakeFirstOrThrow();
		if (count >= mostSeats) throw new Failure(409, 'full', 'code', m.class_full({ most: mostSeats }));
		await trx
			.insertInto('practice_seat')
			.values({ farm_id: one.farmId, id: v7(), class_id: one.id, name, token_hash: tokenHash(token) })
			.execute();
	});
	return token;
}

/** The seat of a token with its class, as long as that is open. */
export async function seatByToken(
	db: Kysely<Database>,
	token: string
): Promise<{ readonly seat: StoredSeat; readonly one: StoredClass }> {
	const row = await db
		.selectFrom('practice_seat')
		.select(['id', 'class_id', 'farm_id', 'name', 'work', 'seen_at'])
		.where('token_hash', '=', tokenHash(token))
		.executeTakeFirst();
	const one =
		row &&
		(await db
			.selectFrom('practice_class')
			.selectAll()
			.where('farm_id', '=', row.farm_id)
			.where('id', '=', row.class_id)
			.where('ended_at', 'is', null)
			.where('ends_at', '>', now())
			.executeTakeFirst());
	if (!row || !one) throw notFound('class', 'token');
	return {
		seat: { id: row.id, name: row.name, work: row.work, seenAt: row.seen_at },
		one: classOf(one)
	};
}

/** Keeps what a learner has done so far. What was signed stays as it was signed. */
export async function keepWork(db: Kysely<Database>, token: string, work: PracticeWork): Promise<void> {
	const { seat } = await seatByToken(db, token);
	const signed = seat.work?.entries.some((e) => e.kind === 'sign-off') ?? false;
	if (signed) return;
	await db
		.updateTable('practice_seat')
		.set({ work: JSON.stringify(work), seen_at: now() })
		.where('id', '=', seat.id)
		.execute();
}
