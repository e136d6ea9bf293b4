import { nearEnough } from '../adjust/aim-at';
import { judgeGap } from '../measurement/judge-gap';
import { addDays } from '../jobs/add-days';
import { daysBetween } from '../jobs/days-between';
import { seasonStart } from '../records/season-around';

/** When this farm calibrates again; null is not at all by that rule. */
export interface DueRules {
	/** MM-DD on which its season starts. */
	readonly seasonStart: string | null;
	/** Days since the calibration. */
	readonly days: number | null;
	/** Sprayed since the calibration: hours, m², and hours with abrasive products. */
	readonly hours: number | null;
	readonly area: number | null;
	readonly abrasiveHours: number | null;
}

/** What is known of a sprayer since it was calibrated. */
export interface SinceCalibrated {
	/** YYYY-MM-DD of the newest calibration; null without any. */
	readonly signed: string | null;
	/** A part was changed, a volume drifted, a canopy grew: the newest of it; null is nothing. */
	readonly event: string | null;
	readonly hours: number;
	readonly area: number;
	readonly abrasiveHours: number;
	/** Who sprayed with a sprayer that is carried and was not calibrated by them. */
	readonly others: readonly string[];
	/** Its 95 % ± as a share, where it has one. */
	readonly relativeU95?: number | null | undefined;
}

export type DueCode = 'never' | 'event' | 'season' | 'days' | 'hours' | 'area' | 'abrasive' | 'operator' | 'wide';

export interface DueReason {
	readonly code: DueCode;
	/** Due now, or near it. */
	readonly due: boolean;
	/** What it is at and its limit: days, hours or m²; null where it is not counted. */
	readonly at: number | null;
	readonly limit: number | null;
	/** YYYY-MM-DD on which it is or was due; null where it goes by no calendar. */
	readonly day: string | null;
	/** An event's kind, or people. */
	readonly what: string;
}

export interface CalibrationDue {
	readonly state: 'due' | 'soon' | 'good';
	/** The gravest first. */
	readonly reasons: readonly DueReason[];
	/** The day by the calendar on which it is due next; null where no rule of this farm goes by the calendar. */
	readonly day: string | null;
}

/** Near: the last fifth of a count, the last two weeks of a date. */
const nearShare = 0.8;
const nearDays = 14;
const order: readonly DueCode[] = ['never', 'event', 'operator', 'season', 'hours', 'area', 'abrasive', 'days', 'wide'];

/**
 * Whether a sprayer wants calibrating again, by the farm's rules: never calibrated, something changed since, another
 * operator of a carried sprayer, a season that began, hours, area and hours with abrasive products since, days since. Each
 * reason tells its figure and its limit; those that are near are told too.
 *
 * today: YYYY-MM-DD.
 * Source: the farm’s own rules.
 * @example
 * calibrationDue({ signed: '2026-02-10', event: null, hours: 45, area: 0, abrasiveHours: 0, others: [] }, { seasonStart: '03-01', days: null, hours: 50, area: null, abrasiveHours: null }, '2026-03-20').reasons.map((r) => [r.code, r.due]) // => [["season",true],["hours",false]]
 * calibrationDue({ signed: '2026-03-10', event: null, hours: 0, area: 0, abrasiveHours: 0, others: [] }, { seasonStart: '03-01', days: null, hours: 50, area: null, abrasiveHours: null }, '2026-03-20').day // => "2027-03-01"
 */
export function calibrationDue(since: SinceCalibrated, rules: DueRules, today: string): CalibrationDue {
	const { signed } = since;
	const say = (code: DueCode, due: boolean, more: Partial<DueReason> = {}): DueReason => ({
		code,
		due,
		at: null,
		limit: null,
		day: null,
		what: '',
		...more
	});
	if (signed === null) return { state: 'due', reasons: [say('never', true, { day: today })], day: today };
	const reasons: DueReason[] = [];
	if (since.event !== null) reasons.push(say('event', true, { day: today, what: since.event }));
	if (since.others.length > 0) reasons.push(say('operator', true, { day: today, what: since.others.join(', ') }));
	const dates: string[] = [];
	const byDay = (code: DueCode, day: string, limit: number | null) => {
		dates.push(day);
		const left = daysBetween(today, day);
		if (left <= nearDays) reasons.push(say(code, left <= 0, { day, at: daysBetween(signed, today), limit }));
	};
	if (rules.seasonStart) byDay('season', seasonAfter(signed, rules.seasonStart), null);
	if (rules.days !== null) byDay('days', addDays(signed, rules.days), rules.days);
	const byCount = (code: DueCode, at: number, limit: number | null) => {
		if (limit === null || at < limit * nearShare) return;
		reasons.push(say(code, at >= limit, { at, limit, day: at >= limit ? today : null }));
	};
	byCount('hours', since.hours, rules.hours);
	byCount('area', since.area, rules.area);
	byCount('abrasive', since.abrasiveHours, rules.abrasiveHours);
	// How long it stays good is a verdict on 5 %: a wider ± carries none.
	const wide = since.relativeU95 ?? 0;
	if (judgeGap(0, nearEnough, wide) === 'cannot-tell')
		reasons.push(say('wide', false, { at: wide, limit: nearEnough }));
	reasons.sort((a, b) => Number(b.due) - Number(a.due) || order.indexOf(a.code) - order.indexOf(b.code));
	const now = reasons.some((r) => r.due);
	const next = dates.sort()[0] ?? null;
	return {
		state: now ? 'due' : reasons.length > 0 ? 'soon' : 'good',
		reasons,
		// What is overdue by the calendar keeps its own day; what something else made due is due today.
		day: now && (next === null || next > today) ? today : next
	};
}

/** The first start of a season after a day. */
function seasonAfter(day: string, start: string): string {
	const year = Number(day.slice(0, 4));
	return seasonStart(year, start) > day ? seasonStart(year, start) : seasonStart(year + 1, start);
}
