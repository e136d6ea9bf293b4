import type { RigCheck, SprayerKind } from '$core';

/** What to do in the walk round the rig, and why. */
export const rigCheckWords: Record<RigCheck, { readonly title: string; readonly why: string }> = {
	clean: {
		title: 'Rinsed and clean',
		why: 'The rig has held pesticide: rinse tank, boom and filters before you wade in.'
	},
	'half-full': { title: 'Half full of clean water', why: 'Weight sets tyre and speed. Calibrate with water only.' },
	'no-leaks': { title: 'No leaks or drips', why: 'What drips off the boom is not in the jug.' },
	filters: { title: 'Filters clean', why: 'A choked filter looks like a worn pump.' },
	'same-nozzles': {
		title: 'Same nozzle everywhere',
		why: 'Read the stamp on each: one odd size spoils every comparison.'
	},
	gauge: { title: 'Gauge reads and rests at zero', why: 'The round checks the gauge; it must at least move.' },
	height: { title: 'Level, at working height', why: 'The height that you spray at: it sets overlap and swath.' },
	guards: { title: 'PTO and pump guards on', why: 'Stop the engine before hands go near.' },
	kit: { title: 'Kit to hand', why: 'Tape, flags, jug marked “pesticide only”, soft brush, spare nozzles.' },
	gloves: { title: 'Gloves, eye cover and boots on', why: 'Clean water does not make the rig clean.' }
};

/** Why a check is made, on a sprayer of a kind, in the farm's measures: heights are told for booms alone. */
export function rigCheckWhy(check: RigCheck, kind: SprayerKind, metric: boolean): string {
	if (check === 'height' && kind === 'boom')
		return metric
			? '110° at 50 cm spacing wants 45 to 50 cm above the target, 80° about 70 to 75 cm.'
			: '110° at 20 in spacing wants 18 to 20 in above the target, 80° about 28 to 30 in.';
	if (check === 'same-nozzles' && kind !== 'boom')
		return 'Read the stamp on each: one odd size among its own spoils every comparison.';
	return rigCheckWords[check].why;
}
