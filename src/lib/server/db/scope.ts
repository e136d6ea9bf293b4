import type { Kysely } from 'kysely';
import type { FarmSettings } from '../../settings/farm-settings';
import type { Database } from './schema';

/** What every query is bound to: one farm on one database. Only `farmHandle` makes one. */
export interface Scope {
	readonly db: Kysely<Database>;
	readonly farmId: string;
	readonly settings: FarmSettings;
}
