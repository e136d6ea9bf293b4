import type { Rig } from '../round/rig';
import type { Typed } from '../quantity/typed';
import type { MadeChange } from './change';

interface Changeable {
	readonly pressure: Typed | null;
	readonly change?: MadeChange | undefined;
	readonly tip?: string | undefined;
}

/**
 * A rig and one of its settings after a change was made: other nozzles are the rig's, pressure is the setting's, and the
 * setting keeps the change with its prediction until the next calibration has checked it.
 */
export function applyChange<S extends Changeable>(
	rig: Rig,
	setting: S,
	change: MadeChange
): { readonly rig: Rig; readonly setting: S } {
	const { nozzle, set, pressure } = change;
	return {
		rig: {
			...rig,
			...(nozzle ? { nozzle: nozzle.name, rated: nozzle.rated } : {}),
			...(set ? { groups: set.groups, ratings: set.ratings } : {})
		},
		setting: {
			...setting,
			...(pressure ? { pressure } : {}),
			// Another tip of the same body is turned down, or the bodies hold other ones now.
			...(nozzle && setting.tip !== undefined ? { tip: nozzle.name } : {}),
			change
		}
	};
}
