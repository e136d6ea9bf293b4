import type { AnySheet } from './sheet';

/**
 * How often the thing that a calibration repeats was done: runs over a course, goes over a plot, readings of the tank. Null where
 * there is none to count: a speed that was told, or one from a track, which is many readings in itself.
 *
 * A ± that rests on one rests on what is usual, not on what was seen: it says so, and judges nobody.
 * @example
 * goesOf({ method: 'refill', area: { by: 'stated', area: 100 }, used: [{ added: 0.004 }, { added: 0.0041 }] }) // => 2
 * goesOf({ method: 'speed-width-flow', speed: { stated: 2 }, width: { kind: 'boom', nozzles: 4, spacing: 0.5 }, flow: { catches: [], time: 30 } }) // => null
 */
export function goesOf(sheet: AnySheet): number | null {
	switch (sheet.method) {
		case 'plot-catch':
			return sheet.times.length;
		case 'refill':
			return sheet.used.length;
		case 'parked-drop':
			return Math.min(sheet.used.length, sheet.speed.times.length);
		default:
			return 'course' in sheet.speed && !sheet.driven ? sheet.speed.times.length : null;
	}
}
