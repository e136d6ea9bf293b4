import type { Result } from './issue';
import { bad, inSign } from './issue';
import type { Kind } from './quantity';
import type { ReadQuantity } from './read-quantity';
import type { Typed } from './typed';
import { longest, tooLong } from './too-long';
import { readTyped } from './typed';
import type { Bounds } from './within';
import { bounds, within } from './within';

/** One thing that a person types in a calibration: the kinds of unit it takes and what is sensible there. */
export interface Field<K extends Kind = Kind> {
	readonly kinds: readonly K[];
	readonly bounds: Readonly<Partial<Record<K, Bounds>>>;
}

const field = <K extends Kind>(kinds: readonly K[], limits: Partial<Record<K, Bounds>>): Field<K> => ({
	kinds,
	bounds: limits
});

export const fields = {
	course: field(['length'], { length: bounds.course }),
	runTime: field(['time'], { time: bounds.courseTime }),
	dial: field(['speed'], { speed: bounds.speed }),
	spacing: field(['length'], { length: bounds.spacing }),
	catchTime: field(['time'], { time: bounds.catchTime }),
	jug: field(['volume'], { volume: bounds.graduation }),
	/** Water in a jug, its weight, or the flow that a tip tester reads. */
	catchAmount: field(['volume', 'mass', 'flow'], {
		volume: bounds.catchVolume,
		mass: bounds.catchMass,
		flow: bounds.testerFlow
	}),
	/** What several nozzles gave into one vessel: its volume or its weight. */
	bucket: field(['volume', 'mass'], { volume: bounds.tankReading, mass: bounds.catchMass }),
	/** How finely such a vessel is marked: a drum more coarsely than a jug. */
	bucketMarks: field(['volume'], { volume: bounds.bucketMarks }),
	pressure: field(['pressure'], { pressure: bounds.pressure }),
	nozzleFlow: field(['flow'], { flow: bounds.nozzleFlow }),
	tank: field(['volume'], { volume: bounds.tank }),
	area: field(['area'], { area: bounds.area }),
	side: field(['length'], { length: bounds.side }),
	swath: field(['length'], { length: bounds.swath }),
	height: field(['length'], { length: bounds.height }),
	pan: field(['volume'], { volume: bounds.catchVolume }),
	/** Read at the tank: what was in it, what is left, what was added. */
	tankReading: field(['volume'], { volume: bounds.tankReading }),
	/** A product as it was measured at the tank. */
	poured: field(['volume', 'mass'], { volume: bounds.poured, mass: bounds.pouredMass }),
	/** Water that a trial patch took. */
	trialTime: field(['time'], { time: bounds.catchTime }),
	trialVolume: field(['volume'], { volume: bounds.trialVolume }),
	/** Between two loads: filling and mixing, or driving to the water. */
	between: field(['time'], { time: bounds.between }),
	/** What a pump gives, or the agitation takes of it. */
	pump: field(['flow'], { flow: bounds.pumpFlow }),
	/** A spray volume that is wanted. */
	volumePerArea: field(['volumePerArea'], { volumePerArea: bounds.volumePerArea }),
	tree: field(['length'], { length: bounds.tree }),
	/** The most wind that a label allows, and the strip that it leaves unsprayed. */
	wind: field(['speed'], { speed: bounds.wind }),
	/** The wind, which may be none at all. */
	airSpeed: field(['speed'], { speed: bounds.airSpeed }),
	buffer: field(['length'], { length: bounds.buffer }),
	/** Of ground, above the sea. */
	altitude: field(['length'], { length: bounds.altitude })
} as const;

/** Reads one typed field and holds it against its bounds. */
export function readField<K extends Kind>(f: Field<K>, typed: Typed, path: string): Result<ReadQuantity<K>> {
	const long = tooLong(path, typed.text, longest.typed);
	if (long.length > 0) return bad(...long);
	const read = readTyped(typed, f.kinds, path);
	if (!read.ok) return inSign(read, typed.comma);
	const limits = f.bounds[read.value.kind];
	return limits ? inSign(within(read.value, limits, path), typed.comma) : read;
}
