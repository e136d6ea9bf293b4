import { runOfJob } from '../../core';
import type { VolumePerArea } from '../../core';
import type { FarmHandle } from './db/farm';

/** A job under way as Today shows it: its loads as ground, and what is left of it. */
export interface RunNow {
	readonly id: string;
	readonly loads: readonly {
		readonly n: number;
		readonly area: number;
		readonly state: 'dry' | 'now' | 'out';
		/** Share of its ground that is done. */
		readonly done: number;
	}[];
	/** The load that is worked on, from 1. */
	readonly at: number;
	/** Ground that is still to be sprayed, m². */
	readonly left: number;
}

/** The loads of a job under way; null where its plan does not read any more. */
export async function runNow(farm: FarmHandle, id: string): Promise<RunNow | null> {
	const [kept, entries] = await Promise.all([farm.jobs.get(id), farm.jobRuns.entries(id)]);
	const made = runOfJob({ job: kept.job, rate: kept.rate as VolumePerArea | null }, entries);
	if (!made.ok) return null;
	const { run } = made.value;
	let before = 0;
	const loads = run.loads.map(({ n, load, state }, i) => {
		const done = state === 'out' ? 1 : Math.min(1, Math.max(0, (run.area - before) / load.area));
		before += load.area;
		return { n, area: load.area, state: state === 'out' ? 'out' : i === run.at ? 'now' : 'dry', done } as const;
	});
	return { id, loads, at: run.loads[run.at]?.n ?? 1, left: Math.max(0, run.ground - run.area) };
}
