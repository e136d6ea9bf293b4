import type { Rig } from '../../../core';
import { readRig } from '../../../core';
import { fromIssue } from '../failure';

/** The computed columns beside a typed rig; refuses one that does not read. */
export function sprayerColumns(rig: Rig) {
	const numbers = readRig(rig);
	if (!numbers.ok) throw fromIssue(numbers.issues[0]!, 'rig');
	const { tank, nozzles, spacing } = numbers.value;
	return {
		rig: JSON.stringify(rig),
		name: rig.name,
		kind: rig.kind,
		tank_m3: tank,
		nozzle_count: nozzles,
		spacing_m: spacing as number | null
	};
}
