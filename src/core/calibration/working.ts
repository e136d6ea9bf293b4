import { si } from '../quantity/quantity';
import { mean } from '../measurement/mean';
import { showFigure } from '../quantity/show-figure';
import { inUnit } from '../quantity/units';
import { isTimed } from './calibrate';
import type { MethodCalibration } from './calibrate-sheet';
import { rowsPerPass } from './rows-width';
import type { AnySheet, AreaReading, UsedReading, WidthReading } from './sheet';
import { volumeUsed } from './used-volume';
import { rateLine } from './working-rate';
import type { Measures, School, Told, WorkingLine } from './working-parts';
import { five, sign } from './working-parts';

const metric: Told = {
	metric: true,
	length: 'm',
	width: 'm',
	speed: 'km/h',
	volume: 'L',
	tank: 'L',
	flow: 'L/min',
	rate: 'L/ha',
	area: 'm2'
};

/** A boom's width is told in inches where the constant is 5940; wider swaths in feet, where it is 495. */
const inInches = (width: WidthReading) => width.kind === 'boom' || width.kind === 'band';

function told(sheet: AnySheet, school: School, measures: Measures): Told {
	if (school === '600' || (school !== '5940' && measures === 'metric')) return metric;
	const g = measures === 'Imperial' ? 'Imp' : 'US';
	const width = school === '5940' && 'width' in sheet && inInches(sheet.width) ? 'in' : 'ft';
	return {
		metric: false,
		length: 'ft',
		width,
		speed: 'mph',
		volume: `${g} fl oz`,
		tank: `${g} gal`,
		flow: `${g} gal/min`,
		rate: `${g} gal/ac`,
		area: 'ft2'
	};
}

/**
 * The working of a calibration by any method, line by line with units, in the school that the operator picked. Every
 * figure is shown to five digits from the unrounded value; nothing is computed from a shown one.
 */
export function workingOf(
	sheet: AnySheet,
	result: MethodCalibration,
	school: School,
	measures: Measures
): WorkingLine[] {
	const u = told(sheet, school, measures);
	const lines: WorkingLine[] = [];
	if ('speed' in sheet && result.speed) lines.push(speedLine(sheet, result.speed.value, school, u));
	if ('width' in sheet && result.swath) lines.push(widthLine(sheet.width, result, u));
	if (sheet.method === 'plot-catch') lines.push(areaLine(sheet.plot, u));
	if (sheet.method === 'refill') lines.push(areaLine(sheet.area, u));
	if ('used' in sheet) lines.push(usedLine(sheet.used, u));
	if (result.nozzles) lines.push(flowLine(result, u));
	lines.push(rateLine(sheet, result, school, u));
	return lines;
}

function speedLine(sheet: Extract<AnySheet, { speed: unknown }>, speed: number, school: School, u: Told): WorkingLine {
	const shown = `${five(inUnit('speed', si(speed), u.speed))} ${u.speed}`;
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
		figures: `${course} ${u.length} ÷ ${time} s = ${five(inUnit('speed', si(speed), plain))} ${plain} = ${shown}`
	};
}

function widthLine(width: WidthReading, result: MethodCalibration, u: Told): WorkingLine {
	const m = (v: number) => five(inUnit('length', si(v), u.width));
	const whole = `${m(result.swath!.treated.value)} ${u.width}`;
	const line = (rule: string, figures: string): WorkingLine => ({ finds: 'width', rule, figures });
	switch (width.kind) {
		case 'boom': {
			const { stacked = 1 } = width;
			const on = width.on ?? width.nozzles;
			if (stacked > 1)
				return line(
					'swath = places on × spacing',
					`${on} ÷ ${stacked} × ${m(width.spacing * stacked)} ${u.width} = ${whole}`
				);
			return line('swath = nozzles on × spacing', `${on} × ${m(width.spacing)} ${u.width} = ${whole}`);
		}
		case 'band':
			return line('treated width = band × bands', `${m(width.band)} ${u.width} × ${width.bands} = ${whole}`);
		case 'rows': {
			const alleys = width.alleys === 'second' ? ' × 2 alleys' : '';
			const sides = width.sides === 'one' ? (width.otherSide === 'not' ? ', one side only' : ' × ½, one side') : '';
			return line(
				'alley = row spacing × alleys × sides',
				`${m(width.rowSpacing)} ${u.width}${alleys}${sides} = ${whole}`
			);
		}
		case 'pans': {
			const { pans } = result.swath!;
			const best = pans?.swath.best;
			return best
				? line(
						'swath = widest the pans keep even',
						`${best.spacings} × ${m(width.spacing)} ${u.width} = ${whole}, CV ${showFigure(best.cv * 100, 3, false)} %`
					)
				: line('swath, as chosen', whole);
		}
		case 'measured': {
			if (width.usable === 'as-is') return line('swath, as measured', whole);
			return 'share' in width.usable
				? line(
						'swath = usable share × wetted width',
						`${showFigure(width.usable.share * 100, 3, false)} % × ${m(width.wetted)} ${u.width} = ${whole}`
					)
				: line(
						'swath = wetted width − 2 × edge',
						`${m(width.wetted)} − 2 × ${m(width.usable.edgeOverlap)} ${u.width} = ${whole}`
					);
		}
	}
}

function areaLine(area: AreaReading, u: Told): WorkingLine {
	const a = (v: number) => `${five(inUnit('area', si(v), u.area))} ${sign(u.area)}`;
	const m = (v: number) => `${five(inUnit('length', si(v), u.length))} ${u.length}`;
	const line = (rule: string, figures: string): WorkingLine => ({ finds: 'area', rule, figures });
	switch (area.by) {
		case 'stated':
			return line('area, as stated', a(area.area));
		case 'sides':
			return line('area = length × width', `${m(area.length)} × ${m(area.width)} = ${a(area.length * area.width)}`);
		case 'row': {
			const alley = area.width.rowSpacing * rowsPerPass(area.width);
			return line('area = row length × alley', `${m(area.row)} × ${m(alley)} = ${a(area.row * alley)}`);
		}
		case 'block':
			return line(
				'area = share × block',
				`${showFigure(area.share * 100, 3, false)} % × ${a(area.block)} = ${a(area.block * area.share)}`
			);
	}
}

function usedLine(used: readonly UsedReading[], u: Told): WorkingLine {
	const v = (value: number) => five(inUnit('volume', si(value), u.tank));
	const each = used.map((one) => ('added' in one ? v(one.added) : `(${v(one.start)} − ${v(one.left)})`));
	const whole = v(mean(used.map(volumeUsed)));
	return {
		finds: 'used',
		rule: used.length > 1 ? 'used = mean of the repeats' : 'in the tank before − after',
		figures: `${each.length > 1 ? `(${each.join(' + ')}) ÷ ${each.length}` : each[0]} = ${whole} ${u.tank}`
	};
}

function flowLine(result: MethodCalibration, u: Told): WorkingLine {
	const nozzles = result.nozzles!;
	const volume = five(inUnit('volume', nozzles.volume.value, u.volume));
	const all = nozzles.caught === nozzles.count;
	const one = nozzles.count === 1 ? 'catch' : 'all catches';
	const flow = result.flow ? ` = ${five(inUnit('flow', result.flow.value, u.flow))} ${u.flow}` : '';
	return {
		finds: 'flow',
		rule: all ? `flow = ${one} ÷ catch time` : `flow = mean catch × ${nozzles.count} nozzles ÷ catch time`,
		figures: `${volume} ${u.volume} ÷ ${five(nozzles.time)} s${flow}`
	};
}
