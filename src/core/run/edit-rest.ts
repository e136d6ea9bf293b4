import type { Load } from '../loads/plan-loads';
import { planLoads } from '../loads/plan-loads';
import type { PlanSheet } from '../loads/sheet';
import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** What is changed of the loads that are still to be mixed; null stays as it is. */
export interface RestEdit {
	/** Most mix of one load. */
	readonly fill: Volume | null;
	/** Ground that is still to be sprayed by them. */
	readonly ground: { readonly by: 'area'; readonly area: Area } | { readonly by: 'rows'; readonly rows: number } | null;
}

const slack = 1e-9;

/**
 * The loads that are still to be mixed, planned again: with other doses, another filling, or less ground. They go on at the
 * volume at which they were planned, and on the ground that they had, unless less is said.
 *
 * sheet: of the whole job, with the doses of the loads to come. rate: at which they are planned, m³/m². rest: those loads as
 * they stand. Errors: `too-large` for a filling over the tank or more ground than they had; `nothing-left` without such loads;
 * those of `planLoads`.
 * Source: balance of ground and mix.
 * @example
 * const sheet = { area: 60000, rate: 0.00002, tank: 0.6, split: 'full-then-part', products: [] };
 * const rest = [{ mix: 0.6, area: 30000, rows: null }];
 * editRest(sheet, 0.00002, rest, { fill: 0.4, ground: null }).value.map((l) => Number(l.mix.toFixed(3))) // => [0.4,0.2]
 * editRest(sheet, 0.00002, rest, { fill: null, ground: { by: 'area', area: 10000 } }).value.map((l) => Number(l.mix.toFixed(3))) // => [0.2]
 */
export function editRest(
	sheet: PlanSheet,
	rate: VolumePerArea,
	rest: readonly Pick<Load, 'mix' | 'area' | 'rows'>[],
	{ fill, ground }: RestEdit
): Result<readonly Load[]> {
	if (rest.length === 0) return bad({ code: 'nothing-left', path: 'rest' });
	if (fill !== null && fill > sheet.tank * (1 + slack))
		return bad({ code: 'too-large', path: 'fill', bound: 'a full tank' });
	const had = rest.reduce((sum, l) => sum + l.area, 0);
	const hadRows = rest.every((l) => l.rows !== null) ? rest.reduce((sum, l) => sum + l.rows!, 0) : null;
	const byRows = sheet.split === 'whole-rows' && sheet.rows !== undefined && hadRows !== null;
	const row = byRows ? had / hadRows : 0;
	const rows = byRows ? (ground?.by === 'rows' ? ground.rows : hadRows) : null;
	if (rows !== null && rows > hadRows!)
		return bad({ code: 'too-large', path: 'ground', text: `${rows}`, bound: `${hadRows}` });
	const area = rows !== null ? rows * row : ground?.by === 'area' ? ground.area : had;
	if (area > had * (1 + slack)) return bad({ code: 'too-large', path: 'ground', bound: 'the ground that is left' });
	const plan = planLoads({
		...sheet,
		// Packs of a product that is left out make no loads, and rows that were not asked for none either.
		split: splitOf(sheet, byRows),
		area: si<'area'>(area),
		rate,
		tank: fill ?? sheet.tank,
		...(rows === null ? {} : { rows: { ...sheet.rows!, count: rows } })
	});
	return plan.ok ? good(plan.value.loads) : plan;
}

function splitOf(sheet: PlanSheet, byRows: boolean): PlanSheet['split'] {
	if (sheet.split === 'whole-rows' && !byRows) return 'full-then-part';
	const leading = sheet.products.find((p) => p.pack);
	const out = leading && 'dose' in leading.dose && leading.dose.dose === 0;
	return sheet.split === 'whole-packs' && out ? 'full-then-part' : sheet.split;
}
