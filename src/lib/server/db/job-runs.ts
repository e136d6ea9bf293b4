import { m } from '$words';
import type { Transaction } from 'kysely';
import type { JobRun, RunEntry, TypedJob, VolumePerArea } from '../../../core';
import { basisOf, checkClose, checkRunEntry, readJob, runOfJob, showDecimals } from '../../../core';
import { dayAt } from '../../settings/farm-time';
import { Failure, fromIssue, notFound } from '../failure';
import { knownIds } from './entry-log';
import { keepRun } from './job-columns';
import type { Database } from './schema';
import type { Scope } from './scope';

const tooManyEntries = 20_000;

/** What happened while the jobs of a farm were mixed and sprayed. */
export const jobRunsOf = (scope: Scope) => {
	const { db, farmId, settings } = scope;
	const entriesOf = async (reader: Transaction<Database> | typeof db, jobId: string): Promise<RunEntry[]> => {
		const rows = await reader
			.selectFrom('job_entry')
			.select('body')
			.where('farm_id', '=', farmId)
			.where('job_id', '=', jobId)
			.orderBy('seq')
			.orderBy('id')
			.execute();
		return rows.map((row) => row.body);
	};

	/** A closed job whose true volume was too far off puts the calibrations of its setting in doubt; a close taken back does not. */
	const noteDrift = async (
		trx: Transaction<Database>,
		job: { readonly body: TypedJob; readonly sprayer_id: string | null; readonly setting_id: string | null },
		run: JobRun,
		entries: readonly RunEntry[]
	): Promise<void> => {
		const closes = entries.filter((e) => e.kind === 'close').map((e) => e.id);
		if (!job.sprayer_id || closes.length === 0 || basisOf(job.body).by !== 'calibration') return;
		const { closed } = run;
		const drifted = closed?.volume?.calibrateAgain ? closed.entry : null;
		const stale = closes.filter((id) => id !== drifted?.id);
		if (stale.length > 0)
			await trx.deleteFrom('sprayer_event').where('farm_id', '=', farmId).where('id', 'in', stale).execute();
		if (!drifted) return;
		const gap = closed!.volume!.gap * 100;
		const names = job.body.blocks.map((b) => b.name);
		const told = {
			gap: showDecimals(Math.abs(gap), 1, settings.decimalComma),
			blocks: `${names.slice(0, 3).join(', ')}${names.length > 3 ? m.and_more_count({ count: names.length - 3 }) : ''}`
		};
		await trx
			.insertInto('sprayer_event')
			.values({
				farm_id: farmId,
				id: drifted.id,
				sprayer_id: job.sprayer_id,
				day: dayAt(settings.timeZone, Date.parse(drifted.at)),
				what: 'drift',
				setting_id: job.setting_id,
				note: gap > 0 ? m.volume_over_on(told) : m.volume_under_on(told)
			})
			.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
			.execute();
	};

	return {
		entries: (jobId: string) => entriesOf(db, jobId),

		/** Whether somebody did any of a job. Alone on this computer everything is theirs. */
		async workedOn(jobId: string): Promise<boolean> {
			if (scope.personId === null) return true;
			const row = await db
				.selectFrom('job_entry')
				.select('id')
				.where('farm_id', '=', farmId)
				.where('job_id', '=', jobId)
				.where('by_person', '=', scope.personId)
				.limit(1)
				.executeTakeFirst();
			return row !== undefined;
		},

		/** Takes one message of a device's outbox: all of it or nothing. The same message again changes nothing. */
		async put(jobId: string, entries: readonly RunEntry[]): Promise<{ readonly acknowledged: readonly string[] }> {
			return db.transaction().execute(async (trx) => {
				// The job's row is locked, so that two messages for it come one after the other.
				const job = await trx
					.selectFrom('job as j')
					.leftJoin('calibration as c', (join) =>
						join.onRef('c.farm_id', '=', 'j.farm_id').onRef('c.id', '=', 'j.calibration_id')
					)
					.select(['j.body', 'j.sprayer_id', 'c.rate_m3_per_m2', 'c.setting_id'])
					.where('j.farm_id', '=', farmId)
					.where('j.id', '=', jobId)
					.forUpdate('j')
					.executeTakeFirst();
				if (!job) throw notFound('job');
				const read = readJob(job.body, job.rate_m3_per_m2 as VolumePerArea | null);
				if (!read.ok) throw fromIssue(read.issues[0]!);
				const { sheet } = read.value;
				const stored =
					entries.length === 0
						? []
						: await trx
								.selectFrom('job_entry')
								.select(['id', 'job_id as log_id', 'body'])
								.where('farm_id', '=', farmId)
								.where(
									'id',
									'in',
									entries.map((e) => e.id)
								)
								.execute();
				const known = knownIds(jobId, entries, stored);
				const fresh = entries.filter((entry) => !known.has(entry.id));
				if (fresh.length === 0) return { acknowledged: entries.map((e) => e.id) };
				const sealed = await trx
					.selectFrom('record')
					.select('id')
					.where('farm_id', '=', farmId)
					.where('job_id', '=', jobId)
					.executeTakeFirst();
				if (sealed) throw new Failure(409, 'sealed', 'entries', m.record_is_sealed_nothing_more());
				for (const entry of fresh) {
					const [issue] = checkRunEntry(entry, sheet);
					if (issue) throw fromIssue(issue, `entries.${entries.indexOf(entry)}`);
				}
				await trx
					.insertInto('job_entry')
					.values(
						fresh.map((entry) => ({
							id: entry.id,
							farm_id: farmId,
							job_id: jobId,
							seq: entry.seq,
							kind: entry.kind,
							at: entry.at,
							body: JSON.stringify(entry),
							by_person: scope.personId
						}))
					)
					.execute();
				const all = await entriesOf(trx, jobId);
				if (all.length > tooManyEntries) throw new Failure(409, 'too-many', 'entries', m.more_entries_than_any_job());
				const made = runOfJob({ job: job.body, rate: job.rate_m3_per_m2 as VolumePerArea | null }, all);
				if (!made.ok) throw fromIssue(made.issues[0]!);
				const { run } = made.value;
				const wrong = run.refused.find((r) => fresh.some((e) => e.id === r.entry));
				if (wrong) throw fromIssue(wrong.issues[0]!, `entries.${entries.findIndex((e) => e.id === wrong.entry)}`);
				const [unclosed] = fresh.some((e) => e.kind === 'close') ? checkClose(run) : [];
				if (unclosed) throw fromIssue(unclosed, 'entries');
				// A device that had not heard that the job was deleted or replaced has begun it: the work stands, so the job does.
				await trx
					.updateTable('job')
					.set({ off_at: null, replaced_by: null })
					.where('farm_id', '=', farmId)
					.where('id', '=', jobId)
					.execute();
				await keepRun(scope, trx, { id: jobId, job: job.body, read: made.value.read, run, entries: all });
				await noteDrift(trx, job, run, all);
				return { acknowledged: entries.map((e) => e.id) };
			});
		}
	};
};
