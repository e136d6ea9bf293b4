import { sql } from 'kysely';
import type {
	GroundUse,
	JobBasis,
	JobBefore,
	JobBlock,
	JobState,
	Place,
	Rig,
	TypedJob,
	VolumePerArea
} from '../../../core';
import {
	addDays,
	blockPart,
	checkJob,
	isCanopy,
	labelStops,
	openStops,
	planLoads,
	readBlock,
	readJob
} from '../../../core';
import { altitudeOf, middleOf, outlinedArea } from '../../forms/block';
import type { AskedJob } from '../../wire/job';
import { dayAt } from '../../settings/farm-time';
import { canonicalJson } from '../canonical-json';
import { Failure, fromIssue, notFound, withdrawn } from '../failure';
import { blocksOf } from './blocks';
import { doubtOf } from './doubt';
import { aroundDay, groundBefore, harvestsOf, keepUses, usesAround } from './job-use';
import { productsOf } from './products';
import { stopMessage } from '../../wording/safety';
import type { Scope } from './scope';
import { takeOff } from './take-off-job';
import { treatedShare } from './tank-plans';

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

interface UsedCalibration {
	readonly rig: Rig;
	readonly speed_m_s: number | null;
	readonly width_m: number | null;
	readonly field_width_m: number | null;
}

/** What a job takes from its calibration and the rig. */
function withRig(calibration: UsedCalibration | null, basis: JobBasis, blocks: readonly JobBlock[]) {
	const canopy = isCanopy(blocks, calibration?.rig.kind ?? null) && { canopy: true };
	if (!calibration) return { dead: null, agitation: null, travel: null, ...canopy };
	const { speed_m_s: speed, width_m: treated, field_width_m: field, rig } = calibration;
	const swath = field ?? treated;
	// Bands cover a share of the field that a pass does.
	const share = basis.by === 'calibration' ? treatedShare(calibration) : 1;
	return {
		dead: rig.dead ?? null,
		agitation: rig.agitation ?? null,
		travel: speed !== null && swath !== null ? { speed, swath } : null,
		...(share < 1 && { treated: share }),
		...canopy
	};
}

export const jobsOf = (scope: Scope) => {
	const { db, farmId } = scope;
	/** A calibration with its rig, and whether it is in doubt. */
	const calibrationOf = async (id: string) => {
		const row = await db
			.selectFrom('calibration as c')
			.innerJoin('sprayer as s', (join) => join.onRef('s.farm_id', '=', 'c.farm_id').onRef('s.id', '=', 'c.sprayer_id'))
			.select([
				'c.id',
				'c.rate_m3_per_m2',
				'c.speed_m_s',
				'c.width_m',
				'c.field_width_m',
				'c.sprayer_id',
				's.rig',
				'c.withdrawn_at',
				doubtOf('c').as('doubt')
			])
			.where('c.farm_id', '=', farmId)
			.where('c.id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('calibration', 'calibrationId');
		return row;
	};

	/** The ground that is asked for, with its numbers as they are now. */
	const groundOf = async (asked: AskedJob): Promise<JobBlock[]> => {
		const blocks: JobBlock[] = [];
		for (const [i, { id, part }] of asked.blocks.entries()) {
			const { block, area } = await blocksOf(scope).get(id);
			const read = readBlock(block, outlinedArea(block.boundary));
			const numbers = read.ok ? read.value : null;
			const rows = numbers?.rows ?? null;
			const taken = blockPart(part, area, rows?.count ?? null);
			if (!taken.ok) throw fromIssue(taken.issues[0]!, `blocks.${i}`);
			blocks.push({
				id,
				name: block.name,
				kind: block.kind,
				area,
				share: taken.value.share,
				...(part.by === 'share' ? {} : { part }),
				rows,
				spacing: numbers?.spacing ?? null,
				neighbours: block.neighbours
			});
		}
		return blocks;
	};

	/** The products that are asked for, with their labels as they are now. */
	const labelled = async ({ products }: AskedJob): Promise<TypedJob['products']> => {
		const all = [];
		for (const { id, dose, per, dilution } of products) {
			const { label } = await productsOf(scope).get(id);
			all.push({ id, label, dose, ...(per && { per }), ...(dilution && { dilution }) });
		}
		return all;
	};

	/** What a job asks for, filled in with the blocks, the labels and the rig as they are now. */
	const filled = async (asked: AskedJob) => {
		const calibration = asked.calibrationId === null ? null : await calibrationOf(asked.calibrationId);
		if (calibration?.withdrawn_at && asked.basis.by === 'calibration') throw withdrawn();
		if (calibration?.doubt && asked.basis.by === 'calibration' && asked.reason === '')
			throw new Failure(
				422,
				'in-doubt',
				'reason',
				'This calibration is in doubt. Calibrate again, or write why it is used all the same.'
			);
		const blocks = await groundOf(asked);
		const { day, basis, tank, split, sprayed, harvest, pace, reason, notes, dilute, drops = null, passed = [] } = asked;
		const job: TypedJob = {
			day,
			basis,
			blocks,
			tank,
			products: await labelled(asked),
			split,
			sprayed,
			harvest,
			pace,
			reason,
			notes,
			drops,
			...(dilute && { dilute }),
			...(passed.length > 0 && { passed }),
			...withRig(calibration, basis, blocks)
		};
		return { job, rate: (calibration?.rate_m3_per_m2 ?? null) as VolumePerArea | null, calibration };
	};

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

	return {
		/** Keeps a job under the id that the browser gave it; the same again changes nothing. */
		async put(asked: AskedJob): Promise<void> {
			const { job, rate, calibration } = await filled(asked);
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
				if (stop && !known) throw new Failure(422, 'stopped', 'passed', stopMessage(stop));
				const made = await trx
					.insertInto('job')
					.values({
						id: asked.id,
						farm_id: farmId,
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
				throw new Failure(409, 'conflict', 'id', 'Another job is already kept under this id.');
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
			return {
				id: row.id,
				calibrationId: row.calibration_id,
				job: row.body,
				state: row.state,
				loadsOut: row.loads_out,
				rate: row.rate_m3_per_m2,
				relativeU95: row.relative_u95,
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
