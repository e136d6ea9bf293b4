import { daysBetween } from './days-between';

/** One product on one block in one job of this farm. */
export interface GroundUse {
	readonly blockId: string;
	readonly productId: string;
	readonly product: string;
	/** YYYY-MM-DD. */
	readonly day: string;
	/** On the ground that was sprayed, m³/m² or kg/m². */
	readonly perGround: number;
	/** Hours until one may go in again, by its label. */
	readonly entryHours: number | null;
}

/** What the ground of a job has had, and what of it still keeps people out. */
export interface JobBefore {
	/** Of each product in the job's season, in the order of the job's products, on the block that had most of it. */
	readonly thisSeason: readonly number[];
	/** Products of earlier jobs whose interval may reach into the job's day. */
	readonly entry: readonly { readonly product: string; readonly day: string; readonly hours: number }[];
}

const seasonOf = (day: string) => day.slice(0, 4);

/**
 * What the other jobs of a farm mean for a job: how much of its products its blocks get in the same season (the calendar
 * year), and whose re-entry interval may still run. Only the day of a job is known before it is sprayed, so an interval
 * counts from that day's end.
 *
 * uses: of all other jobs. blocks, products: ids, of the job. day: YYYY-MM-DD.
 * @example
 * jobBefore([{ blockId: 'b', productId: 'p', product: 'P', day: '2026-03-19', perGround: 2, entryHours: 12 }], ['b'], ['p'], '2026-03-20') // => {"thisSeason":[2],"entry":[{"product":"P","day":"2026-03-19","hours":12}]}
 * jobBefore([{ blockId: 'b', productId: 'p', product: 'P', day: '2025-12-30', perGround: 2, entryHours: 12 }], ['b'], ['p'], '2026-03-20') // => {"thisSeason":[0],"entry":[]}
 */
export function jobBefore(
	uses: readonly GroundUse[],
	blocks: readonly string[],
	products: readonly string[],
	day: string
): JobBefore {
	const here = uses.filter((u) => blocks.includes(u.blockId));
	const season = here.filter((u) => seasonOf(u.day) === seasonOf(day));
	const onBlock = (block: string, product: string) =>
		season.reduce((sum, u) => (u.blockId === block && u.productId === product ? sum + u.perGround : sum), 0);
	const entry = new Map<string, { product: string; day: string; hours: number }>();
	for (const { product, day: then, entryHours: hours } of here) {
		const days = daysBetween(then, day);
		if (hours !== null && hours > 0 && days >= 0 && hours > (days - 1) * 24)
			entry.set(`${product} ${then}`, { product, day: then, hours });
	}
	return {
		thisSeason: products.map((product) => Math.max(0, ...blocks.map((block) => onBlock(block, product)))),
		entry: [...entry.values()]
	};
}
