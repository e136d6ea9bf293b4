/** Section (from 0) of every nozzle, in the order of the sprayer. */
export const sectionOfNozzles = (sections: readonly number[]): number[] =>
	sections.flatMap((size, section) => Array.from({ length: size }, () => section));
