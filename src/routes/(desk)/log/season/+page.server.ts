import type { PageServerLoad } from './$types';
import { dayAt } from '$lib/shown/farm-time';
import { groupRuns, readLabel, seasonUse } from '$core';

/** Sprayings of one group in a row from which it is told. */
const inARow = 3;

export const load: PageServerLoad = async ({ url, locals: { farm } }) => {
	const asked = Number(url.searchParams.get('year'));
	const now = Number(dayAt(farm.settings.timeZone, Date.now()).slice(0, 4));
	const year = Number.isInteger(asked) && asked >= 1990 && asked <= now + 1 ? asked : now;
	const [{ uses, sprayings }, products, used] = await Promise.all([
		farm.records.season(year),
		farm.products.all(),
		farm.records.usedByYear()
	]);
	const caps = new Map(
		products.map(({ label }) => {
			const read = readLabel(label);
			return [label.name, read.ok ? read.value.seasonMax : null] as const;
		})
	);
	return {
		year,
		uses: seasonUse(uses, (product) => caps.get(product) ?? null),
		runs: groupRuns(sprayings, inARow),
		used
	};
};
