import { m } from '$words';
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
		const seen = await yard.do({ do: 'park', time: si<'time'>(reading) });
		// A meter with nothing running through it says so.
		if (seen?.of !== 'park') return { ok: false, problem: m.seen_dry() };
		return { ok: true, litresPerMinute: Number(((flow * off) / factor('flow', 'L/min')).toFixed(3)) };
	}
});
