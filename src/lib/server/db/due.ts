import { sql } from 'kysely';
import type { CalibrationDue, DueRules, SinceCalibrated } from '../../../core';
import { calibrationDue, fields, isCarried, readField } from '../../../core';
import type { FarmSettings } from '../../settings/farm-settings';
import type { Scope } from './scope';

/** The farm's rules as the core takes them. */
function dueRules({ due }: FarmSettings): DueRules {
	const area = due.area ? readField(fields.area, due.area, 'area') : null;
	return { ...due, area: area?.ok ? area.value.value : null };
}

/**
 * What was sprayed with each sprayer since its newest calibration, by its jobs, and by whom; and what that means by the
 * farm's rules. Only those that were asked for are told.
 */
export async function dueOf(
	{ db, farmId, settings }: Scope,
	sprayers: readonly {
		readonly id: string;
		readonly rig: Parameters<typeof isCarried>[0];
		readonly latest: { readonly signedDay: string; readonly doubt: string | null; readonly relativeU95: number } | null;
	}[],
	today: string
): Promise<ReadonlyMap<string, CalibrationDue & { readonly since: SinceCalibrated }>> {
	if (sprayers.length === 0) return new Map();
	const rows = await sql<{
		sprayer_id: string;
		seconds: number;
		area: number;
		abrasive: number;
		others: string[];
	}>`
		select s.id as sprayer_id, coalesce(sum(j.sprayed_s), 0) as seconds, coalesce(sum(j.done_m2), 0) as area,
			coalesce(sum(j.sprayed_s) filter (where j.abrasive), 0) as abrasive,
			coalesce(array_agg(distinct r.operator) filter (where r.operator <> '' and not exists (
				select from calibration p where p.farm_id = s.farm_id and p.sprayer_id = s.id and p.withdrawn_at is null
					and lower(p.person) = lower(r.operator))), '{}') as others
		from sprayer s
		cross join lateral (
			select c.signed_at from calibration c where c.farm_id = s.farm_id and c.sprayer_id = s.id and c.withdrawn_at is null
			order by c.signed_at desc, c.id desc limit 1) c
		left join job j on j.farm_id = s.farm_id and j.sprayer_id = s.id and j.began_at > c.signed_at
		left join record r on r.farm_id = j.farm_id and r.job_id = j.id and r.amends is null
		where s.farm_id = ${farmId} and s.id = any(${sprayers.map((s) => s.id)}::uuid[])
		group by s.id`.execute(db);
	const counted = new Map(rows.rows.map((row) => [row.sprayer_id, row]));
	const rules = dueRules(settings);
	return new Map(
		sprayers.map(({ id, rig: sprayer, latest }) => {
			const row = counted.get(id);
			const since: SinceCalibrated = {
				signed: latest?.signedDay ?? null,
				event: latest?.doubt ?? null,
				relativeU95: latest?.relativeU95 ?? null,
				hours: (row?.seconds ?? 0) / 3600,
				area: row?.area ?? 0,
				abrasiveHours: (row?.abrasive ?? 0) / 3600,
				others: isCarried(sprayer) ? (row?.others ?? []) : []
			};
			return [id, { ...calibrationDue(since, rules, today), since }];
		})
	);
}
