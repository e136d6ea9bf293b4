import type { Transaction } from 'kysely';
import type { JobRun, ReadJob, RunEntry, TypedJob } from '../../../core';
import { inOrder, sprayedTime } from '../../../core';
import { dayAt } from '../../settings/farm-time';
import { keepUses } from './job-use';
import type { Database } from './schema';
import type { Scope } from './scope';

interface RunOfJob {
	readonly id: string;
	readonly job: TypedJob;
	readonly read: ReadJob;
	readonly run: JobRun;
	readonly entries: readonly RunEntry[];
}

/** The columns of a job that follow from what happened in it. */
function jobColumns({ job, read, run, entries }: RunOfJob) {
	const { sheet } = read;
	const struck = new Set(entries.flatMap((e) => (e.kind === 'strike' ? [e.entry] : [])));
	const acts = new Map<number, { act: 'start' | 'pause' | 'go-on' | 'end'; at: number }[]>();
	for (const e of inOrder(entries)) {
		if (e.kind !== 'spray' || struck.has(e.id)) continue;
		acts.set(e.load, [...(acts.get(e.load) ?? []), { act: e.act, at: Date.parse(e.at) / 1000 }]);
	}
	const { closed } = run;
	return {
		state: run.state,
		// A true volume that is followed, or an edit, may leave more or fewer of them than were planned.
		load_count: run.loads.length,
		loads_out: run.loads.filter((l) => l.state === 'out').length,
		sprayed_s: [...acts.values()].reduce((sum, load) => sum + sprayedTime(load), 0),
		done_m2: closed?.area ?? run.area,
		abrasive: job.products.some((p) => p.label.abrasive === true),
		began_at: beganAt(run),
		planned_m3_per_m2: closed ? sheet.rate * (sheet.sprayedShare ?? 1) : null,
		true_m3_per_m2: closed?.volume?.rate ?? null
	};
}

/** When the first load of a job began to be sprayed, ISO 8601; null before. */
const beganAt = (run: JobRun): string | null => run.loads.find((l) => l.startedAt)?.startedAt ?? null;

/** The day on which a job is sprayed: the one on which it began, by the farm's calendar; as planned until then. */
export const sprayDay = (zone: string, job: TypedJob, run: JobRun): string => {
	const began = beganAt(run);
	return began === null ? job.day : dayAt(zone, Date.parse(began));
};

/** Keeps what a run comes to, in place of what was kept of it before. */
export async function keepRun(
	{ farmId, settings }: Pick<Scope, 'farmId' | 'settings'>,
	trx: Transaction<Database>,
	of: RunOfJob
): Promise<void> {
	await trx.updateTable('job').set(jobColumns(of)).where('farm_id', '=', farmId).where('id', '=', of.id).execute();
	await keepUses({ farmId, settings }, trx, of);
}
