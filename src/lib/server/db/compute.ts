import type { Entry, EvenRule, TypedSprayer, SprayerNumbers } from '../../../core';
import {
	calibrationResult,
	goesOf,
	foldCalibration,
	readSprayer,
	sprayerOf,
	setWear,
	unevenness,
	quantityOf
} from '../../../core';
import type { FarmSettings } from '../../settings/farm-settings';
import { skillOf } from '../../settings/skill';
import type { Setting } from '../../wire/sprayer';
import { fromIssue } from '../failure';
import type { StoredNozzle } from './schema';

/** Raised whenever the columns below are computed in another way: older rows are then computed again at the next start. */
export const computing = 6;

export interface RawCalibration {
	readonly sprayer: TypedSprayer;
	readonly setting: Setting | null;
	readonly entries: readonly Entry[];
	readonly skill: FarmSettings['skill'];
	readonly evenRule: EvenRule;
}

export const sprayerNumbers = (sprayer: TypedSprayer, path: string): SprayerNumbers => {
	const read = readSprayer(sprayer);
	if (!read.ok) throw fromIssue(read.issues[0]!, path);
	return read.value;
};

/** The computed columns of a calibration, from the raw readings alone and with the core that the device used. */
export function computedColumns(raw: RawCalibration) {
	const sprayer = sprayerNumbers(sprayerOf(raw.sprayer, raw.entries), 'round.rig');
	const calibration = foldCalibration(raw.entries, raw.setting ?? {});
	const result = calibrationResult(sprayer, calibration, skillOf({ skill: raw.skill }), raw.evenRule);
	if (!result.ok) throw fromIssue(result.issues[0]!, 'round');
	const { answer: c, sheet, beside } = result.value;

	if (calibration.gauge && !calibration.gauge.read.ok)
		throw fromIssue({ ...calibration.gauge.read.issues[0]!, path: 'pressure' }, 'round');
	const fromSheet = 'flow' in sheet ? sheet.flow.pressure : undefined;
	// Nozzles that were only looked at for evenness tell of wear as well as those that a volume rests on.
	const nozzles = (c.nozzles ?? beside.nozzles)?.nozzles ?? [];
	const speed = c.speed ?? beside.speed;
	return {
		entered: calibration,
		answer: c,
		columns: {
			method: c.method,
			pressure_pa: (quantityOf(calibration.gauge) as number | null) ?? fromSheet ?? null,
			rate_m3_per_m2: c.rate.value as number,
			relative_u95: c.relativeUncertainty95,
			goes: goesOf(sheet),
			speed_m_s: speed ? (speed.value as number) : null,
			width_m: c.swath ? (c.swath.treated.value as number) : null,
			field_width_m: c.swath ? (c.swath.field as number) : null,
			flow_m3_s: c.flow ? (c.flow.value as number) : null,
			nozzles_on: c.nozzles?.count ?? null,
			wear: setWear(nozzles),
			unevenness: unevenness(nozzles),
			nozzles: JSON.stringify(
				nozzles.map((n): StoredNozzle => ({
					n: n.n,
					flow: n.flow,
					off: n.fromAverage,
					overRated: n.fromRated,
					verdict: n.verdict
				}))
			),
			budget: JSON.stringify(c.budget),
			findings: JSON.stringify(c.findings),
			computed: computing
		}
	};
}
