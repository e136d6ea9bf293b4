import type { Impossible } from '../../core';
import { showFigure } from '../../core';

const both = (value: number, a: readonly [number, string], b: readonly [number, string]) =>
	`${showFigure(value / a[0], 3)} ${a[1]} (${showFigure(value / b[0], 3)} ${b[1]})`;
const speed = (v: number) => both(v, [1 / 3.6, 'km/h'], [0.44704, 'mph']);
const pressure = (p: number) => both(p, [1e5, 'bar'], [6894.757293168361, 'psi']);
const flow = (q: number) => both(q, [1 / 6e4, 'L/min'], [3.785411784e-3 / 60, 'US gal/min']);

/** Why a lever cannot do it, in words. */
export function wordImpossible(impossible: Impossible): string {
	switch (impossible.why) {
		case 'too-slow':
			return `Slower than this rig can be driven: ${speed(impossible.bound)} is the least.`;
		case 'too-fast':
			return `Faster than this rig can be driven: ${speed(impossible.bound)} is the most.`;
		case 'under-nozzle':
			return `Under the nozzle’s range, which begins at ${pressure(impossible.bound)}: the pattern falls in.`;
		case 'over-nozzle':
			return `Over the nozzle’s range, which ends at ${pressure(impossible.bound)}: drops get fine and drift.`;
		case 'nozzle-too-small':
			return `The fitted nozzle gives ${flow(impossible.bound)} at the most.`;
		case 'nozzle-too-large':
			return `The fitted nozzle gives ${flow(impossible.bound)} at the least.`;
	}
}

/** What each lever is, why it works so, and what stands beside it. */
export const leverWords = {
	speed: {
		title: 'Speed alone',
		why: 'By gear, at the same rpm: on a pump that the PTO drives other turns change the pressure too.'
	},
	pressure: {
		title: 'Pressure alone',
		why: 'Flow goes with the square root of pressure: twice the flow takes four times the pressure. Taken straight, half of the change would be missing.'
	},
	nozzle: {
		title: 'Other nozzles',
		why: 'Replace the whole set together, then catch every one of them.'
	}
} as const;

/** What is advised, in a sentence. */
export const adviceWords = {
	leave: 'Within 5 % nothing need change.',
	pressure: 'A small change: the pressure does it.',
	speed: 'More than the pressure should do: change the speed.',
	nozzle: 'Too much for speed or pressure here: fit other nozzles.'
} as const;
