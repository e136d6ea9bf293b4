import type { ChangedThing, Entry } from '$core';
import type { StepName } from './calibration-steps';

/** The first step that has to be measured again after a change, by how the calibration before was made. */
export function firstStep(changed: readonly ChangedThing[], entries: readonly Entry[]): StepName {
	const has = (kind: Entry['kind']) =>
		entries.some((e) => e.kind === kind || (e.kind === 'carry' && e.entries.some((c) => c.kind === kind)));
	// Who carries it is asked on the first step.
	if (changed.includes('person')) return 'ready';
	const paced = changed.includes('gear') || changed.includes('engine');
	if (paced && has('plot-run')) return 'plot';
	if (paced && (has('run') || has('track'))) return 'speed';
	if (changed.includes('width') && (has('wetted') || has('pans'))) return 'swath';
	if (has('used') && !has('catch')) return 'tank';
	return 'flow';
}
