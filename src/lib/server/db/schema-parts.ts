import type { ColumnType } from 'kysely';

/** jsonb: read as a value, written as JSON text (pg would send an array as a PostgreSQL array). */
export type Json<T> = ColumnType<T, string, string>;
/** Set by the database once, never by a writer. */
export type Stamp = ColumnType<Date, never, never>;

/** Every table has its farm; a row is reached only through a handle that is bound to one. */
export interface Owned {
	farm_id: string;
}
