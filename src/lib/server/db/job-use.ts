import type { Transaction } from 'kysely';
import { sql } from 'kysely';
import type { GroundUse, JobBefore, JobRun, ReadJob, TypedJob } from '../../../core';
import { addDays, blockEnds, jobBefore, seasonAround } from '../../../core';
import { dayAt, dayStart } from '../../settings/farm-time';
import type { Database } from './schema';
import type { Scope } from './scope';

/** Changes with the way in which the uses of a job are computed: an older one is computed again at the next start. */
export const jobComputing = 4;

interface UsedJob {
	readonly id: string;
	readonly job: TypedJob;
	readonly read: ReadJob;
	/** What happened to it; null before anything did. */
	readonly run: JobRun | null;
}

/**
 * What each product of a job brings on each of its blocks: by the plan, once it is closed by what was poured. The days are
 * those on which it was sprayed, each block to its own last one; as planned until then.
 */
function usesOf({ farmId, settings }: Pick<Scope, 'farmId' | 'settings'>, { id, job, read, run }: UsedJob) {
	const zone = settings.timeZone;
	const began = run?.loads.find((l) => l.startedAt)?.startedAt ?? null;
	const day = began === null ? job.day : dayAt(zone, Date.parse(began));
	const ids = job.blocks.map((b) => b.id);
	const ends = began === null ? {} : blockEnds(run!.loads, ids, run!.closed?.entry.ended ?? null);
	const closed = run?.closed ?? null;
	return job.products.flatMap((product, i) => {
		const check = read.checks[i]!;
		// What was poured over the ground that was done is what is there; on bands the label may count only what was treated.
		const treated = check.planned > 0 ? check.on / check.planned : 1;
		const perGround =
			closed && closed.used[i] !== undefined && closed.area > 0 ? (closed.used[i] / closed.area) * treated : check.on;
		return ids.map((block) => {
			const ended = ends[block] ?? null;
			const last = ended === null ? day : dayAt(zone, Date.parse(ended));
			return {
				farm_id: farmId,
				job_id: id,
				block_id: block,
				product_id: product.id,
				product: product.label.name,
				day,
				last_day: last < day ? day : last,
				ended_at: ended,
				per_ground: perGround,
				entry_hours: product.label.entryHours,
				harvest_days: product.label.harvestDays,
				actives: check.actives.map(({ name, content }) => ({ name, perGround: perGround * content }))
			};
		});
	});
}

/** Keeps what a job means for its ground, in place of what was kept of it before. */
export async function keepUses(
	scope: Pick<Scope, 'farmId' | 'settings'>,
	trx: Transaction<Database>,
	used: { readonly id: string; readonly job: TypedJob; readonly read: ReadJob | null; readonly run: JobRun | null }
): Promise<void> {
	const { farmId } = scope;
	const { id, job, read, run } = used;
	await trx.deleteFrom('job_use').where('farm_id', '=', farmId).where('job_id', '=', id).execute();
	const off = await trx
		.selectFrom('job')
		.select('off_at')
		.where('farm_id', '=', farmId)
		.where('id', '=', id)
		.executeTakeFirst();
	// A job that was taken off brings nothing on any ground.
	const rows = read && !off?.off_at ? usesOf(scope, { id, job, read, run }) : [];
	// One product may stand twice in a job: its uses of a block add up.
	const byKey = new Map<string, (typeof rows)[number]>();
	for (const row of rows) {
		const key = `${row.block_id} ${row.product_id}`;
		const one = byKey.get(key);
		byKey.set(
			key,
			one
				? {
						...row,
						per_ground: row.per_ground + one.per_ground,
						actives: row.actives.map((a, i) => ({ ...a, perGround: a.perGround + (one.actives[i]?.perGround ?? 0) }))
					}
				: row
		);
	}
	const all = [...byKey.values()].map((row) => ({ ...row, actives: JSON.stringify(row.actives) }));
	for (let at = 0; at < all.length; at += 500)
		await trx
			.insertInto('job_use')
			.values(all.slice(at, at + 500))
			.execute();
	await trx
		.updateTable('job')
		.set({ computed: jobComputing })
		.where('farm_id', '=', farmId)
		.where('id', '=', id)
		.execute();
}

/** Records from files that are looked at for all of a farm's ground, the newest first. */
const mostFromFiles = 3000;

/**
 * What blocks get in the jobs and records of this farm around a day: from a first to a last one, and what still keeps a
 * harvest off on the day.
 */
export async function usesAround(
	{ db, farmId }: Scope,
	where: {
		readonly blocks?: readonly string[];
		readonly day: string;
		readonly from: string;
		readonly to: string;
		/** Jobs that are left out. */
		readonly not?: readonly string[];
	}
): Promise<GroundUse[]> {
	const { blocks, day, from, to, not } = where;
	if (blocks?.length === 0) return [];
	const rows = await db
		.selectFrom('job_use')
		.select([
			'job_id',
			'block_id',
			'product_id',
			'product',
			sql<string>`day::text`.as('day'),
			sql<string>`last_day::text`.as('last_day'),
			'ended_at',
			'per_ground',
			'entry_hours',
			'harvest_days',
			'actives'
		])
		.where('farm_id', '=', farmId)
		.where((eb) =>
			eb.or([
				eb.and([eb('last_day', '>=', from), eb('day', '<=', to)]),
				sql<boolean>`last_day + ceil(coalesce(harvest_days, 0))::int > ${day}::date and day <= ${to}::date`
			])
		)
		.$if(blocks !== undefined, (qb) => qb.where('block_id', 'in', blocks!))
		.$if(not !== undefined, (qb) => qb.where('job_id', 'not in', not!))
		.orderBy('day')
		.orderBy('job_id')
		.execute();
	const jobs = rows.map((r): GroundUse => ({
		spraying: r.job_id,
		blockId: r.block_id,
		productId: r.product_id,
		product: r.product,
		day: r.day,
		lastDay: r.last_day,
		endedAt: r.ended_at === null ? null : r.ended_at.getTime() / 1000,
		perGround: r.per_ground,
		actives: r.actives,
		entryHours: r.entry_hours,
		harvestDays: r.harvest_days
	}));
	return [...jobs, ...(await fromFiles({ db, farmId }, { blocks, from, to }))];
}

/** Records that came from a file and belong to no job: their blocks and products are known by their names. */
async function fromFiles(
	{ db, farmId }: Pick<Scope, 'db' | 'farmId'>,
	{ blocks, from, to }: { readonly blocks: readonly string[] | undefined; readonly from: string; readonly to: string }
): Promise<GroundUse[]> {
	const only = blocks === undefined ? sql`` : sql`and b.id = any(${[...blocks]}::uuid[])`;
	const found = await sql<{
		id: string;
		block_id: string;
		product_id: string | null;
		product: string;
		day: string;
		ended: string | null;
		per_ground: number;
		actives: GroundUse['actives'];
		entry_hours: number | null;
		harvest_days: number | null;
	}>`
		select r.id, b.id as block_id, p.id as product_id, u.product, r.day::text as day, r.body->>'endedAt' as ended,
			u.per_ground, u.actives, (x->>'entryHours')::float8 as entry_hours, (x->>'harvestDays')::float8 as harvest_days
		from record r
		join record_use u on u.farm_id = r.farm_id and u.record_id = r.id
		join block b on b.farm_id = r.farm_id and lower(b.name) = lower(u.block) and b.archived_at is null ${only}
		left join product p on p.farm_id = r.farm_id and lower(p.name) = lower(u.product)
		left join lateral (
			select x from jsonb_array_elements(r.body->'products') x where x->>'name' = u.product limit 1) x on true
		where r.farm_id = ${farmId} and r.job_id is null and r.amends is null
			and r.day >= ${from}::date and r.day <= ${to}::date
		order by r.day desc, r.id desc limit ${mostFromFiles}`.execute(db);
	return found.rows.map((r) => {
		const ended = r.ended === null ? NaN : Date.parse(r.ended) / 1000;
		return {
			spraying: r.id,
			blockId: r.block_id,
			productId: r.product_id ?? '',
			product: r.product,
			day: r.day,
			lastDay: r.day,
			endedAt: Number.isNaN(ended) ? null : ended,
			perGround: r.per_ground,
			actives: r.actives,
			entryHours: r.entry_hours,
			harvestDays: r.harvest_days
		};
	});
}

/** Days before and after a day that any season of it can reach, and from which an interval of re-entry can reach into it. */
const reach = 400;
export const aroundDay = (day: string) => ({ day, from: addDays(day, -reach), to: addDays(day, reach) });

/** When the last harvest of some blocks ended, where somebody noted it. */
export async function harvestsOf(
	{ db, farmId }: Pick<Scope, 'db' | 'farmId'>,
	blocks: readonly string[]
): Promise<ReadonlyMap<string, string | null>> {
	if (blocks.length === 0) return new Map();
	const rows = await db
		.selectFrom('block')
		.select(['id', sql<string | null>`body->>'harvested'`.as('harvested')])
		.where('farm_id', '=', farmId)
		.where('id', 'in', blocks)
		.execute();
	return new Map(rows.map((r) => [r.id, r.harvested]));
}

/** What the other jobs and records of a farm mean for one that is planned for a day. */
export async function groundBefore(
	scope: Scope,
	job: Pick<TypedJob, 'day' | 'blocks' | 'products'>,
	...not: readonly (string | undefined)[]
): Promise<JobBefore> {
	const blocks = job.blocks.map((b) => b.id);
	const [uses, harvests] = await Promise.all([
		usesAround(scope, { blocks, not: not.filter((id) => id !== undefined), ...aroundDay(job.day) }),
		harvestsOf(scope, blocks)
	]);
	const { timeZone, cropSeason } = scope.settings;
	return jobBefore(
		uses,
		{
			day: job.day,
			begins: dayStart(timeZone, job.day) / 1000,
			blocks,
			products: job.products.map(({ id, label }) => ({ id, actives: (label.actives ?? []).map((a) => a.name) }))
		},
		(block) => seasonAround(job.day, harvests.get(block) ?? null, cropSeason)
	);
}
