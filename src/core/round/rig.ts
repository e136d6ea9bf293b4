import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Flow, Length, Pressure, Volume } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { fields, readField } from '../quantity/fields';

/** A boom sprayer as its owner typed it. A round keeps the rig as it was when the round began. */
export interface Rig {
	readonly kind: 'boom';
	readonly name: string;
	readonly tank: Typed;
	readonly nozzles: number;
	readonly spacing: Typed;
	/** Nozzles in each section, left to right; they add up to `nozzles`. */
	readonly sections: readonly number[];
	/** What is stamped on the nozzle, as the owner calls it: `110-03`. */
	readonly nozzle: string;
	readonly rated: { readonly flow: Typed; readonly at: Typed } | null;
}

/** The same, read into quantities. */
export interface RigNumbers {
	readonly tank: Volume;
	readonly nozzles: number;
	readonly spacing: Length;
	readonly sections: readonly number[];
	readonly rated: { readonly flow: Flow; readonly at: Pressure } | null;
}

export const mostNozzles = 144;

/**
 * Reads a rig into quantities. Errors: those of its fields, `not-whole`/`too-large` for the number of nozzles,
 * `sections-mismatch` where the sections do not add up.
 */
export function readRig(rig: Rig): Result<RigNumbers> {
	const issues: Issue[] = [];
	const tank = readField(fields.tank, rig.tank, 'tank');
	const spacing = readField(fields.spacing, rig.spacing, 'spacing');
	const flow = rig.rated && readField(fields.nozzleFlow, rig.rated.flow, 'rated.flow');
	const at = rig.rated && readField(fields.pressure, rig.rated.at, 'rated.at');
	for (const part of [tank, spacing, flow, at]) if (part && !part.ok) issues.push(...part.issues);
	if (!Number.isInteger(rig.nozzles) || rig.nozzles < 1)
		issues.push({ code: 'not-whole', path: 'nozzles', text: `${rig.nozzles}`, wanted: 'nozzles' });
	else if (rig.nozzles > mostNozzles)
		issues.push({
			code: 'too-large',
			path: 'nozzles',
			text: `${rig.nozzles}`,
			wanted: 'nozzles',
			bound: `${mostNozzles}`
		});
	const sum = rig.sections.reduce((s, n) => s + n, 0);
	if (sum !== rig.nozzles || rig.sections.some((n) => !Number.isInteger(n) || n < 1))
		issues.push({
			code: 'sections-mismatch',
			path: 'sections',
			text: rig.sections.join(', '),
			bound: `${rig.nozzles}`
		});
	if (issues.length > 0 || !tank.ok || !spacing.ok) return bad(...issues);
	return good({
		tank: tank.value.value,
		nozzles: rig.nozzles,
		spacing: spacing.value.value,
		sections: rig.sections,
		rated: flow?.ok && at?.ok ? { flow: flow.value.value, at: at.value.value } : null
	});
}

/** Section (from 0) of every nozzle, left to right. */
export const sectionOfNozzles = (sections: readonly number[]): number[] =>
	sections.flatMap((size, section) => Array.from({ length: size }, () => section));
