import { secondsAt } from '../jobs/seconds-at';
import { readWeather } from '../conditions/typed-weather';
import { slack } from '../loads/load-volumes';
import type { PlanSheet } from '../loads/sheet';
import { mostLoads } from '../loads/plan-loads';
import { fields, readField } from '../quantity/fields';
import type { Issue } from '../quantity/issue';
import { inUnit } from '../quantity/units';
import type { Typed } from '../quantity/typed';
import { asTold, showFigure } from '../quantity/show-figure';
import { longest, tooLong } from '../quantity/too-long';
import { longAsked } from '../records/long-asked';
import { shortestReason } from '../safety/open-stops';
import type { RunEntryBody, TypedDone } from './entries';
import type { JobRun } from './fold-run';

/** More steps than any load is mixed in. */
const mostSteps = 60;

const whole = (n: number, least: number, most: number) => Number.isInteger(n) && n >= least && n <= most;

/**
 * What is wrong with an entry of a run, held against the job that it belongs to; empty where it can be kept.
 *
 * What is told may be typed again: a bound holds to the three digits that it is shown to.
 *
 * An edit of the remaining loads and a dye are held against the job where it is folded: see `refused` there.
 *
 * Errors: `not-whole` loads, steps and rows; `too-large` where more is done than there is, or more left than the tank
 * holds; `level-over-load` for more poured than the tank takes; `empty` reasons; those of the fields.
 */
export function checkRunEntry(entry: RunEntryBody, sheet: PlanSheet): Issue[] {
	const look = checks[entry.kind] as (entry: RunEntryBody, sheet: PlanSheet) => Issue[];
	return look(entry, sheet);
}

/** What is looked at in an entry of each kind. */
const checks: {
	readonly [K in RunEntryBody['kind']]: (entry: Extract<RunEntryBody, { kind: K }>, sheet: PlanSheet) => Issue[];
} = {
	tick: ({ load, step, poured, by }, sheet) => [
		...loadIssues(load),
		...tooLong('by', by ?? '', longest.name),
		...(whole(step, 0, mostSteps) ? [] : [{ code: 'not-whole' as const, path: 'step', text: `${step}` }]),
		...(poured ? pouredIssues(poured, sheet) : [])
	],
	spray: ({ load }) => loadIssues(load),
	progress: ({ load, done, left }, sheet) => [
		...loadIssues(load),
		...doneIssues(done, sheet),
		...leftIssues(left, sheet)
	],
	weather: ({ weather, reason }) => {
		const read = readWeather(weather);
		return [
			...(read.ok ? [] : read.issues.map((issue) => ({ ...issue, path: `weather.${issue.path}` }))),
			...tooLong('reason', reason, longest.reason)
		];
	},
	close: ({ done, left, remarks, ended }, sheet) => [
		...doneIssues(done, sheet),
		...leftIssues(left, sheet),
		...tooLong('remarks', remarks, longest.remarks),
		...(ended === undefined || !Number.isNaN(secondsAt(ended))
			? []
			: [{ code: 'unreadable' as const, path: 'ended', text: ended, wanted: 'clock' }])
	],
	pass: ({ reason }) =>
		reason.trim().length >= shortestReason
			? tooLong('reason', reason, longest.reason)
			: [{ code: 'empty', path: 'reason', text: reason, wanted: 'reason' }],
	rest: ({ from }) => loadIssues(from),
	dye: ({ dye }) =>
		dye && dye.name.trim() === ''
			? [{ code: 'empty', path: 'name', text: dye.name, wanted: 'name' }]
			: tooLong('name', dye?.name ?? '', longest.name),
	record: ({ asked }) =>
		asked.operator?.trim()
			? longAsked(asked)
			: [{ code: 'empty', path: 'operator', text: asked.operator ?? '', wanted: 'name' }],
	follow: () => [],
	twice: () => [],
	strike: () => []
};

/** What was poured is no more than the tank takes. */
function pouredIssues(poured: Typed, sheet: PlanSheet): Issue[] {
	const read = readField(fields.poured, poured, 'poured');
	if (!read.ok) return [...read.issues];
	return read.value.kind === 'volume' && read.value.value > sheet.tank * (1 + slack)
		? [{ code: 'level-over-load', path: 'poured', text: poured.text }]
		: [];
}

/**
 * What stands against a close: a load that was sprayed and whose end nobody told, since no interval can be counted from it.
 *
 * run: with the close in it.
 */
export function checkClose(run: Pick<JobRun, 'closed' | 'loads'>): Issue[] {
	const gone = run.loads.some((l) => l.state !== 'dry' && l.state !== 'mixing');
	return run.closed && gone && run.closed.endedAt === null ? [{ code: 'interval-no-end', path: 'ended' }] : [];
}

/** What is in the tank is no more than it holds. */
function leftIssues(typed: Typed, sheet: PlanSheet): Issue[] {
	const left = readField(fields.tankReading, typed, 'left');
	if (!left.ok) return [...left.issues];
	return left.value.value > sheet.tank * (1 + asTold)
		? [{ code: 'too-large', path: 'left', text: typed.text, bound: 'a full tank' }]
		: [];
}

const loadIssues = (load: number): Issue[] =>
	whole(load, 1, mostLoads) ? [] : [{ code: 'not-whole', path: 'load', text: `${load}` }];

function doneIssues(done: TypedDone, sheet: PlanSheet): Issue[] {
	if (done.by === 'rows') {
		if (!sheet.rows) return [{ code: 'missing', path: 'rows' }];
		if (!whole(done.rows, 1, Number.MAX_SAFE_INTEGER))
			return [{ code: 'not-whole', path: 'done', text: `${done.rows}`, wanted: 'rows' }];
		return done.rows <= sheet.rows.count
			? []
			: [{ code: 'too-large', path: 'done', text: `${done.rows}`, bound: `${sheet.rows.count}` }];
	}
	const area = readField(fields.area, done.area, 'done');
	if (!area.ok) return [...area.issues];
	if (area.value.value <= sheet.area * (1 + asTold)) return [];
	const unit = area.value.unit as 'ha';
	return [
		{
			code: 'too-large',
			path: 'done',
			text: done.area.text,
			bound: `${showFigure(inUnit('area', sheet.area, unit), 4, false)} ${unit}`,
			...(done.area.comma ? { comma: true } : {})
		}
	];
}
