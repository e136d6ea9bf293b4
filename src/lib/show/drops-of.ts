import type { DropletClass, Nozzle, TypedSprayer } from '../../core/index';
import { dropletClassAt, si } from '../../core/index';
import { fittedNozzle } from './fitted-nozzle';

/** Drops of a sprayer's nozzles at a pressure (Pa), where the nozzle catalogue knows them by their maker's sheet; else null. */
export function dropsOf(
	sprayer: Pick<TypedSprayer, 'nozzle' | 'kind' | 'groups'>,
	pressure: number | null,
	table: readonly Nozzle[]
): DropletClass | null {
	// Several sizes make several drops: none of them speaks for all.
	if (pressure === null || (sprayer.groups && new Set(sprayer.groups).size > 1)) return null;
	const nozzle = fittedNozzle(sprayer.nozzle, sprayer.kind, table);
	return nozzle ? dropletClassAt(nozzle.classes, si<'pressure'>(pressure)) : null;
}
