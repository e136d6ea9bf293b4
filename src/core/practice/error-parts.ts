import { swathWidth } from '../calibration/swath-width';
import type { AnySheet, FlowReading, SpeedReading, UsedReading } from '../calibration/sheet';
import { volumeUsed } from '../calibration/used-volume';
import { waterVolume } from '../calibration/water-volume';
import { mean } from '../measurement/mean';
import { usualSkill } from '../measurement/defaults';
import { groundArea } from '../calibration/ground-area';
import type { VolumePerArea } from '../quantity/quantity';
import type { YardDone, Yard } from './yard';
import { machineFlows } from './machine-flows';
import { machineSpeed } from './machine-speed';
import { machineWidth } from './machine-width';
import { halfFull, trueRate } from './true-rate';

/** Where an error of an answer can come from. */
export const errorSources = [
	'watch',
	'pace',
	'course',
	'width',
	'jug-marks',
	'jug-reading',
	'hold',
	'ground',
	'tank-reading',
	'parked-time',
	'stated',
	'changed-since',
	'rest'
] as const;
export type ErrorSource = (typeof errorSources)[number];

export interface ErrorPart {
	readonly source: ErrorSource;
	/** What it added to the answer; the parts add up to answer less truth. */
	readonly amount: VolumePerArea;
}

type Factor = readonly [source: ErrorSource, factor: number];

/** Parts smaller than this share of the truth are told with the rest. */
const smallest = 1e-9;

/**
 * Where an answer's error came from, measurement by measurement: each reading is held against what was true when it was made, and
 * their ratios multiply to answer over truth. The largest is told first, each as what it adds going from the truth to the answer.
 *
 * Source: a spray volume is a product of its readings, so its error is a product of theirs.
 * @example
 * const yard = openYard(exercises[0], 4);
 * const sheet = measureYard(yard, 'perfect');
 * const longer = { ...sheet, speed: { ...sheet.speed, course: sheet.speed.course * 1.1 } };
 * errorParts(yard, longer, calibrateSheet(longer).value.rate.value)[0].source // => "course"
 */
export function errorParts(yard: Yard, sheet: AnySheet, answer: VolumePerArea): readonly ErrorPart[] {
	const truth = trueRate(yard.machine, yard.setting);
	const known = factorsOf(yard, sheet).filter(([, f]) => Number.isFinite(f) && f > 0);
	const rest = answer / truth / known.reduce((product, [, f]) => product * f, 1);
	const factors: Factor[] = [...merged(known), ['rest', rest]];
	const sorted = factors
		.filter(([, f]) => Math.abs(Math.log(f)) > smallest)
		.sort((a, b) => Math.abs(Math.log(b[1])) - Math.abs(Math.log(a[1])));
	let at: number = truth;
	return sorted.map(([source, factor]) => {
		const amount = at * (factor - 1);
		at += amount;
		return { source, amount: amount as VolumePerArea };
	});
}

function merged(factors: readonly Factor[]): Factor[] {
	const by = new Map<ErrorSource, number>();
	for (const [source, f] of factors) by.set(source, (by.get(source) ?? 1) * f);
	return [...by];
}

function factorsOf(yard: Yard, sheet: AnySheet): Factor[] {
	switch (sheet.method) {
		case 'speed-width-flow':
		case 'course-catch':
			return [
				...speedFactors(yard, sheet.speed),
				...widthFactors(yard, sheet),
				...flowFactors(yard, sheet.flow, sheet)
			];
		case 'plot-catch':
			return plotFactors(yard, sheet);
		case 'refill':
			return [...areaFactors(yard, sheet), ...usedFactors(yard, sheet.used, 'cover')];
		case 'parked-drop':
			return [
				...speedFactors(yard, sheet.speed),
				...widthFactors(yard, sheet),
				...usedFactors(yard, sheet.used, 'park', sheet.run)
			];
	}
}

/** The last doings of a kind, as many as there are readings of it. */
const lastOf = (yard: Yard, what: YardDone['seen']['of'], count: number): readonly YardDone[] =>
	yard.done.filter((d) => d.seen.of === what).slice(-count);

function speedFactors(yard: Yard, reading: SpeedReading): Factor[] {
	const now = machineSpeed(yard.machine, yard.setting, halfFull);
	if (!('course' in reading)) return [['stated', now / reading.stated]];
	const { is } = yard.machine.course;
	const runs = lastOf(yard, 'drive', reading.times.length);
	const passes = runs.flatMap(({ seen }) => (seen.of === 'drive' ? [seen.pass] : []));
	// Without a run in the yard the time was not measured there: all of it is the watch's.
	const pass = passes.length > 0 ? mean(passes) : is / now;
	const then = runs.length > 0 ? mean(runs.map((d) => machineSpeed(d.machine, d.setting, halfFull))) : now;
	return [
		['watch', mean(reading.times) / pass],
		['pace', pass / (is / then)],
		['changed-since', now / then],
		['course', is / reading.course]
	];
}

function widthFactors(yard: Yard, sheet: Extract<AnySheet, { readonly width: unknown }>): Factor[] {
	const swath = swathWidth(sheet.width, usualSkill);
	return swath ? [['width', machineWidth(yard.machine, yard.setting) / swath.treated.value]] : [];
}

/** What was read of the jugs, against what had run into them, for each nozzle that was caught. */
function flowFactors(yard: Yard, flow: FlowReading, sheet: AnySheet): Factor[] {
	const numbers = flow.numbers ?? flow.catches.map((_, i) => i + 1);
	const { flows } = machineFlows(yard.machine, yard.setting);
	let [read, shown, caught, passed, now] = [0, 0, 0, 0, 0];
	const time = flow.time ?? timeOf(sheet);
	flow.catches.forEach((catches, i) => {
		if (!catches || catches.length === 0) return;
		const nozzle = numbers[i]!;
		const jug = [...yard.done]
			.reverse()
			.find((d) => d.seen.of === 'catch' && d.seen.jugs.some((j) => j.nozzle === nozzle));
		if (jug?.seen.of !== 'catch') return;
		const own = jug.seen.jugs.find((j) => j.nozzle === nozzle)!;
		const amounts = catches.map((c) => ('volume' in c ? c.volume : 'mass' in c ? waterVolume(c.mass) : c.flow * time));
		read += mean(amounts);
		shown += own.shown;
		caught += own.caught;
		passed += machineFlows(jug.machine, jug.setting).flows[nozzle - 1]! * time;
		now += flows[nozzle - 1]! * time;
	});
	if (now === 0) return [];
	return [
		['jug-reading', read / shown],
		['jug-marks', shown / caught],
		['hold', caught / passed],
		['changed-since', passed / now]
	];
}

const timeOf = (sheet: AnySheet): number =>
	sheet.method === 'plot-catch'
		? mean(sheet.times)
		: 'speed' in sheet && 'times' in sheet.speed
			? mean(sheet.speed.times)
			: 0;

function plotFactors(yard: Yard, sheet: Extract<AnySheet, { readonly method: 'plot-catch' }>): Factor[] {
	const now = machineSpeed(yard.machine, yard.setting, halfFull);
	const length = yard.machine.ground?.is.length ?? yard.machine.course.is;
	const goes = lastOf(yard, 'cover', sheet.times.length);
	const passes = goes.flatMap(({ seen }) => (seen.of === 'cover' ? [seen.pass] : []));
	const pass = passes.length > 0 ? mean(passes) : length / now;
	return [
		['watch', mean(sheet.times) / pass],
		['pace', pass / (length / now)],
		...groundFactor(yard, groundArea(sheet.plot, usualSkill).value),
		...flowFactors(yard, sheet.flow, sheet)
	];
}

const groundFactor = (yard: Yard, area: number): Factor[] => {
	const length = yard.machine.ground?.is.length ?? yard.machine.course.is;
	return [['ground', (length * machineWidth(yard.machine, yard.setting)) / area]];
};

const areaFactors = (yard: Yard, sheet: Extract<AnySheet, { readonly method: 'refill' }>): Factor[] =>
	groundFactor(yard, groundArea(sheet.area, usualSkill).value);

function usedFactors(yard: Yard, used: readonly UsedReading[], what: 'cover' | 'park', run?: number): Factor[] {
	const done = lastOf(yard, what, used.length);
	const took = done.flatMap(({ seen }) => (seen.of === 'cover' || seen.of === 'park' ? [seen.used] : []));
	if (took.length === 0) return [];
	const { total } = machineFlows(yard.machine, yard.setting);
	const then = mean(done.map((d) => machineFlows(d.machine, d.setting).total));
	const read = mean(used.map(volumeUsed)) / mean(took);
	const times = done.flatMap(({ action, seen }) =>
		action.do === 'park' ? [action.time as number] : seen.of === 'cover' ? [seen.pass as number] : []
	);
	if (what === 'park')
		return [
			['tank-reading', read],
			['parked-time', run ? mean(times) / run : 1],
			['changed-since', then / total]
		];
	const now = machineSpeed(yard.machine, yard.setting, halfFull);
	const length = yard.machine.ground?.is.length ?? yard.machine.course.is;
	return [
		['tank-reading', read],
		['pace', mean(times) / (length / now)],
		['changed-since', then / total]
	];
}
