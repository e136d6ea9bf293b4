import type { SprayerKind } from '../../core';
import { twoSided } from '../../core';

/** What a rig's nozzles and sections are called. */
export interface NozzleNames {
	/** In a sentence: `Nozzle 9`, `Right 4`. */
	readonly nozzle: (n: number) => string;
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
	return spans.map(([a, b]) => (a === b ? name(a) : `${name(a)} to ${name(b)}`)).join(', ');
}

export const boomNames: NozzleNames = {
	nozzle: (n) => `Nozzle ${n}`,
	short: (n) => `${n}`,
	section: (section) => `Section ${section + 1}`
};

/** An arc counts each side from the bottom up; all else counts from the left. */
export function namesOf(rig: { readonly kind: SprayerKind; readonly sections: readonly number[] }): NozzleNames {
	const sides = ['Left side', 'Right side'];
	const section = (s: number) => (twoSided(rig) ? sides[s]! : `Section ${s + 1}`);
	if (rig.kind !== 'airblast') return { ...boomNames, section };
	const left = rig.sections[0] ?? 0;
	const place = (n: number) => (n <= left ? n : n - left);
	return {
		nozzle: (n) => `${n <= left ? 'Left' : 'Right'} ${place(n)}`,
		short: (n) => `${place(n)}`,
		section
	};
}
