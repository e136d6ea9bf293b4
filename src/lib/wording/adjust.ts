import { m } from '$words';
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
			return m.slower_than_this_sprayer_can_be({ bound: speed(impossible.bound) });
		case 'too-fast':
			return m.faster_than_this_sprayer_can_be({ bound: speed(impossible.bound) });
		case 'under-nozzle':
			return m.under_the_nozzles_range_which_begins({ bound: pressure(impossible.bound) });
		case 'over-nozzle':
			return m.over_the_nozzles_range_which_ends({ bound: pressure(impossible.bound) });
		case 'nozzle-too-small':
			return m.the_fitted_nozzle_gives_at_the({ bound: flow(impossible.bound) });
		case 'nozzle-too-large':
			return m.the_fitted_nozzle_gives_at_the_least({ bound: flow(impossible.bound) });
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
				? m.than_this_sprayer_can_be_driven({
						which: slow ? m.slower() : m.faster(),
						at,
						which2: slow ? m.least_inline() : m.most()
					})
				: m.than_such_sprayers_are_usually_driven({ which: slow ? m.slower() : m.faster(), at });
		}
		case 'under-nozzle':
			return m.under_the_nozzles_range_which_begins_at({
				bound: bound(impossible.bound / f.pressure[0]),
				pressure: f.pressure[1]
			});
		case 'over-nozzle':
			return m.over_the_nozzles_range_which_ends_at({
				bound: bound(impossible.bound / f.pressure[0]),
				pressure: f.pressure[1]
			});
		case 'nozzle-too-small':
			return m.the_fitted_nozzle_gives_at_the_most({ bound: bound(impossible.bound / f.flow[0]), flow: f.flow[1] });
		case 'nozzle-too-large':
			return m.the_fitted_nozzle_gives_at_the_least_bound({
				bound: bound(impossible.bound / f.flow[0]),
				flow: f.flow[1]
			});
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
		get title() {
			return m.speed_alone();
		},
		get why() {
			return m.by_gear_at_the_same_rpm();
		}
	},
	pressure: {
		get title() {
			return m.pressure_alone();
		},
		get why() {
			return m.flow_goes_with_the_square_root();
		}
	},
	nozzle: {
		get title() {
			return m.other_nozzles();
		},
		get why() {
			return m.replace_the_whole_set_together_then();
		}
	}
} as const;

/** What is advised, in a sentence. */
const adviceWords = {
	get leave() {
		return m.within_5_nothing_need_change();
	},
	get pressure() {
		return m.a_small_change_the_pressure_does();
	},
	get speed() {
		return m.more_than_the_pressure_should_do();
	},
	get nozzle() {
		return m.too_much_for_speed_or_pressure();
	}
} as const;

/** A change that one gear may make: beyond it only nozzles do. */
const oneGear = 0.5;

/**
 * What is advised, in a sentence. share: of change. A farm that puts speed first is not told that pressure could not. `byGear`: the
 * speed that would do it, where it was measured and can be driven: a gear that has it stands before new nozzles.
 */
export function adviceText(advice: Advice, share: number, byGear: string | null = null): string {
	if (advice === 'speed' && Math.abs(share) <= leverReach.pressure) return m.change_the_speed_so_small_a();
	if (advice === 'nozzle' && byGear !== null && Math.abs(share) <= oneGear) return m.if_a_gear_gives_at_the({ byGear });
	return adviceWords[advice];
}
