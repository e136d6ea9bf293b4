import type { TypedSprayer } from '../../../core';
import { readSprayer } from '../../../core';
import { fromIssue } from '../failure';

/** The computed columns beside a typed sprayer; refuses one that does not read. */
export function sprayerColumns(sprayer: TypedSprayer) {
	const numbers = readSprayer(sprayer);
	if (!numbers.ok) throw fromIssue(numbers.issues[0]!, 'rig');
	const { tank, nozzles, spacing } = numbers.value;
	return {
		rig: JSON.stringify(sprayer),
		name: sprayer.name,
		kind: sprayer.kind,
		tank_m3: tank,
		nozzle_count: nozzles,
		spacing_m: spacing as number | null
	};
}
