import type { Exercise } from '$core';
import { practiceRigs } from '$core';
import type { StepName } from '$lib/calibration/round-steps';

/** What of the yard stands beside a step. */
export type Scene = 'course' | 'ground' | 'jugs' | 'tank' | 'thrown' | 'taped' | 'sprayer';

export function sceneOf(step: StepName, exercise: Pick<Exercise, 'rig'>): Scene {
	const { kind } = practiceRigs[exercise.rig].rig;
	switch (step) {
		case 'speed':
			return 'course';
		case 'plot':
			return 'ground';
		case 'flow':
			return 'jugs';
		case 'tank':
			return 'tank';
		case 'swath':
			return kind === 'boomless' ? 'thrown' : 'taped';
		default:
			return 'sprayer';
	}
}
