import type { Kysely } from 'kysely';
import type { FarmSettings } from '../../settings/farm-settings';
import type { Database } from './schema';

/** What every query is bound to: one farm on one database. Only `farmHandle` makes one. */
export interface Scope {
	readonly db: Kysely<Database>;
	readonly farmId: string;
	readonly settings: FarmSettings;
	/** Who asks: what is written carries it. Null alone on this computer, and for the programs of the server. */
	readonly personId: string | null;
}
