import type { AnySheet, Exercise, Fault, FaultKind, Finding } from '../../src/core';
import {
	Chance,
	calibrateSheet,
	exercises,
	faultsOf,
	machineFlows,
	measureYard,
	openYard,
	practiceSprayers,
	relativeU,
	trueRate,
	usualSkill
} from '../../src/core';

/** The methods that the yard holds the interval against, each over all of its exercises. */
export const yardMethods = ['speed-width-flow', 'course-catch', 'plot-catch', 'refill', 'parked-drop'] as const;

const exercisesBy = (method: AnySheet['method']) => exercises.filter((e) => e.method === method);

/** Share of seeded yards in which a measurer with the usual errors has the truth inside of the 95 % interval. */
export function yardCoverage(method: AnySheet['method'], runs: number, seed: number): number {
	const chance = new Chance(seed, method);
	const own = exercisesBy(method);
	let inside = 0;
	for (let i = 0; i < runs; i += 1) {
		const yard = openYard(own[i % own.length]!, seed * 1_000_003 + i);
		const sheet = measureYard(yard, { skill: usualSkill, chance, repeats: 3 });
		const result = calibrateSheet(sheet);
		if (!result.ok) throw new Error(JSON.stringify(result.issues));
		const { rate } = result.value;
		const truth = trueRate(yard.machine, yard.setting);
		if (Math.abs(rate.value - truth) <= 2 * relativeU(rate) * rate.value) inside += 1;
	}
	return inside / runs;
}

/** What Fallow ought to say of a fault; null where its catches cannot show it. */
function wanted(fault: Fault, exercise: Exercise): readonly string[] | null {
	const { kind } = practiceSprayers[exercise.sprayer].sprayer;
	switch (fault.kind) {
		case 'nozzle-blocked':
		case 'nozzle-smaller':
			return [`nozzle-low ${fault.at}`];
		case 'nozzle-worn':
		case 'nozzle-larger':
			return [`nozzle-high ${fault.at}`];
		case 'set-worn':
		case 'gauge-low':
			return ['set-over-rated'];
		case 'main-filter':
		case 'gauge-high':
			return ['set-under-rated'];
		case 'section-filter':
			return kind === 'airblast' ? ['sides-apart'] : [`section-low ${fault.at! - 1}`];
		case 'hose':
			return ['falling-from-feed left'];
		default:
			return null;
	}
}

const nameOf = (f: Finding): string =>
	'nozzle' in f
		? `${f.code} ${f.nozzle}`
		: f.code === 'section-low'
			? `${f.code} ${f.section}`
			: f.code === 'falling-from-feed'
				? `${f.code} ${f.from}`
				: f.code;

/** Findings about the flow: those of a course or a speed are not of a fault in the sprayer. */
const aboutFlow = (f: Finding): boolean =>
	[
		'nozzle-low',
		'nozzle-high',
		'nozzle-blocked',
		'section-low',
		'sides-apart',
		'falling-from-feed',
		'set-over-rated',
		'set-under-rated',
		'two-sizes',
		'third-out'
	].includes(f.code);

export interface DiagnosisRow {
	readonly made: number;
	/** The fault was named, and nothing else. */
	readonly right: number;
	readonly missed: number;
	/** Something was named that is not so, beside the fault or in its place. */
	readonly wrong: number;
	/** What was said, by how often. */
	readonly said: ReadonlyMap<string, number>;
}

/** How far a fault moves what is judged by it: the nozzles go with the root of the pressure. */
const moved = ({ kind, size }: Fault): number => {
	if (kind === 'gauge-high') return 1 - 1 / Math.sqrt(1 + size);
	return kind === 'gauge-low' ? Math.sqrt(1 + size) - 1 : size;
};

/**
 * Whether it was said, and nothing else. On a sprayer of a few nozzles one that differs by a fifth is asked about first, since it may differ on
 * purpose; and a section of one nozzle is that nozzle.
 */
function isRight(expected: readonly string[], said: readonly string[], nozzles: number): boolean {
	const all = [...new Set(said)];
	if (all.join() === expected.join()) return true;
	const one = expected[0]!;
	if (nozzles > 3 || !/^(nozzle|section)/.test(one)) return false;
	return (
		all.join() === 'two-sizes' ||
		(one.startsWith('section-low') && all.join() === `nozzle-low ${Number(one.split(' ')[1]) + 1}`)
	);
}

const caughtBy = exercises.filter(
	(e) => ['speed-width-flow', 'course-catch'].includes(e.method) && e.sprayer !== 'knapsack-us'
);

/**
 * Fallow's own diagnosis in the yard: sprayers with one fault each, larger than the rule that judges it and than twice the ± of
 * what it is judged by, caught by a measurer with the usual errors. `sound`: sprayers without one.
 */
export function yardDiagnosis(runs: number, seed: number): ReadonlyMap<FaultKind | 'sound', DiagnosisRow> {
	const chance = new Chance(seed, 'diagnosis');
	const table = new Map<FaultKind | 'sound', DiagnosisRow>();
	const add = (key: FaultKind | 'sound', right: boolean, said: readonly string[]) => {
		const row = table.get(key) ?? { made: 0, right: 0, missed: 0, wrong: 0, said: new Map<string, number>() };
		const codes = [...new Set(said.map((s) => s.split(' ')[0]!))].sort().join(' + ') || 'nothing';
		table.set(key, {
			made: row.made + 1,
			right: row.right + Number(right),
			missed: row.missed + Number(said.length === 0 && key !== 'sound'),
			wrong: row.wrong + Number(!right && said.length > 0),
			said: new Map(row.said).set(codes, (row.said.get(codes) ?? 0) + 1)
		});
	};
	for (let made = 0, i = 0; made < runs; i += 1) {
		const exercise = chance.pick(caughtBy);
		const own = practiceSprayers[exercise.sprayer].sprayer;
		const kinds = faultsOf[own.kind].filter((k) => wanted({ kind: k, at: 1, size: 0 }, exercise) !== null);
		const kind = i % 4 === 0 ? null : chance.pick(kinds);
		const faults: Exercise['faults'] = kind ? { count: 1, of: [kind] } : { count: 0, of: [] };
		const yard = openYard({ ...exercise, faults }, seed * 7919 + i);
		const fault = yard.faults[0];
		const sheet = measureYard(yard, { skill: usualSkill, chance, repeats: 3 });
		const result = calibrateSheet(sheet);
		if (!result.ok) throw new Error(JSON.stringify(result.issues));
		const said = result.value.findings.filter(aboutFlow).map(nameOf);
		if (!fault) {
			add('sound', said.length === 0, said);
			made += 1;
			continue;
		}
		if (!large(exercise, yard.seed, fault)) continue;
		const expected = wanted(fault, exercise)!;
		add(fault.kind, isRight(expected, said, yard.machine.nozzles.length), said);
		made += 1;
	}
	return table;

	function large(exercise: Exercise, at: number, fault: Fault): boolean {
		const { machine, setting } = openYard({ ...exercise, faults: { count: 0, of: [] } }, at);
		const flow = machineFlows(machine, setting).flows[0]!;
		const one = 2 * Math.hypot(usualSkill.jugMove / 30, machine.jugSize.marks / Math.sqrt(12) / (flow * 30));
		const whole = ['set-worn', 'main-filter', 'gauge-high', 'gauge-low'].includes(fault.kind);
		const rule = whole ? 0.1 : 0.05;
		return moved(fault) > Math.max(2 * one, rule + one);
	}
}
