import { groupRuns, readLabel, seasonUse } from '../../core';
import { dayAt } from '../shown/farm-time';
import type { FarmHandle } from './db/farm';

/** Sprayings of one group in a row from which it is told. */
const inARow = 3;

/** The year that an address asks for; this one, by the farm's calendar, where it asks for none or nonsense. */
export function askedYear(farm: Pick<FarmHandle, 'settings'>, url: URL, now: number): number {
	const asked = Number(url.searchParams.get('year'));
	const current = Number(dayAt(farm.settings.timeZone, now).slice(0, 4));
	return Number.isInteger(asked) && asked >= 1990 && asked <= current + 1 ? asked : current;
}

/** What each block had of each product in a year, against the labels, and groups that follow themselves. */
export async function seasonSums(farm: Pick<FarmHandle, 'records' | 'products'>, year: number) {
	const [{ uses, sprayings }, products] = await Promise.all([farm.records.season(year), farm.products.all()]);
	const caps = new Map(
		products.map(({ label }) => {
			const read = readLabel(label);
			return [label.name, read.ok ? read.value.seasonMax : null] as const;
		})
	);
	return {
		uses: seasonUse(uses, (product) => caps.get(product) ?? null),
		runs: groupRuns(sprayings, inARow)
	};
}
