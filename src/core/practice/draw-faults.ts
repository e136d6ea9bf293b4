import type { Chance } from './chance';
import type { Exercise } from './exercises';
import type { Fault, FaultKind } from './faults';
import { atNozzle, atSection, faultSizes, thingOf } from './faults';
import type { Machine } from './machine';

/**
 * The faults of an exercise: as many as it has, each of another thing, each with a place and a size.
 *
 * Source: drawn evenly from the exercise's list and from the usual sizes of each fault.
 * @example
 * const { machine } = openYard(exercises[0], 1);
 * drawFaults({ count: 1, of: ['section-filter'] }, machine, new Chance(3, 'faults'))[0].kind // => "section-filter"
 */
export function drawFaults(asked: Exercise['faults'], machine: Machine, chance: Chance): readonly Fault[] {
	const faults: Fault[] = [];
	let open: readonly FaultKind[] = asked.of;
	while (faults.length < asked.count && open.length > 0) {
		const kind = chance.pick(open);
		const [least, most] = faultSizes[kind];
		const at = atNozzle(kind)
			? chance.whole(1, machine.nozzles.length)
			: atSection(kind)
				? chance.whole(1, machine.sections.length)
				: null;
		faults.push({ kind, at, size: chance.between(least, most) });
		open = open.filter((other) => thingOf(other) !== thingOf(kind));
	}
	return faults;
}
