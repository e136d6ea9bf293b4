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
	/** Share of it that has run; null where there is nothing to count, or it has not begun. */
	readonly run: number | null;
}

/** A keep-out that will begin when the last load is out. */
export const keepAtWork = ({ product, whole }: { readonly product: string; readonly whole: number }): Keep => ({
	kind: 'entry',
	what: m.nobody_goes_in(),
	left: shownLeft(whole),
	until: m.starts_after_the_last_load({ product }),
	run: null
});

const runOf = (left: number, whole: number) => (whole > 0 ? Math.min(1, Math.max(0, 1 - left / whole)) : null);

/** What keeps a block, as lines to read: nobody in, no harvest, no sowing. `clock` tells a moment (s) as the farm does. */
export function keepsOf(state: BlockState, now: number, clock: (seconds: number) => string): Keep[] {
	const { entry, harvest, plantBack, notEntered } = state;
	const keeps: Keep[] = [];
	if (entry && entry.until > now)
		keeps.push({
			kind: 'entry',
			what: m.nobody_goes_in(),
			left: shownLeft(entry.until - now),
			until: m.until_by_the_label_of({ until: clock(entry.until), product: entry.product }),
			run: runOf(entry.until - now, entry.whole)
		});
	if (harvest)
		keeps.push({
			kind: 'harvest',
			what: m.no_harvest(),
			left: days(harvest.days),
			until: m.until_by_the_label_of_day({ day: dayText(harvest.day), product: harvest.product }),
			run: runOf(harvest.days, harvest.whole)
		});
	for (const { crop, day, days: left, whole, product } of plantBack)
		keeps.push({
			kind: 'plant-back',
			what: m.no_sown({ name: crop.toLowerCase() }),
			left: days(left),
			until: m.until_by_the_label_of_day({ day: dayText(day), product }),
			run: runOf(left, whole)
		});
	// An empty interval is no interval of zero: it is one that somebody has to read.
	for (const { product, what } of notEntered)
		keeps.push({
			kind: 'not-entered',
			what: notEnteredWords(what),
			left: m.not_entered_title(),
			until: m.read_the_label_of({ product }),
			run: null
		});
	return keeps;
}
