import type {
	Before,
	Flow,
	FlowPoint,
	Length,
	MethodCalibration,
	Nozzle,
	Pressure,
	PressureRange,
	Reach,
	SprayerNumbers,
	Speed,
	SpeedRange
} from '$core';
import { si, typicalRange, usualSpeeds } from '$core';
import { usualKind } from '$lib/show/fitted-nozzle';

/** What a lever starts from: what the calibration measured, in the terms in which it can be changed. */
export interface Present {
	readonly speed: Speed;
	/** No speed was measured: speeds are told as a pace, and 1 m/s stands for the present one. */
	readonly paced: boolean;
	readonly pressure: Pressure | null;
	/** Nozzles that spray. */
	readonly nozzles: number;
	/** Width that one nozzle serves; with a pace it is made up, so that the volume comes out. */
	readonly served: Length;
	/** Water of one nozzle at the present pressure; with a pace it is made up too, and never shown. */
	readonly flow: number;
	/** What one nozzle gives, where that was caught or follows from a measured speed and width; else null. */
	readonly nozzle: Flow | null;
}

/** The present point of a sprayer; null where the calibration measured too little to move it by anything but a factor. */
export function presentOf(calibration: MethodCalibration, before: Before): Present {
	const nozzles = Math.max(1, calibration.nozzles?.count ?? before.on.length);
	const paced = calibration.speed === null || calibration.swath === null;
	const speed = paced ? si<'speed'>(1) : calibration.speed!.value;
	const rate = calibration.rate.value;
	// The volume is flow over speed and width; where two of the three are known the third follows from it.
	const measured = calibration.flow?.value ?? null;
	const served = paced
		? si<'length'>(measured === null ? 1 / nozzles : measured / rate / nozzles)
		: si<'length'>(calibration.swath!.treated.value / nozzles);
	const flow = rate * speed * served;
	const nozzle = measured === null ? (paced ? null : si<'flow'>(flow)) : si<'flow'>(measured / nozzles);
	return { speed, paced, pressure: before.pressure, nozzles, served, flow, nozzle };
}

/** The fitted nozzle as one point of its own: what was caught, at what the gauge said. */
export const fittedPoints = (present: Present): readonly FlowPoint[] | null =>
	present.pressure === null ? null : [{ pressure: present.pressure, flow: si<'flow'>(present.flow) }];

/** How fast a sprayer of a kind can be driven: what its owner said, else what is usual; a pace, from half to twice. */
export function speedRangeOf(sprayer: SprayerNumbers, present: Present): SpeedRange {
	if (present.paced) return { low: si<'speed'>(0.5), high: si<'speed'>(2) };
	if (sprayer.speeds) return sprayer.speeds;
	const kind =
		sprayer.kind === 'boom' && sprayer.carrier
			? sprayer.carrier
			: ({ boom: 'boom', boomless: 'boomless', airblast: 'airblast', knapsack: 'on foot' } as const)[sprayer.kind];
	const [low, high] = usualSpeeds[kind];
	return { low: si<'speed'>(low), high: si<'speed'>(high) };
}

export interface NozzleRange extends PressureRange {
	/** Whose range it is. */
	readonly whose: 'nozzle' | 'sprayer' | 'typical';
}

/** Pressures that the fitted nozzle is used at: its sheet's, else the sprayer's, else what is usual. */
export function pressureRangeOf(sprayer: SprayerNumbers, fitted: Nozzle | null): NozzleRange {
	if (fitted && !fitted.typical) return { low: fitted.low, high: fitted.high, whose: 'nozzle' };
	if (sprayer.pressures) return { ...sprayer.pressures, whose: 'sprayer' };
	return { ...typicalRange(fitted?.kind ?? usualKind[sprayer.kind]), whose: 'typical' };
}

/** What a sprayer reaches with its own nozzles, or with another. */
export const reachOf = (
	present: Present,
	points: readonly FlowPoint[],
	specificGravity: number,
	speeds: SpeedRange,
	pressures: PressureRange
): Reach => ({ points, served: present.served, specificGravity, speeds, pressures });
