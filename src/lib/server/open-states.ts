import type { BlockState } from '../../core';
import { addDays, blockStates, openIntervals } from '../../core';
import { dayAt, dayStart } from '../shown/farm-time';
import type { FarmHandle } from './db/farm';

/** What the records keep off the blocks of a farm, at a moment (ms). */
export async function openStates(
	farm: Pick<FarmHandle, 'records' | 'settings'>,
	now: number,
	/** Records at the most, those that are open soonest first. */
	most?: number
): Promise<BlockState[]> {
	const zone = farm.settings.timeZone;
	const today = dayAt(zone, now);
	const records = await farm.records.open(today, most);
	return blockStates(
		records.flatMap(({ record }) => {
			const { day, startedAt, endedAt } = record;
			const began = startedAt ? Date.parse(startedAt) : dayStart(zone, day);
			const told = endedAt ? Date.parse(endedAt) : NaN;
			// Where nobody ticked the end, or a clock that jumped back told one before the start, it was some time before the
			// day was over: nobody may be let in too soon.
			const ended = (told >= began ? told : Math.max(began, dayStart(zone, addDays(day, 1)))) / 1000;
			return openIntervals(record, ended, now / 1000, today);
		})
	);
}
