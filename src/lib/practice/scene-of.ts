import type { Exercise } from '$core';
import { practiceSprayers } from '$core';
import type { StepName } from '$lib/calibration/calibration-steps';

/** What of the yard stands beside a step. */
export type Scene = 'course' | 'ground' | 'jugs' | 'tank' | 'thrown' | 'taped' | 'sprayer';

export function sceneOf(step: StepName, exercise: Pick<Exercise, 'sprayer'>): Scene {
	const { kind } = practiceSprayers[exercise.sprayer].sprayer;
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
