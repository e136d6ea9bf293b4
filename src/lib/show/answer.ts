import type { Budget, BudgetInput, MethodCalibration } from '$core';
import { factor, judgeGap, nearEnough, showFigure } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import type { RateUnit } from '$lib/settings/rate-units';
import { show, shownSure } from './show';

/** What an input of the budget is called. */
const inputNames: Record<BudgetInput, string> = {
	courseLength: 'Course length',
	courseTime: 'Timed runs',
	width: 'Swath',
	catchTime: 'Catch time',
	catchVolume: 'Jug reading',
	area: 'Area',
	used: 'Volume used',
	runTime: 'Running time',
	speed: 'Speed'
};

/** What to do about the largest share of the ±. */
const advice: Record<BudgetInput, string> = {
	courseLength: 'Tape the course again, or lengthen it.',
	courseTime: 'Most to gain: one more run, or a longer course or plot.',
	width: 'Measure the width better: tape over several spacings, or lay pans where the wet thins out.',
	catchTime: 'Most to gain: catch longer.',
	catchVolume: 'Most to gain: a jug with finer marks, more nozzles, or a longer catch.',
	area: 'Measure the area better.',
	used: 'Use more before you read the tank.',
	runTime: 'Run longer.',
	speed: 'Time the speed over a course.'
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
		? `Cannot tell yet whether this is within 5 %: its ± is ${showFigure(relativeU95 * 100, 2, decimalComma)} %.${budget ? ` ${budgetAdvice(budgetShares(budget))}` : ''}`
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
		const catches = alone === 1 ? 'One catch' : `Mean of ${alone} catches`;
		if (alone > 0)
			facts.push({
				name: `${catches}, ${showFigure(nozzles.time, 3, settings.decimalComma)} s${alone === 1 ? '' : ' each'}`,
				value: show('catch', caught.reduce((s, v) => s + v, 0) / alone, settings).text
			});
		if (nozzles.caught > alone)
			facts.push({ name: 'Nozzles caught together', value: `${nozzles.caught - alone} of ${nozzles.count}` });
	}
	if (c.flow && !(nozzles && nozzles.count === 1))
		facts.push({
			name: nozzles
				? nozzles.caught < nozzles.count
					? `Flow, ${nozzles.count} nozzles`
					: 'Flow of all nozzles'
				: 'Flow',
			value: show('flow', c.flow.value, settings).text
		});
	if (c.speed) facts.push({ name: 'Ground speed', value: show('speed', c.speed.value, settings).text });
	if (c.swath) {
		const w = c.swath.treated.value;
		facts.push({
			name: c.fieldRate === null ? 'Swath' : 'Treated width',
			value: show('length', w, settings).text
		});
	}
	if (c.area !== null)
		facts.push({
			name: 'Ground',
			value: show('area', c.area, settings, { digits: 4 }).text
		});
	if (c.fieldRate !== null) {
		facts.push({ name: 'Per field area', value: show('rate', c.fieldRate, settings).text });
	}
	return facts;
}

/** What the answer is per: bands are per treated ground, all else per ground. */
export const perWhat = (c: MethodCalibration): string => (c.fieldRate === null ? '' : 'per treated area');
