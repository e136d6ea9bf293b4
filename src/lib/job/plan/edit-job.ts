import type { Typed, TypedJob } from '$core';
import { basisOf, showFigure } from '$core';
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
	const { settings, products, calibrations } = plan.source;
	const { units } = plan;
	const text = (typed: Typed, unit: string) => keptText(typed, unit, settings);
	const percent = (share: number) => showFigure(share * 100, 6, settings.decimalComma);
	const basis = basisOf(job);
	plan.replaces = id;
	plan.ground.begin(job.blocks);
	plan.by = basis.by === 'timed-trial' ? 'trial' : basis.by;
	plan.timed = basis.by === 'timed-trial';
	const people = (team: TypedJob['team'] | null) => (team ?? []).map((m) => m.calibrationId).join();
	const rests = calibrations.find((c) => c.calibrationId === calibrationId && people(c.team) === people(job.team));
	plan.pickCalibration(rests?.id ?? '');
	if (basis.by === 'trial' || basis.by === 'timed-trial') {
		if (basis.by === 'trial') plan.used = text(basis.used, units.tank);
		else plan.time = text(basis.time, 's');
		plan.patch = text(basis.patch, units.side === 'm' ? 'm2' : 'ft2');
	} else if (basis.by === 'surface') plan.surface = text(basis.volume, settings.rateUnit);
	plan.day = job.day;
	plan.tank = text(job.tank, units.tank);
	plan.sprayed = percent(job.sprayed ?? 1);
	plan.lines = [];
	for (const product of job.products) {
		if (!products.some((p) => p.id === product.id)) continue;
		plan.addLine();
		const line = plan.lines.at(-1)!;
		plan.pick(line, product.id);
		line.dose = text(product.dose, product.label.state === 'dry' ? units.dryDose : units.dose);
		line.per = product.per ?? '';
		line.dilution = product.dilution ?? '';
	}
	if (plan.lines.length === 0) plan.addLine();
	plan.split = job.split;
	plan.harvest = job.harvest ?? '';
	if (job.pace) {
		const { fill, drive, efficiency, start, end } = job.pace;
		plan.fill = text(fill, 'min');
		plan.drive = text(drive, 'min');
		plan.efficiency = percent(efficiency);
		plan.start = start;
		plan.end = end;
		plan.oneWay = job.pace.oneWay ?? false;
	}
	if (job.dilute) plan.dilute = text(job.dilute, settings.rateUnit);
	plan.drops = job.drops ?? plan.drops;
	for (const { reason, ...stop } of job.passed ?? []) plan.reasons[stopKey(stop)] = reason;
	plan.reason = job.reason;
	plan.notes = job.notes;
}
