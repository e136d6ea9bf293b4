import { sectionOfNozzles } from '$core';

/** One nozzle of a drawn boom: its number, its section, and where it hangs, as a share of the swath from the left. */
export interface DrawnNozzle {
	readonly n: number;
	readonly section: number;
	readonly on: boolean;
	/** 0 is the left edge of the swath, 1 the right: half a spacing lies outside the outermost nozzles. */
	readonly x: number;
}

/** Nozzles of a boom, left to right. */
export function drawnNozzles(sections: readonly number[], off: readonly number[]): DrawnNozzle[] {
	const bySection = sectionOfNozzles(sections);
	return bySection.map((section, i) => ({
		n: i + 1,
		section,
		on: !off.includes(section),
		x: (i + 0.5) / bySection.length
	}));
}

/** Most jugs side by side that can still be read and typed into. */
const jugsInView = 12;

/** Nozzles cut into views of at most `most`, as even as they come, so that no view holds a lone jug. */
export function views(nozzles: readonly number[], most: number = jugsInView): number[][] {
	const count = Math.max(1, Math.ceil(nozzles.length / most));
	const size = nozzles.length / count;
	return Array.from({ length: count }, (_, i) => nozzles.slice(Math.round(i * size), Math.round((i + 1) * size)));
}

/** Marks on a jug: a round step that gives three to six of them up to the top, all in one unit. */
export function jugMarks(top: number): number[] {
	const rough = top / 6;
	const power = 10 ** Math.floor(Math.log10(rough));
	const step = [1, 2, 2.5, 5, 10].map((s) => s * power).find((s) => s >= rough) ?? 10 * power;
	return Array.from({ length: Math.floor(top / step + 1e-9) }, (_, i) => (i + 1) * step);
}
