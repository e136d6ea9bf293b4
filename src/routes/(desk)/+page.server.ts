import type { PageServerLoad } from './$types';
import { openIntervals } from '$core';

const day = 86_400_000;
const dayOf = (at: number) => new Date(at).toISOString().slice(0, 10);

export const load: PageServerLoad = async ({ locals: { farm } }) => {
	const now = Date.now();
	const [sprayers, jobs, records] = await Promise.all([
		farm.sprayers.list(),
		// Up to a week ahead: what is further off is no matter of today.
		farm.jobs.unfinished(dayOf(now + 7 * day)),
		farm.records.since(dayOf(now - 60 * day))
	]);
	return {
		sprayers,
		jobs: jobs.map(({ id, day, job, loads, loadsOut, state, sprayer }) => ({
			id,
			day,
			loads,
			loadsOut,
			state,
			sprayer,
			blocks: job.blocks.map((b) => b.name),
			products: job.products.map((p) => p.label.name)
		})),
		intervals: records
			.flatMap(({ id, record }) => {
				const ended = Date.parse(record.endedAt ?? `${record.day}T23:59:59Z`) / 1000;
				return openIntervals(record, ended, now / 1000, dayOf(now)).map((interval) => ({ id, ...interval }));
			})
			// People first, then what is open soonest.
			.sort((a, b) => (a.until ?? Infinity) - (b.until ?? Infinity) || (a.days ?? 0) - (b.days ?? 0))
			.slice(0, 8),
		today: dayOf(now)
	};
};
