import type { Issue } from '../quantity/issue';
import type { Kind } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { EntryBody } from './entries';
import type { Field } from '../quantity/fields';
import { fields, readField } from '../quantity/fields';
import type { RigNumbers } from './rig';

/**
 * What is wrong with one entry, before it is kept: an unreadable or absurd reading, a nozzle or section that the rig
 * has not got. The device asks before it writes, the server asks again.
 */
export function checkEntry(entry: EntryBody, rig: RigNumbers): readonly Issue[] {
	const typed = (f: Field<Kind>, text: Typed, path: string): readonly Issue[] => {
		const read = readField(f, text, path);
		return read.ok ? [] : read.issues;
	};
	const nozzle = (n: number): readonly Issue[] =>
		n >= 1 && n <= rig.nozzles
			? []
			: [{ code: 'too-large', path: 'nozzle', text: `${n}`, wanted: 'nozzles', bound: `${rig.nozzles}` }];
	switch (entry.kind) {
		case 'course':
			return typed(fields.course, entry.length, 'length');
		case 'run':
			return typed(fields.runTime, entry.time, 'time');
		case 'dial':
			return typed(fields.dial, entry.speed, 'speed');
		case 'jug':
			return typed(fields.jug, entry.graduation, 'graduation');
		case 'gauge':
			return typed(fields.pressure, entry.pressure, 'pressure');
		case 'catch-time':
			return entry.time ? typed(fields.catchTime, entry.time, 'time') : [];
		case 'catch':
			return [...nozzle(entry.nozzle), ...typed(fields.catchAmount, entry.amount, 'amount')];
		case 'not-caught':
			return nozzle(entry.nozzle);
		case 'sections':
			return checkSections(entry.off, rig);
		case 'sign-off':
			return typed(fields.pressure, entry.pressure, 'pressure');
		case 'tick':
		case 'strike':
			return [];
	}
}

function checkSections(off: readonly number[], rig: RigNumbers): readonly Issue[] {
	const unknown = off.find((section) => section >= rig.sections.length);
	if (unknown !== undefined)
		return [{ code: 'too-large', path: 'off', text: `${unknown}`, bound: `${rig.sections.length - 1}` }];
	if (new Set(off).size >= rig.sections.length) return [{ code: 'all-sections-off', path: 'off' }];
	return [];
}
