import { asWritten } from './as-written';
import type { Issue } from '../../core';

/** An example that works, by what was wanted. */
const examples: Record<string, string> = {
	length: '60 m, 200 ft or 18 ft 6 in',
	area: '6.3 ha, 15.5 ac or 1000 ft2',
	volume: '600 L, 2 gal 1 qt or 19.2 fl oz',
	time: '27.4 s, 0:55 or 1 min 5 s',
	mass: '652 g or 14 oz',
	speed: '7.9 km/h or 4.9 mph',
	pressure: '3 bar or 40 psi',
	flow: '1.2 L/min or 0.3 gal/min',
	volumePerArea: '180 L/ha or 20 gal/ac',
	massPerArea: '1.5 kg/ha or 14 oz/ac',
	'volume|mass': '19.2 fl oz, 568 ml or 566 g',
	'volumePerArea|massPerArea': '2 L/ha, 14 oz/ac, 0.1 %, 100 ml/100 L or 60 ml in 5 L',
	percent: '0.1 %',
	nozzles: '12',
	sections: '4, 4, 4',
	rpm: '540',
	rating: '1.5 = 1.48 L/min',
	point: '2 bar = 0.98 L/min',
	drops: '2 bar = coarse',
	filter: 'air-induction 03 shed <3 bar',
	gravity: '1.28',
	kind: 'flat-fan, air-induction or hollow-cone',
	interval: '12',
	mixes: 'dry, suspension, emulsion, solution or wetter',
	state: 'liquid or dry',
	fill: 'third or half-product',
	rows: '31',
	number: '12.5',
	day: '2026-03-14',
	person: 'A. Sample',
	yesNo: 'yes or no',
	clock: '07:30',
	temperature: '18 °C or 64 °F',
	degrees: 'SW or 225',
	humidity: '55',
	corner: '47.10512, 8.50321',
	plantBack: 'clover = 120',
	active: 'ochrate = 480 g/L',
	content: '480 g/L, 4 lb/gal, 75 % (dry) or 48 % w/v',
	density: '1.28 kg/L or 10.7 lb/gal',
	per: 'treated or field',
	dilution: 'dilute or mix',
	dropClass: 'medium or very-coarse',
	neighbour: 'water, hives or houses',
	reason: 'adviser’s written advice of 3 May',
	name: 'Orchard cone 1.5',
	'volume|mass|flow': '19.2 fl oz, 568 ml, 566 g or 1.2 L/min'
};

const thing: Record<string, string> = {
	length: 'a length',
	area: 'an area',
	volume: 'a volume',
	time: 'a time',
	mass: 'a weight',
	speed: 'a speed',
	pressure: 'a pressure',
	flow: 'a flow',
	volumePerArea: 'a volume per area',
	massPerArea: 'a weight per area',
	'volume|mass': 'a volume or a weight of water',
	'volumePerArea|massPerArea': 'a dose',
	percent: 'a percent of the mix',
	rating: 'a size and its flow',
	point: 'a pressure and its flow',
	drops: 'a pressure and its drop size',
	filter: 'a limit',
	kind: 'a kind of nozzle',
	interval: 'a number of hours or days',
	mixes: 'a way of mixing',
	state: 'what it is',
	fill: 'a way of filling',
	rows: 'a number of rows',
	number: 'a number over nothing',
	day: 'a day',
	person: 'who sprayed',
	yesNo: 'yes or no',
	record: 'a part of a record',
	clock: 'a time of the day',
	temperature: 'a temperature',
	degrees: 'where a wind comes from',
	humidity: 'a humidity in per cent',
	corner: 'a corner: latitude, longitude',
	label: 'a part of a product',
	plantBack: 'a crop and its days',
	active: 'an active ingredient and its content',
	content: 'how much active ingredient the product holds',
	density: 'a density',
	per: 'the area that a dose is of',
	dilution: 'what a dose per 100 L is of',
	dropClass: 'a drop size',
	neighbour: 'something beside a field',
	reason: 'a reason',
	working: 'a sum of numbers with + − × ÷ and brackets',
	name: 'a name',
	'volume|mass|flow': 'a volume, a weight of water or a flow'
};

const places: Record<string, string> = {
	'speed.course': 'the course length',
	'speed.times': 'the runs',
	'flow.time': 'the catch time',
	'width.on': 'the number of nozzles on',
	'width.wetted': 'the wetted width',
	'width.school': 'how the wetted width is used: pick one of the answers',
	'width.pans': 'the row of pans',
	'width.catches': 'some of the pans',
	'width.maker': 'the maker’s swath',
	'width.asked': 'the width that you drive',
	'width.edgeOverlap': 'the overlap at each edge',
	'width.rowSpacing': 'the row spacing',
	area: 'the ground that was sprayed',
	'area.length': 'the length of the plot',
	'area.width': 'the width of the plot',
	used: 'what the tank says',
	'speed.track': 'a track with a steady part',
	spacing: 'the nozzle spacing',
	speed: 'the ground speed',
	rate: 'the spray volume',
	'flow.pressure': 'the pressure at the gauge',
	width: 'the swath',
	points: 'at least one pressure with its flow',
	rows: 'the rows: how many, how long, how far apart',
	pack: 'what one container of a product holds',
	boundary: 'a boundary, drawn or from a file',
	blocks: 'the ground: pick at least one block',
	total: 'how much of the product: a total, or a dose'
};

/**
 * What is wrong, in words: what was typed, why it does not do, and an example that does. The only place where issue
 * codes become sentences.
 */
export function wordIssue(issue: Issue): string {
	const { bound, comma = false } = issue;
	if (bound === undefined || typedBounds.has(issue.code)) return words(issue);
	return words({ ...issue, bound: asWritten(bound, comma) });
}

/** Their bound is what somebody typed, and stays as it is. */
const typedBounds: ReadonlySet<Issue['code']> = new Set([
	'comma',
	'upside-down',
	'no-orifice',
	'which-active',
	'ring-open'
]);

/** What a sentence is made of: what was typed in quotes, what was wanted, and an example that works. */
interface Said {
	readonly typed: string;
	readonly wanted: string;
	readonly such: string;
	readonly issue: Issue;
}

function words(issue: Issue): string {
	const example = exampleOf(issue.wanted ?? '', issue.comma);
	const sentence = sentences[issue.code];
	if (typeof sentence === 'string') return sentence;
	return sentence({
		typed: issue.text === undefined || issue.text === '' ? '' : `“${issue.text}”`,
		wanted: thing[issue.wanted ?? ''] ?? 'what belongs here',
		such: example ? ` Write it like ${example}.` : '',
		issue
	});
}

const sentences: Record<Issue['code'], string | ((said: Said) => string)> = {
	empty: ({ such }) => `Nothing is written here.${such}`,
	unreadable: ({ typed, such, wanted }) => `${typed} cannot be read as ${wanted}.${such}`,
	comma: ({ typed, issue }) =>
		`${typed} could be read in two ways. This farm's decimal sign is ${issue.bound === ',' ? 'a comma: write 0,5' : 'a point: write 0.5'}. To change it, open Farm, “Decimal sign”.`,
	'no-unit': ({ typed, such }) => `${typed} has no unit.${such}`,
	'unknown-unit': ({ typed, such, wanted }) =>
		`The unit in ${typed} is not one that Fallow knows for ${wanted}.${such}`,
	'wrong-kind': ({ typed, such, wanted }) => `${typed} is not ${wanted}.${such}`,
	'ambiguous-oz': ({ typed }) =>
		`${typed}: is that fluid ounces or ounces of weight? Write fl oz for a liquid, or say that the product is dry.`,
	'no-state': ({ typed }) => `${typed}: litres or kilograms? Say first whether the product is liquid or dry.`,
	'per-what': ({ typed, issue }) =>
		`${typed} of product on what? Write what it is per, like ${issue.text} per ac, ${issue.text}/100 gal or ${issue.text} per ha.`,
	'three-of-four': ({ issue }) =>
		`${issue.text} of volume, speed, width and flow are given. Three of them give the fourth.`,
	'mixes-otherwise': ({ issue }) =>
		issue.bound === 'dry'
			? 'A dry product does not mix that way. Pick dry flowable or powder, packets, water conditioner or foliar feed.'
			: 'A liquid does not mix that way. Pick what its label says: solution, suspension, emulsion.',
	negative: ({ typed, such }) => `${typed} is below zero; it has to be more.${such}`,
	zero: ({ typed, such }) => `${typed || 'Zero'} is nothing; it has to be more than zero.${such}`,
	'too-small': ({ typed, such, issue }) => `${typed} is too small to be true here; ${issue.bound} is the least.${such}`,
	'too-large': ({ typed, such, issue }) => `${typed} is too large to be true here; ${issue.bound} is the most.${such}`,
	missing: ({ issue }) => `Still missing: ${places[issue.path] ?? issue.path}.`,
	'not-whole': ({ typed, such }) => `${typed} is not a whole number of one or more.${such}`,
	'upside-down': ({ typed, issue }) => `${typed} is above ${issue.bound}: the low end comes first.`,
	angle: ({ typed, issue }) =>
		`${typed} is no fan angle; ${issue.bound} degrees. It is stamped on the nozzle, like the 110 of 110-03.`,
	share: ({ typed }) => `${typed} is not a share; it has to be more than 0 % and at most 100 %, like 85 %.`,
	'shares-sum': ({ typed }) =>
		`${typed} do not add up to 100 %. Write the three thirds from the bottom up, like 30, 45, 25.`,
	'no-person': 'Nobody is named yet. Another person is another calibration: write who carries it, like A. Sample.',
	'no-position':
		'This track has no steady part of three readings or more. Drive longer at one speed, or move its ends.',
	stacked: ({ typed, issue }) =>
		`${typed} at each place does not fit the nozzles (${issue.bound}). Count all nozzles: 12 places of 2 are 24.`,
	'count-mismatch': ({ typed, issue }) =>
		`${typed} given where there are ${issue.bound}. One for each nozzle, or say how many nozzles the catches stand for.`,
	'nothing-caught': 'No water was caught yet. At least one nozzle has to give some.',
	'no-runs': 'No run over the course was timed yet.',
	'nothing-used': 'Nothing was used, or less than nothing: what is left has to be under what was in at the start.',
	'no-even-swath':
		'No swath width from these pans is even enough to be driven. Measure the wetted width instead, or check nozzle height and pressure and catch again.',
	'sections-mismatch': ({ typed, issue }) =>
		`The sections ${typed} do not add up to ${issue.bound} nozzles. Write the nozzles in each from left to right, like 4, 4, 4.`,
	'all-sections-off': 'Every section is off, so nothing sprays. Turn one on.',
	'products-fill-tank': 'The products alone fill the tank: no room is left for water. Check the doses and their units.',
	'nothing-left': () => 'Every load is mixed or out, so none is left to edit.',
	'dead-over-tank':
		'The tank holds no more than what cannot be sprayed out of it. Check the tank and the dead volume, and their units.',
	'row-over-tank':
		'One row takes more than a tank, so no load can end at a row’s end. Split by full loads or equal ones.',
	'pack-over-tank': ({ issue }) =>
		`One container of ${issue.text} makes more than a tank of mix, or more than its last load can hold. Split by full loads or equal ones.`,
	'no-packet': ({ typed }) =>
		`${typed} is told in packets, and nothing says what one holds. Write the packet too, like 250 g.`,
	'no-rows': ({ typed }) => `${typed} is told by the length of row, and no row spacing is known. Give the rows too.`,
	'no-block-rows': 'This block is not told by its rows. Give a share of it, or tell the block by rows first.',
	'too-many-loads': ({ issue }) =>
		`That would be ${issue.text} loads; Fallow plans ${issue.bound} at the most. Check the tank and the area.`,
	'same-pressure': ({ typed }) => `${typed} is a second flow at the same pressure. Keep the one that the sheet gives.`,
	'no-orifice': ({ typed, issue }) =>
		`${typed} cannot follow ${issue.bound}: more pressure gives more flow, and by less than the pressure grows (twice the flow takes about four times the pressure). Check the two on the sheet.`,
	gravity: ({ typed, issue }) =>
		`${typed} is no specific gravity of a spray liquid; ${issue.bound}. Water is 1, fertiliser about ${asWritten('1.28', issue.comma ?? false)}.`,
	'ring-short': ({ issue }) =>
		`A boundary of ${issue.text} ${issue.text === '1' ? 'corner' : 'corners'} holds no ground. It takes three or more.`,
	'ring-open': ({ issue }) =>
		`The boundary is not closed: it begins at ${issue.bound} and ends at ${issue.text}. Its last position has to be its first.`,
	'ring-crosses': ({ issue }) =>
		`The boundary crosses itself at ${issue.text} (latitude, longitude). Move its corners apart there.`,
	'not-degrees': ({ typed }) =>
		`${typed} is no place on the earth in degrees. Longitude comes first, then latitude, as in 8.5, 47.1; and files in metres have to be made into degrees (WGS 84) first.`,
	'not-one-record': ({ typed }) =>
		`The lines of record ${typed} differ in more than their product. What belongs to the record has to be the same in each.`,
	'no-density': ({ typed }) =>
		`${typed} is a weight of a liquid. Enter the product’s density first (it is on the label or its data sheet), or write the volume.`,
	'no-content': ({ typed }) =>
		`${typed} is a dose of the active ingredient. Enter on the product how much it holds, like 480 g/L.`,
	'which-active': ({ typed, issue }) =>
		`${typed} does not say which active ingredient it is of (${issue.bound}). Write its name too, like 750 g ${issue.bound?.split(', ')[0] ?? 'name'} a.i./ha.`,
	'weight-percent': ({ typed }) =>
		`${typed}: per cent of what? Write % v/v for volume in volume, % w/v for weight in volume; by weight in weight it takes the density.`,
	'interval-no-end':
		'No end is known for the last load, so re-entry and harvest cannot be counted. Say when the last load was out.',
	'parked-ground-drive':
		'The pump of this sprayer turns with its wheels, so nothing true can be caught while it is parked. Two ways work: catch while you drive the course, or refill after a known area.',
	'level-over-load': ({ typed }) => `${typed} is more than the tank takes. Check the amount and its unit.`,
	'other-side':
		'One side is shut: is the other side of the row sprayed too, by a pass of its own? The volume depends on it.',
	'dose-area': ({ typed }) => `${typed} on bands: is it per treated area or per field area? The label says which.`,
	'dilute-or-mix': ({ typed }) =>
		`${typed} in an orchard: is it per 100 L of dilute spray (to the point of run-off) or per 100 L of this mix? The label says which.`,
	'no-dilute': ({ typed }) =>
		`${typed} is of dilute spray. Enter the dilute volume: what the canopy takes to the point of run-off.`,
	'not-concentrate': 'This label does not allow concentrate spraying.',
	'not-stored': ({ issue }) => `This device could not keep it (${issue.text}). Free some room, then enter it again.`,
	closed: 'It is finished: nothing more is taken for it.',
	twice: ({ typed }) => `${typed} stands there twice. Keep one line of it.`
};

/** The example alone, for a field's hint, in the decimal sign that it is read in. */
export function exampleOf(wanted: string, comma: boolean | undefined): string | undefined {
	const example = examples[wanted];
	// A corner is in degrees with a point, wherever it is written.
	return example === undefined || wanted === 'corner' ? example : asWritten(example, comma ?? false);
}
