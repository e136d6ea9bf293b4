import type { Catch, FlowReading, NozzleCatches } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import type { BucketTake, Round, Take } from './fold-round';
import { nozzlesOn } from './nozzles-on';
import type { RigNumbers } from './rig';
import { sidesOfNozzles } from './sides-of-nozzles';
import { sectionOfNozzles } from './section-of-nozzles';
import { Reader } from './round-reader';
import type { Mass, Flow, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** The catches of a round so far: those of the nozzles that are on, with the jug, the gauge and the time they go with. */
export function roundFlow(rig: RigNumbers, round: Round): Result<FlowReading> {
	const r = new Reader();
	const on = nozzlesOn(rig.sections, round.off);
	if (on.length === 0) r.issues.push({ code: 'all-sections-off', path: 'width.on' });
	const catches = on.map((nozzle): NozzleCatches => {
		const counted = round.nozzles.get(nozzle)?.takes.filter((t) => t.counts) ?? [];
		return counted.length > 0 ? counted.map((take) => readTake(r, take, `flow.catches.${nozzle}`)) : null;
	});
	// A bucket of nozzles that are off by now says nothing of those that are on.
	const together = round.buckets
		.filter((b) => b.counts && b.nozzles.every((n) => on.includes(n)))
		.map((b) => ({
			places: b.nozzles.map((n) => on.indexOf(n)),
			amount: readAmount(r, b.amount, `flow.together.${b.id}`),
			...(b.marked && { graduation: r.need(b.marked, `flow.together.${b.id}.graduation`) })
		}));
	const sections = sectionOfNozzles(rig.sections);
	const sides = sidesOfNozzles(rig);
	const groups = round.groups === undefined ? rig.groups : round.groups;
	return r.result({
		time: r.may(round.catchTime, 'flow.time'),
		catches,
		...(together.length > 0 && { together }),
		numbers: on,
		sections: on.map((n) => sections[n - 1]!),
		sides: sides && on.map((n) => sides[n - 1]!),
		groups: groups ? on.map((n) => groups[n - 1]!) : undefined,
		oneSize: round.groups === null ? true : undefined,
		graduation: r.may(round.jug, 'flow.graduation'),
		rated: rig.rated ?? undefined,
		ratings: rig.ratings ?? undefined,
		pressure: r.may(round.gauge, 'flow.pressure')
	});
}
export const readTake = (r: Reader, take: Take, path: string): Catch => readAmount(r, take.amount, path);

const readAmount = (r: Reader, amount: Take['amount'] | BucketTake['amount'], path: string): Catch => {
	const value = r.need(amount, path);
	const kind = amount.read.ok ? amount.read.value.kind : 'volume';
	if (kind === 'mass') return { mass: si<'mass'>(value) as Mass };
	return kind === 'flow' ? { flow: si<'flow'>(value) as Flow } : { volume: si<'volume'>(value) as Volume };
};
