import type { Kysely, Transaction } from 'kysely';
import type { Database } from './schema';

/** Runs something in a transaction of its own, or in the one that is under way already. */
export const inTransaction = <T>(db: Kysely<Database>, run: (trx: Transaction<Database>) => Promise<T>): Promise<T> =>
	db.isTransaction ? run(db as Transaction<Database>) : db.transaction().execute(run);
