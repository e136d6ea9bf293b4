import type { Exercise, YardAction } from '$core';
import { actionTime, atNozzle, faultsOf, practiceSprayers, si } from '$core';
import type { FaultKind, Machine } from '$core';

/** Things to look at and to do in a yard beside measuring, for its kind of sprayer. */
export function toolsFor(exercise: Pick<Exercise, 'sprayer'>, nozzle: number): readonly YardAction[] {
	const own = practiceSprayers[exercise.sprayer];
	const { kind, sections } = own.sprayer;
	const onFoot = kind === 'knapsack';
	return [
		{ do: 'tape', what: onFoot ? 'ground' : 'course' },
		...(onFoot ? [{ do: 'tape', what: 'course' } as const] : [{ do: 'tape', what: 'ground' } as const]),
		...(kind === 'boomless' ? [] : [{ do: 'tape', what: 'spacing' } as const]),
		...(kind === 'boom' ? [{ do: 'tape', what: 'height' } as const] : []),
		{ do: 'check-jug' },
		...(own.gauge ? [{ do: 'test-gauge' } as const] : []),
		...(own.counter ? [{ do: 'count-revs' } as const] : []),
		{ do: 'check-sight' },
		{ do: 'look-fans' },
		{ do: 'read-stamp', nozzle },
		{ do: 'brush', nozzle },
		{ do: 'replace', nozzle },
		...(own.sprayer.nozzles > 1 ? [{ do: 'replace', nozzle: null } as const] : []),
		...(onFoot
			? []
			: [
					{ do: 'open-filter', section: null } as const,
					...sections.map((_, s) => ({ do: 'open-filter', section: s + 1 }) as const)
				]),
		...(kind === 'boom' ? [{ do: 'replace-hose' } as const] : [])
	];
}

/** What a tool takes, s. */
export const toolTime = (action: YardAction, machine: Machine): number => actionTime(action, machine, si<'time'>(0));

/** What can be said to be wrong with an exercise's sprayer, in groups. */
export function claimGroups(exercise: Pick<Exercise, 'sprayer'>): {
	readonly nozzle: readonly FaultKind[];
	readonly sprayer: readonly FaultKind[];
	readonly measuring: readonly FaultKind[];
} {
	const own = practiceSprayers[exercise.sprayer];
	const kinds = faultsOf[own.sprayer.kind];
	const measured: readonly FaultKind[] = [
		'jug-high',
		'jug-low',
		'course-long',
		'course-short',
		'sight-high',
		'sight-low',
		'dial-fast',
		'dial-slow',
		'gauge-high',
		'gauge-low',
		'revs-high',
		'revs-low'
	];
	return {
		nozzle: kinds.filter(atNozzle),
		sprayer: kinds.filter((kind) => !atNozzle(kind) && !measured.includes(kind)),
		measuring: kinds.filter((kind) => measured.includes(kind))
	};
}
