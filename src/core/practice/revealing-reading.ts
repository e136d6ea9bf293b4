import { usualSkill as skill } from '../measurement/defaults';
import type { Time } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { actionTime } from './action-cost';
import type { YardAction } from './actions';
import type { Fault, FaultKind } from './faults';
import type { Machine, YardSetting } from './machine';
import { machineFlows } from './machine-flows';
import { machineSpeed } from './machine-speed';
import { halfFull } from './true-rate';
import { withFault } from './with-fault';

/** What somebody who knows would have done: a reading, or two, and what that takes. */
export interface Revealing {
	readonly actions: readonly YardAction[];
	readonly time: Time;
	/** How far the fault moves the reading, and what the reading is good for (2u), shares. */
	readonly signal: number;
	readonly noise: number;
}

const held = si<'time'>(30);
/** Of a tested gauge or a counted shaft, as 2u. */
const tested = 0.02;
/** Flow of a catch of half a minute, as 2u: jug and hand. */
const oneCatch = (flow: number, machine: Machine): number =>
	2 * Math.hypot(skill.jugMove / held, machine.jugSize.marks / Math.sqrt(12) / (flow * held));
const twice = (u: number) => u * Math.SQRT2;

interface Sound {
	readonly machine: Machine;
	readonly setting: YardSetting;
}
interface Looked {
	readonly sound: Sound;
	readonly faulty: Sound;
	readonly fault: Fault;
}
interface Candidate {
	readonly actions: readonly YardAction[];
	/** How long the sprayer runs for it. */
	readonly running?: number;
	readonly signal: number;
	readonly noise: number;
}

const flowShare = ({ sound, faulty }: Looked, nozzle: number): number =>
	machineFlows(faulty.machine, faulty.setting).flows[nozzle - 1]! /
	machineFlows(sound.machine, sound.setting).flows[nozzle - 1]!;
const flowOf = ({ sound }: Looked, nozzle: number) => machineFlows(sound.machine, sound.setting).flows[nozzle - 1]!;

/** Another nozzle, to hold one against: of another section where there is one. */
const other = ({ sound }: Looked, nozzle: number): number =>
	nozzle > sound.machine.nozzles.length / 2 ? 1 : sound.machine.nozzles.length;

/** One nozzle's jug against another's. */
function caughtAgainst(looked: Looked, nozzle: number, against: number): Candidate {
	const apart = Math.abs(flowShare(looked, nozzle) / flowShare(looked, against) - 1);
	const noise = twice(oneCatch(flowOf(looked, nozzle), looked.sound.machine));
	const nozzles = nozzle === against ? [nozzle] : [nozzle, against];
	return {
		actions: nozzles.map((n) => ({ do: 'catch', nozzles: [n], held })),
		running: held * nozzles.length,
		signal: nozzle === against ? Math.abs(flowShare(looked, nozzle) - 1) : apart,
		noise
	};
}

/** What is seen at once, without a figure. */
const seen = (action: YardAction): Candidate => ({ actions: [action], signal: 1, noise: 0 });
const instrument = (action: YardAction, { fault }: Looked, noise: number): Candidate => ({
	actions: [action],
	signal: fault.size,
	noise
});

const nozzle = (looked: Looked): readonly Candidate[] => {
	const at = looked.fault.at!;
	return [caughtAgainst(looked, at, looked.sound.machine.nozzles.length > 1 ? other(looked, at) : at)];
};
const sized = (looked: Looked) => [...nozzle(looked), seen({ do: 'read-stamp', nozzle: looked.fault.at! })];
const gauge = (looked: Looked) => [instrument({ do: 'test-gauge' }, looked, tested)];
const revs = (looked: Looked) => [instrument({ do: 'count-revs' }, looked, tested)];
const jug = (looked: Looked) => {
	const { marks, brim } = looked.sound.machine.jugSize;
	return [instrument({ do: 'check-jug' }, looked, (2 * marks) / Math.sqrt(12) / (brim / 2))];
};
const course = (looked: Looked) => [
	instrument({ do: 'tape', what: looked.sound.machine.pace === null ? 'course' : 'ground' }, looked, 2 * skill.tape)
];
const height = (looked: Looked) => [instrument({ do: 'tape', what: 'height' }, looked, 2 * skill.tape)];
const sight = (looked: Looked) => [
	instrument({ do: 'dip' }, looked, 2 * skill.tankMark),
	instrument({ do: 'check-sight' }, looked, 2 * skill.metered)
];
const dial = (looked: Looked): readonly Candidate[] => {
	const { machine, setting } = looked.sound;
	const time = machine.course.is / machineSpeed(machine, setting, halfFull);
	const noise = 2 * Math.hypot(skill.steadyDriven, skill.stopwatch / time);
	return [{ actions: [{ do: 'drive' }], running: time, signal: looked.fault.size, noise }];
};

const candidates: Readonly<Record<FaultKind, (looked: Looked) => readonly Candidate[]>> = {
	'nozzle-blocked': (looked) => [
		...nozzle(looked),
		seen({ do: 'brush', nozzle: looked.fault.at! }),
		// Only a jet that is clearly thin is seen.
		...(looked.fault.size > 0.3 ? [{ ...seen({ do: 'look-fans' }), running: held }] : [])
	],
	'nozzle-worn': nozzle,
	'nozzle-larger': sized,
	'nozzle-smaller': sized,
	'set-worn': (looked) => {
		const one = caughtAgainst(looked, 1, 1);
		// More than its rating says nothing before the gauge is known to be right.
		return [{ ...one, actions: [...one.actions, { do: 'test-gauge' }], noise: Math.hypot(one.noise, tested / 2) }];
	},
	'section-filter': (looked) => {
		const { sections } = looked.sound.machine;
		const first = sections.slice(0, looked.fault.at! - 1).reduce((s, n) => s + n, 0) + 1;
		return [caughtAgainst(looked, first, other(looked, first)), seen({ do: 'open-filter', section: looked.fault.at })];
	},
	'main-filter': () => [seen({ do: 'open-filter', section: null })],
	hose: (looked) => [caughtAgainst(looked, looked.sound.machine.nozzles.length, 1)],
	'gauge-high': gauge,
	'gauge-low': gauge,
	'dial-fast': dial,
	'dial-slow': dial,
	'revs-high': revs,
	'revs-low': revs,
	'jug-high': jug,
	'jug-low': jug,
	'course-long': course,
	'course-short': course,
	'height-low': height,
	'height-high': height,
	'sight-high': sight,
	'sight-low': sight
};

/**
 * The least costly reading that would have shown a fault: of all that somebody could do, those whose reading moves by more than it is good
 * for, and of these the one that takes the least time. Null where no reading of the yard would have told.
 *
 * sound: the sprayer and its setting before anything was wrong. Source: signal against 2u of each reading; `actionTime`.
 * @example
 * const sound = drawMachine(exercises[0], 1);
 * revealingReading(sound, { kind: 'gauge-high', at: null, size: 0.15 }).actions[0].do // => "test-gauge"
 * revealingReading(sound, { kind: 'nozzle-larger', at: 4, size: 0.25 }).actions[0].do // => "read-stamp"
 * revealingReading(sound, { kind: 'dial-fast', at: null, size: 0.01 }) // => null
 */
export function revealingReading(sound: Sound, fault: Fault): Revealing | null {
	const looked: Looked = { sound, faulty: withFault(sound, fault), fault };
	const told = candidates[fault.kind](looked)
		.filter((c) => c.signal > c.noise)
		.map((c): Revealing => {
			const work = c.actions.reduce((sum, a) => sum + actionTime(a, sound.machine, si<'time'>(0)), 0);
			return { ...c, time: si<'time'>(work + (c.running ?? 0)) };
		});
	return told.reduce<Revealing | null>((least, one) => (least && least.time <= one.time ? least : one), null);
}
