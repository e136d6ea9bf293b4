import type { Entry, EntryBody, Exercise, Typed } from '$core';
import { practiceSprayers } from '$core';
import type { CalibrationHead } from '$lib/wire/calibration-message';
import type { YardHead } from './yard-log';

/** A sprayer of the yard is nobody's: no farm has one with this id. */
const yardSprayer = '00000000-0000-4000-8000-000000000000';

/** The calibration that is worked on in a yard. It has the yard's id, and never leaves the practice's own store. */
export const calibrationHeadOf = (head: YardHead, exercise: Pick<Exercise, 'sprayer'>): CalibrationHead => ({
	id: head.id,
	sprayerId: yardSprayer,
	startedAt: head.begunAt,
	rig: practiceSprayers[exercise.sprayer].sprayer
});

/** What is settled before the first reading: the way it is measured, the jug's marks, and how long a jug is held. */
export function firstEntries(
	exercise: Pick<Exercise, 'method' | 'sprayer' | 'school'>,
	stamp: (seq: number) => Pick<Entry, 'id' | 'seq' | 'at'>
): readonly Entry[] {
	const own = practiceSprayers[exercise.sprayer];
	const half: Typed = { text: '30', unit: 's', gallon: 'US' };
	const method = exercise.method === 'course-catch' ? 'speed-width-flow' : exercise.method;
	const bodies: EntryBody[] = [
		{ kind: 'method', method },
		{ kind: 'jug', graduation: own.jug.marks },
		...(exercise.method === 'speed-width-flow' ? [{ kind: 'catch-time', time: half } as const] : []),
		...(own.sprayer.rowSpacing ? [{ kind: 'rows', spacing: own.sprayer.rowSpacing, alleys: 'every' } as const] : []),
		...(own.sprayer.kind === 'boomless' && exercise.school !== 'pans'
			? [{ kind: 'school', school: 'share', share: 0.85 } as const]
			: []),
		// The plot is laid out already, as it is said to be: a tape tells whether it is so.
		...(exercise.method === 'plot-catch' ? [{ kind: 'plot', ground: { by: 'sides', ...own.ground } } as const] : []),
		...(own.sprayer.kind === 'knapsack' ? [{ kind: 'school', school: 'full' } as const] : [])
	];
	return bodies.map((body, seq): Entry => ({ ...body, ...stamp(seq) }));
}
