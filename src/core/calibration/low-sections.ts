import { evenBand, inclusive } from './even-reference';
import { median } from './median';
import { blockedShare } from './verdict';

/** All nozzles of a section that is low lie at least so far under the best one. */
const allUnder = 0.025;

export interface LowSection {
	readonly section: number;
	/** Its middle under that of the best section, as a share below 0. */
	readonly share: number;
}

/**
 * Sections of a boom (or sides of an arc) that are low as a whole against the best one: their middle by more than 5 %, and
 * all of their nozzles together. A choked filter, a valve or a hose takes pressure away and never brings any, so that the
 * best section is the sound one, however many are low.
 *
 * values: what each caught nozzle gave over the middle of its group; sections: of each, in the same order. Blocked nozzles
 * say nothing of their section, and neither does a section of one.
 * @example
 * lowSections([1, 1.01, 0.99, 0.9, 0.91, 0.89], [0, 0, 0, 1, 1, 1]).map((s) => [s.section, s.share.toFixed(2)]) // => [[1,"-0.10"]]
 * lowSections([1, 1, 0.8, 1], [0, 0, 1, 1]) // => []
 */
export function lowSections(values: readonly number[], sections: readonly number[]): LowSection[] {
	const whole = values.length > 0 ? median(values) : 0;
	const by = new Map<number, number[]>();
	values.forEach((value, i) => {
		if (value < blockedShare * whole || value === 0) return;
		const known = by.get(sections[i]!);
		if (known) known.push(value);
		else by.set(sections[i]!, [value]);
	});
	const told = [...by].flatMap(([section, list]) =>
		list.length >= 2 ? [{ section, list, middle: median(list), even: evenInItself(list) }] : []
	);
	if (told.length < 2) return [];
	const top = Math.max(...told.filter((s) => s.even).map((s) => s.middle));
	if (!Number.isFinite(top)) return [];
	return told.flatMap(({ section, list, middle }) => {
		const share = middle / top - 1;
		return share < -evenBand - inclusive && list.every((v) => v < top * (1 - allUnder)) ? [{ section, share }] : [];
	});
}

/** All nozzles but one of a section of three or more, and both of a section of two, are even with its middle. */
function evenInItself(list: readonly number[]): boolean {
	const middle = median(list);
	const out = list.filter((v) => Math.abs(v / middle - 1) > evenBand + inclusive).length;
	return out <= (list.length > 2 ? 1 : 0);
}
