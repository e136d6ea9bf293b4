import type { UsedReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad } from '../quantity/issue';
import type { Volume } from '../quantity/quantity';
import type { FoldedCalibration } from './fold-calibration';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { Reader } from './calibration-reader';

/** What the tank says, and the tank itself where it was brought back to its own mark. */
export function readUsed(
	sprayer: SprayerNumbers,
	calibration: FoldedCalibration
): Result<{ readonly used: readonly UsedReading[]; readonly tank: Volume | undefined }> {
	const r = new Reader();
	const counted = calibration.used.filter((u) => !u.struck);
	if (counted.length === 0) return bad({ code: 'missing', path: 'used' });
	const used = counted.map(({ reading }, i): UsedReading =>
		'added' in reading
			? { added: r.need(reading.added, `used.${i}.added`) }
			: {
					start: r.need(reading.start, `used.${i}.start`),
					left: r.need(reading.left, `used.${i}.left`)
				}
	);
	return r.result({ used, tank: calibration.tankBy === 'mark' ? sprayer.tank : undefined });
}
