import type { TypedSprayer } from '../sprayer/sprayer';
import type { Typed } from '../quantity/typed';
import type { MadeChange } from './change';

interface Changeable {
	readonly pressure: Typed | null;
	readonly change?: MadeChange | undefined;
	readonly tip?: string | undefined;
}

/**
 * A sprayer and one of its settings after a change was made: other nozzles are the sprayer's, pressure is the setting's, and the
 * setting keeps the change with its prediction until the next calibration has checked it.
 */
export function applyChange<S extends Changeable>(
	sprayer: TypedSprayer,
	setting: S,
	change: MadeChange
): { readonly sprayer: TypedSprayer; readonly setting: S } {
	const { nozzle, set, pressure } = change;
	return {
		sprayer: {
			...sprayer,
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
