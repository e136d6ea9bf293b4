import type { Issue } from '../quantity/issue';
import type { Kind } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { Field } from '../quantity/fields';
import { fields, readField } from '../quantity/fields';
import { longest, tooLong } from '../quantity/too-long';
import { readChange } from '../adjust/read-change';
import { trackSpeed } from '../track/track-speed';
import type { TypedAim, TypedChange } from '../adjust/change';
import type { TypedBand, TypedGround } from './entered-parts';
import type { EntryBody } from './entries';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { readSprayer } from '../sprayer/read-sprayer';

const typed = (f: Field<Kind>, text: Typed, path: string): readonly Issue[] => {
	const read = readField(f, text, path);
	return read.ok ? [] : read.issues;
};

/** Most pans across a swath. */
export const mostPans = 60;

const whole = (n: number, most: number, path: string): Issue[] => {
	if (Number.isInteger(n) && n >= 1 && n <= most) return [];
	return n > most
		? [{ code: 'too-large', path, text: `${n}`, bound: `${most}` }]
		: [{ code: 'not-whole', path, text: `${n}` }];
};

const share = (value: number | undefined, path: string): Issue[] =>
	value === undefined || (value > 0 && value <= 1) ? [] : [{ code: 'share', path, text: `${value * 100} %` }];

const nozzle = (n: number, sprayer: SprayerNumbers): readonly Issue[] =>
	n >= 1 && n <= sprayer.nozzles
		? []
		: [{ code: 'too-large', path: 'nozzle', text: `${n}`, wanted: 'nozzles', bound: `${sprayer.nozzles}` }];

const checkBand = (band: TypedBand): readonly Issue[] => [
	...typed(fields.swath, band.band, 'band.band'),
	...whole(band.bands, 400, 'band.bands'),
	...typed(fields.swath, band.rowSpacing, 'band.rowSpacing'),
	...whole(band.rows, 400, 'band.rows')
];

/**
 * What is wrong with a wanted volume: unreadable, nothing at all, a range upside down, a specific gravity that no spray
 * liquid has.
 */
export function checkAim({ wanted, specificGravity }: TypedAim): readonly Issue[] {
	const issues: Issue[] = [];
	if (!(specificGravity >= 0.5 && specificGravity <= 2.5))
		issues.push({ code: 'gravity', path: 'specificGravity', text: `${specificGravity}`, bound: '0.5 to 2.5' });
	switch (wanted.by) {
		case 'volume':
			return [...typed(fields.volumePerArea, wanted.volume, 'volume'), ...issues];
		case 'tank':
			return [...typed(fields.area, wanted.area, 'area'), ...issues];
		case 'range': {
			const low = readField(fields.volumePerArea, wanted.low, 'low');
			const high = readField(fields.volumePerArea, wanted.high, 'high');
			if (low.ok && high.ok && low.value.value >= high.value.value)
				issues.unshift({ code: 'upside-down', path: 'low', text: wanted.low.text, bound: wanted.high.text });
			return [...(low.ok ? [] : low.issues), ...(high.ok ? [] : high.issues), ...issues];
		}
	}
}

function checkChange(change: TypedChange, sprayer: SprayerNumbers): readonly Issue[] {
	const { set } = change;
	const read = readChange(change);
	const issues: Issue[] = read.ok ? [] : [...read.issues];
	if (set && set.groups.length !== sprayer.nozzles)
		issues.push({ code: 'count-mismatch', path: 'set', text: `${set.groups.length}`, bound: `${sprayer.nozzles}` });
	return issues;
}

function checkGround(ground: TypedGround): readonly Issue[] {
	switch (ground.by) {
		case 'area':
			return typed(fields.area, ground.area, 'area');
		case 'sides':
			return [...typed(fields.side, ground.length, 'length'), ...typed(fields.side, ground.width, 'width')];
		case 'row':
			return typed(fields.side, ground.row, 'row');
		case 'block':
			return [...typed(fields.area, ground.block, 'block'), ...share(ground.share, 'share')];
	}
}

function checkSections(off: readonly number[], sprayer: SprayerNumbers): readonly Issue[] {
	const unknown = off.find((section) => section >= sprayer.sections.length);
	if (unknown !== undefined)
		return [{ code: 'too-large', path: 'off', text: `${unknown}`, bound: `${sprayer.sections.length - 1}` }];
	if (new Set(off).size >= sprayer.sections.length) return [{ code: 'all-sections-off', path: 'off' }];
	return [];
}

/** What is looked at in an entry of each kind. */
const checks: {
	readonly [K in EntryBody['kind']]: (
		entry: Extract<EntryBody, { kind: K }>,
		sprayer: SprayerNumbers
	) => readonly Issue[];
} = {
	course: (entry) => typed(fields.course, entry.length, 'length'),
	run: (entry) => typed(fields.runTime, entry.time, 'time'),
	'plot-run': (entry) => typed(fields.runTime, entry.time, 'time'),
	dial: (entry) => typed(fields.dial, entry.speed, 'speed'),
	'stated-speed': ({ speed, correction }) => [
		...(speed ? typed(fields.dial, speed, 'speed') : []),
		...(correction ? typed(fields.dial, correction.dial, 'correction.dial') : [])
	],
	track: (entry) =>
		trackSpeed(entry.points, entry.from, entry.to) === null ? [{ code: 'no-position', path: 'points' }] : [],
	wetted: (entry) => typed(fields.swath, entry.width, 'width'),
	school: (entry) => [
		...share(entry.share, 'share'),
		...(entry.length ? typed(fields.swath, entry.length, 'length') : [])
	],
	pans: (entry) => [
		...typed(fields.swath, entry.spacing, 'spacing'),
		...whole(entry.count, mostPans, 'count'),
		...share(entry.maxCv, 'maxCv')
	],
	pan: (entry) => [...whole(entry.pan, mostPans, 'pan'), ...typed(fields.pan, entry.amount, 'amount')],
	height: (entry) => typed(fields.height, entry.height, 'height'),
	rows: (entry) => typed(fields.swath, entry.spacing, 'spacing'),
	band: (entry) => (entry.band ? checkBand(entry.band) : []),
	canopy: (entry) => [
		...typed(fields.tree, entry.canopy.height, 'canopy.height'),
		...typed(fields.tree, entry.canopy.width, 'canopy.width'),
		...typed(fields.swath, entry.canopy.rowSpacing, 'canopy.rowSpacing')
	],
	'canopy-shares': (entry) => {
		const sum = entry.shares.reduce((s, v) => s + v, 0);
		return entry.shares.some((v) => !(v >= 0)) || Math.abs(sum - 1) > 0.011
			? [{ code: 'shares-sum', path: 'shares', text: entry.shares.map((v) => `${Math.round(v * 100)}`).join(', ') }]
			: [];
	},
	groups: (entry, sprayer) =>
		entry.groups && entry.groups.length !== sprayer.nozzles
			? [{ code: 'count-mismatch', path: 'groups', text: `${entry.groups.length}`, bound: `${sprayer.nozzles}` }]
			: [],
	jug: (entry) => typed(fields.jug, entry.graduation, 'graduation'),
	gauge: (entry) => typed(fields.pressure, entry.pressure, 'pressure'),
	'catch-time': (entry) => (entry.time ? typed(fields.catchTime, entry.time, 'time') : []),
	'parked-time': (entry) => (entry.time ? typed(fields.runTime, entry.time, 'time') : []),
	catch: (entry, sprayer) => [...nozzle(entry.nozzle, sprayer), ...typed(fields.catchAmount, entry.amount, 'amount')],
	bucket: (entry, sprayer) => [
		...(new Set(entry.nozzles).size < entry.nozzles.length
			? [{ code: 'twice', path: 'nozzles', text: entry.nozzles.join(', ') } as const]
			: []),
		...entry.nozzles.flatMap((n) => nozzle(n, sprayer)),
		...typed(fields.bucket, entry.amount, 'amount'),
		...(entry.marked ? typed(fields.bucketMarks, entry.marked, 'marked') : [])
	],
	'not-caught': (entry, sprayer) => nozzle(entry.nozzle, sprayer),
	quick: (entry, sprayer) => checkEntry(entry.entry, sprayer),
	sections: (entry, sprayer) => checkSections(entry.off, sprayer),
	plot: (entry) => checkGround(entry.ground),
	used: (entry) =>
		'added' in entry.reading
			? typed(fields.tankReading, entry.reading.added, 'added')
			: [
					...typed(fields.tankReading, entry.reading.start, 'start'),
					...typed(fields.tankReading, entry.reading.left, 'left')
				],
	'sign-off': ({ pressure, person, gear, remarks }) => [
		...tooLong('person', person, longest.name),
		...(pressure ? typed(fields.pressure, pressure, 'pressure') : []),
		...tooLong('gear', gear, longest.name),
		...tooLong('remarks', remarks, longest.remarks)
	],
	aim: (entry) => checkAim(entry.aim),
	change: (entry, sprayer) => (entry.change ? checkChange(entry.change, sprayer) : []),
	carry: (entry, sprayer) => entry.entries.flatMap((one) => checkEntry(one, sprayer)),
	tick: () => [],
	method: () => [],
	person: ({ name }) => tooLong('person', name, longest.name),
	strike: () => [],
	discard: () => [],
	rig: (entry, sprayer) => {
		const read = readSprayer(entry.rig);
		if (!read.ok) return read.issues.map((issue) => ({ ...issue, path: `rig.${issue.path}` }));
		// Another kind is another sprayer.
		return read.value.kind === sprayer.kind ? [] : [{ code: 'unreadable', path: 'rig.kind', text: entry.rig.kind }];
	},
	'tank-by': () => [],
	noted: ({ text }) => tooLong('text', text, longest.noted),
	sheet: () => []
};

/**
 * What is wrong with one entry, before it is kept: an unreadable or absurd reading, a nozzle or section that the sprayer
 * has not got. The device asks before it writes, the server asks again.
 */
export function checkEntry(entry: EntryBody, sprayer: SprayerNumbers): readonly Issue[] {
	return (checks[entry.kind] as (entry: EntryBody, sprayer: SprayerNumbers) => readonly Issue[])(entry, sprayer);
}
