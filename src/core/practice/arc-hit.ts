import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { canopyHit } from './canopy-hit';
import type { Machine, YardSetting } from './machine';
import { machineFlows } from './machine-flows';

/** An arc of nozzles as it stands in its alley: the lowest aims a little down, the highest steeply up. */
const arc = { from: 0.6, to: 1.6, lowest: -5, highest: 50, spread: 20 } as const;

/**
 * Share of an arc's spray that meets the trees, all nozzles together: what passes over them or under is water on the ground.
 *
 * canopy: where it begins and ends, m. Source: `canopyHit` for each nozzle of a side, weighed by its flow.
 * @example
 * const { machine, setting } = openYard(exercises.find((e) => e.id === 'blower-1'), 1);
 * arcHit(machine, setting, { low: 0.5, high: 4 }) > 0.7 // => true
 */
export function arcHit(
	machine: Machine,
	setting: YardSetting,
	canopy: { readonly low: Length; readonly high: Length }
): number {
	const { flows, total } = machineFlows(machine, setting);
	const perSide = flows.length / 2;
	const away = si<'length'>(machine.width.by === 'rows' ? machine.width.spacing / 2 : 2);
	const hit = flows.reduce((sum, q, i) => {
		const up = perSide === 1 ? 0 : (i % perSide) / (perSide - 1);
		const share = canopyHit({
			angle: arc.lowest + up * (arc.highest - arc.lowest),
			spread: arc.spread,
			away,
			from: si<'length'>(arc.from + up * (arc.to - arc.from)),
			...canopy
		});
		return sum + q * share;
	}, 0);
	return hit / total;
}
