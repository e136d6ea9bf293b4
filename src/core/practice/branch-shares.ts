import type { Conductance } from './nozzle-conductance';

/** A run of hose with nozzles on it, as its inlet sees it. */
export interface Branch {
	readonly conductance: Conductance;
	/** Flow of each nozzle at an inlet pressure of 1 Pa, m³/s; all go with the root of the pressure. */
	readonly flows: readonly number[];
}

/**
 * A hose that is fed at one end: each piece takes pressure by the square of what passes it, so that the nozzles farther
 * from the feed give less. Worked from the far end: there the hose carries one nozzle's flow only.
 *
 * nozzles: what each lets through, the nearest to the feed first. hose: what one piece between two nozzles lets through,
 * m³/s per √Pa; Infinity takes no pressure.
 * Source: quadratic pressure loss of turbulent flow in a ladder of pipes.
 * @example
 * branchShares([3, 4], Infinity).conductance // => 7
 * branchShares([0, 4], 3).flows[1] // => 2.4
 */
export function branchShares(nozzles: readonly Conductance[], hose: Conductance): Branch {
	// Pressure and flow up to each nozzle for a pressure of 1 at the last one; then all is scaled to the inlet.
	const flows = nozzles.map(() => 0);
	let pressure = 1;
	let through = 0;
	for (let i = nozzles.length - 1; i >= 0; i -= 1) {
		flows[i] = nozzles[i]! * Math.sqrt(pressure);
		through += flows[i]!;
		// The feed comes in at the first nozzle.
		if (i > 0) pressure += Number.isFinite(hose) ? (through / hose) ** 2 : 0;
	}
	const scale = 1 / Math.sqrt(pressure);
	return { conductance: through * scale, flows: flows.map((q) => q * scale) };
}
