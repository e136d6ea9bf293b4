import { activeUse, groupRuns, readLabel, seasonAround, seasonUse } from '../../core';
import { dayAt } from '../settings/farm-time';
import type { FarmHandle } from './db/farm';

/** Sprayings of one group in a row from which it is told. */
const inARow = 3;

/** The season that an address asks for, by the year in which it begins; this one, by the farm's calendar, where it asks for none or nonsense. */
export function askedYear(farm: Pick<FarmHandle, 'settings'>, url: URL, now: number): number {
	const asked = Number(url.searchParams.get('year'));
	const today = dayAt(farm.settings.timeZone, now);
	// A season is named by the year in which it begins.
	const current = Number(seasonAround(today, null, farm.settings.cropSeason ?? '01-01').from.slice(0, 4));
	return Number.isInteger(asked) && asked >= 1990 && asked <= current + 1 ? asked : current;
}

type Actives = Awaited<ReturnType<FarmHandle['records']['season']>>['actives'];

/** Adds what records without actives come to by the labels as they are now: a product held them before anybody wrote it down. */
function withUnnamed(
	actives: Actives,
	unnamed: readonly { readonly block: string; readonly product: string; readonly perGround: number }[],
	labels: readonly {
		readonly name: string;
		readonly actives: readonly { readonly name: string; readonly content: number }[];
	}[]
): Actives {
	const sums = new Map(actives.map((a) => [JSON.stringify([a.block, a.active]), a]));
	for (const { block, product, perGround } of unnamed)
		for (const held of labels.find((l) => l.name === product)?.actives ?? []) {
			const active = held.name.trim().toLowerCase();
			const key = JSON.stringify([block, active]);
			const known = sums.get(key) ?? { block, active, perGround: 0, products: [] };
			const products = [...new Set([...known.products, product])].sort();
			sums.set(key, { ...known, perGround: known.perGround + perGround * held.content, products });
		}
	return [...sums.values()].sort((a, b) => (`${a.block} ${a.active}` < `${b.block} ${b.active}` ? -1 : 1));
}

/** What each block had of each product in a year, against the labels, and groups that follow themselves. */
export async function seasonSums(farm: Pick<FarmHandle, 'records' | 'products'>, year: number) {
	const [{ from, to, uses, actives, unnamed, sprayings }, products] = await Promise.all([
		farm.records.season(year),
		farm.products.all()
	]);
	const labels = products.flatMap(({ label }) => {
		const read = readLabel(label);
		return read.ok ? [{ name: label.name, ...read.value }] : [];
	});
	const caps = new Map(labels.map((l) => [l.name, l.seasonMax]));
	return {
		from,
		to,
		uses: seasonUse(uses, (product) => caps.get(product) ?? null),
		actives: activeUse(withUnnamed(actives, unnamed, labels), labels),
		runs: groupRuns(sprayings, inARow)
	};
}
