import type { Kysely } from 'kysely';
import * as boomRounds from './0001-boom-rounds';

export interface Migration {
	readonly name: string;
	readonly up: (db: Kysely<unknown>) => Promise<void>;
}

/** In order, forward only. A migration that has landed is never edited: the next one mends it. */
export const migrations: readonly Migration[] = [{ name: '0001-boom-rounds', up: boomRounds.up }];
