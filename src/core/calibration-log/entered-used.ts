import { entered } from '../quantity/entered';
import { fields } from '../quantity/fields';
import type { TypedUsed, EnteredUsed } from './entered-parts';

export const enteredUsed = (used: TypedUsed): EnteredUsed =>
	'added' in used
		? { added: entered(fields.tankReading, used.added) }
		: { start: entered(fields.tankReading, used.start), left: entered(fields.tankReading, used.left) };
