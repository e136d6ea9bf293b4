import type { Nozzle, TypedNozzle } from '../../core/index';
import { isoNozzles, readNozzle } from '../../core/index';
import type { FarmSettings } from './farm-settings';
import { measuresOf } from './field-units';

export interface KeptNozzle {
	readonly key: string;
	readonly nozzle: TypedNozzle;
}

/** The farm's table as it is kept: its own nozzles as typed, and which of all nozzles lie in the shed. */
export interface KeptNozzles {
	readonly own: readonly KeptNozzle[];
	readonly shed: readonly string[];
}

export const noNozzles: KeptNozzles = { own: [], shed: [] };

/** The whole table in quantities: the farm's own nozzles, then the generic sizes in the farm's measures. */
export function nozzleTable(kept: KeptNozzles, settings: FarmSettings): Nozzle[] {
	const shed = new Set(kept.shed);
	const own = kept.own.flatMap(({ key, nozzle }) => {
		const read = readNozzle(key, nozzle, shed.has(key));
		return read.ok ? [read.value] : [];
	});
	return [...own, ...isoNozzles(measuresOf(settings) === 'US' ? 'US' : 'metric', shed)];
}
