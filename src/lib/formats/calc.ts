import { z } from 'zod';
import type { Amount, Calibration, CalibrationSheet, Gallon, Issue, LoadPlan, PlanSheet } from '../../core';
import { calibrate, inUnit, planLoads, workingOf } from '../../core';
import { wordFinding } from '../wording/findings';
import { wordIssue } from '../wording/issues';
import { calibrationSheetSchema, laterMethods, laterWidths, readCalibrationSheet } from './calibration-sheet';
import { laterSplits, planSheetSchema, readPlanSheet } from './plan-sheet';

export interface CalcError {
	readonly error: { readonly path: string; readonly message: string };
}

/** One sheet of any of Fallow's open formats to its answer, or to what is wrong with it. Never throws on bad input. */
export function calc(input: unknown): Record<string, unknown> | CalcError {
	if (input === null || typeof input !== 'object' || Array.isArray(input))
		return error('', 'A sheet is one JSON object, like {"format": "fallow-sheet/1", …}.');
	const format = (input as { format?: unknown }).format;
	if (format === 'fallow-sheet/1') return calcSheet(input);
	if (format === 'fallow-plan/1') return calcPlan(input);
	if (format === 'fallow-adjust/1') return error('format', 'fallow-adjust/1 is not supported by this version yet.');
	return error('format', `The format ${show(format)} is not one of fallow-sheet/1, fallow-plan/1.`);
}

export const isCalcError = (answer: Record<string, unknown> | CalcError): answer is CalcError => 'error' in answer;

const error = (path: string, message: string): CalcError => ({ error: { path, message } });
const fromIssue = (issue: Issue): CalcError => error(issue.path, wordIssue(issue));
const show = (value: unknown) => (value === undefined ? '(none)' : JSON.stringify(value)?.slice(0, 60));

/** The first problem that Zod found, told so that a person can mend the file. */
function fromZod(problem: z.ZodError): CalcError {
	const [first] = problem.issues;
	if (!first) throw problem;
	let issue = first;
	let path = first.path;
	// Inside a union the branch that got furthest tells most.
	while (issue.code === 'invalid_union' && issue.errors.length > 0) {
		const branches = issue.errors.filter((branch) => branch.length > 0);
		const deepest = branches.sort((a, b) => deep(b) - deep(a))[0]?.[0];
		if (!deepest) break;
		path = [...path, ...deepest.path];
		issue = deepest;
	}
	const place = path.join('.');
	if (issue.code === 'unrecognized_keys')
		return error([...path, issue.keys[0]!].join('.'), `Unknown key ${issue.keys.map((k) => `"${k}"`).join(', ')}.`);
	return error(place, issue.message);
}
const deep = (branch: readonly { path: readonly PropertyKey[] }[]) => branch[0]?.path.length ?? 0;

function later(value: unknown, path: string, kinds: readonly string[]): CalcError | null {
	return typeof value === 'string' && kinds.includes(value)
		? fromIssue({ code: 'not-supported', path, text: value })
		: null;
}

function calcSheet(input: object): Record<string, unknown> | CalcError {
	const raw = input as { method?: unknown; width?: { kind?: unknown } };
	const notYet = later(raw.method, 'method', laterMethods) ?? later(raw.width?.kind, 'width.kind', laterWidths);
	if (notYet) return notYet;
	const parsed = calibrationSheetSchema.safeParse(input);
	if (!parsed.success) return fromZod(parsed.error);
	const sheet = readCalibrationSheet(parsed.data);
	if (!sheet.ok) return fromIssue(sheet.issues[0]!);
	const result = calibrate(sheet.value);
	if (!result.ok) return fromIssue(result.issues[0]!);
	return sheetAnswer(sheet.value, result.value, parsed.data.gallon);
}

/** The answer of `fallow-sheet/1`: every figure at full precision, in the units that people ask for. */
export function sheetAnswer(sheet: CalibrationSheet, c: Calibration, gallon?: Gallon): Record<string, unknown> {
	const rate = c.rate.value;
	return {
		format: 'fallow-sheet-answer/1',
		method: c.method,
		rate: {
			'L/ha': inUnit('volumePerArea', rate, 'L/ha'),
			'US gal/ac': inUnit('volumePerArea', rate, 'US gal/ac'),
			'Imp gal/ac': inUnit('volumePerArea', rate, 'Imp gal/ac'),
			'US fl oz/1000 ft2': inUnit('volumePerArea', rate, 'US fl oz/1000 ft2'),
			'L/100 m2': inUnit('volumePerArea', rate, 'L/100 m2')
		},
		speed: {
			'm/s': c.speed.value,
			mph: inUnit('speed', c.speed.value, 'mph'),
			'km/h': inUnit('speed', c.speed.value, 'km/h')
		},
		width: { m: c.width.value, ft: inUnit('length', c.width.value, 'ft') },
		flow: {
			'L/min': inUnit('flow', c.flow.value, 'L/min'),
			'US gal/min': inUnit('flow', c.flow.value, 'US gal/min')
		},
		...(c.workRate === null
			? {}
			: {
					workRate: {
						'ha/h': inUnit('workRate', c.workRate, 'ha/h'),
						'ac/h': inUnit('workRate', c.workRate, 'ac/h')
					}
				}),
		relativeUncertainty95: c.relativeUncertainty95,
		budget: c.budget,
		nozzles: c.nozzles.nozzles.map((n) => ({
			n: n.n,
			flowLPerMin: n.flow === null ? null : inUnit('flow', n.flow, 'L/min'),
			fromAverage: n.fromAverage,
			fromRated: n.fromRated,
			verdict: n.verdict
		})),
		findings: c.findings.map((f) => {
			const words = wordFinding(f);
			return { code: f.code, message: `${words.title}. ${words.body}` };
		}),
		working: workingOf(sheet, c, 'units', gallon ?? 'metric').map((line) => `${line.rule}: ${line.figures}`)
	};
}

function calcPlan(input: object): Record<string, unknown> | CalcError {
	const notYet = later((input as { split?: unknown }).split, 'split', laterSplits);
	if (notYet) return notYet;
	const parsed = planSheetSchema.safeParse(input);
	if (!parsed.success) return fromZod(parsed.error);
	const sheet = readPlanSheet(parsed.data);
	if (!sheet.ok) return fromIssue(sheet.issues[0]!);
	const plan = planLoads(sheet.value);
	return plan.ok ? planAnswer(sheet.value, plan.value) : fromIssue(plan.issues[0]!);
}

const litres = (v: Amount) =>
	v.kind === 'volume' ? { amountL: inUnit('volume', v.amount, 'L') } : { amountKg: v.amount as number };

/** The answer of `fallow-plan/1`. */
export function planAnswer(sheet: PlanSheet, plan: LoadPlan): Record<string, unknown> {
	return {
		format: 'fallow-plan-answer/1',
		area: { ha: inUnit('area', plan.area, 'ha'), ac: inUnit('area', plan.area, 'ac'), m2: plan.area },
		mix: {
			L: inUnit('volume', plan.mix, 'L'),
			'US gal': inUnit('volume', plan.mix, 'US gal'),
			'Imp gal': inUnit('volume', plan.mix, 'Imp gal')
		},
		loads: plan.loads.map((load) => ({
			mixL: inUnit('volume', load.mix, 'L'),
			areaHa: inUnit('area', load.area, 'ha'),
			waterL: inUnit('volume', load.water, 'L'),
			products: load.products.map((p, i) => ({ name: sheet.products[i]!.name, ...litres(p) }))
		})),
		totals: Object.fromEntries(
			plan.totals.map((total, i) => [
				sheet.products[i]!.name,
				total.kind === 'volume'
					? { L: inUnit('volume', total.amount, 'L'), ml: inUnit('volume', total.amount, 'ml') }
					: { kg: total.amount as number }
			])
		)
	};
}
