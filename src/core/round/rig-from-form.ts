import type { Issue } from '../quantity/issue';
import type { Typed } from '../quantity/typed';
import type { Rig } from './rig';
import { readRig } from './rig';

/** A sprayer's form as it was typed: all text. */
export interface RigForm {
	readonly name: string;
	readonly tank: string;
	readonly nozzles: string;
	readonly spacing: string;
	/** Nozzles in each section; empty is one section. */
	readonly sections: string;
	readonly nozzle: string;
	/** Rated flow and the pressure that it goes with; both or neither. */
	readonly ratedFlow: string;
	readonly ratedAt: string;
}

/** How the form's bare numbers are read. */
export interface RigFormReading {
	readonly tank: (text: string) => Typed;
	readonly spacing: (text: string) => Typed;
	readonly flow: (text: string) => Typed;
	readonly pressure: (text: string) => Typed;
}

/**
 * A rig from what was typed, with everything that is wrong with it. The issues' paths are the form's own: `nozzles`,
 * `sections`, `ratedAt`. A rig comes back even where there are issues, for drawing as far as it goes.
 */
export function rigFromForm(
	form: RigForm,
	reading: RigFormReading
): { readonly rig: Rig; readonly issues: readonly Issue[] } {
	const nozzles = Number(form.nozzles.trim());
	const written = form.sections.trim();
	const sections = written === '' ? [nozzles] : written.split(/[\s,;+/]+/).map(Number);
	const bothEmpty = form.ratedFlow.trim() === '' && form.ratedAt.trim() === '';
	const rig: Rig = {
		kind: 'boom',
		name: form.name.trim(),
		tank: reading.tank(form.tank),
		nozzles,
		spacing: reading.spacing(form.spacing),
		sections,
		nozzle: form.nozzle.trim(),
		rated: bothEmpty ? null : { flow: reading.flow(form.ratedFlow), at: reading.pressure(form.ratedAt) }
	};
	const read = readRig(rig);
	const issues: Issue[] = read.ok ? [] : [...read.issues];
	if (rig.name === '') issues.unshift({ code: 'empty', path: 'name' });
	const renamed: Record<string, string> = { 'rated.flow': 'ratedFlow', 'rated.at': 'ratedAt' };
	const texts: Record<string, string> = { nozzles: form.nozzles, sections: form.sections };
	return {
		rig,
		issues: issues
			// Sections cannot add up to a number that is not one: one trouble is told, not its echo.
			.filter((i) => !(i.path === 'sections' && issues.some((other) => other.path === 'nozzles')))
			.map((i) => ({ ...i, path: renamed[i.path] ?? i.path, text: texts[i.path] ?? i.text }))
			.map((i) => (i.text === '' && i.path === 'nozzles' ? { ...i, code: 'empty' as const } : i))
	};
}
