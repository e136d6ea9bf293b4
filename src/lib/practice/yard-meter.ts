import { Chance, si, factor, usualSkill } from '$core';
import type { FlowMeter, MeterReading } from '$lib/device/flow-meter';
import type { YardState } from './yard.svelte';

/** How long the sprayer runs for one reading, s. */
const reading = 8;

/** A flow meter that stands in the yard: it reads one nozzle, with what such a meter is good for, and the water runs while it does. */
export const yardMeter = (yard: YardState): FlowMeter => ({
	present: () => Promise.resolve(true),
	async read(nozzle): Promise<MeterReading> {
		const flow = yard.flows.flows[nozzle - 1] ?? 0;
		const off = 1 + new Chance(yard.head.seed, `meter ${yard.yard.done.length}`).normal(usualSkill.tester);
		await yard.do({ do: 'park', time: si<'time'>(reading) });
		return { ok: true, litresPerMinute: Number(((flow * off) / factor('flow', 'L/min')).toFixed(3)) };
	}
});
