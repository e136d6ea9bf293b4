import { sql } from 'kysely';
import type { SprayerEventKind } from '../../wording/events';

/**
 * What happened to a calibration's sprayer after it was signed, as a column: the newest such event, or null. An event of the
 * same day counts where it was written down after the signature.
 */
export const doubtOf = (calibration: string) => sql<SprayerEventKind | null>`(
	select e.what from sprayer_event e
	where e.farm_id = ${sql.ref(`${calibration}.farm_id`)} and e.sprayer_id = ${sql.ref(`${calibration}.sprayer_id`)}
		and (e.setting_id is null or e.setting_id = ${sql.ref(`${calibration}.setting_id`)})
		and (e.day > ${sql.ref(`${calibration}.signed_day`)}
			or (e.day = ${sql.ref(`${calibration}.signed_day`)} and e.created_at > ${sql.ref(`${calibration}.signed_at`)}))
	order by e.day desc, e.id desc limit 1)`;
