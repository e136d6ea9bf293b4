import { readWeather } from '../conditions/typed-weather';
import { slack } from '../loads/load-volumes';
import type { PlanSheet } from '../loads/sheet';
import { mostLoads } from '../loads/plan-loads';
import { fields, readField } from '../quantity/fields';
import type { Issue } from '../quantity/issue';
import { inUnit } from '../quantity/units';
import type { Typed } from '../quantity/typed';
import { showFigure } from '../quantity/show-figure';
import type { RunEntryBody, TypedDone } from './entries';

/** More steps than any load is mixed in. */
const mostSteps = 60;

const whole = (n: number, least: number, most: number) => Number.isInteger(n) && n >= least && n <= most;

/**
 * What is wrong with an entry of a run, held against the job that it belongs to; empty where it can be kept.
 *
 * Errors: `not-whole` loads, steps and rows; `too-large` where more is done than there is, or more left than the tank
 * holds; those of the fields.
 */
export function checkRunEntry(entry: RunEntryBody, sheet: PlanSheet): Issue[] {
	switch (entry.kind) {
		case 'tick': {
			const issues: Issue[] = loadIssues(entry.load);
			if (!whole(entry.step, 0, mostSteps)) issues.push({ code: 'not-whole', path: 'step', text: `${entry.step}` });
			if (entry.poured) {
				const read = readField(fields.poured, entry.poured, 'poured');
				if (!read.ok) issues.push(...read.issues);
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
			return read.ok ? [] : read.issues.map((issue) => ({ ...issue, path: `weather.${issue.path}` }));
		}
		case 'close': {
			return [...doneIssues(entry.done, sheet), ...leftIssues(entry.left, sheet)];
		}
		case 'follow':
		case 'strike':
			return [];
	}
}

/** What is in the tank is no more than it holds. */
function leftIssues(typed: Typed, sheet: PlanSheet): Issue[] {
	const left = readField(fields.tankReading, typed, 'left');
	if (!left.ok) return [...left.issues];
	return left.value.value > sheet.tank * (1 + slack)
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
	if (area.value.value <= sheet.area * (1 + 1e-6)) return [];
	const unit = area.value.unit as 'ha';
	return [
		{
			code: 'too-large',
			path: 'done',
			text: done.area.text,
			bound: `${showFigure(inUnit('area', sheet.area, unit), 4)} ${unit}`
		}
	];
}
