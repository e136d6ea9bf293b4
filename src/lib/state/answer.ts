import type { BudgetInput, Calibration } from '$core';
import { inUnit, showFigure, showWithInterval } from '$core';
import type { FarmSettings } from '$lib/formats/farm-settings';
import type { RateUnit } from '$lib/formats/rate-units';
import { longUnit, measuresOf, shortUnit } from '$lib/formats/field-units';

/** What an input of the budget is called. */
export const inputNames: Record<BudgetInput, string> = {
	courseLength: 'Course length',
	courseTime: 'Course time',
	width: 'Swath',
	catchTime: 'Catch time',
	catchVolume: 'Jug marks',
	area: 'Area',
	used: 'Volume used',
	runTime: 'Running time',
	speed: 'Speed'
};

/** What to do about the largest share of the ±. */
const advice: Record<BudgetInput, string> = {
	courseLength: 'Tape the course again, or lengthen it.',
	courseTime: 'Most to gain: one more run, or a longer course.',
	width: 'Tape the spacing over several nozzles.',
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
export function budgetShares(budget: Calibration['budget']): BudgetShare[] {
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
}

/** A spray volume with its ± in any unit, digits following the ±. */
export function shownRate(rate: number, relativeU95: number, unit: RateUnit, decimalComma: boolean): ShownRate {
	const value = inUnit('volumePerArea', rate as never, unit);
	return { ...showWithInterval(value, value * relativeU95, decimalComma), unit: longUnit(unit) };
}

export interface Fact {
	readonly name: string;
	readonly value: string;
}

/** What the answer rests on, in the farm's measures. */
export function answerFacts(c: Calibration, settings: FarmSettings): Fact[] {
	const measures = measuresOf(settings);
	const comma = settings.decimalComma;
	const figure = (value: number, digits = 3) => showFigure(value, digits, comma);
	const g = measures === 'Imperial' ? 'Imp' : 'US';
	const metric = measures === 'metric';
	const volume = metric ? 'ml' : (`${g} fl oz` as const);
	const flow = metric ? 'L/min' : (`${g} gal/min` as const);
	const speed = metric ? 'km/h' : 'mph';
	const { nozzles } = c;
	const catches = nozzles.caught === 1 ? 'One catch' : `Mean of ${nozzles.caught} catches`;
	const mean = nozzles.nozzles.flatMap((n) => (n.flow === null ? [] : [n.flow * nozzles.time]));
	const meanCatch = mean.reduce((s, v) => s + v, 0) / mean.length;
	return [
		{
			name: `${catches}, ${figure(nozzles.time)} s each`,
			value: `${figure(inUnit('volume', meanCatch as never, volume))} ${shortUnit(volume)}`
		},
		{
			name: nozzles.caught < nozzles.count ? `Flow, ${nozzles.count} nozzles` : 'Flow of the boom',
			value: `${figure(inUnit('flow', c.flow.value, flow))} ${shortUnit(flow)}`
		},
		{ name: 'Ground speed', value: `${figure(inUnit('speed', c.speed.value, speed))} ${speed}` },
		{
			name: `Swath, ${nozzles.count} nozzles`,
			value: metric ? `${figure(c.width.value)} m` : `${figure(inUnit('length', c.width.value, 'in'))} in`
		}
	];
}
