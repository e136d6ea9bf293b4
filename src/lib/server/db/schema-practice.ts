import type { ColumnType } from 'kysely';
import type { PracticeWork } from '../../wire/practice';
import type { Owned, Stamp } from './schema-parts';

/** A class of the practice yard: one exercise and its seed under a code. */
export interface PracticeClassTable extends Owned {
	id: string;
	code: string;
	exercise: string;
	/** bigint: comes as text. */
	seed: ColumnType<string, number, never>;
	trainer: string;
	ends_at: Date;
	ended_at: ColumnType<Date | null, undefined, Date>;
	created_at: Stamp;
}

/** Who works in a class, by the name that they gave. */
export interface PracticeSeatTable extends Owned {
	id: string;
	class_id: string;
	name: string;
	token_hash: string;
	work: ColumnType<PracticeWork | null, undefined, string>;
	seen_at: ColumnType<Date, undefined, Date>;
	created_at: Stamp;
}
