import { sql } from 'kysely';
import type { JobBlock, TypedJob, VolumePerArea } from '../../../core';
import { planLoads, readBlock, readJob } from '../../../core';
import { outlinedArea } from '../../formats/block';
import type { AskedJob } from '../../formats/job';
import { canonicalJson } from '../canonical-json';
import { Failure, fromIssue, notFound } from '../failure';
import { blocksOf } from './blocks';
import { doubtOf } from './doubt';
import { productsOf } from './products';
import type { Scope } from './scope';

export const jobsOf = (scope: Scope) => {
	const { db, farmId } = scope;
	/** A calibration with its rig, and whether it is in doubt. */
	const calibrationOf = async (id: string) => {
		const row = await db
			.selectFrom('calibration as c')
			.innerJoin('sprayer as s', (join) => join.onRef('s.farm_id', '=', 'c.farm_id').onRef('s.id', '=', 'c.sprayer_id'))
			.select(['c.id', 'c.rate_m3_per_m2', 's.rig', doubtOf('c').as('doubt')])
			.where('c.farm_id', '=', farmId)
			.where('c.id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('calibration', 'calibrationId');
		return row;
	};

	return {
		/** What a job asks for, filled in with the blocks, the labels and the rig as they are now. */
		async filled(asked: AskedJob): Promise<{ job: TypedJob; rate: VolumePerArea }> {
			const calibration = await calibrationOf(asked.calibrationId);
			if (calibration.doubt && asked.reason === '')
				throw new Failure(
					422,
					'in-doubt',
					'reason',
					'This calibration is in doubt. Calibrate again, or write why it is used all the same.'
				);
			const blocks: JobBlock[] = [];
			for (const { id, share } of asked.blocks) {
				const { block, area } = await blocksOf(scope).get(id);
				const read = readBlock(block, outlinedArea(block.boundary));
				const numbers = read.ok ? read.value : null;
				blocks.push({
					id,
					name: block.name,
					area,
					share,
					rows: numbers?.rows ?? null,
					spacing: numbers?.spacing ?? null
				});
			}
			const products = [];
			for (const { id, dose } of asked.products)
				products.push({ id, label: (await productsOf(scope).get(id)).label, dose });
			const { rig } = calibration;
			const job: TypedJob = {
				day: asked.day,
				blocks,
				tank: asked.tank,
				dead: rig.dead ?? null,
				agitation: rig.agitation ?? null,
				products,
				split: asked.split,
				reason: asked.reason,
				notes: asked.notes
			};
			return { job, rate: calibration.rate_m3_per_m2 as VolumePerArea };
		},

		/** Keeps a job under the id that the browser gave it; the same again changes nothing. */
		async put(asked: AskedJob): Promise<void> {
			const { job, rate } = await this.filled(asked);
			const read = readJob(job, rate);
			if (!read.ok) throw fromIssue(read.issues[0]!);
			const plan = planLoads(read.value.sheet);
			if (!plan.ok) throw fromIssue(plan.issues[0]!);
			await db
				.insertInto('job')
				.values({
					id: asked.id,
					farm_id: farmId,
					calibration_id: asked.calibrationId,
					day: job.day,
					body: JSON.stringify(job),
					area_m2: plan.value.area,
					mix_m3: plan.value.mix,
					load_count: plan.value.loads.length
				})
				.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
				.execute();
			const stored = await this.get(asked.id);
			if (stored.calibrationId !== asked.calibrationId || canonicalJson(stored.job) !== canonicalJson(job))
				throw new Failure(409, 'conflict', 'id', 'Another job is already kept under this id.');
		},

		async get(id: string) {
			const row = await db
				.selectFrom('job as j')
				.innerJoin('calibration as c', (join) =>
					join.onRef('c.farm_id', '=', 'j.farm_id').onRef('c.id', '=', 'j.calibration_id')
				)
				.innerJoin('sprayer as s', (join) =>
					join.onRef('s.farm_id', '=', 'c.farm_id').onRef('s.id', '=', 'c.sprayer_id')
				)
				.select([
					'j.id',
					'j.calibration_id',
					'j.body',
					'c.rate_m3_per_m2',
					'c.relative_u95',
					'c.signed_day',
					'c.sprayer_id',
					sql<string>`s.rig->>'name'`.as('sprayer'),
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
				rate: row.rate_m3_per_m2,
				relativeU95: row.relative_u95,
				signedDay: row.signed_day,
				sprayerId: row.sprayer_id,
				sprayer: row.sprayer,
				doubt: row.doubt
			};
		},

		/** The newest jobs by their day. */
		async list(most = 100) {
			return db
				.selectFrom('job as j')
				.innerJoin('calibration as c', (join) =>
					join.onRef('c.farm_id', '=', 'j.farm_id').onRef('c.id', '=', 'j.calibration_id')
				)
				.innerJoin('sprayer as s', (join) =>
					join.onRef('s.farm_id', '=', 'c.farm_id').onRef('s.id', '=', 'c.sprayer_id')
				)
				.select([
					'j.id',
					sql<string>`j.day::text`.as('day'),
					'j.body',
					'j.area_m2',
					'j.load_count',
					sql<string>`s.rig->>'name'`.as('sprayer')
				])
				.where('j.farm_id', '=', farmId)
				.orderBy('j.day', 'desc')
				.orderBy('j.id', 'desc')
				.limit(most)
				.execute();
		},

		async remove(id: string): Promise<void> {
			await this.get(id);
			await db.deleteFrom('job').where('farm_id', '=', farmId).where('id', '=', id).execute();
		}
	};
};
