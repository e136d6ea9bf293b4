import type { TrackPoint } from '../../src/core';
import type { Seeded } from './seeded';

export interface SimulatedTrack {
	/** m/s, where it was driven evenly. */
	readonly truth: number;
	readonly points: readonly TrackPoint[];
}

const metresPerDegree = 110_852;
const metresPerDegreeEast = 96_486;

/**
 * A drive of one to three passes with standing, speeding up, turns and stops between them, as a receiver sees it: at 1 or 10 fixes
 * a second, each off by 0.1 to 2 m, either by chance alone or so that fixes err alike for some seconds.
 */
export function simulatedTrack(random: Seeded, own: 'none' | 'speeds' = 'none'): SimulatedTrack {
	const truth = random.between(0.8, 5);
	const noise = Math.exp(random.between(Math.log(0.1), Math.log(2)));
	const hz = random.next() < 0.5 ? 1 : 10;
	const alike = random.next() < 0.5 ? 0 : Math.exp(-1 / hz / random.between(1, 8));
	const points: TrackPoint[] = [];
	let [x, y, heading, t] = [0, 0, random.between(0, 2 * Math.PI), 0];
	let off = [random.normal(0, noise), random.normal(0, noise)] as const;
	const wander = (was: number) => alike * was + Math.sqrt(1 - alike ** 2) * random.normal(0, noise);
	/** Seconds of driving; its speed and its turn, rad/s, by the share of it that is done. */
	const drive = (seconds: number, speedAt: (share: number) => number, turn = 0) => {
		const steps = Math.round(seconds * hz);
		for (let i = 0; i < steps; i += 1) {
			const speed = speedAt(i / steps);
			heading += turn / hz;
			x += (Math.cos(heading) * speed) / hz;
			y += (Math.sin(heading) * speed) / hz;
			t += 1 / hz;
			off = [wander(off[0]), wander(off[1])];
			const at = [
				Math.round(t * 1000) / 1000,
				-30 + (y + off[1]) / metresPerDegree,
				-140 + (x + off[0]) / metresPerDegreeEast
			] as const;
			// A receiver tells its own speed to a tenth of a knot.
			const told = Math.round(Math.max(0, speed + random.normal(0, 0.06)) / 0.0514444) * 0.0514444;
			points.push(own === 'speeds' ? [...at, told] : at);
		}
	};
	drive(random.between(2, 8), () => 0);
	const passes = random.whole(1, 3);
	for (let pass = 1; pass <= passes; pass += 1) {
		const ramp = random.between(2, 5);
		drive(ramp, (share) => truth * share);
		drive(random.between(40, 120), () => truth);
		drive(ramp, (share) => truth * (1 - share));
		if (pass === passes) break;
		if (random.next() < 0.5) drive(random.between(5, 15), () => 0);
		drive(8, () => Math.min(truth, 1.2), Math.PI / 8);
	}
	return { truth, points };
}
