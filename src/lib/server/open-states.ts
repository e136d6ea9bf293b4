import type { BlockState } from '../../core';
import { addDays, blockStates, openIntervals } from '../../core';
import { dayAt, dayStart } from '../settings/farm-time';
import type { FarmHandle } from './db/farm';

/** What the records keep off the blocks of a farm, at a moment (ms). */
export async function openStates(
	farm: Pick<FarmHandle, 'records' | 'settings'>,
	now: number,
	/** Records at the most, the newest first. */
	most?: number
): Promise<BlockState[]> {
	const zone = farm.settings.timeZone;
	const today = dayAt(zone, now);
	const records = await farm.records.open(today, most);
	return blockStates(
		records.flatMap(({ record }) => {
			const { day, startedAt } = record;
			return record.blocks.flatMap((block) => {
				const told = Date.parse(block.endedAt ?? record.endedAt ?? '');
				// Where nobody ticked the end, or a clock that jumped back told one before the start, it was some time before the
				// day was over: nobody may be let in too soon.
				const began = startedAt ? Date.parse(startedAt) : Number.isNaN(told) ? NaN : dayStart(zone, day);
				const known = told >= began;
				const ended = known ? told : Math.max(Number.isNaN(began) ? 0 : began, dayStart(zone, addDays(day, 1)));
				const lastDay = known ? (block.lastDay ?? dayAt(zone, told)) : day;
				const end = { ended: ended / 1000, lastDay: lastDay < day ? day : lastDay };
				return openIntervals(block.name, record.products, end, now / 1000, today);
			});
		})
	);
}
