import type { TypedJob } from '$core';
import { basisOf, showFigure } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { keptText } from '$lib/settings/typed-text';
import { stopKey } from '$lib/wire/stop-key';
import type { JobPlanState } from './job-plan.svelte';

/** A job that is planned, as its edit begins with it. */
export interface EditedJob {
	readonly id: string;
	readonly job: TypedJob;
	readonly calibrationId: string | null;
}

/**
 * Fills a plan with a job that is kept: every figure as it was typed, in its unit. Where its calibration is not among those
 * that a job can rest on any more, none is picked: it is for the person to say which counts now.
 */
export function fillFrom(plan: JobPlanState, { id, job, calibrationId }: EditedJob): void {
	const { settings, calibrations } = plan.source;
	plan.replaces = id;
	plan.ground.begin(job.blocks);
	const people = (team: TypedJob['team'] | null) => (team ?? []).map((m) => m.calibrationId).join();
	const rests = calibrations.find((c) => c.calibrationId === calibrationId && people(c.team) === people(job.team));
	fillBasis(plan, job, rests?.id ?? '');
	plan.day = job.day;
	plan.tank = keptText(job.tank, plan.units.tank, settings);
	plan.sprayed = percent(job.sprayed ?? 1, settings);
	fillLines(plan, job);
	plan.split = job.split;
	plan.harvest = job.harvest ?? '';
	if (job.pace) fillPace(plan, job.pace);
	if (job.dilute) plan.dilute = keptText(job.dilute, settings.rateUnit, settings);
	plan.drops = job.drops ?? plan.drops;
	for (const { reason, ...stop } of job.passed ?? []) plan.reasons[stopKey(stop)] = reason;
	plan.reason = job.reason;
	plan.notes = job.notes;
}

const percent = (share: number, { decimalComma }: FarmSettings) => showFigure(share * 100, 6, decimalComma);

/** How its volume is known: by a calibration, a patch that was sprayed, or the surface. */
function fillBasis(plan: JobPlanState, job: TypedJob, calibration: string): void {
	const { settings } = plan.source;
	const { units } = plan;
	const basis = basisOf(job);
	plan.by = basis.by === 'timed-trial' ? 'trial' : basis.by;
	plan.timed = basis.by === 'timed-trial';
	plan.pickCalibration(calibration);
	if (basis.by === 'surface') plan.surface = keptText(basis.volume, settings.rateUnit, settings);
	if (basis.by === 'trial') plan.used = keptText(basis.used, units.tank, settings);
	if (basis.by === 'timed-trial') plan.time = keptText(basis.time, 's', settings);
	if (basis.by === 'trial' || basis.by === 'timed-trial')
		plan.patch = keptText(basis.patch, units.side === 'm' ? 'm2' : 'ft2', settings);
}

/** A line for each product that the farm still has. */
function fillLines(plan: JobPlanState, job: TypedJob): void {
	const { settings, products } = plan.source;
	plan.lines = [];
	for (const product of job.products) {
		if (!products.some((p) => p.id === product.id)) continue;
		plan.addLine();
		const line = plan.lines.at(-1)!;
		plan.pick(line, product.id);
		const { dryDose, dose } = plan.units;
		line.dose = keptText(product.dose, product.label.state === 'dry' ? dryDose : dose, settings);
		line.per = product.per ?? '';
		line.dilution = product.dilution ?? '';
	}
	if (plan.lines.length === 0) plan.addLine();
}

function fillPace(plan: JobPlanState, { fill, drive, efficiency, start, end, oneWay }: NonNullable<TypedJob['pace']>) {
	const { settings } = plan.source;
	plan.fill = keptText(fill, 'min', settings);
	plan.drive = keptText(drive, 'min', settings);
	plan.efficiency = percent(efficiency, settings);
	plan.start = start;
	plan.end = end;
	plan.oneWay = oneWay ?? false;
}
