import { sectionOfNozzles } from './section-of-nozzles';

/** Nozzles that spray: those whose section is not off. Numbers from 1, in the order of the sprayer. */
export function nozzlesOn(sections: readonly number[], off: readonly number[]): number[] {
	return sectionOfNozzles(sections).flatMap((section, i) => (off.includes(section) ? [] : [i + 1]));
}
