import { z } from 'zod';
import type {
	Adjustment,
	AnySheet,
	FullTank,
	Gallon,
	Impossible,
	Issue,
	LoadPlan,
	MethodCalibration,
	PlanSheet,
	Swath
} from '../../core/index';
import { adjust, calibrateSheet, fullTank, inUnit, planLoads, workingOf } from '../../core/index';
import { wordImpossible } from '../wording/adjust';
import { wordFinding } from '../wording/findings';
import { wordIssue } from '../wording/issues';
import { adjustSheetSchema, readAdjustSheet } from './adjust-sheet';
import { calibrationSheetSchema } from './calibration-sheet';
import { readCalibrationSheet } from './read-sheet';
import { amountUnits, flowUnits, rateUnits, speedUnits, widthUnits } from './answer-units';
import { fourthAnswer, fourthSheetSchema, readFourthSheet } from './fourth-sheet';
import type { FullTankAsked } from './plan-sheet';
import { isFullTank, planSheetSchema, readFullTank, readPlanSheet } from './plan-sheet';

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
	if (format === 'fallow-adjust/1') return calcAdjust(input);
	if (format === 'fallow-fourth/1') return calcFourth(input);
	return error(
		'format',
		`The format ${show(format)} is not one of fallow-sheet/1, fallow-adjust/1, fallow-plan/1, fallow-fourth/1.`
	);
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
	if (issue.code === 'invalid_union' && 'discriminator' in issue && issue.discriminator)
		return error(
			place,
			`${show(issue.input) ?? 'That'} is not one of the known kinds of ${String(issue.discriminator)}.`
		);
	if (issue.code === 'unrecognized_keys')
		return error([...path, issue.keys[0]!].join('.'), `Unknown key ${issue.keys.map((k) => `"${k}"`).join(', ')}.`);
	return error(place, issue.message);
}
const deep = (branch: readonly { path: readonly PropertyKey[] }[]) => branch[0]?.path.length ?? 0;

function calcSheet(input: object): Record<string, unknown> | CalcError {
	const parsed = calibrationSheetSchema.safeParse(input);
	if (!parsed.success) return fromZod(parsed.error);
	const sheet = readCalibrationSheet(parsed.data);
	if (!sheet.ok) return fromIssue(sheet.issues[0]!);
	const result = calibrateSheet(sheet.value);
	if (!result.ok) return fromIssue(result.issues[0]!);
	return sheetAnswer(sheet.value, result.value, parsed.data.gallon);
}

function widthAnswer({ treated, pans }: Swath) {
	const width = widthUnits(treated.value);
	if (!pans) return width;
	const candidates = pans.swath.candidates.map((c) => ({ m: c.spacings * pans.spacing, cv: c.cv }));
	return { ...width, cv: pans.swath.best?.cv, candidates };
}

/** The answer of `fallow-sheet/1`: every figure at full precision, in the units that people ask for. */
function sheetAnswer(sheet: AnySheet, c: MethodCalibration, gallon?: Gallon): Record<string, unknown> {
	return {
		format: 'fallow-sheet-answer/1',
		method: c.method,
		rate: rateUnits(c.rate.value),
		...(c.fieldRate === null ? {} : { fieldRate: rateUnits(c.fieldRate) }),
		...(c.speed && {
			speed: speedUnits(c.speed.value)
		}),
		...(c.swath && { width: widthAnswer(c.swath) }),
		...(c.flow && {
			flow: flowUnits(c.flow.value)
		}),
		...(c.workRate !== null && {
			workRate: { 'ha/h': inUnit('workRate', c.workRate, 'ha/h'), 'ac/h': inUnit('workRate', c.workRate, 'ac/h') }
		}),
		relativeUncertainty95: c.relativeUncertainty95,
		budget: c.budget,
		nozzles: (c.nozzles?.nozzles ?? []).map((n) => ({
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

function calcAdjust(input: object): Record<string, unknown> | CalcError {
	const parsed = adjustSheetSchema.safeParse(input);
	if (!parsed.success) return fromZod(parsed.error);
	const sheet = readAdjustSheet(parsed.data);
	return sheet.ok ? adjustAnswer(adjust(sheet.value)) : fromIssue(sheet.issues[0]!);
}

/** The answer of `fallow-adjust/1`. */
function adjustAnswer(a: Adjustment): Record<string, unknown> {
	return {
		format: 'fallow-adjust-answer/1',
		factor: a.factor,
		...(a.speed !== null && { speed: speedUnits(a.speed) }),
		...(a.pressure !== null && {
			pressure: { bar: inUnit('pressure', a.pressure, 'bar'), psi: inUnit('pressure', a.pressure, 'psi') }
		}),
		...(a.nozzleFlow !== null && { nozzleFlow: flowUnits(a.nozzleFlow) }),
		advice: a.advice,
		impossible: Object.fromEntries(
			Object.entries(a.impossible).map(([lever, why]) => [lever, wordImpossible(why as Impossible)])
		)
	};
}

function calcPlan(input: object): Record<string, unknown> | CalcError {
	const parsed = planSheetSchema.safeParse(input);
	if (!parsed.success) return fromZod(parsed.error);
	if (isFullTank(parsed.data)) {
		const tank = readFullTank(parsed.data);
		const full = tank.ok ? fullTank(tank.value.rate, tank.value.tank, tank.value.products) : tank;
		return tank.ok && full.ok
			? fullTankAnswer(tank.value, full.value)
			: fromIssue(full.ok ? { code: 'missing', path: 'products' } : full.issues[0]!);
	}
	const sheet = readPlanSheet(parsed.data);
	if (!sheet.ok) return fromIssue(sheet.issues[0]!);
	const plan = planLoads(sheet.value);
	return plan.ok ? planAnswer(sheet.value, plan.value) : fromIssue(plan.issues[0]!);
}

function calcFourth(input: object): Record<string, unknown> | CalcError {
	const parsed = fourthSheetSchema.safeParse(input);
	if (!parsed.success) return fromZod(parsed.error);
	const four = readFourthSheet(parsed.data);
	return four.ok ? fourthAnswer(four.value) : fromIssue(four.issues[0]!);
}

/** The answer of a `fallow-plan/1` without an area: one full tank. */
const fullTankAnswer = (asked: FullTankAsked, full: FullTank): Record<string, unknown> => ({
	format: 'fallow-plan-answer/1',
	perTank: {
		mixL: inUnit('volume', full.mix, 'L'),
		areaHa: inUnit('area', full.area, 'ha'),
		areaAc: inUnit('area', full.area, 'ac'),
		areaM2: full.area,
		waterL: inUnit('volume', full.water, 'L'),
		products: full.products.map((p, i) => ({
			name: asked.products[i]!.name,
			...amountUnits(p),
			...(p.kind === 'volume' ? { mlPerLitreOfMix: full.perMix[i]! * 1000 } : { gPerLitreOfMix: full.perMix[i]! })
		}))
	}
});

/** The answer of `fallow-plan/1`. */
function planAnswer(sheet: PlanSheet, plan: LoadPlan): Record<string, unknown> {
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
			...(load.rows !== null && { rows: load.rows }),
			...(load.packs !== null && { packs: load.packs }),
			products: load.products.map((p, i) => ({ name: sheet.products[i]!.name, ...amountUnits(p) }))
		})),
		totals: Object.fromEntries(
			plan.totals.map((total, i) => [
				sheet.products[i]!.name,
				total.kind === 'volume'
					? { L: inUnit('volume', total.amount, 'L'), ml: inUnit('volume', total.amount, 'ml') }
					: { kg: total.amount as number }
			])
		),
		...(plan.leftover > 0 && {
			leftover: { L: inUnit('volume', plan.leftover, 'L'), 'US gal': inUnit('volume', plan.leftover, 'US gal') }
		}),
		packs: Object.fromEntries(
			plan.packs.flatMap((count, i) => (count === null ? [] : [[sheet.products[i]!.name, count]]))
		),
		overMax: Object.fromEntries(
			plan.overMax.flatMap((over, i) => (over === null ? [] : [[sheet.products[i]!.name, over]]))
		)
	};
}
