import type { BlockState, OpenInterval, TypedJob, VolumePerArea } from '../../core';
import { addDays, blockEnds, blockStates, openIntervals, runOfJob } from '../../core';
import { dayAt, dayStart } from '../settings/farm-time';
import type { FarmHandle } from './db/farm';

/** Jobs without a record that are listed at the most, and of those that were begun how many, the newest, are looked into. */
const mostJobs = 2000;
const mostBegun = 60;

/** A block on which a job is being sprayed: its re-entry interval counts from when the last load is out. */
interface BlockAtWork {
	readonly block: string;
	readonly product: string;
	/** How long nobody goes in once it has begun, s. */
	readonly whole: number;
}

/** What keeps people, a harvest or a crop off the blocks of a farm, at a moment (ms). */
interface OpenStates {
	readonly states: BlockState[];
	readonly atWork: BlockAtWork[];
}

type Products = Parameters<typeof openIntervals>[1];

/**
 * What records say, and what was sprayed and has no record yet: nobody goes in too soon because the paper is late.
 */
export async function openStates(
	farm: Pick<FarmHandle, 'records' | 'settings' | 'jobs' | 'jobRuns'>,
	now: number,
	/** Records at the most, the newest first. */
	most?: number
): Promise<OpenStates> {
	const zone = farm.settings.timeZone;
	const today = dayAt(zone, now);
	const [records, jobs] = await Promise.all([
		farm.records.open(today, most),
		farm.jobs.unfinished(addDays(today, 1), mostJobs)
	]);
	/**
	 * Where nobody ticked the end, or a clock that jumped back told one before the start, it was some time before the day was
	 * over: nobody may be let in too soon.
	 */
	const endOf = (day: string, startedAt: string | null, told: number, lastDay?: string) => {
		const began = startedAt ? Date.parse(startedAt) : Number.isNaN(told) ? NaN : dayStart(zone, day);
		const known = told >= began;
		const ended = known ? told : Math.max(Number.isNaN(began) ? 0 : began, dayStart(zone, addDays(day, 1)));
		const last = known ? (lastDay ?? dayAt(zone, told)) : day;
		return { ended: ended / 1000, lastDay: last < day ? day : last };
	};
	const intervals: OpenInterval[] = records.flatMap(({ record }) =>
		record.blocks.flatMap((block) =>
			openIntervals(
				block.name,
				record.products,
				endOf(record.day, record.startedAt, Date.parse(block.endedAt ?? record.endedAt ?? ''), block.lastDay),
				now / 1000,
				today
			)
		)
	);
	const atWork: BlockAtWork[] = [];
	const begun = await Promise.all(
		jobs
			.filter((job) => job.state !== 'planned')
			.slice(-mostBegun)
			.map(async ({ id }) => {
				const [{ job, rate }, entries] = await Promise.all([farm.jobs.get(id), farm.jobRuns.entries(id)]);
				return { job, made: runOfJob({ job, rate: rate as VolumePerArea | null }, entries) };
			})
	);
	for (const { job, made } of begun) {
		if (!made.ok) continue;
		const { run } = made.value;
		const out = run.loads.filter((l) => l.state !== 'dry' && l.state !== 'mixing' && l.state !== 'mixed');
		if (out.length === 0) continue;
		const products = productsOf(made.value.job);
		const startedAt = out.find((l) => l.startedAt)?.startedAt ?? null;
		const day = startedAt ? dayAt(zone, Date.parse(startedAt)) : job.day;
		const ends = blockEnds(
			run.loads,
			job.blocks.map((b) => b.id),
			run.closed?.entry.ended ?? null
		);
		for (const { id, name } of job.blocks) {
			if (run.state === 'under-way') {
				const longest = products.reduce<BlockAtWork | null>((most, { name: product, entryHours }) => {
					const whole = (entryHours ?? 0) * 3600;
					return whole > (most?.whole ?? 0) ? { block: name, product, whole } : most;
				}, null);
				if (longest) atWork.push(longest);
			} else
				intervals.push(
					...openIntervals(name, products, endOf(day, startedAt, Date.parse(ends[id] ?? '')), now / 1000, today)
				);
		}
	}
	return { states: blockStates(intervals), atWork };
}

const productsOf = (job: TypedJob): Products =>
	job.products.map(({ label, dye }) => ({
		name: label.name,
		entryHours: label.entryHours,
		harvestDays: label.harvestDays,
		plantBack: label.plantBack,
		...(dye ? { dye } : {})
	}));
