import { mean } from '../measurement/mean';
import { showFigure } from '../quantity/show-figure';
import { inUnit } from '../quantity/units';
import { isTimed } from './calibrate';
import type { MethodCalibration } from './calibrate-sheet';
import type { AnySheet } from './sheet';
import type { Measures } from './working';

const five = (value: number) => showFigure(value, 5);

/**
 * The working of any method, by units: one line a part, each figure to five digits from the unrounded value. For files;
 * the screens tell a boom's working in the schools of `workingOf`.
 */
export function workingOfSheet(sheet: AnySheet, c: MethodCalibration, measures: Measures): string[] {
	const metric = measures === 'metric';
	const length = metric ? 'm' : 'ft';
	const rateUnit = metric ? 'L/ha' : measures === 'US' ? 'US gal/ac' : 'Imp gal/ac';
	const flowUnit = metric ? 'L/min' : measures === 'US' ? 'US gal/min' : 'Imp gal/min';
	const volumeUnit = metric ? 'L' : measures === 'US' ? 'US gal' : 'Imp gal';
	const speedUnit = metric ? 'km/h' : 'mph';
	const lines: string[] = [];
	if ('speed' in sheet && c.speed) {
		const shown = `${five(inUnit('speed', c.speed.value, speedUnit))} ${speedUnit}`;
		const course = isTimed(sheet.speed) ? sheet.speed : null;
		lines.push(
			course
				? `ground speed: ${five(inUnit('length', course.course, length))} ${length} ÷ ${five(mean(course.times))} s = ${shown}`
				: `ground speed, as stated: ${shown}`
		);
	}
	if (c.swath) lines.push(`swath: ${five(inUnit('length', c.swath.treated.value, length))} ${length}`);
	if (c.nozzles)
		lines.push(
			`caught in ${five(c.nozzles.time)} s from ${c.nozzles.count} ${c.nozzles.count === 1 ? 'nozzle' : 'nozzles'}: ${five(inUnit('volume', c.nozzles.volume.value, volumeUnit))} ${volumeUnit}`
		);
	if (c.flow) lines.push(`flow: ${five(inUnit('flow', c.flow.value, flowUnit))} ${flowUnit}`);
	const rules: Record<AnySheet['method'], string> = {
		'speed-width-flow': 'flow ÷ (speed × swath)',
		'course-catch': 'caught in the course’s time ÷ (swath × course)',
		'plot-catch': 'caught in the plot’s time ÷ plot area',
		refill: 'used ÷ area',
		'parked-drop': 'used in the course’s time ÷ (swath × course)'
	};
	lines.push(
		`spray volume = ${rules[c.method]} = ${five(inUnit('volumePerArea', c.rate.value, rateUnit))} ${rateUnit}`
	);
	return lines;
}
