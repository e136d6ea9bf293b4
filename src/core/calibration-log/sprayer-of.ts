import type { Entry } from './entries';
import { inOrder } from './in-order';
import type { TypedSprayer } from '../sprayer/sprayer';

/**
 * The sprayer that a calibration goes by: as it was when the calibration began, or as it was corrected since, the newest first.
 *
 * Source: a correction of the sprayer holds for all of the calibration, for a nozzle that was miscounted was so from the start.
 * @example
 * const began = { kind: 'boom', name: 'Boom', nozzles: 12 };
 * sprayerOf(began, []).nozzles // => 12
 * sprayerOf(began, [{ kind: 'rig', rig: { ...began, nozzles: 14 }, id: 'a', seq: 0, at: '' }]).nozzles // => 14
 */
export const sprayerOf = (began: TypedSprayer, entries: readonly Entry[]): TypedSprayer => {
	const corrected = inOrder(entries).flatMap((entry) => (entry.kind === 'rig' ? [entry.rig] : []));
	return corrected.at(-1) ?? began;
};
