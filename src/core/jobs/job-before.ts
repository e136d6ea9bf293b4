import { addDays } from './add-days';
import { daysBetween } from './days-between';

/** What one product of a job brings on one block, by its plan or, once it is sprayed, by what was poured. */
export interface GroundUse {
	/** The job or record that it belongs to: each is one application. */
	readonly spraying: string;
	readonly blockId: string;
	readonly productId: string;
	readonly product: string;
	/** YYYY-MM-DD: on which it began, and the last on which this block was sprayed. As planned until then. */
	readonly day: string;
	readonly lastDay: string;
	/** Seconds since 1970 at which the last load on this block was out; null before. */
	readonly endedAt: number | null;
	/** On the ground that its label counts, m³/m² or kg/m². */
	readonly perGround: number;
	/** Of its active ingredients on that ground, kg/m². */
	readonly actives: readonly { readonly name: string; readonly perGround: number }[];
	/** Hours until one may go in again and days until harvest, by its label; null is not entered. */
	readonly entryHours: number | null;
	readonly harvestDays: number | null;
}

/** What the ground has had of a product of a job, on the block that had most. */
export interface SeasonBefore {
	/** Of the product itself, m³/m² or kg/m². */
	readonly used: number;
	/** Of each of its active ingredients over all products that hold it, kg/m². */
	readonly actives: readonly number[];
	/** Of the product itself where that active ingredient was not noted with it yet, m³/m² or kg/m². */
	readonly unnamed: readonly number[];
	/** Applications of it, or of another product with one of its active ingredients. */
	readonly applications: number;
	/** The nearest of them, before or after; null without any. */
	readonly nearest: { readonly day: string; readonly days: number; readonly product: string } | null;
}

/** What the ground of a job has had, and what of it still keeps people or a harvest off. */
export interface JobBefore {
	/** In the order of the job's products. */
	readonly season: readonly SeasonBefore[];
	/** Products whose re-entry interval may reach into the job's day; `until` is null where the end is not known yet. */
	readonly entry: readonly {
		readonly product: string;
		readonly day: string;
		readonly hours: number;
		readonly until: number | null;
	}[];
	/** Products whose harvest interval still runs on the job's day: the first day on which one may harvest, and in how many. */
	readonly harvest: readonly {
		readonly product: string;
		readonly day: string;
		readonly until: string;
		readonly inDays: number;
	}[];
	/** Products of which an interval was not entered, sprayed not long before. */
	readonly empty: readonly {
		readonly product: string;
		readonly day: string;
		readonly what: readonly ('entry' | 'harvest')[];
	}[];
}

export const nothingBefore: JobBefore = { season: [], entry: [], harvest: [], empty: [] };

export interface BeforeJob {
	readonly day: string;
	/** Seconds since 1970 at which that day begins at the farm. */
	readonly begins: number;
	readonly blocks: readonly string[];
	readonly products: readonly { readonly id: string; readonly actives: readonly string[] }[];
}

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
/** An interval that nobody entered is asked about for so many days after the spraying. */
export const emptyFor = 30;

/**
 * What the other jobs of a farm mean for a job: how much of its products and of their active ingredients its blocks get in
 * the same season, how often, how long ago; and whose re-entry and harvest intervals may still run. Intervals count from the
 * end: from when the last load was out, else from the end of the last day.
 *
 * uses: of all other jobs and records. seasonOf: the season of a block that the job's day lies in.
 * @example
 * jobBefore([{ spraying: 'j', blockId: 'b', productId: 'p', product: 'P', day: '2026-03-19', lastDay: '2026-03-20', endedAt: 7200, perGround: 2, actives: [], entryHours: 12, harvestDays: 21 }], { day: '2026-03-20', begins: 0, blocks: ['b'], products: [{ id: 'p', actives: [] }] }, () => ({ from: '2026-01-01', to: '2026-12-31' })).entry // => [{"product":"P","day":"2026-03-20","hours":12,"until":50400}]
 */
export function jobBefore(
	uses: readonly GroundUse[],
	{ day, begins, blocks, products }: BeforeJob,
	seasonOf: (blockId: string) => { readonly from: string; readonly to: string }
): JobBefore {
	const here = uses.filter((u) => blocks.includes(u.blockId));
	const seasons = new Map(blocks.map((block) => [block, seasonOf(block)]));
	const inSeason = here.filter((u) => {
		const { from, to } = seasons.get(u.blockId)!;
		return u.lastDay >= from && u.day <= to;
	});
	const entry = new Map<string, JobBefore['entry'][number]>();
	const harvest = new Map<string, JobBefore['harvest'][number]>();
	const empty = new Map<string, JobBefore['empty'][number]>();
	for (const { product, lastDay, endedAt, entryHours: hours, harvestDays } of here) {
		const days = daysBetween(lastDay, day);
		if (days < 0) continue;
		const key = `${product} ${lastDay}`;
		// Until a job is sprayed only its day is known: its interval counts from that day's end.
		const until = hours === null || endedAt === null ? null : endedAt + hours * 3600;
		if (hours !== null && hours > 0 && (until === null ? hours > (days - 1) * 24 : until > begins))
			entry.set(key, { product, day: lastDay, hours, until });
		if (harvestDays !== null && harvestDays > 0) {
			const free = addDays(lastDay, Math.ceil(harvestDays));
			if (free > day) harvest.set(key, { product, day: lastDay, until: free, inDays: daysBetween(day, free) });
		}
		const what = [...(hours === null ? ['entry' as const] : []), ...(harvestDays === null ? ['harvest' as const] : [])];
		if (what.length > 0 && days <= emptyFor) empty.set(key, { product, day: lastDay, what });
	}
	return {
		season: products.map((product) => seasonBefore(inSeason, blocks, product, day)),
		entry: [...entry.values()],
		harvest: [...harvest.values()],
		empty: [...empty.values()]
	};
}

function seasonBefore(
	uses: readonly GroundUse[],
	blocks: readonly string[],
	product: BeforeJob['products'][number],
	day: string
): SeasonBefore {
	const most = (of: (uses: readonly GroundUse[]) => number) =>
		Math.max(0, ...blocks.map((block) => of(uses.filter((u) => u.blockId === block))));
	const sum = (all: readonly number[]) => all.reduce((s, v) => s + v, 0);
	/** One application of the same thing: of the product, or of something that holds one of its active ingredients. */
	const alike = (u: GroundUse) =>
		u.productId === product.id || u.actives.some((a) => product.actives.some((name) => sameName(a.name, name)));
	const applied = uses.filter(alike);
	const apart = (u: GroundUse) =>
		day > u.lastDay ? daysBetween(u.lastDay, day) : day < u.day ? daysBetween(day, u.day) : 0;
	const [nearest] = [...applied].sort((a, b) => apart(a) - apart(b));
	return {
		used: most((on) => sum(on.filter((u) => u.productId === product.id).map((u) => u.perGround))),
		actives: product.actives.map((name) =>
			most((on) => sum(on.flatMap((u) => u.actives.filter((a) => sameName(a.name, name)).map((a) => a.perGround))))
		),
		// A label that was told its actives later holds them in what was sprayed before as well.
		unnamed: product.actives.map((name) =>
			most((on) =>
				sum(
					on
						.filter((u) => u.productId === product.id && !u.actives.some((a) => sameName(a.name, name)))
						.map((u) => u.perGround)
				)
			)
		),
		applications: most((on) => new Set(on.filter(alike).map((u) => u.spraying)).size),
		nearest: nearest
			? { day: day > nearest.lastDay ? nearest.lastDay : nearest.day, days: apart(nearest), product: nearest.product }
			: null
	};
}
