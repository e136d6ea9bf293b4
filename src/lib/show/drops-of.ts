import type { DropletClass, Nozzle, Rig } from '../../core/index';
import { dropletClassAt, si } from '../../core/index';
import { fittedNozzle } from './fitted-nozzle';

/** Drops of a rig's nozzles at a pressure (Pa), where the nozzle catalogue knows them by their maker's sheet; else null. */
export function dropsOf(
	rig: Pick<Rig, 'nozzle' | 'kind' | 'groups'>,
	pressure: number | null,
	table: readonly Nozzle[]
): DropletClass | null {
	// Several sizes make several drops: none of them speaks for all.
	if (pressure === null || (rig.groups && new Set(rig.groups).size > 1)) return null;
	const nozzle = fittedNozzle(rig.nozzle, rig.kind, table);
	return nozzle ? dropletClassAt(nozzle.classes, si<'pressure'>(pressure)) : null;
}
