// Which Fallow works on a data folder: told to whoever starts another one there.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const noteOf = (data) => join(data, 'running.json');

/** The start that works on a data folder, if it lives; a note of one that was killed says nothing. */
export function runningOn(data) {
	try {
		const note = JSON.parse(readFileSync(noteOf(data), 'utf8'));
		const command = readFileSync(`/proc/${note.pid}/cmdline`, 'utf8');
		return command.includes('start.mjs') ? note : null;
	} catch {
		return null;
	}
}

export const noteRunning = (data, address) =>
	writeFileSync(noteOf(data), JSON.stringify({ pid: process.pid, address }));

export function forgetRunning(data) {
	if (existsSync(noteOf(data)) && runningOn(data)?.pid === process.pid) rmSync(noteOf(data), { force: true });
}
