import type { Flow, Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { branchShares } from './branch-shares';
import type { Conductance } from './nozzle-conductance';
import { seriesConductance } from './series-conductance';

/** Where the hose of a section is fed: at its first nozzle, its last, or between its halves. */
export type Feed = 'first' | 'last' | 'centre';

export interface PlumbedSection {
	/** Of its filter, its valve and its feed hose together. */
	readonly filter: Conductance;
	readonly feed: Feed;
	/** Of one piece of hose between two nozzles. */
	readonly hose: Conductance;
	readonly nozzles: readonly Conductance[];
	readonly open: boolean;
}

/** All that lies between the regulator and the nozzles. */
export interface Plumbing {
	readonly mainFilter: Conductance;
	readonly sections: readonly PlumbedSection[];
}

export interface PlumbingFlows {
	/** Of everything behind the regulator. */
	readonly conductance: Conductance;
	/** Of each nozzle, in the order of the sections; 0 where its section is shut. */
	readonly flows: readonly Flow[];
	/** Pressure behind the main filter, where the sections begin, Pa. */
	readonly manifold: Pressure;
}

/**
 * What each nozzle gives at a pressure at the regulator. Every loss goes with the square of the flow, as the nozzles do, so
 * the whole of it goes with the root of the pressure and is solved in one go.
 *
 * pressure: Pa, 0 or more. Source: orifice equation and quadratic losses; flows that part add, losses in a row add.
 * @example
 * const section = { filter: Infinity, feed: 'first', hose: Infinity, nozzles: [1, 1], open: true };
 * plumbingFlows({ mainFilter: Infinity, sections: [section, section] }, 9).flows // => [3, 3, 3, 3]
 * plumbingFlows({ mainFilter: Infinity, sections: [section, { ...section, filter: 1.5, open: false }] }, 4).flows // => [2, 2, 0, 0]
 */
export function plumbingFlows(plumbing: Plumbing, pressure: Pressure): PlumbingFlows {
	const sections = plumbing.sections.map((section) => {
		const line = lineOf(section);
		const conductance = section.open ? seriesConductance(section.filter, line.conductance) : 0;
		return { line, conductance };
	});
	const beside = sections.reduce((sum, s) => sum + s.conductance, 0);
	const conductance = seriesConductance(plumbing.mainFilter, beside);
	const total = conductance * Math.sqrt(pressure);
	const manifold = beside === 0 ? pressure : (total / beside) ** 2;
	const flows = sections.flatMap(({ line, conductance: c }) => {
		// Pressure at the hose: what is left behind the section's own filter.
		const inlet = line.conductance === 0 ? 0 : (c * Math.sqrt(manifold)) / line.conductance;
		return line.flows.map((q) => si<'flow'>(q * inlet));
	});
	return { conductance, flows, manifold: si<'pressure'>(manifold) };
}

function lineOf({ feed, hose, nozzles }: PlumbedSection) {
	if (feed === 'first') return branchShares(nozzles, hose);
	if (feed === 'last') {
		const branch = branchShares([...nozzles].reverse(), hose);
		return { ...branch, flows: [...branch.flows].reverse() };
	}
	const half = Math.ceil(nozzles.length / 2);
	const left = branchShares(nozzles.slice(0, half).reverse(), hose);
	const right = branchShares(nozzles.slice(half), hose);
	return {
		conductance: left.conductance + right.conductance,
		flows: [...[...left.flows].reverse(), ...right.flows]
	};
}
