import { m } from '$words';
import type { Budget, BudgetInput, MethodCalibration } from '$core';
import { factor, judgeGap, nearEnough, showFigure } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import type { RateUnit } from '$lib/settings/rate-units';
import { show, shownSure } from './show';

/** What an input of the budget is called. */
const inputNames: Record<BudgetInput, string> = {
	get courseLength() {
		return m.course_length();
	},
	get courseTime() {
		return m.timed_runs();
	},
	get width() {
		return m.swath();
	},
	get catchTime() {
		return m.catch_time();
	},
	get catchVolume() {
		return m.jug_reading();
	},
	get area() {
		return m.area();
	},
	get used() {
		return m.volume_used();
	},
	get runTime() {
		return m.running_time();
	},
	get speed() {
		return m.speed_title();
	}
};

/** What to do about the largest share of the ±. */
const advice: Record<BudgetInput, string> = {
	get courseLength() {
		return m.tape_the_course_again_or_lengthen();
	},
	get courseTime() {
		return m.most_to_gain_one_more_run();
	},
	get width() {
		return m.measure_the_width_better_tape_over();
	},
	get catchTime() {
		return m.most_to_gain_catch_longer();
	},
	get catchVolume() {
		return m.most_to_gain_a_jug_with();
	},
	get area() {
		return m.measure_the_area_better();
	},
	get used() {
		return m.use_more_before_you_read_the();
	},
	get runTime() {
		return m.run_longer();
	},
	get speed() {
		return m.time_the_speed_over_a_course();
	}
};

export interface BudgetShare {
	readonly input: BudgetInput;
	readonly name: string;
	readonly share: number;
}

/** Shares of the ± worth telling, the largest first; what is under one in a hundred goes under. */
export function budgetShares(budget: Budget): BudgetShare[] {
	return (Object.entries(budget) as [BudgetInput, number][])
		.filter(([, share]) => share >= 0.01)
		.sort((a, b) => b[1] - a[1])
		.map(([input, share]) => ({ input, name: inputNames[input], share }));
}

export const budgetAdvice = (shares: readonly BudgetShare[]): string => (shares[0] ? advice[shares[0].input] : '');

export interface ShownRate {
	readonly value: string;
	readonly interval: string;
	readonly unit: string;
	/** Wider than the 5 % by which a volume is judged: it cannot tell yet whether ground gets its dose. */
	readonly tooWide: boolean;
}

/** A spray volume with its ± in any unit, digits following the ±. */
export function shownRate(rate: number, relativeU95: number, unit: RateUnit, decimalComma: boolean): ShownRate {
	const value = rate / factor('volumePerArea', unit);
	const tooWide = judgeGap(0, nearEnough, relativeU95) === 'cannot-tell';
	const { figure, interval, unit: word } = shownSure(value, relativeU95, decimalComma, unit, true);
	return { value: figure, interval, unit: word, tooWide };
}

/** A spray volume without a ±, to three figures: one that was told, not measured here. */
export const plainRate = (rate: number, settings: FarmSettings): string => show('rate', rate, settings).text;

/** A ± that is wider than what is judged, in words; nothing where it is fine enough. */
export const wideWords = (relativeU95: number, decimalComma: boolean, budget?: Budget): string =>
	judgeGap(0, nearEnough, relativeU95) === 'cannot-tell'
		? m.cannot_tell_yet_whether_this_is({
				figure: showFigure(relativeU95 * 100, 2, decimalComma),
				which: budget ? ` ${budgetAdvice(budgetShares(budget))}` : ''
			})
		: '';

export interface Fact {
	readonly name: string;
	readonly value: string;
}

/** What the answer rests on, in the farm's measures. */
export function answerFacts(c: MethodCalibration, settings: FarmSettings): Fact[] {
	const facts: Fact[] = [];
	const { nozzles } = c;
	if (nozzles) {
		const caught = nozzles.nozzles.flatMap((n) => (n.flow === null ? [] : [n.flow * nozzles.time]));
		const alone = caught.length;
		const catches = alone === 1 ? m.one_catch() : m.mean_of_catches({ alone });
		if (alone > 0)
			facts.push({
				name: m.s_each({ catches, time: showFigure(nozzles.time, 3, settings.decimalComma), alone }),
				value: show('catch', caught.reduce((s, v) => s + v, 0) / alone, settings).text
			});
		if (nozzles.caught > alone)
			facts.push({
				name: m.nozzles_caught_together(),
				value: m.of_caught({ caught: nozzles.caught - alone, count: nozzles.count })
			});
	}
	if (c.flow && !(nozzles && nozzles.count === 1))
		facts.push({
			name: nozzles
				? nozzles.caught < nozzles.count
					? m.flow_nozzles({ count: nozzles.count })
					: m.flow_of_all_nozzles()
				: m.flow(),
			value: show('flow', c.flow.value, settings).text
		});
	if (c.speed) facts.push({ name: m.ground_speed(), value: show('speed', c.speed.value, settings).text });
	if (c.swath) {
		const w = c.swath.treated.value;
		facts.push({
			name: c.fieldRate === null ? m.swath() : m.treated_width(),
			value: show('length', w, settings).text
		});
	}
	if (c.area !== null)
		facts.push({
			name: m.ground(),
			value: show('area', c.area, settings, { digits: 4 }).text
		});
	if (c.fieldRate !== null) {
		facts.push({ name: m.per_field_area(), value: show('rate', c.fieldRate, settings).text });
	}
	return facts;
}

/** What the answer is per: bands are per treated ground, all else per ground. */
export const perWhat = (c: MethodCalibration): string => (c.fieldRate === null ? '' : m.per_treated_area());
