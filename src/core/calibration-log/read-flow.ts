import type { Catch, FlowReading, NozzleCatches } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import type { BucketTake, FoldedCalibration, Take } from './fold-calibration';
import { nozzlesOn } from '../sprayer/nozzles-on';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { sidesOfNozzles } from '../sprayer/sides-of-nozzles';
import { sectionOfNozzles } from '../sprayer/section-of-nozzles';
import { Reader } from './calibration-reader';
import type { Mass, Flow, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** The catches of a calibration so far: those of the nozzles that are on, with the jug, the gauge and the time they go with. */
export function readFlow(sprayer: SprayerNumbers, calibration: FoldedCalibration): Result<FlowReading> {
	const r = new Reader();
	const on = nozzlesOn(sprayer.sections, calibration.off);
	if (on.length === 0) r.issues.push({ code: 'all-sections-off', path: 'width.on' });
	const catches = on.map((nozzle): NozzleCatches => {
		const counted = calibration.nozzles.get(nozzle)?.takes.filter((t) => t.counts) ?? [];
		return counted.length > 0 ? counted.map((take) => readTake(r, take, `flow.catches.${nozzle}`)) : null;
	});
	// A bucket of nozzles that are off by now says nothing of those that are on.
	const together = calibration.buckets
		.filter((b) => b.counts && b.nozzles.every((n) => on.includes(n)))
		.map((b) => ({
			places: b.nozzles.map((n) => on.indexOf(n)),
			amount: readAmount(r, b.amount, `flow.together.${b.id}`),
			...(b.marked && { graduation: r.need(b.marked, `flow.together.${b.id}.graduation`) })
		}));
	const sections = sectionOfNozzles(sprayer.sections);
	const sides = sidesOfNozzles(sprayer);
	const groups = calibration.groups === undefined ? sprayer.groups : calibration.groups;
	return r.result({
		time: r.may(calibration.catchTime, 'flow.time'),
		catches,
		...(together.length > 0 && { together }),
		numbers: on,
		sections: on.map((n) => sections[n - 1]!),
		sides: sides && on.map((n) => sides[n - 1]!),
		groups: groups ? on.map((n) => groups[n - 1]!) : undefined,
		oneSize: calibration.groups === null ? true : undefined,
		graduation: r.may(calibration.jug, 'flow.graduation'),
		rated: sprayer.rated ?? undefined,
		ratings: sprayer.ratings ?? undefined,
		pressure: r.may(calibration.gauge, 'flow.pressure')
	});
}
export const readTake = (r: Reader, take: Take, path: string): Catch => readAmount(r, take.amount, path);

const readAmount = (r: Reader, amount: Take['amount'] | BucketTake['amount'], path: string): Catch => {
	const value = r.need(amount, path);
	const kind = amount.read.ok ? amount.read.value.kind : 'volume';
	if (kind === 'mass') return { mass: si<'mass'>(value) as Mass };
	return kind === 'flow' ? { flow: si<'flow'>(value) as Flow } : { volume: si<'volume'>(value) as Volume };
};
