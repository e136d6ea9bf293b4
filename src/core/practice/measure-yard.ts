import type { AnySheet, AreaReading, FlowReading, TimedCourse, UsedReading, WidthReading } from '../calibration/sheet';
import type { MeasuringSkill } from '../measurement/defaults';
import type { Length, Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Chance } from './chance';
import { machineFlows } from './machine-flows';
import { machineSpeed } from './machine-speed';
import { machineWidth, panLevels, wettedWidth, yardPans } from './machine-width';
import { halfFull } from './true-rate';
import type { Yard } from './yard';

/** Whoever measures: without an error, or with those of a skill, drawn. */
export type Measurer =
	'perfect' | { readonly skill: MeasuringSkill; readonly chance: Chance; readonly repeats: number };

/** What a catch and a parked run are held for, s. */
const held = { catch: 30, park: 60 };

/**
 * A practice sprayer measured by a program, as its exercise asks: the course is taped, the jug was checked, every nozzle caught. The perfect
 * measurer reads what is true; one with a skill has its errors, each drawn once where a hand would make it once.
 *
 * Source: the deviations of the skill, normal; a jug is read to its nearest mark.
 * @example
 * const yard = openYard(exercises[0], 4);
 * const { rate } = calibrateSheet(measureYard(yard, 'perfect')).value;
 * Math.abs(rate.value / trueRate(yard.machine, yard.setting) - 1) < 1e-9 // => true
 */
export function measureYard(yard: Yard, by: Measurer): AnySheet {
	const { exercise } = yard;
	const hand = handOf(by, yard);
	const speed = () => runs(yard, hand);
	switch (exercise.method) {
		case 'speed-width-flow':
		case 'course-catch': {
			const course = speed();
			const own = exercise.method === 'course-catch' ? mean(course.times) : held.catch;
			const flow = catches(yard, hand, own);
			return {
				method: exercise.method,
				speed: course,
				width: widthReading(yard, hand),
				flow: exercise.method === 'course-catch' ? flow : { ...flow, time: si<'time'>(own) },
				...(yard.machine.sprayer.kind === 'boom' && { carrier: yard.machine.sprayer.carrier ?? ('tractor' as const) })
			};
		}
		case 'plot-catch': {
			const times = repeated(hand, () => si<'time'>(timeOver(yard, plotLength(yard)) * hand.steady() + hand.watch()));
			return { method: 'plot-catch', plot: ground(yard, hand), times, flow: catches(yard, hand, mean(times)) };
		}
		case 'refill': {
			const used = repeated(hand, (): UsedReading => {
				const took = machineFlows(yard.machine, yard.setting).total * timeOver(yard, plotLength(yard)) * hand.steady();
				return { added: si<'volume'>(took * hand.metered()) };
			});
			return { method: 'refill', area: ground(yard, hand), used, onFoot: yard.machine.pace !== null };
		}
		case 'parked-drop': {
			const { total } = machineFlows(yard.machine, yard.setting);
			const used = repeated(hand, (): UsedReading => {
				const left = total * (held.park + hand.watch());
				const start = left * 2;
				return {
					start: si<'volume'>(start * hand.metered()),
					left: si<'volume'>((start - left) * hand.metered())
				};
			});
			return {
				method: 'parked-drop',
				speed: speed(),
				width: widthReading(yard, hand),
				used,
				run: si<'time'>(held.park)
			};
		}
	}
}

/** Each kind of error as one draws it; all 1 or 0 for a perfect hand. */
interface Hand {
	readonly repeats: number;
	readonly tape: number;
	readonly watch: () => number;
	readonly jugMove: () => number;
	readonly steady: () => number;
	readonly metered: () => number;
	readonly edge: (wetted: Length) => number;
	readonly pan: () => number;
	readonly marks: (volume: number, graduation: number) => number;
}

function handOf(by: Measurer, { machine }: Yard): Hand {
	if (by === 'perfect')
		return {
			repeats: 1,
			tape: 1,
			watch: () => 0,
			jugMove: () => 0,
			steady: () => 1,
			metered: () => 1,
			edge: () => 0,
			pan: () => 1,
			marks: (volume) => volume
		};
	const { skill, chance, repeats } = by;
	return {
		repeats,
		// One tape measures course, spacing and ground.
		tape: 1 + chance.normal(skill.tape),
		watch: () => chance.normal(skill.stopwatch),
		jugMove: () => chance.normal(skill.jugMove),
		// A pace wavers more on foot than driven.
		steady: () => 1 + chance.normal(machine.pace === null ? skill.steadyDriven : skill.steadyOnFoot),
		metered: () => 1 + chance.normal(skill.metered),
		edge: (wetted) => chance.normal(Math.min(skill.wettedEdge, skill.wettedEdgeShare * wetted)),
		pan: () => 1 + chance.normal(skill.metered),
		marks: (volume, graduation) => Math.round(volume / graduation) * graduation
	};
}

const repeated = <T>(hand: Hand, make: () => T): readonly T[] => Array.from({ length: hand.repeats }, make);
const mean = (times: readonly Time[]): number => times.reduce((s, t) => s + t, 0) / times.length;
const plotLength = ({ machine }: Yard): Length => machine.ground?.is.length ?? machine.course.is;
const timeOver = ({ machine, setting }: Yard, length: Length): number =>
	length / machineSpeed(machine, setting, halfFull);

function runs(yard: Yard, hand: Hand): TimedCourse {
	const { is } = yard.machine.course;
	return {
		course: si<'length'>(is * hand.tape),
		times: repeated(hand, () => si<'time'>(timeOver(yard, is) * hand.steady() + hand.watch()))
	};
}

function catches({ machine, setting }: Yard, hand: Hand, time: number): FlowReading {
	const { marks } = machine.jugSize;
	const { flows, gauge } = machineFlows(machine, setting);
	const groups = machine.sprayer.groups;
	return {
		// What the gauge says is what the flow is held against its rating at.
		...(gauge !== null && {
			pressure: gauge,
			...(groups
				? { ratings: Object.fromEntries(groups.map((group, i) => [group, machine.rated[i]!])) }
				: { rated: machine.rated[0]! })
		}),
		catches: flows.map((q) => [{ volume: si<'volume'>(hand.marks(q * (time + hand.jugMove()), marks)) }]),
		graduation: marks,
		sections: machine.sections.flatMap((count, s) => Array.from({ length: count }, () => s)),
		...(groups && { groups }),
		...(machine.sprayer.kind === 'airblast' && {
			sides: machine.nozzles.map((_, i) => (i < machine.nozzles.length / 2 ? ('left' as const) : ('right' as const)))
		})
	};
}

function ground(yard: Yard, hand: Hand): AreaReading {
	const width = si<'length'>(machineWidth(yard.machine, yard.setting) * hand.tape);
	return { by: 'sides', length: si<'length'>(plotLength(yard) * hand.tape), width };
}

function widthReading({ machine, setting }: Yard, hand: Hand): WidthReading {
	const { width } = machine;
	const taped = (length: Length) => si<'length'>(length * hand.tape);
	switch (width.by) {
		case 'spacing':
			return { kind: 'boom', nozzles: machine.nozzles.length, spacing: taped(width.spacing) };
		case 'rows':
			return { kind: 'rows', rowSpacing: taped(width.spacing), alleys: 'every', sides: 'both' };
		case 'lance':
			return { kind: 'measured', wetted: taped(width.width), usable: 'as-is' };
		case 'throw': {
			if (width.school !== 'pans') {
				const wetted = wettedWidth(machine, setting);
				const usable = { share: width.school.share };
				return { kind: 'measured', wetted: si<'length'>((wetted + hand.edge(wetted)) * hand.tape), usable };
			}
			const speed = machineSpeed(machine, setting, halfFull);
			return {
				kind: 'pans',
				spacing: taped(yardPans.spacing),
				catches: panLevels(machine, setting, speed).map((v) => si<'volume'>(v * hand.pan())),
				driving: 'back-and-forth',
				maxCv: yardPans.maxCv
			};
		}
	}
}
