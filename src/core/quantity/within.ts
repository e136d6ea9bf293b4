import type { Result } from './issue';
import { bad, good } from './issue';
import type { Kind } from './quantity';
import type { ReadQuantity } from './read-quantity';
import { showFigure } from './show-figure';
import { factor } from './units';

/** Bounds of sense for a field, in SI. `zero` says that nothing at all is an answer too (a blocked nozzle). */
export interface Bounds {
	readonly min: number;
	readonly max: number;
	readonly zero?: boolean;
}

/** What a sprayer can be: wide enough for any real sprayer, narrow enough to catch a wrong unit or a slipped point. */
export const bounds = {
	course: { min: 3, max: 5000 },
	courseTime: { min: 1, max: 7200 },
	catchTime: { min: 1, max: 3600 },
	catchVolume: { min: 1e-6, max: 0.5, zero: true },
	catchMass: { min: 1e-3, max: 500, zero: true },
	graduation: { min: 1e-7, max: 0.02 },
	bucketMarks: { min: 1e-7, max: 0.2 },
	spacing: { min: 0.05, max: 5 },
	swath: { min: 0.05, max: 100 },
	speed: { min: 0.1, max: 15 },
	tank: { min: 2e-4, max: 50 },
	pressure: { min: 5e3, max: 1e7 },
	nozzleFlow: { min: 1e-8, max: 2e-2 },
	testerFlow: { min: 1e-8, max: 2e-2, zero: true },
	pumpFlow: { min: 1e-7, max: 0.1 },
	tankReading: { min: 1e-6, max: 50, zero: true },
	trialVolume: { min: 1e-6, max: 1 },
	between: { min: 1, max: 43_200, zero: true },
	poured: { min: 1e-8, max: 20, zero: true },
	pouredMass: { min: 1e-6, max: 20_000, zero: true },
	height: { min: 0.05, max: 10 },
	tree: { min: 0.1, max: 40 },
	airSpeed: { min: 0.01, max: 60, zero: true },
	wind: { min: 0.1, max: 40 },
	buffer: { min: 0.1, max: 2000 },
	altitude: { min: 0.1, max: 6000, zero: true },
	// 100,000 L/ha of mix, 1,000 L/ha or kg/ha of product, 5,000 ha: past them a comma was read as another sign.
	volumePerArea: { min: 1e-8, max: 1e-2 },
	dosePerAreaLiquid: { min: 1e-11, max: 1e-4 },
	dosePerAreaDry: { min: 1e-9, max: 0.1 },
	area: { min: 0.1, max: 5e7 },
	side: { min: 0.1, max: 1e5 }
} as const satisfies Record<string, Bounds>;

/** Passes a quantity on if it is inside the bounds; else tells which bound, in the unit that the person used. */
export function within<K extends Kind>(
	quantity: ReadQuantity<K>,
	limits: Bounds,
	path: string
): Result<ReadQuantity<K>> {
	const { value, kind, text } = quantity;
	if (value === 0) return limits.zero ? good(quantity) : bad({ code: 'zero', path, text, wanted: kind });
	if (value < limits.min)
		return bad({ code: 'too-small', path, text, wanted: kind, bound: told(limits.min, quantity) });
	if (value > limits.max)
		return bad({ code: 'too-large', path, text, wanted: kind, bound: told(limits.max, quantity) });
	return good(quantity);
}

/** A bound in the unit that the person used. */
const told = (bound: number, { kind, unit }: ReadQuantity): string =>
	`${showFigure(bound / factor(kind, unit), 3, false)} ${unit}`;
