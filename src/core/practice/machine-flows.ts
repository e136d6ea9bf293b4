import type { Flow, Pressure } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { claimedReading, truthOfClaim } from './claimed-reading';
import { fanPressure } from './fan-pressure';
import { leverPressure } from './lever-pressure';
import type { Machine, YardSetting } from './machine';
import { nozzleConductance } from './nozzle-conductance';
import type { Plumbing } from './plumbing-flows';
import { plumbingFlows } from './plumbing-flows';
import { pumpFlow } from './pump-flow';
import { workingPressure } from './working-pressure';

export interface MachineFlows {
	/** Of each nozzle, m³/s. */
	readonly flows: readonly Flow[];
	readonly total: Flow;
	/** At the regulator, true. */
	readonly pressure: Pressure;
	/** What the gauge shows; null where there is none. */
	readonly gauge: Pressure | null;
}

const plumbingOf = (machine: Machine): Plumbing => {
	const all = machine.nozzles.map((state, i) => nozzleConductance(machine.rated[i]!, state));
	// A hose that takes pressure is one for the whole boom, fed at its first nozzle.
	if (Number.isFinite(machine.hose)) {
		const line = { filter: Infinity, feed: 'first' as const, hose: machine.hose, nozzles: all, open: true };
		return { mainFilter: machine.mainFilter, sections: [line] };
	}
	let from = 0;
	return {
		mainFilter: machine.mainFilter,
		sections: machine.sections.map((count, s) => {
			const nozzles = all.slice(from, from + count);
			from += count;
			return { filter: machine.filters[s]!, feed: machine.feeds[s]!, hose: machine.hose, nozzles, open: true };
		})
	};
};

/**
 * What a practice sprayer gives at a setting: the pressure that its pump, its lever or its blower comes to, and the flow of each
 * nozzle behind filters and hoses. What was set went by instruments that may lie.
 *
 * Source: `plumbingFlows`, `workingPressure`, `leverPressure`, `fanPressure`.
 * @example
 * const yard = openYard(exercises[0], 1);
 * const { flows, total } = machineFlows(yard.machine, yard.setting);
 * Math.abs(flows.reduce((s, q) => s + q, 0) - total) < 1e-15 // => true
 */
export function machineFlows(machine: Machine, setting: YardSetting): MachineFlows {
	const plumbing = plumbingOf(machine);
	const behind = plumbingFlows(plumbing, si<'pressure'>(1)).conductance;
	const pressure = pressureOf(machine, setting, behind);
	const { flows } = plumbingFlows(plumbing, pressure);
	return {
		flows,
		total: si<'flow'>(flows.reduce((s, q) => s + q, 0)),
		pressure,
		gauge: machine.gauge && si<'pressure'>(claimedReading(pressure, machine.gauge))
	};
}

function pressureOf(machine: Machine, setting: YardSetting, behind: number): Pressure {
	const { supply } = machine;
	if (supply.by === 'lever')
		return leverPressure(supply.perStroke, setting.strokes, nozzleConductance(machine.rated[0]!));
	const rpm = machine.revs ? truthOfClaim(setting.rpm, machine.revs) : setting.rpm;
	if (supply.by === 'blower') return fanPressure(supply, rpm);
	return workingPressure({
		set: si<'pressure'>(Math.max(0, truthOfClaim(setting.gauge, machine.gauge ?? { gain: 1, offset: 0 }))),
		relief: supply.relief,
		pump: pumpFlow(supply.perTurn, rpm),
		stir: si<'flow'>(supply.stir),
		behind
	});
}
