import type { TypedJob } from '../../core';
import { dayAt } from '../settings/farm-time';
import type { FarmHandle } from './db/farm';
import { jobCalibrations } from './job-calibrations';

/**
 * What a job is planned from: the ground, products and calibrations that are in use, and what else the ground gets. An edit
 * leaves out what its own job brings, and knows the ground and products of it that have been archived since.
 */
export async function jobSource(farm: FarmHandle, edited?: { readonly id: string; readonly job: TypedJob }) {
	const today = dayAt(farm.settings.timeZone, Date.now());
	const [blocks, products, uses, calibrations] = await Promise.all([
		farm.blocks.all(),
		farm.products.all(),
		farm.jobs.usesAround(today, edited?.id),
		jobCalibrations(farm)
	]);
	const own = new Set([...(edited?.job.blocks ?? []), ...(edited?.job.products ?? [])].map((one) => one.id));
	return {
		blocks: blocks.filter((b) => !b.away || own.has(b.id)).map(({ id, block, area }) => ({ id, block, area })),
		harvests: Object.fromEntries(blocks.map((b) => [b.id, b.block.harvested ?? null])),
		today,
		products: products.filter((p) => !p.away || own.has(p.id)).map(({ id, label }) => ({ id, label })),
		calibrations,
		uses
	};
}
