/** A sprayer on the demo farm's ground: it speeds up, drives a strip, turns, and comes back, for as long as it is asked. */

/** A spot in the open ocean: the invented farm lies nowhere. */
const origin = { latitude: -30.5, longitude: -10.25 };
const metresPerDegree = 110_852;
const metresPerDegreeEast = 95_974;

export interface DriveSettings {
	/** m/s on the strip. */
	readonly speed: number;
	/** m from headland to headland. */
	readonly strip: number;
}

export interface Place {
	readonly latitude: number;
	readonly longitude: number;
	/** m/s, and degrees from north. */
	readonly speed: number;
	readonly course: number;
}

/** Seconds to reach the speed, and to turn on the headland. */
const ramp = 6;
const turn = 12;

/** Where the sprayer is after so many seconds, without any error. */
export function driveAt(seconds: number, { speed, strip }: DriveSettings): Place {
	// Distance while speeding up and slowing down is half of what it is at speed.
	const steady = Math.max(0, (strip - speed * ramp) / speed);
	const leg = 2 * ramp + steady + turn;
	const along = seconds % (2 * leg);
	const back = along >= leg;
	const t = back ? along - leg : along;
	const [done, now] = progress(t, speed, steady);
	const creeping = t > 2 * ramp + steady ? 6 / turn : 0;
	const x = back ? strip - done : done;
	// The turn on the headland: over to the next lane while the sprayer creeps.
	const turned = Math.max(0, Math.min(1, (t - 2 * ramp - steady) / turn));
	const lane = back ? 6 - 6 * turned : 6 * turned;
	return {
		latitude: origin.latitude + lane / metresPerDegree,
		longitude: origin.longitude + x / metresPerDegreeEast,
		speed: Math.max(now, creeping),
		course: back ? 270 : 90
	};
}

/** Metres along the strip and speed, t seconds after its start. */
function progress(t: number, speed: number, steady: number): [number, number] {
	if (t < ramp) return [(speed * t * t) / (2 * ramp), (speed * t) / ramp];
	const first = (speed * ramp) / 2;
	if (t < ramp + steady) return [first + speed * (t - ramp), speed];
	const left = Math.max(0, 2 * ramp + steady - t);
	const whole = first * 2 + speed * steady;
	return [whole - (speed * left * left) / (2 * ramp), (speed * left) / ramp];
}
