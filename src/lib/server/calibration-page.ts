import { sprayerOf } from '../../core';
import { dayAt } from '../settings/farm-time';
import { skillOf } from '../settings/skill';
import { readCalibration } from '../show/read-calibration';
import type { FarmHandle } from './db/farm';
import { settingLabel } from '../show/setting-label';

/** All that a calibration's page, its print and its files are made of. */
export async function calibrationPage(farm: FarmHandle, id: string) {
	const row = await farm.calibrations.get(id);
	const stored = await farm.calibrationLogs.get(id);
	const settings = await farm.sprayerSettings.of(row.sprayer_id);
	const sprayer = sprayerOf(stored.round.rig, stored.entries);
	return {
		calibration: {
			id,
			sprayerId: row.sprayer_id,
			signedBy: row.signed_by,
			signedDay: row.signed_day,
			person: row.person,
			gear: row.gear,
			rpm: row.rpm,
			remarks: row.remarks,
			rate: row.rate_m3_per_m2,
			relativeU95: row.relative_u95,
			pressure: row.pressure_pa,
			evenRule: row.even_rule,
			skill: row.skill,
			findings: row.findings,
			doubt: row.doubt,
			withdrawn:
				row.withdrawn_at === null
					? null
					: {
							day: dayAt(farm.settings.timeZone, row.withdrawn_at.getTime()),
							by: row.withdrawn_by!,
							reason: row.withdrawn_reason!
						}
		},
		rig: sprayer,
		settingName: settingLabel(
			stored.round.setting ?? settings.find((s) => s.id === row.setting_id),
			sprayer,
			row.nozzles_on
		),
		setting: stored.round.setting ?? settings.find((s) => s.id === row.setting_id) ?? null,
		entries: stored.entries
	};
}

export type CalibrationPage = Awaited<ReturnType<typeof calibrationPage>>;

/** The same, worked out from its raw readings; null where it does not compute any more. */
export const readPage = (page: CalibrationPage) =>
	readCalibration(
		page.rig,
		page.setting,
		page.entries,
		skillOf({ skill: page.calibration.skill }),
		page.calibration.evenRule
	);
