import type { AnySheet } from '../calibration/sheet';
import type { Measured } from '../measurement/measured';
import { relativeU } from '../measurement/relative-u';
import type { Time, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { drawMachine } from './draw-machine';
import type { ErrorPart } from './error-parts';
import { errorParts } from './error-parts';
import type { Exercise } from './exercises';
import { goalWithin } from './exercises';
import type { Claim, Fault } from './faults';
import type { Grades } from './grade-claims';
import { gradeClaims } from './grade-claims';
import type { MachineEven } from './machine-even';
import { machineEven } from './machine-even';
import { nextExercise } from './next-exercise';
import { yardQuantity } from './read-practice-sprayer';
import type { Revealing } from './revealing-reading';
import { revealingReading } from './revealing-reading';
import { trueRate } from './true-rate';
import type { Yard } from './yard';

/** What was signed: the answer with its ±, and the readings behind it. */
export interface SignedAnswer {
	readonly sheet: AnySheet;
	readonly rate: Measured<'volumePerArea'>;
}

export interface Reveal {
	readonly truth: VolumePerArea;
	readonly answer: VolumePerArea | null;
	/** Half the width of the answer's 95 % interval; null without an answer. */
	readonly u95: VolumePerArea | null;
	readonly inside: boolean | null;
	readonly parts: readonly ErrorPart[];
	readonly grades: Grades;
	/** For each fault that was missed, what would have shown it for the least time. */
	readonly expert: readonly { readonly fault: Fault; readonly reading: Revealing | null }[];
	readonly goal: {
		readonly wanted: VolumePerArea;
		/** Truth over what was wanted, less one. */
		readonly off: number;
		readonly reached: boolean;
		readonly even: MachineEven;
	};
	readonly spent: { readonly time: Time; readonly water: Volume };
	readonly budget: { readonly time: Time; readonly water: Volume };
	readonly next: Exercise;
}

/**
 * All that a yard hid, beside what its learner made of it. It is told after the signature only.
 *
 * Errors: none; without an answer what hangs on it is null.
 * Source: the other files of this folder.
 * @example
 * const yard = openYard(exercises[0], 4);
 * const sheet = measureYard(yard, 'perfect');
 * revealYard(yard, { sheet, rate: calibrateSheet(sheet).value.rate }, []).inside // => true
 * revealYard(yard, null, []).answer // => null
 */
export function revealYard(yard: Yard, signed: SignedAnswer | null, claims: readonly Claim[]): Reveal {
	const { exercise, machine, setting } = yard;
	const truth = trueRate(machine, setting);
	const answer = signed && signed.rate.value;
	const u95 = signed && si<'volumePerArea'>(2 * relativeU(signed.rate) * signed.rate.value);
	const inside = answer === null || u95 === null ? null : Math.abs(answer - truth) <= u95;
	const grades = gradeClaims(
		yard.faults,
		claims,
		yard.done.map((d) => d.action)
	);
	const sound = drawMachine(exercise, yard.seed);
	const wanted = yardQuantity('volumePerArea', exercise.goal);
	const off = truth / wanted - 1;
	const even = machineEven(machine, setting);
	const { water } = yard;
	return {
		truth,
		answer,
		u95,
		inside,
		parts: signed ? errorParts(yard, signed.sheet, signed.rate.value) : [],
		grades,
		expert: grades.faults
			.filter((f) => f.grade !== 'found')
			.map(({ fault }) => ({ fault, reading: revealingReading(sound, fault) })),
		goal: { wanted, off, reached: Math.abs(off) <= goalWithin && even.even, even },
		spent: { time: yard.time, water: si<'volume'>(water.landed + water.caught + water.dripped) },
		budget: { time: si<'time'>(exercise.minutes * 60), water: yardQuantity('volume', exercise.water) },
		next: nextExercise(exercise, { grades, inside })
	};
}
