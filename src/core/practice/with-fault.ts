import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Lie } from './claimed-reading';
import type { Fault } from './faults';
import { hoseFor } from './hose-for';
import type { Machine, YardGround, YardSetting } from './machine';
import type { Conductance, NozzleState } from './nozzle-conductance';
import { nozzleConductance } from './nozzle-conductance';

/** What lets so much less through in a row with something that a share of its flow is lost. */
const clogging = (behind: Conductance, share: number): Conductance =>
	behind / Math.sqrt(1 / ((1 - share) * (1 - share)) - 1);

interface Yarded {
	readonly machine: Machine;
	readonly setting: YardSetting;
}

/**
 * A practice sprayer with something wrong with it, or with what it is measured by.
 *
 * Errors: none; a fault of a nozzle or a section that is not there throws, since the yard draws them.
 * Source: each fault changes the one part that it is of; `nozzleConductance`, `seriesConductance`, `claimedReading`.
 * @example
 * const { machine, setting } = openYard(exercises[0], 1);
 * const dirty = withFault({ machine, setting }, { kind: 'section-filter', at: 2, size: 0.2 }).machine;
 * const share = machineFlows(dirty, setting).flows[5] / machineFlows(machine, setting).flows[5];
 * share.toFixed(6) // => "0.800000"
 */
export function withFault({ machine, setting }: Yarded, fault: Fault): Yarded {
	const { size } = fault;
	const only = (change: Partial<Machine>): Yarded => ({ machine: { ...machine, ...change }, setting });
	switch (fault.kind) {
		case 'nozzle-blocked':
			return only({ nozzles: withNozzle(machine, fault.at, { blocked: size }) });
		case 'nozzle-worn':
			return only({ nozzles: withNozzle(machine, fault.at, { wear: size }) });
		case 'nozzle-larger':
			return only({ nozzles: withNozzle(machine, fault.at, { size: 1 + size }) });
		case 'nozzle-smaller':
			return only({ nozzles: withNozzle(machine, fault.at, { size: 1 - size }) });
		case 'set-worn':
			return only({ nozzles: machine.nozzles.map((n) => ({ ...n, wear: size })) });
		case 'section-filter': {
			const s = place(fault.at, machine.sections.length);
			const behind = sectionConductance(machine, s);
			return only({ filters: machine.filters.map((c, i) => (i === s ? clogging(behind, size) : c)) });
		}
		case 'main-filter': {
			const behind = machine.sections.reduce((sum, _, s) => sum + sectionConductance(machine, s), 0);
			return only({ mainFilter: clogging(behind, size) });
		}
		case 'hose':
			return only({ hose: hoseFor(machine, size) });
		case 'gauge-high':
			return only({ gauge: lie(machine.gauge, 1 + size) });
		case 'gauge-low':
			return only({ gauge: lie(machine.gauge, 1 / (1 + size)) });
		case 'dial-fast':
			return only({ dial: lie(machine.dial, 1 + size) });
		case 'dial-slow':
			return only({ dial: lie(machine.dial, 1 - size) });
		case 'revs-high':
			return only({ revs: lie(machine.revs, 1 + size) });
		case 'revs-low':
			return only({ revs: lie(machine.revs, 1 / (1 + size)) });
		case 'jug-high':
			return only({ jug: lie(machine.jug, 1 + size)! });
		case 'jug-low':
			return only({ jug: lie(machine.jug, 1 - size)! });
		case 'course-long':
			return only(stretched(machine, 1 + size));
		case 'course-short':
			return only(stretched(machine, 1 - size));
		case 'height-low':
			return { machine, setting: { ...setting, height: si<'length'>(setting.height * (1 - size)) } };
		case 'height-high':
			return { machine, setting: { ...setting, height: si<'length'>(setting.height * (1 + size)) } };
		case 'sight-high':
			return only({ sight: lie(machine.sight, 1 + size)! });
		case 'sight-low':
			return only({ sight: lie(machine.sight, 1 - size)! });
	}
}

const place = (at: number | null, most: number): number => {
	if (at === null || at < 1 || at > most) throw new Error(`a fault at ${at} of ${most}`);
	return at - 1;
};

function withNozzle(machine: Machine, at: number | null, change: Partial<NozzleState>): readonly NozzleState[] {
	const n = place(at, machine.nozzles.length);
	return machine.nozzles.map((own, i) => (i === n ? { ...own, ...change } : own));
}

const lie = (own: Lie | null, gain: number): Lie | null => own && { ...own, gain };

/** A course, a row or a plot that is longer than it is said to be. */
function stretched(machine: Machine, by: number): Partial<Machine> {
	const longer = (length: Length) => si<'length'>(length * by);
	const ground = (g: YardGround): YardGround => ({ ...g, length: longer(g.length) });
	return {
		course: { ...machine.course, is: longer(machine.course.is) },
		ground: machine.ground && { ...machine.ground, is: ground(machine.ground.is) }
	};
}

/** What a section lets through behind its filter while its hose takes nothing. */
function sectionConductance(machine: Machine, section: number): Conductance {
	const from = machine.sections.slice(0, section).reduce((sum, n) => sum + n, 0);
	return machine.nozzles
		.slice(from, from + machine.sections[section]!)
		.reduce((sum, state, i) => sum + nozzleConductance(machine.rated[from + i]!, state), 0);
}
