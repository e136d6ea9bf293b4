import type { PageServerLoad } from './$types';
import { groupRuns, readLabel, seasonUse } from '$core';

/** Sprayings of one group in a row from which it is told. */
const inARow = 3;

export const load: PageServerLoad = async ({ url, locals: { farm } }) => {
	const asked = Number(url.searchParams.get('year'));
	const now = new Date().getUTCFullYear();
	const year = Number.isInteger(asked) && asked >= 1990 && asked <= now + 1 ? asked : now;
	const [uses, products] = await Promise.all([farm.records.season(year), farm.products.all()]);
	const caps = new Map(
		products.map(({ label }) => {
			const read = readLabel(label);
			return [label.name, read.ok ? read.value.seasonMax : null] as const;
		})
	);
	const sprayings = new Map<string, { block: string; groups: string[] }>();
	for (const u of uses) {
		const key = `${u.id} ${u.block}`;
		const one = sprayings.get(key) ?? { block: u.block, groups: [] };
		if (u.group) one.groups.push(u.group);
		sprayings.set(key, one);
	}
	return {
		year,
		uses: seasonUse(uses, (product) => caps.get(product) ?? null),
		runs: groupRuns([...sprayings.values()], inARow)
	};
};
