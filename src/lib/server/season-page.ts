import { activeUse, groupRuns, readLabel, seasonAround, seasonUse } from '../../core';
import { dayAt } from '../shown/farm-time';
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

/** What each block had of each product in a year, against the labels, and groups that follow themselves. */
export async function seasonSums(farm: Pick<FarmHandle, 'records' | 'products'>, year: number) {
	const [{ from, to, uses, actives, sprayings }, products] = await Promise.all([
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
		actives: activeUse(actives, labels),
		runs: groupRuns(sprayings, inARow)
	};
}
