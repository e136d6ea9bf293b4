import type { Volume } from '../quantity/quantity';
import { slack } from './load-volumes';

/**
 * How many whole rows each load does, so that every load ends at a row's end: as many as the tank holds, the rest last.
 * Null where one row takes more than a tank.
 *
 * count: rows, whole, over 0. row: m³ that one row takes. dead: m³ that the last load holds besides.
 * Source: counting; a load ends at the end of a row.
 * @example
 * rowLoads(10, 45, 200, 0) // => [4,4,2]
 * rowLoads(8, 45, 200, 30) // => [4,3,1]
 * rowLoads(3, 250, 200, 0) // => null
 */
export function rowLoads(count: number, row: Volume, tank: Volume, dead: Volume): number[] | null {
	const most = Math.floor(tank / row + slack);
	const mostLast = Math.floor((tank - dead) / row + slack);
	if (most < 1 || mostLast < 1) return null;
	if (count <= mostLast) return [count];
	const before = Math.ceil((count - mostLast) / most);
	// The last load holds the dead volume too, so it may have to leave rows to the one before it.
	const last = Math.min(mostLast, Math.max(1, count - before * most));
	const rest = count - last - (before - 1) * most;
	return [...Array.from({ length: before - 1 }, () => most), ...(rest > 0 ? [rest] : []), last];
}
