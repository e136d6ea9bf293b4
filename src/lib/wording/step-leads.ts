import type { RoundMethod, SprayerKind } from '$core';

type Step = 'ready' | 'speed' | 'swath' | 'plot' | 'flow' | 'tank' | 'volume' | 'adjust' | 'sign-off';

/** What to do in a step, in a sentence, in the words of its kind of rig. */
export function stepLead(step: Step, kind: SprayerKind, method: RoundMethod): string {
	switch (step) {
		case 'ready':
			return 'Walk round it once. Tick what holds; nothing here stops you, but each saves a second calibration.';
		case 'speed':
			return kind === 'knapsack'
				? 'Tank half full, at the pace you spray at, already walking at the first flag.'
				: 'Tank half full, in the gear and rpm you spray in, already at speed at the first flag. Both ways on a slope.';
		case 'swath':
			return {
				boom: 'Nozzles that spray × their spacing. Switch a section off by touching it.',
				boomless: 'On dry hard ground, where the wet shows. Pick whose width you drive by.',
				airblast: 'What one pass serves: row spacing, alleys driven, sides that spray.',
				knapsack: 'The strip that one walk wets, at the height you spray from.'
			}[kind];
		case 'plot':
			return method === 'plot-catch'
				? 'Lay it out, spray it evenly with water as you would your crop, and time it. Two or three goes.'
				: 'A known piece of ground, sprayed evenly with clean water.';
		case 'flow':
			if (kind === 'airblast')
				return 'Fan off, pump at its rpm. Slip a hose over each nozzle and catch it for the same time.';
			if (kind === 'knapsack') return 'Clean water from the nozzle into a jug, same pressure, same strokes.';
			return 'Clean water from every nozzle for the same time, sprayer parked, same rpm and pressure.';
		case 'tank':
			return method === 'parked-drop'
				? 'Park level, run at the same rpm for as long as the course took, and read what left the tank.'
				: 'What the ground took: read the tank before and after, or bring it back to its mark.';
		case 'volume':
			return kind === 'knapsack'
				? 'What this person with this sprayer puts on the ground.'
				: 'What this sprayer puts on the ground at this speed, pressure and swath.';
		case 'adjust':
			return 'Is it what you want? If not, what to change, and what that will bring.';
		case 'sign-off':
			return 'Whose calibration this is, and what the sprayer was set to.';
	}
}
