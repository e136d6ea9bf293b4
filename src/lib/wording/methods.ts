import type { AnySheet, RoundMethod, SprayerKind } from '../../core';

/** What a way of measuring is called, and what it asks for. */
export const methodWords: Readonly<Record<AnySheet['method'], { readonly name: string; readonly asks: string }>> = {
	'speed-width-flow': { name: 'Speed, width and flow', asks: 'time a course, measure the width, catch the nozzles' },
	'course-catch': { name: 'Course and catch', asks: 'time a course, then catch parked for as long' },
	'plot-catch': { name: 'Plot and catch', asks: 'spray a plot evenly, then catch for as long as it took' },
	refill: { name: 'Refill', asks: 'spray a known piece of ground, then measure what it took' },
	'parked-drop': { name: 'Parked drop', asks: 'time a course, run parked as long, measure what left the tank' }
};

/** The same for picking, in the words of each kind of rig. */
export function methodName(method: RoundMethod, kind: SprayerKind): string {
	if (method === 'speed-width-flow') return kind === 'knapsack' ? 'Speed, width, flow' : 'Each nozzle';
	if (method === 'refill') return kind === 'airblast' ? 'Row refill' : 'Refill';
	return methodWords[method].name;
}
