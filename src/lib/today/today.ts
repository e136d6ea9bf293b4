import { m } from '$words';
import type { CalibrationDue, JobState } from '$core';

export interface TodayJob {
	readonly id: string;
	readonly day: string;
	readonly loads: number;
	readonly loadsOut: number;
	readonly state: JobState;
	readonly sprayerId: string | null;
	readonly sprayer: string;
	readonly blocks: readonly string[];
	readonly products: readonly string[];
}

export interface TodaySprayer {
	readonly id: string;
	readonly name: string;
	readonly calibrationInProgress: string | null;
	readonly due: CalibrationDue;
}

/** One thing that the day needs. */
export type TodayItem =
	| { readonly kind: 'first-sprayer' }
	/** The farm's first calibration. */
	| { readonly kind: 'first-calibration'; readonly sprayer: TodaySprayer }
	| { readonly kind: 'in-progress'; readonly sprayer: TodaySprayer }
	/** A job that was begun, is all out, is planned, or wants its record. */
	| { readonly kind: 'job'; readonly job: TodayJob; readonly late: boolean }
	/** A sprayer that is due; `job` is the planned one that rests on it. */
	| { readonly kind: 'calibrate'; readonly sprayer: TodaySprayer; readonly job: TodayJob | null }
	| { readonly kind: 'soon'; readonly sprayer: TodaySprayer }
	| { readonly kind: 'nothing' };

/**
 * What the day needs, in the order in which it needs doing: what is under way; a tank that is out and not closed; what is
 * planned for today or before, each after the calibration that it rests on; records that are not written; sprayers that
 * are due; the days ahead, again after their calibrations; sprayers that will be due soon. A farm without any calibration
 * is led to its first one.
 *
 * jobs: not on record, by their day. today: YYYY-MM-DD.
 */
export function todayItems(
	sprayers: readonly TodaySprayer[],
	jobs: readonly TodayJob[],
	today: string
): readonly TodayItem[] {
	if (sprayers.length === 0 && jobs.length === 0) return [{ kind: 'first-sprayer' }];
	const items: TodayItem[] = [];
	const told = new Set<string>();
	const inState = (state: JobState) => jobs.filter((j) => j.state === state);
	const plain = (list: readonly TodayJob[]) =>
		items.push(...list.map((job): TodayItem => ({ kind: 'job', job, late: job.day < today })));
	/** Jobs to come: the sprayer that one rests on comes before it, once. */
	const afterSprayer = (list: readonly TodayJob[]) => {
		for (const job of list) {
			const sprayer = sprayers.find((s) => s.id === job.sprayerId);
			if (sprayer && sprayer.due.state === 'due' && !sprayer.calibrationInProgress && !told.has(sprayer.id)) {
				told.add(sprayer.id);
				items.push({ kind: 'calibrate', sprayer, job });
			}
			plain([job]);
		}
	};
	plain(inState('under-way'));
	items.push(
		...sprayers.filter((s) => s.calibrationInProgress).map((sprayer): TodayItem => ({ kind: 'in-progress', sprayer }))
	);
	plain(inState('sprayed'));
	const planned = inState('planned');
	afterSprayer(planned.filter((j) => j.day <= today));
	plain(inState('closed'));
	const due = sprayers.filter((s) => s.due.state === 'due' && !s.calibrationInProgress && !told.has(s.id));
	const ahead = planned.filter((j) => j.day > today);
	const rests = new Set(ahead.map((j) => j.sprayerId));
	// What a job of the days ahead rests on stands with that job.
	const first = sprayers.every((s) => s.due.reasons.some((r) => r.code === 'never')) && items.length === 0;
	const free = due.filter((s) => !rests.has(s.id));
	for (const sprayer of free)
		items.push(
			first && sprayer === free[0] ? { kind: 'first-calibration', sprayer } : { kind: 'calibrate', sprayer, job: null }
		);
	afterSprayer(ahead);
	items.push(
		...sprayers
			.filter((s) => s.due.state === 'soon' && !s.calibrationInProgress)
			.map((sprayer): TodayItem => ({ kind: 'soon', sprayer }))
	);
	return items.length > 0 ? items : [{ kind: 'nothing' }];
}

/** The day in one line, from its first thing. */
export function todayHeading(items: readonly TodayItem[], today: string): string {
	const of = <K extends TodayItem['kind']>(kind: K) =>
		items.filter((i): i is Extract<TodayItem, { kind: K }> => i.kind === kind);
	if (of('first-sprayer').length > 0) return m.begin_with_your_first_sprayer();
	if (of('first-calibration').length > 0) return m.now_the_first_calibration();
	const jobs = of('job').map((i) => i.job);
	const underWay = jobs.filter((j) => j.state === 'under-way').length;
	if (underWay > 0) return m.jobs_are_under_way({ count: underWay });
	const calibrations = of('in-progress').length;
	if (calibrations > 0) return m.calibrations_are_in_progress({ count: calibrations });
	const out = jobs.filter((j) => j.state === 'sprayed').length;
	if (out > 0) return m.jobs_are_out_and_want_closing({ count: out });
	const todays = jobs.filter((j) => j.state === 'planned' && j.day <= today).length;
	if (todays > 0) return m.jobs_today({ count: todays });
	const records = jobs.filter((j) => j.state === 'closed').length;
	if (records > 0) return m.records_are_to_be_written({ count: records });
	const due = of('calibrate').length;
	if (due > 0) return m.sprayers_want_calibrating({ count: due });
	return jobs.length > 0 ? m.jobs_in_the_days_ahead({ count: jobs.length }) : m.nothing_waits_today();
}
