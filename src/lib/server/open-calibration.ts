import { m } from '$words';
import { dayText } from '../settings/day-text';
import { readSprayer, sprayerOf } from '../../core';
import { settingLabel } from '../show/setting-label';
import type { FarmHandle } from './db/farm';
import { computedColumns } from './db/compute';
import { Failure } from './failure';
import type { jobCalibrations } from './job-calibrations';

type JobCalibration = Awaited<ReturnType<typeof jobCalibrations>>[number];

/**
 * A calibration in progress as far as its readings have arrived, in the form of a signed one: for the question what one tank
 * does before anybody has signed. Null where it is signed, unknown, or has no answer yet.
 */
export async function openCalibration(farm: FarmHandle, id: string): Promise<JobCalibration | null> {
	try {
		const { round: head, entries, signedOff } = await farm.calibrationLogs.get(id);
		if (signedOff) return null;
		const sprayer = sprayerOf(head.rig, entries);
		if (!readSprayer(sprayer).ok) return null;
		const { skill, evenRule } = farm.settings;
		const setting = head.setting ?? null;
		const { columns } = computedColumns({ sprayer, setting, entries, skill, evenRule });
		return {
			id,
			calibrationId: id,
			team: null,
			settingId: head.setting?.id ?? '',
			person: '',
			sprayerId: head.sprayerId,
			sprayer: sprayer.name,
			setting: [settingLabel(head.setting, sprayer, columns.nozzles_on), m.not_signed_yet()].filter(Boolean).join(', '),
			rig: sprayer,
			rate: columns.rate_m3_per_m2,
			relativeU95: columns.relative_u95,
			speed: columns.speed_m_s,
			width: columns.width_m,
			fieldWidth: columns.field_width_m,
			drops: null,
			flow: columns.flow_m3_s,
			pressure: columns.pressure_pa,
			rpm: null,
			nozzlesOn: columns.nozzles_on,
			signedDay: '',
			doubt: null
		};
	} catch (error) {
		// Not known here, or not enough read yet.
		if (error instanceof Failure) return null;
		throw error;
	}
}

/**
 * A signed calibration that has a newer one beside it, in the same form: who asks for one by name gets that one, never another.
 * Null where it is unknown or was withdrawn.
 */
export async function olderCalibration(farm: FarmHandle, id: string): Promise<JobCalibration | null> {
	try {
		const row = await farm.calibrations.get(id);
		if (row.withdrawn_at) return null;
		const { round: head, entries } = await farm.calibrationLogs.get(id);
		const sprayer = sprayerOf(head.rig, entries);
		return {
			id,
			calibrationId: id,
			team: null,
			settingId: row.setting_id,
			person: row.person,
			sprayerId: row.sprayer_id,
			sprayer: sprayer.name,
			setting: [
				settingLabel(head.setting, sprayer, row.nozzles_on),
				row.person,
				m.calibrated({ signed_day: dayText(row.signed_day) })
			]
				.filter(Boolean)
				.join(', '),
			rig: sprayer,
			rate: row.rate_m3_per_m2,
			relativeU95: row.relative_u95,
			speed: row.speed_m_s,
			width: row.width_m,
			fieldWidth: row.field_width_m ?? row.width_m,
			drops: null,
			flow: row.flow_m3_s,
			pressure: row.pressure_pa,
			rpm: row.rpm,
			nozzlesOn: row.nozzles_on,
			signedDay: row.signed_day,
			doubt: row.doubt
		};
	} catch (error) {
		if (error instanceof Failure) return null;
		throw error;
	}
}
