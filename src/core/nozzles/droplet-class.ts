import type { Pressure } from '../quantity/quantity';
import type { ClassPoint, DropletClass } from './nozzle';

/**
 * Drop size at a pressure by the maker's sheet. Between two pressures of the sheet the class of the higher one counts,
 * the finer: what is claimed to be coarse shall be. Above the last there is none, since nobody measured it.
 *
 * classes: pressures rising, Pa; none is null everywhere.
 * Source: the maker’s sheet.
 * @example
 * dropletClassAt([{ pressure: 2, drops: 'coarse' }, { pressure: 4, drops: 'medium' }], 3) // => "medium"
 * dropletClassAt([{ pressure: 2, drops: 'coarse' }], 3) // => null
 */
export const dropletClassAt = (classes: readonly ClassPoint[], pressure: Pressure): DropletClass | null =>
	classes.find((c) => pressure <= c.pressure * (1 + 1e-9))?.drops ?? null;
