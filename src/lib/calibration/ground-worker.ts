import { wrap } from 'comlink';
import type { GroundWorker } from '$lib/workers/ground-stripe.worker';
import type { ComputeStripe } from './ground-stripe.svelte';

let compute: ComputeStripe | null = null;

/** The worker that works out the ground; made once, when a boom is first drawn. */
export function groundWorker(): ComputeStripe {
	if (compute) return compute;
	const worker = new Worker(new URL('../workers/ground-stripe.worker.ts', import.meta.url), { type: 'module' });
	const remote = wrap<GroundWorker>(worker);
	return (compute = (...asked) => remote.stripe(...asked));
}
