import { factor } from '../quantity/units';

/** What is driven, as far as its speed goes; a boom of which nobody said what carries it may go as fast as either. */
export type SpeedKind = 'boom' | 'tractor' | 'atv' | 'self-propelled' | 'boomless' | 'airblast' | 'on foot';

/**
 * Usual ground speeds, m/s: a boom behind a tractor 6–12 km/h, a small one behind an ATV or UTV 4–5 mph and what a tractor
 * does, a self-propelled one up to 30 km/h; boomless 3–10 mph; airblast 3–8 and on foot 2–5 km/h.
 * @example
 * usualSpeeds.tractor.map((v) => (v * 3.6).toFixed(0)) // => ["6","12"]
 */
export const usualSpeeds: Readonly<Record<SpeedKind, readonly [number, number]>> = {
	boom: [6 / 3.6, 20 / 3.6],
	tractor: [6 / 3.6, 12 / 3.6],
	atv: [4 / 3.6, 12 / 3.6],
	'self-propelled': [6 / 3.6, 30 / 3.6],
	boomless: [3 * factor('speed', 'mph'), 10 * factor('speed', 'mph')],
	airblast: [3 / 3.6, 8 / 3.6],
	'on foot': [2 / 3.6, 5 / 3.6]
};
