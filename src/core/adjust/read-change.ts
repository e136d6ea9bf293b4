import type { Rated } from '../calibration/sheet';
import type { FlowPoint } from '../nozzles/nozzle';
import type { Field } from '../quantity/fields';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Kind, Pressure, Quantity, Speed } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { TypedRated } from '../sprayer/sprayer';
import type { TypedChange } from './change';

/** A change of a sprayer in quantities; null or left out is left alone. */
export interface Change {
	readonly speed: Speed | null;
	/** New pace over the old one, where no speed was measured. */
	readonly pace: number | null;
	readonly pressure: Pressure | null;
	/** What the sheet of another nozzle gives. */
	readonly nozzle: readonly FlowPoint[] | null;
	/** Size of each nozzle in the order of the sprayer, and the rated flow of each size. */
	readonly set: { readonly groups: readonly string[]; readonly ratings: ReadonlyMap<string, Rated> } | null;
}

/**
 * Reads a change into quantities, once: checks and predictions work with what it gives.
 *
 * Errors: those of the speed, the dial, the pressure and the rated flows.
 * @example
 * readChange({ speed: { text: '7.2', unit: 'km/h', gallon: 'US' } }).value.speed // => 2
 */
export function readChange(change: TypedChange): Result<Change> {
	const issues: Issue[] = [];
	const read = <K extends Kind>(field: Field<K>, typed: Typed | undefined, path: string): Quantity<K> | null => {
		if (!typed) return null;
		const value = readField(field, typed, path);
		if (value.ok) return value.value.value;
		issues.push(...value.issues);
		return null;
	};
	const rated = (typed: TypedRated): Rated | null => {
		const flow = read(fields.nozzleFlow, typed.flow, 'nozzle.flow');
		const at = read(fields.pressure, typed.at, 'nozzle.at');
		return flow === null || at === null ? null : { flow, at };
	};
	const { speed, dial, pressure, nozzle, set } = change;
	const quantities = {
		speed: read(fields.dial, speed, 'speed'),
		pace: change.pace ?? null,
		pressure: read(fields.pressure, pressure, 'pressure')
	};
	read(fields.dial, dial, 'dial');
	if (nozzle) rated(nozzle.rated);
	const ratings = new Map<string, Rated>();
	for (const [group, one] of Object.entries(set?.ratings ?? {})) {
		const flow = rated(one);
		if (flow) ratings.set(group, flow);
	}
	if (issues.length > 0) return bad(...issues);
	return good({ ...quantities, nozzle: nozzle?.points ?? null, set: set ? { groups: set.groups, ratings } : null });
}
