import type { Advice, Impossible } from '../../core';
import { leverReach, showFigure, factor } from '../../core';

const both = (value: number, a: readonly [number, string], b: readonly [number, string]) =>
	`${showFigure(value / a[0], 3, false)} ${a[1]} (${showFigure(value / b[0], 3, false)} ${b[1]})`;
const speed = (v: number) => both(v, [factor('speed', 'km/h'), 'km/h'], [factor('speed', 'mph'), 'mph']);
const pressure = (p: number) => both(p, [factor('pressure', 'bar'), 'bar'], [factor('pressure', 'psi'), 'psi']);
const flow = (q: number) => both(q, [factor('flow', 'L/min'), 'L/min'], [factor('flow', 'US gal/min'), 'US gal/min']);

/** Why a lever cannot do it, in words. */
export function wordImpossible(impossible: Impossible): string {
	switch (impossible.why) {
		case 'too-slow':
			return `Slower than this sprayer can be driven: ${speed(impossible.bound)} is the least.`;
		case 'too-fast':
			return `Faster than this sprayer can be driven: ${speed(impossible.bound)} is the most.`;
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

/** The same of a lever on the screen: one measure, the farm's, and whose limit it is. */
export function wordOut(impossible: Impossible, f: OutFigures, ownSpeeds: boolean): string {
	const bound = (v: number, digits = 3) => showFigure(v, digits, f.comma);
	switch (impossible.why) {
		case 'too-slow':
		case 'too-fast': {
			const slow = impossible.why === 'too-slow';
			const at = `${bound(impossible.bound / f.speed[0])} ${f.speed[1]}`;
			return ownSpeeds
				? `${slow ? 'Slower' : 'Faster'} than this sprayer can be driven: ${at} is the ${slow ? 'least' : 'most'} that the sprayer’s page says.`
				: `${slow ? 'Slower' : 'Faster'} than such sprayers are usually driven (${at}). If yours can, write its speeds on the sprayer’s page.`;
		}
		case 'under-nozzle':
			return `Under the nozzle’s range, which begins at ${bound(impossible.bound / f.pressure[0])} ${f.pressure[1]}: the pattern falls in.`;
		case 'over-nozzle':
			return `Over the nozzle’s range, which ends at ${bound(impossible.bound / f.pressure[0])} ${f.pressure[1]}: drops get fine and drift.`;
		case 'nozzle-too-small':
			return `The fitted nozzle gives ${bound(impossible.bound / f.flow[0])} ${f.flow[1]} at the most.`;
		case 'nozzle-too-large':
			return `The fitted nozzle gives ${bound(impossible.bound / f.flow[0])} ${f.flow[1]} at the least.`;
	}
}

/** Units of the farm for the limits of a lever: SI of one, and its name. */
export interface OutFigures {
	readonly comma: boolean;
	readonly speed: readonly [number, string];
	readonly pressure: readonly [number, string];
	readonly flow: readonly [number, string];
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
const adviceWords = {
	leave: 'Within 5 % nothing need change.',
	pressure: 'A small change: the pressure does it.',
	speed: 'More than the pressure should do: change the speed.',
	nozzle: 'Too much for speed or pressure here: fit other nozzles.'
} as const;

/** A change that one gear may make: beyond it only nozzles do. */
const oneGear = 0.5;

/**
 * What is advised, in a sentence. share: of change. A farm that puts speed first is not told that pressure could not. `byGear`: the
 * speed that would do it, where it was measured and can be driven: a gear that has it stands before new nozzles.
 */
export function adviceText(advice: Advice, share: number, byGear: string | null = null): string {
	if (advice === 'speed' && Math.abs(share) <= leverReach.pressure)
		return 'Change the speed; so small a change the pressure could do as well.';
	if (advice === 'nozzle' && byGear !== null && Math.abs(share) <= oneGear)
		return `If a gear gives ${byGear} at the same rpm, that gear does it. If none does, fit other nozzles.`;
	return adviceWords[advice];
}
