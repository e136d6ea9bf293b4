import { branchShares } from './branch-shares';
import type { Machine } from './machine';
import type { Conductance } from './nozzle-conductance';
import { nozzleConductance } from './nozzle-conductance';

/**
 * A hose so narrow that the nozzle farthest from its feed gives a share less than the nearest: halved in until it does.
 * All nozzles hang on one hose that is fed at its first.
 *
 * share: 0 to 0.6. Source: `branchShares`, by bisection.
 * @example
 * const { machine } = openYard(exercises[0], 1);
 * const one = { ...machine, nozzles: machine.nozzles.map(() => ({ wear: 0, blocked: 0, size: 1 })) };
 * const { flows } = branchShares(one.nozzles.map((n, i) => nozzleConductance(one.rated[i], n)), hoseFor(one, 0.2));
 * (flows[11] / flows[0]).toFixed(6) // => "0.800000"
 */
export function hoseFor(machine: Machine, share: number): Conductance {
	const nozzles = machine.rated.map((rated) => nozzleConductance(rated));
	const falls = (hose: Conductance) => {
		const { flows } = branchShares(nozzles, hose);
		return 1 - flows.at(-1)! / flows[0]!;
	};
	let low = Math.max(...nozzles);
	let high = low * 1e6;
	for (let i = 0; i < 200; i += 1) {
		const middle = Math.sqrt(low * high);
		if (falls(middle) > share) low = middle;
		else high = middle;
	}
	return high;
}
