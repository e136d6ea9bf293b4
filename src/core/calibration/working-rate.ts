import { si } from '../quantity/quantity';
import { mean } from '../measurement/mean';
import { factor, inUnit } from '../quantity/units';
import { isTimed } from './calibrate';
import type { MethodCalibration } from './calibrate-sheet';
import { readingCourse } from './reading-course';
import type { AnySheet } from './sheet';
import type { School, Told, WorkingLine } from './working-parts';
import { five, sign } from './working-parts';

/** Ground of which a jug's small measures read as the answer: 1/128 or 1/160 acre, or 10 m². */
export const readingGround = (rate: Told['rate']): number =>
	rate === 'L/ha' ? 10 : factor('area', 'ac') / (rate === 'US gal/ac' ? 128 : 160);

/** The last line of a working: the spray volume, in one of the schools. */
export function rateLine(sheet: AnySheet, result: MethodCalibration, school: School, u: Told): WorkingLine {
	const rate = `${five(inUnit('volumePerArea', result.rate.value, u.rate))} ${u.rate}`;
	const line = (rule: string, figures: string): WorkingLine => ({ finds: 'rate', rule, figures });
	if (sheet.method === 'refill' || sheet.method === 'plot-catch') return onGround(sheet, result, school, u, rate);
	const q = result.flow!.value;
	const v = result.speed!.value;
	const w = result.swath!.treated.value;
	const flow = five(inUnit('flow', q, u.flow));
	const speed = five(inUnit('speed', v, u.speed));
	const width = five(inUnit('length', w, u.width));
	switch (school) {
		case '5940': {
			const constant = u.width === 'in' ? '5940' : '495';
			return line(
				`gal/ac = gal/min × ${constant} ÷ (mph × ${u.width})`,
				`${flow} × ${constant} ÷ (${speed} × ${width}) = ${rate}`
			);
		}
		case '600': {
			if (result.nozzles?.count === 1)
				return line(
					'L/ha = L/min × 60,000 ÷ (km/h × cm)',
					`${flow} × 60,000 ÷ (${speed} × ${five(w * 100)}) = ${rate}`
				);
			return line('L/ha = L/min × 600 ÷ (km/h × m)', `${flow} × 600 ÷ (${speed} × ${width}) = ${rate}`);
		}
		case 'hour':
			return byHour(q, v, w, u, rate);
		case 'reading':
			return asReading(q, v, w, result.nozzles?.count ?? 1, u, rate);
		case 'units':
			return byUnits(sheet, result, u, rate);
	}
}

function byHour(q: number, v: number, w: number, u: Told, rate: string): WorkingLine {
	const flow = five(inUnit('flow', si(q), u.flow) * 60);
	const ground = five(inUnit('workRate', si(v * w), u.metric ? 'ha/h' : 'ac/h'));
	const [volume, area] = u.metric ? ['L', 'ha'] : ['gal', 'ac'];
	const work = u.metric ? 'ha/h = km/h × m ÷ 10' : 'ac/h = mph × ft × 5280 ÷ 43,560';
	return {
		finds: 'rate',
		rule: `${volume}/${area} = ${volume}/h ÷ ${area}/h; ${work}`,
		figures: `${flow} ${volume}/h ÷ ${ground} ${area}/h = ${rate}`
	};
}

/** One jug under one nozzle for as long as a course takes on which the reading is the answer. */
function asReading(q: number, v: number, w: number, nozzles: number, u: Told, rate: string): WorkingLine {
	const course = readingCourse(si(readingGround(u.rate)), si(w / nozzles));
	const time = course / v;
	const small = u.metric ? 'ml' : u.volume;
	const caught = inUnit('volume', si((q / nozzles) * time), small);
	return {
		finds: 'rate',
		rule: `in the time of ${five(inUnit('length', course, u.length))} ${u.length}, ${small} from one nozzle read as ${u.rate}`,
		figures: `${five(time)} s: ${five(caught)} ${small}, so ${rate}`
	};
}

function byUnits(sheet: AnySheet, result: MethodCalibration, u: Told, rate: string): WorkingLine {
	if (!('speed' in sheet)) throw new Error('a method without speed has a ground of its own');
	const line = (rule: string, figures: string): WorkingLine => ({ finds: 'rate', rule, figures });
	const w = five(inUnit('length', result.swath!.treated.value, u.width));
	const q = five(inUnit('flow', result.flow!.value, u.flow));
	if (sheet.method !== 'speed-width-flow' && isTimed(sheet.speed)) {
		const parked = sheet.method === 'parked-drop';
		const course = five(inUnit('length', sheet.speed.course, u.length));
		const courseTime = mean(sheet.speed.times);
		const run = parked ? (sheet.run ?? courseTime) : result.nozzles!.time;
		const scale = run === courseTime ? '' : ` × ${five(courseTime)} s ÷ ${five(run)} s`;
		const volume = result.flow!.value * run;
		const unit = u.metric ? 'L' : parked ? u.tank : u.volume;
		const ground = u.metric
			? '10,000 m²/ha'
			: `43,560 ft²/ac${parked ? '' : u.rate.startsWith('US') ? ' ÷ 128' : ' ÷ 160'}`;
		return line(
			`spray volume = ${parked ? 'used' : 'caught'} in the course’s time ÷ (swath × course)`,
			`${five(inUnit('volume', si(volume), unit))} ${unit}${scale} ÷ (${w} ${u.width} × ${course} ${u.length}) × ${ground} = ${rate}`
		);
	}
	const rule = 'spray volume = flow ÷ (speed × swath)';
	if (!u.metric) {
		const feet = five(inUnit('speed', result.speed!.value, 'ft/s') * 60);
		return line(rule, `${q} ${u.flow} ÷ (${feet} ft/min × ${w} ft) × 43,560 ft²/ac = ${rate}`);
	}
	return line(rule, `${q} L/min ÷ (${five(result.speed!.value * 60)} m/min × ${w} m) × 10,000 m²/ha = ${rate}`);
}

/** Plot and refill: a volume over the ground that it went on. */
function onGround(
	sheet: Extract<AnySheet, { method: 'refill' | 'plot-catch' }>,
	result: MethodCalibration,
	school: School,
	u: Told,
	rate: string
): WorkingLine {
	const area = result.area!;
	const volume = result.rate.value * area;
	const unit = u.metric ? 'L' : sheet.method === 'refill' ? u.tank : u.volume;
	const what = sheet.method === 'refill' ? 'used' : 'caught in the plot’s time';
	if (school === 'reading') {
		const ground = readingGround(u.rate);
		const small = u.metric ? 'ml' : u.volume;
		return {
			finds: 'rate',
			rule: `on ${five(inUnit('area', si(ground), u.area))} ${sign(u.area)}, ${small} read as ${u.rate}`,
			figures: `${five(inUnit('volume', si(volume), small))} ${small} × ${five(ground / area)} = ${rate}`
		};
	}
	const times = u.metric
		? '10,000 m²/ha'
		: `43,560 ft²/ac${unit.endsWith('oz') ? (unit.startsWith('US') ? ' ÷ 128' : ' ÷ 160') : ''}`;
	return {
		finds: 'rate',
		rule: `spray volume = ${what} ÷ area`,
		figures: `${five(inUnit('volume', si(volume), unit))} ${unit} ÷ ${five(inUnit('area', area, u.area))} ${sign(u.area)} × ${times} = ${rate}`
	};
}
