import { m } from '$words';
import type { JobRun, RunLoad } from '../../core';
import { runActWords } from '../wording/jobs';

/** How far one load of a job under way is, as a drawing and in words. */
export interface LoadProgress {
	readonly state: JobRun['loads'][number]['state'];
	/** Still to mix, at work, sprayed out. */
	readonly look: 'dry' | 'now' | 'out';
	readonly words: string;
	/** When it was begun; empty where nobody told. */
	readonly since: string;
	/** What is in the tank as a share of it: by its reading in this load, while mixing by its steps; null where nobody said. */
	readonly left: number | null;
}

/** What the steps that are done have put in, m³. */
function into(steps: RunLoad['steps'], done: RunLoad['done']): number {
	const last = steps.filter((_, i) => done[i]).at(-1);
	return last ? (last.do === 'product' ? last.in : last.to) : 0;
}

/** The loads of a job under way, in the plan's order. `clock` tells a moment (ISO 8601) as the farm does. */
export function loadProgress(
	run: Pick<JobRun, 'loads' | 'seen'>,
	tank: number,
	clock: (at: string) => string
): LoadProgress[] {
	return run.loads.map(({ n, state, startedAt, endedAt, steps, done }): LoadProgress => {
		const ticked = done.filter((d) => d !== null).length;
		return {
			state,
			look: state === 'dry' ? 'dry' : state === 'out' ? 'out' : 'now',
			words:
				state === 'out' && endedAt
					? m.out_at_ended_at({ endedAt: clock(endedAt) })
					: state === 'mixing'
						? m.mixing_steps_done({ done: ticked, of: steps.length })
						: runActWords[state],
			since: startedAt ? m.begun_at({ startedAt: clock(startedAt) }) : '',
			left:
				state === 'out'
					? null
					: run.seen?.load === n
						? run.seen.left / tank
						: state === 'mixing'
							? into(steps, done) / tank
							: null
		};
	});
}
