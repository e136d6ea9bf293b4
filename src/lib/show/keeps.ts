import { m } from '$words';
import { dayText } from '../settings/day-text';
import type { BlockState } from '../../core/index';
import { notEnteredWords } from '../wording/safety';
import { shownSpan } from './job-span';

/** What is left until a time, as a person counts it down: `2 d 4 h`, `3 h 15 min`, `8 min`. */
export function shownLeft(seconds: number): string {
	if (seconds < 86_400) return shownSpan(Math.max(60, seconds));
	const hours = Math.ceil(seconds / 3600);
	return `${Math.floor(hours / 24)} d ${hours % 24} h`;
}

const days = (n: number) => {
	const whole = Math.ceil(n);
	return m.days_whole({ whole });
};

export interface Keep {
	readonly kind: 'entry' | 'harvest' | 'plant-back' | 'not-entered';
	/** What waits, then the count, then until when and by which label. */
	readonly what: string;
	readonly left: string;
	readonly until: string;
}

/** What keeps a block, as lines to read: nobody in, no harvest, no sowing. `clock` tells a moment (s) as the farm does. */
export function keepsOf(state: BlockState, now: number, clock: (seconds: number) => string): Keep[] {
	const { entry, harvest, plantBack, notEntered } = state;
	const keeps: Keep[] = [];
	if (entry && entry.until > now)
		keeps.push({
			kind: 'entry',
			what: m.nobody_goes_in(),
			left: shownLeft(entry.until - now),
			until: m.until_by_the_label_of({ until: clock(entry.until), product: entry.product })
		});
	if (harvest)
		keeps.push({
			kind: 'harvest',
			what: m.no_harvest(),
			left: days(harvest.days),
			until: m.until_by_the_label_of_day({ day: dayText(harvest.day), product: harvest.product })
		});
	for (const { crop, day, days: left, product } of plantBack)
		keeps.push({
			kind: 'plant-back',
			what: m.no_sown({ name: crop.toLowerCase() }),
			left: days(left),
			until: m.until_by_the_label_of_day({ day: dayText(day), product })
		});
	// An empty interval is no interval of zero: it is one that somebody has to read.
	for (const { product, what } of notEntered)
		keeps.push({
			kind: 'not-entered',
			what: notEnteredWords(what),
			left: m.not_entered_title(),
			until: m.read_the_label_of({ product })
		});
	return keeps;
}
