import { m } from '$words';
import { sql } from 'kysely';
import type { GroundUse, JobBefore, JobState, Place, TypedJob, VolumePerArea } from '../../../core';
import { addDays, checkJob, labelStops, openStops, planLoads, readJob, teamMean } from '../../../core';
import { altitudeOf, middleOf } from '../../forms/block';
import type { AskedJob } from '../../wire/job';
import { dayAt } from '../../settings/farm-time';
import { canonicalJson } from '../canonical-json';
import { Failure, fromIssue, notFound } from '../failure';
import { doubtOf } from './doubt';
import { fillJobOf } from './fill-job';
import { aroundDay, groundBefore, harvestsOf, keepUses, usesAround } from './job-use';
import { stopMessage } from '../../wording/safety';
import type { Scope } from './scope';
import { takeOff } from './take-off-job';

export interface JobLine {
	readonly id: string;
	readonly day: string;
	readonly job: TypedJob;
	readonly area: number;
	readonly loads: number;
	readonly loadsOut: number;
	readonly state: JobState;
	readonly sprayerId: string | null;
	/** Empty where the job has none. */
	readonly sprayer: string;
}

export const jobsOf = (scope: Scope) => {
	const { db, farmId } = scope;
	const { filled } = fillJobOf(scope);

	const listed = () =>
		db
			.selectFrom('job as j')
			.leftJoin('sprayer as s', (join) => join.onRef('s.farm_id', '=', 'j.farm_id').onRef('s.id', '=', 'j.sprayer_id'))
			.select([
				'j.id',
				sql<string>`j.day::text`.as('day'),
				'j.body',
				'j.area_m2',
				'j.load_count',
				'j.loads_out',
				'j.state',
				'j.sprayer_id',
				sql<string | null>`s.rig->>'name'`.as('sprayer')
			])
			.where('j.farm_id', '=', farmId)
			.where('j.off_at', 'is', null);
	const lines = async (query: ReturnType<typeof listed>): Promise<JobLine[]> =>
		(await query.execute()).map((row) => ({
			id: row.id,
			day: row.day,
			job: row.body,
			area: row.area_m2,
			loads: row.load_count,
			loadsOut: row.loads_out,
			state: row.state,
			sprayerId: row.sprayer_id,
			sprayer: row.sprayer ?? ''
		}));

	const isKnown = async (id: string): Promise<boolean> => {
		const row = await db
			.selectFrom('job')
			.select('id')
			.where('farm_id', '=', farmId)
			.where('id', '=', id)
			.executeTakeFirst();
		return row !== undefined;
	};

	return {
		/**
		 * Keeps a job that was planned on a device. One that is known stays as it is: an answer got lost on its way. `begun`:
		 * work was done for it, so that it stands with what was not known when it was planned.
		 */
		async takePlan(asked: AskedJob, begun: boolean): Promise<void> {
			if (!(await isKnown(asked.id))) await this.put(asked, begun);
		},

		/** Keeps a job under the id that the browser gave it; the same again changes nothing. */
		async put(asked: AskedJob, begun = false): Promise<void> {
			const { job, rate, calibration } = await filled(asked, begun);
			const read = readJob(job, rate, await groundBefore(scope, job, asked.id, asked.replaces));
			if (!read.ok) throw fromIssue(read.issues[0]!);
			const [stop] = openStops(labelStops(checkJob(read.value)), job.passed ?? []);
			const plan = planLoads(read.value.sheet);
			if (!plan.ok) throw fromIssue(plan.issues[0]!);
			await db.transaction().execute(async (trx) => {
				const known = await trx
					.selectFrom('job')
					.select('id')
					.where('farm_id', '=', farmId)
					.where('id', '=', asked.id)
					.executeTakeFirst();
				if (stop && !known && !begun) throw new Failure(422, 'stopped', 'passed', stopMessage(stop));
				const made = await trx
					.insertInto('job')
					.values({
						id: asked.id,
						farm_id: farmId,
						changed_by: scope.personId,
						calibration_id: asked.calibrationId,
						sprayer_id: calibration?.sprayer_id ?? null,
						day: job.day,
						body: JSON.stringify(job),
						area_m2: plan.value.area,
						mix_m3: plan.value.mix,
						load_count: plan.value.loads.length
					})
					.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
					.executeTakeFirst();
				if (!made.numInsertedOrUpdatedRows) return;
				await keepUses(scope, trx, { id: asked.id, job, read: read.value, run: null });
				if (asked.replaces) await takeOff(scope, trx, { id: asked.replaces, replacedBy: asked.id });
			});
			const stored = await this.get(asked.id);
			if (stored.calibrationId !== asked.calibrationId || canonicalJson(stored.job) !== canonicalJson(job))
				throw new Failure(409, 'conflict', 'id', m.another_job_under_this_id());
		},

		async get(id: string) {
			const row = await db
				.selectFrom('job as j')
				.leftJoin('calibration as c', (join) =>
					join.onRef('c.farm_id', '=', 'j.farm_id').onRef('c.id', '=', 'j.calibration_id')
				)
				.leftJoin('sprayer as s', (join) =>
					join.onRef('s.farm_id', '=', 'j.farm_id').onRef('s.id', '=', 'j.sprayer_id')
				)
				.select([
					'j.id',
					'j.calibration_id',
					'j.sprayer_id',
					'j.body',
					'j.state',
					'j.loads_out',
					'c.rate_m3_per_m2',
					'c.relative_u95',
					'c.signed_day',
					'c.withdrawn_reason',
					'j.off_at',
					'j.replaced_by',
					sql<string | null>`s.rig->>'name'`.as('sprayer'),
					doubtOf('c').as('doubt')
				])
				.where('j.farm_id', '=', farmId)
				.where('j.id', '=', id)
				.executeTakeFirst();
			if (!row) throw notFound('job');
			const mean = row.body.team && row.body.team.length > 0 ? teamMean(row.body.team) : null;
			return {
				id: row.id,
				calibrationId: row.calibration_id,
				job: row.body,
				state: row.state,
				loadsOut: row.loads_out,
				/** Of its calibration; of a team the mean. */
				rate: mean?.rate ?? row.rate_m3_per_m2,
				relativeU95: mean?.relativeU95 ?? row.relative_u95,
				signedDay: row.signed_day,
				sprayerId: row.sprayer_id,
				sprayer: row.sprayer ?? '',
				doubt: row.doubt,
				/** Why its calibration was withdrawn; null while that stands. */
				withdrawn: row.withdrawn_reason,
				/** Deleted, or replaced by its edit. */
				off: row.off_at !== null,
				replacedBy: row.replaced_by
			};
		},

		/** Boundaries of a job's blocks as they are now. */
		async shapesOf(job: TypedJob) {
			const rows = await db
				.selectFrom('block')
				.select(['id', 'body'])
				.where('farm_id', '=', farmId)
				.where(
					'id',
					'in',
					job.blocks.map((b) => b.id)
				)
				.execute();
			return rows.map((row) => ({ id: row.id, boundary: row.body.boundary, altitude: altitudeOf(row.body) }));
		},

		/** What the other jobs and records mean for the ground of one. */
		before: (id: string, job: TypedJob): Promise<JobBefore> => groundBefore(scope, job, id),

		/** When the last harvest of blocks ended. */
		harvests: (blocks: readonly string[]) => harvestsOf(scope, blocks),

		/** Where a job is: the middle of the boundary of one of its blocks, else the farm's place, else any block's. */
		async placeOf(job: TypedJob | null): Promise<Place | null> {
			const own = job ? middleOf((await this.shapesOf(job)).map((s) => s.boundary)) : null;
			if (own ?? scope.settings.place) return own ?? scope.settings.place;
			const rows = await db
				.selectFrom('block')
				.select('body')
				.where('farm_id', '=', farmId)
				.where(sql<boolean>`body->'boundary' <> 'null'::jsonb`)
				.orderBy('created_at')
				.limit(1)
				.execute();
			return middleOf(rows.map((r) => r.body.boundary));
		},

		/** The newest closed jobs of a sprayer that rest on a calibration, the oldest of them first: true volume and planned. */
		async fieldVolumes(sprayerId: string, most: number) {
			const rows = await db
				.selectFrom('job')
				.select(['id', 'began_at', 'planned_m3_per_m2', 'true_m3_per_m2'])
				.where('farm_id', '=', farmId)
				.where('sprayer_id', '=', sprayerId)
				.where('calibration_id', 'is not', null)
				.where('began_at', 'is not', null)
				.where('true_m3_per_m2', 'is not', null)
				.orderBy('began_at', 'desc')
				.limit(most)
				.execute();
			return rows.reverse().map((row) => ({
				id: row.id,
				day: dayAt(scope.settings.timeZone, row.began_at!.getTime()),
				planned: row.planned_m3_per_m2!,
				truth: row.true_m3_per_m2!
			}));
		},

		/** What all blocks get around a day, for planning on any of them; `not`: by all but one job. */
		usesAround: (day: string, not?: string): Promise<GroundUse[]> => {
			const { from, to } = aroundDay(day);
			return usesAround(scope, { day, from, to: addDays(to, 365), ...(not && { not: [not] }) });
		},

		/** The newest jobs by their day. */
		async list(most = 100): Promise<JobLine[]> {
			return lines(listed().orderBy('j.day', 'desc').orderBy('j.id', 'desc').limit(most));
		},

		/** Jobs that something is still to be done for, up to a day: not yet sprayed, closed or on record. */
		async unfinished(upTo: string, most = 20): Promise<JobLine[]> {
			return lines(
				listed()
					.where('j.day', '<=', upTo)
					.where((eb) =>
						eb.not(
							eb.exists(
								eb
									.selectFrom('record as r')
									.select('r.id')
									.whereRef('r.farm_id', '=', 'j.farm_id')
									.whereRef('r.id', '=', 'j.id')
							)
						)
					)
					.orderBy('j.day')
					.orderBy('j.id')
					.limit(most)
			);
		},

		/** Deletes a job that nothing was done for yet; one that was begun stays. */
		remove: (id: string): Promise<void> =>
			db.transaction().execute((trx) => takeOff(scope, trx, { id, replacedBy: null })),

		/** Brings a deleted job back. One that stands, or that its edit has replaced, stays as it is. */
		async restore(id: string): Promise<void> {
			const { job, rate, off, replacedBy } = await this.get(id);
			if (!off || replacedBy) return;
			const read = readJob(job, rate as VolumePerArea | null);
			await db.transaction().execute(async (trx) => {
				await trx.updateTable('job').set({ off_at: null }).where('farm_id', '=', farmId).where('id', '=', id).execute();
				await keepUses(scope, trx, { id, job, read: read.ok ? read.value : null, run: null });
			});
		}
	};
};
