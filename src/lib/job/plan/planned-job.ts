import type { TypedJob } from '$core';
import { altitudeOf, middleOf } from '$lib/forms/block';
import { firstAsked } from '$lib/forms/first-asked';
import type { JobHead } from '$lib/wire/run-message';
import type { JobPlanState } from './job-plan.svelte';

/** A job as it is planned, in the shape in which the server keeps it: what says nothing is left out. */
export function plannedJob(plan: JobPlanState): TypedJob | null {
	const { job, chosen, passed } = plan;
	if (!job || !chosen?.plan) return null;
	const { treated = 1, canopy, dilute, team, ...rest } = job;
	return {
		...rest,
		split: chosen.split,
		...(team && { team }),
		...(dilute && { dilute }),
		...(passed.length > 0 && { passed }),
		...(treated < 1 && { treated }),
		...(canopy && { canopy })
	};
}

/** A planned job as this device keeps it, to mix and spray before the server has heard of it. Null while it is not whole. */
export function plannedHead(plan: JobPlanState, id: string): JobHead | null {
	const job = plannedJob(plan);
	const asked = plan.asked(id);
	if (!job || !asked) return null;
	const { source, calibration } = plan;
	const ground = job.blocks.flatMap(({ id: block }) => source.blocks.find((b) => b.id === block) ?? []);
	const shapes = ground.map((b) => ({ id: b.id, boundary: b.block.boundary, altitude: altitudeOf(b.block) }));
	return {
		id,
		job,
		rate: calibration?.rate ?? null,
		relativeU95: calibration?.relativeU95 ?? null,
		signedDay: calibration?.signedDay ?? null,
		calibrationId: calibration?.calibrationId ?? null,
		sprayer: calibration?.sprayer ?? '',
		shapes,
		place: middleOf(shapes.map((s) => s.boundary)) ?? source.settings.place ?? null,
		before: plan.before,
		...(source.writer && {
			asked: firstAsked(
				ground.map((b) => b.block),
				source.writer
			)
		}),
		plan: asked
	};
}
