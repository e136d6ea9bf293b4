import type { UsedReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad } from '../quantity/issue';
import type { Volume } from '../quantity/quantity';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { Reader } from './round-reader';

/** What the tank says, and the tank itself where it was brought back to its own mark. */
export function roundUsed(
	rig: RigNumbers,
	round: Round
): Result<{ readonly used: readonly UsedReading[]; readonly tank: Volume | undefined }> {
	const r = new Reader();
	const counted = round.used.filter((u) => !u.struck);
	if (counted.length === 0) return bad({ code: 'missing', path: 'used' });
	const used = counted.map(({ reading }, i): UsedReading =>
		'added' in reading
			? { added: r.need(reading.added, `used.${i}.added`) }
			: {
					start: r.need(reading.start, `used.${i}.start`),
					left: r.need(reading.left, `used.${i}.left`)
				}
	);
	return r.result({ used, tank: round.tankBy === 'mark' ? rig.tank : undefined });
}
