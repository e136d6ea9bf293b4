import type { AnyCheck, RigCheck, SprayerKind } from '$core';

/** What to do in the walk round the sprayer, and why. */
export const rigCheckWords: Record<RigCheck, { readonly title: string; readonly why: string }> = {
	clean: {
		title: 'Rinsed and clean',
		why: 'The sprayer has held pesticide: rinse tank, boom and filters before you wade in.'
	},
	'half-full': { title: 'Half full of clean water', why: 'Weight sets tyre and speed. Calibrate with water only.' },
	'no-leaks': {
		title: 'No leaks above working pressure',
		why: 'Run it a little higher than you spray, once. What drips is not in the jug.'
	},
	filters: { title: 'Filters clean', why: 'A choked filter looks like a worn pump.' },
	'same-nozzles': {
		title: 'Same nozzle everywhere',
		why: 'Read the stamp on each: one odd size spoils every comparison.'
	},
	'fan-angle': {
		title: 'Fans turned a few degrees',
		why: 'Fans in line with the boom hit each other and leave strips. All turned the same way.'
	},
	patterns: {
		title: 'Patterns whole, seen from behind',
		why: 'Striped, bent or one-sided: clean or replace the nozzle before you catch.'
	},
	overlap: {
		title: 'Overlap even on dry pavement',
		why: 'Spray water on a dry yard and watch it dry: stripes are too little or too much overlap.'
	},
	gauge: { title: 'Gauge moves and rests at zero', why: 'The calibration checks the gauge; it must at least move.' },
	'nozzle-pressure': {
		title: 'Pressure at a nozzle read once',
		why: 'Over a tenth less than at the gauge is lost in hose and filter: that is what the nozzles get.'
	},
	agitation: {
		title: 'Agitation and bypass as for spraying',
		why: 'What they take of the pump is missing at the nozzles. Set them as you will spray.'
	},
	height: { title: 'Boom level, at working height', why: 'The height that you spray at: it sets overlap and swath.' },
	engine: { title: 'Engine warm, at full throttle', why: 'A cold or idling blower throws less air and less liquid.' },
	shafts: {
		title: 'PTO and engine speed read',
		why: 'Two figures: the PTO drives the pump, the engine the wheels. Note both at the sign-off.'
	},
	hoses: { title: 'Hoses and clamps sound', why: 'A soft or cracked hose bursts where you stand.' },
	guards: { title: 'PTO and pump guards on', why: 'Stop the engine before hands go near.' },
	'air-gap': {
		title: 'Air gap or check valve on the fill hose',
		why: 'A hose end in the tank can suck the mix back into the well.'
	},
	kit: { title: 'Kit to hand', why: 'Tape, flags, jug marked “pesticide only”, soft brush, spare nozzles.' },
	gloves: { title: 'Gloves, eye cover and boots on', why: 'Clean water does not make the sprayer clean.' }
};

const own = 'own:';
const isOwn = (check: AnyCheck): check is `own:${string}` => check.startsWith(own);

/** The name of a check; one of the farm's own is its words. */
export const checkTitle = (check: AnyCheck): string =>
	isOwn(check) ? check.slice(own.length) : rigCheckWords[check].title;

/** Why a check is made, on a sprayer of a kind, in the farm's measures: heights are told for booms alone. */
export function rigCheckWhy(check: AnyCheck, kind: SprayerKind, metric: boolean): string {
	if (isOwn(check)) return 'A check of this farm.';
	if (check === 'height' && kind === 'boom')
		return metric
			? '110° at 50 cm spacing wants 45 to 50 cm above the target, 80° about 70 to 75 cm.'
			: '110° at 20 in spacing wants 18 to 20 in above the target, 80° about 28 to 30 in.';
	if (check === 'same-nozzles' && kind !== 'boom')
		return 'Read the stamp on each: one odd size among its own spoils every comparison.';
	return rigCheckWords[check].why;
}
