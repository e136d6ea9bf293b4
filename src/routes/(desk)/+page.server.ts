import type { PageServerLoad } from './$types';
import { redirect } from '@sveltejs/kit';
import { env } from '$env/dynamic/private';
import { addDays } from '$core';
import { backupTrouble } from '$lib/server/backup-state';
import { diskState } from '$lib/server/disk';
import { meOf } from '$lib/server/people/who';
import { runNow } from '$lib/server/today-run';
import { openStates } from '$lib/server/open-states';
import { dayAt } from '$lib/settings/farm-time';

/** Days ahead that are a matter of today, and of an interval that only crops wait for. */
const ahead = 7;
const harvestAhead = 30;

export const load: PageServerLoad = async ({ locals: { farm, who } }) => {
	const now = Date.now();
	const today = dayAt(farm.settings.timeZone, now);
	const [sprayers, jobs, blocks, { states, atWork }, place] = await Promise.all([
		farm.sprayers.list(),
		farm.jobs.unfinished(addDays(today, ahead)),
		farm.blocks.ids(),
		openStates(farm, now),
		farm.jobs.placeOf(null)
	]);
	const { rights } = meOf(who);
	if (rights.includes('own') && farm.isNew && sprayers.length === 0 && jobs.length === 0) redirect(303, '/welcome');
	const due = await farm.sprayers.due(sprayers, today);
	const runs = await Promise.all(
		jobs
			.filter((job) => job.state === 'under-way')
			.slice(0, 3)
			.map((job) => runNow(farm, job.id))
	);
	return {
		diskLow: rights.includes('own') && (await diskState(env.FALLOW_DATA)) === 'low',
		backup: rights.includes('own') ? backupTrouble(env.FALLOW_BACKUPS, now) : null,
		runs: runs.filter((run) => run !== null),
		sprayers: sprayers.map((s) => ({ ...s, due: due.get(s.id)! })),
		jobs: jobs.map(({ id, day, job, loads, loadsOut, state, sprayer, sprayerId }) => ({
			id,
			day,
			loads,
			loadsOut,
			state,
			sprayer,
			sprayerId,
			blocks: job.blocks.map((b) => b.name),
			products: job.products.map((p) => p.label.name)
		})),
		// What only a crop far off waits for stands on Ground.
		states: states
			.map((s) => ({
				...s,
				harvest: s.harvest && s.harvest.days <= harvestAhead ? s.harvest : null,
				plantBack: s.plantBack.filter((c) => c.days <= harvestAhead)
			}))
			.filter((s) => s.entry || s.harvest || s.plantBack.length > 0 || s.notEntered.length > 0)
			.slice(0, 12),
		atWork,
		blocks,
		place,
		now: now / 1000,
		today
	};
};
