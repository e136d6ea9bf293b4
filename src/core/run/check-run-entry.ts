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
	switch (entry.kind) {
		case 'tick': {
			const issues: Issue[] = [...loadIssues(entry.load), ...tooLong('by', entry.by ?? '', longest.name)];
			if (!whole(entry.step, 0, mostSteps)) issues.push({ code: 'not-whole', path: 'step', text: `${entry.step}` });
			if (entry.poured) {
				const read = readField(fields.poured, entry.poured, 'poured');
				if (!read.ok) issues.push(...read.issues);
				else if (read.value.kind === 'volume' && read.value.value > sheet.tank * (1 + slack))
					issues.push({ code: 'level-over-load', path: 'poured', text: entry.poured.text });
			}
			return issues;
		}
		case 'spray':
			return loadIssues(entry.load);
		case 'progress': {
			return [...loadIssues(entry.load), ...doneIssues(entry.done, sheet), ...leftIssues(entry.left, sheet)];
		}
		case 'weather': {
			const read = readWeather(entry.weather);
			return [
				...(read.ok ? [] : read.issues.map((issue) => ({ ...issue, path: `weather.${issue.path}` }))),
				...tooLong('reason', entry.reason, longest.reason)
			];
		}
		case 'close': {
			const ended = entry.ended === undefined || !Number.isNaN(secondsAt(entry.ended));
			return [
				...doneIssues(entry.done, sheet),
				...leftIssues(entry.left, sheet),
				...tooLong('remarks', entry.remarks, longest.remarks),
				...(ended ? [] : [{ code: 'unreadable' as const, path: 'ended', text: entry.ended, wanted: 'clock' }])
			];
		}
		case 'pass':
			return entry.reason.trim().length >= shortestReason
				? tooLong('reason', entry.reason, longest.reason)
				: [{ code: 'empty', path: 'reason', text: entry.reason, wanted: 'reason' }];
		case 'rest':
			return loadIssues(entry.from);
		case 'dye':
			return entry.dye && entry.dye.name.trim() === ''
				? [{ code: 'empty', path: 'name', text: entry.dye.name, wanted: 'name' }]
				: tooLong('name', entry.dye?.name ?? '', longest.name);
		case 'record':
			return entry.asked.operator?.trim()
				? longAsked(entry.asked)
				: [{ code: 'empty', path: 'operator', text: entry.asked.operator ?? '', wanted: 'name' }];
		case 'follow':
		case 'twice':
		case 'strike':
			return [];
	}
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
