import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';

const noteSchema = z.object({ at: z.iso.datetime(), ok: z.boolean(), message: z.string().optional() });
const dayAndSome = 30 * 3_600_000;

export interface BackupTrouble {
	/** When it was tried last, ISO 8601; null where it never was. */
	readonly at: string | null;
	readonly message: string;
}

/** What is wrong with the daily backup, as its own note has it; null where nothing is, or where none is made here. */
export function backupTrouble(folder: string | undefined, now: number): BackupTrouble | null {
	if (!folder) return null;
	let text: string;
	try {
		text = readFileSync(join(folder, 'last.json'), 'utf8');
	} catch {
		return { at: null, message: '' };
	}
	let read;
	try {
		read = noteSchema.safeParse(JSON.parse(text));
	} catch {
		return { at: null, message: '' };
	}
	if (!read.success) return { at: null, message: '' };
	const { at, ok, message = '' } = read.data;
	return ok && now - Date.parse(at) < dayAndSome ? null : { at, message };
}
