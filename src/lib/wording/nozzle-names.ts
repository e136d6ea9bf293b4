import { m } from '$words';
import type { SprayerKind } from '../../core';
import { twoSided } from '../../core';

/** What a sprayer's nozzles and sections are called. */
export interface NozzleNames {
	/** In a sentence: `Nozzle 9`, `Right 4`. */
	readonly nozzle: (n: number) => string;
	/** In a list whose head says nozzle: `9`, `Right 4`. */
	readonly listed: (n: number) => string;
	/** On the drawing: `9`, `4`. */
	readonly short: (n: number) => string;
	readonly section: (section: number) => string;
}

/** Nozzles by their names, those beside each other in one: `nozzle 3 to nozzle 5, nozzle 9`. */
export function nozzleSpans(numbers: readonly number[], names: NozzleNames): string {
	const spans: [number, number][] = [];
	for (const n of [...numbers].sort((a, b) => a - b)) {
		const last = spans.at(-1);
		if (last && last[1] === n - 1) last[1] = n;
		else spans.push([n, n]);
	}
	const name = (n: number) => names.nozzle(n).toLowerCase();
	return spans.map(([a, b]) => (a === b ? name(a) : m.to_a({ a: name(a), b: name(b) }))).join(', ');
}

export const boomNames: NozzleNames = {
	nozzle: (n) => m.nozzle_n({ n }),
	listed: (n) => `${n}`,
	short: (n) => `${n}`,
	section: (section) => m.section({ section: section + 1 })
};

interface NamedSprayer {
	readonly kind: SprayerKind;
	readonly sections: readonly number[];
	readonly sectionNames?: readonly string[] | undefined;
	readonly stacked?: number | undefined;
}

/** A section as people say it where nobody has named it. */
function usualSection(sprayer: NamedSprayer, s: number): string {
	const count = sprayer.sections.length;
	if (twoSided(sprayer)) return [m.left_side(), m.right_side()][s]!;
	if (count === 1) return sprayer.kind === 'boom' ? m.whole_boom() : m.all_of_it();
	if (count === 2) return [m.left_section(), m.right_section()][s]!;
	return count === 3 ? [m.left_section(), m.centre_section(), m.right_section()][s]! : m.section_s({ s: s + 1 });
}

/** A place along a boom or an arc, with the letter of the nozzle at it where several are stacked. */
const placeOf = (n: number, stacked: number): string =>
	stacked > 1 ? `${Math.ceil(n / stacked)}${String.fromCharCode(97 + ((n - 1) % stacked))}` : `${n}`;

/** An arc counts each side from the bottom up; all else counts from the left. Names that the owner gave stand before the usual ones. */
export function namesOf(sprayer: NamedSprayer): NozzleNames {
	const { stacked = 1, sectionNames } = sprayer;
	const section = (s: number) => sectionNames?.[s] ?? usualSection(sprayer, s);
	if (sprayer.kind !== 'airblast') {
		const short = (n: number) => placeOf(n, stacked);
		return { nozzle: (n) => m.nozzle_n({ n: short(n) }), listed: short, short, section };
	}
	const left = sprayer.sections[0] ?? 0;
	const place = (n: number) => placeOf(n <= left ? n : n - left, stacked);
	const side = (n: number) => sectionNames?.[n <= left ? 0 : 1] ?? (n <= left ? m.left_title() : m.right_title());
	const named = (n: number) => `${side(n)} ${place(n)}`;
	return { nozzle: named, listed: named, short: place, section };
}
