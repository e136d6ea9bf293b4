import { mean } from '../measurement/mean';
import { showFigure } from '../quantity/show-figure';
import type { Gallon, UnitOf } from '../quantity/units';
import { inUnit } from '../quantity/units';
import type { Calibration } from './calibrate';
import { isTimed } from './calibrate';
import type { CalibrationSheet } from './sheet';

/** How the working is told: by units, or with the constant of the trade for gallons or for litres. */
export const schools = ['units', '5940', '600'] as const;
export type School = (typeof schools)[number];

/** The measures that the working is told in; the two constants bring their own. */
export type Measures = 'metric' | Gallon;

/** One line of the working: what it finds, the rule with names, and the rule with this round's figures. */
export interface WorkingLine {
	readonly finds: 'speed' | 'width' | 'flow' | 'rate';
	readonly rule: string;
	readonly figures: string;
}

interface Told {
	readonly length: UnitOf<'length'>;
	readonly width: UnitOf<'length'>;
	readonly speed: UnitOf<'speed'>;
	readonly volume: UnitOf<'volume'>;
	readonly flow: UnitOf<'flow'>;
	readonly rate: UnitOf<'volumePerArea'>;
}

const metric: Told = { length: 'm', width: 'm', speed: 'km/h', volume: 'L', flow: 'L/min', rate: 'L/ha' };

function told(school: School, measures: Measures): Told {
	if (school === '600' || (school === 'units' && measures === 'metric')) return metric;
	const g = measures === 'Imperial' ? 'Imp' : 'US';
	const width = school === '5940' ? 'in' : 'ft';
	return { length: 'ft', width, speed: 'mph', volume: `${g} fl oz`, flow: `${g} gal/min`, rate: `${g} gal/ac` };
}

const five = (value: number) => showFigure(value, 5);

/**
 * The working of a calibration, line by line with units, in the school that the operator picked. Every figure is shown
 * to five digits from the unrounded value; nothing is computed from a shown one.
 */
export function workingOf(
	sheet: CalibrationSheet,
	result: Calibration,
	school: School,
	measures: Measures
): WorkingLine[] {
	const u = told(school, measures);
	return [
		speedLine(sheet, result, school, u),
		widthLine(sheet, result, u),
		flowLine(result, u),
		rateLine(sheet, result, school, u)
	];
}

function speedLine(sheet: CalibrationSheet, result: Calibration, school: School, u: Told): WorkingLine {
	const shown = `${five(inUnit('speed', result.speed.value, u.speed))} ${u.speed}`;
	if (!isTimed(sheet.speed)) return { finds: 'speed', rule: 'ground speed, as stated', figures: shown };
	const course = five(inUnit('length', sheet.speed.course, u.length));
	const time = five(mean(sheet.speed.times));
	if (school === '5940')
		return {
			finds: 'speed',
			rule: 'mph = ft × 60 ÷ (s × 88)',
			figures: `${course} ft × 60 ÷ (${time} s × 88) = ${shown}`
		};
	if (school === '600')
		return { finds: 'speed', rule: 'km/h = 3.6 × m ÷ s', figures: `3.6 × ${course} m ÷ ${time} s = ${shown}` };
	const plain = u.length === 'm' ? 'm/s' : 'ft/s';
	return {
		finds: 'speed',
		rule: 'ground speed = course ÷ mean time',
		figures: `${course} ${u.length} ÷ ${time} s = ${five(inUnit('speed', result.speed.value, plain))} ${plain} = ${shown}`
	};
}

function widthLine(sheet: CalibrationSheet, result: Calibration, u: Told): WorkingLine {
	const on = sheet.width.on ?? sheet.width.nozzles;
	const spacing = five(inUnit('length', sheet.width.spacing, u.width));
	return {
		finds: 'width',
		rule: 'swath = nozzles on × spacing',
		figures: `${on} × ${spacing} ${u.width} = ${five(inUnit('length', result.width.value, u.width))} ${u.width}`
	};
}

function flowLine(result: Calibration, u: Told): WorkingLine {
	const { nozzles } = result;
	const volume = five(inUnit('volume', nozzles.volume.value, u.volume));
	const all = nozzles.caught === nozzles.count;
	return {
		finds: 'flow',
		rule: all ? 'flow = all catches ÷ catch time' : `flow = mean catch × ${nozzles.count} nozzles ÷ catch time`,
		figures: `${volume} ${u.volume} ÷ ${five(nozzles.time)} s = ${five(inUnit('flow', result.flow.value, u.flow))} ${u.flow}`
	};
}

function rateLine(sheet: CalibrationSheet, result: Calibration, school: School, u: Told): WorkingLine {
	const rate = `${five(inUnit('volumePerArea', result.rate.value, u.rate))} ${u.rate}`;
	const q = five(inUnit('flow', result.flow.value, u.flow));
	const v = five(inUnit('speed', result.speed.value, u.speed));
	const w = five(inUnit('length', result.width.value, u.width));
	if (school === '5940') {
		const rule = 'gal/ac = gal/min × 5940 ÷ (mph × in)';
		return { finds: 'rate', rule, figures: `${q} × 5940 ÷ (${v} × ${w}) = ${rate}` };
	}
	if (school === '600') {
		const rule = 'L/ha = L/min × 600 ÷ (km/h × m)';
		return { finds: 'rate', rule, figures: `${q} × 600 ÷ (${v} × ${w}) = ${rate}` };
	}
	if (sheet.method === 'course-catch' && isTimed(sheet.speed)) return courseLine(sheet, result, u, rate);
	const rule = 'spray volume = flow ÷ (speed × swath)';
	if (u.length === 'ft') {
		const feet = five(inUnit('speed', result.speed.value, 'ft/s') * 60);
		return { finds: 'rate', rule, figures: `${q} ${u.flow} ÷ (${feet} ft/min × ${w} ft) × 43,560 ft²/ac = ${rate}` };
	}
	const metres = five(result.speed.value * 60);
	return { finds: 'rate', rule, figures: `${q} L/min ÷ (${metres} m/min × ${w} m) × 10,000 m²/ha = ${rate}` };
}

function courseLine(sheet: CalibrationSheet, result: Calibration, u: Told, rate: string): WorkingLine {
	if (!isTimed(sheet.speed)) throw new Error('a course-catch round has a course');
	const course = five(inUnit('length', sheet.speed.course, u.length));
	const scale =
		sheet.flow.time === undefined ? '' : ` × ${five(mean(sheet.speed.times))} s ÷ ${five(result.nozzles.time)} s`;
	const caught = `${five(inUnit('volume', result.nozzles.volume.value, u.length === 'm' ? 'L' : u.volume))} ${u.length === 'm' ? 'L' : u.volume}`;
	const ground = u.length === 'm' ? '10,000 m²/ha' : `43,560 ft²/ac${u.rate.startsWith('US') ? ' ÷ 128' : ' ÷ 160'}`;
	const width = five(inUnit('length', result.width.value, u.length));
	return {
		finds: 'rate',
		rule: 'spray volume = caught in the course’s time ÷ (swath × course)',
		figures: `${caught}${scale} ÷ (${width} ${u.length} × ${course} ${u.length}) × ${ground} = ${rate}`
	};
}
