import type { MethodCalibration } from '../calibration/calibrate-sheet';
import type { AnySheet, SpeedReading, WidthReading } from '../calibration/sheet';
import { mean } from '../measurement/mean';
import type { Sum, SumAside, SumPart } from './sum';

/** Units in which the person works: slips of units hang on them. */
export interface SumUnits {
	readonly catch: string;
	readonly length: string;
	readonly speed: string;
	readonly tank: string;
	readonly area: string;
}

const speedParts = (speed: SpeedReading, units: SumUnits): SumPart[] =>
	'stated' in speed
		? [{ name: 'speed', kind: 'speed', value: speed.stated, unit: units.speed, power: -1 }]
		: [
				{ name: 'course', kind: 'length', value: speed.course, unit: units.length, power: -1 },
				{ name: 'courseTime', kind: 'time', value: mean(speed.times), unit: 's', power: 1 }
			];

const asideOf = (speed: SpeedReading | null, width: WidthReading | null): SumAside => ({
	...(speed && 'dial' in speed && speed.dial !== undefined && { dial: speed.dial }),
	...(width?.kind === 'measured' && { gross: width.wetted }),
	...(width?.kind === 'rows' && { sides: width.sides === 'both' })
});

/**
 * The sum behind a spray volume, by its method: what was multiplied and divided, in the units that the person works in.
 *
 * Source: `workingOf`, the same sum in words.
 * @example
 * const sheet = { method: 'refill', area: { by: 'stated', area: 1000 }, used: [{ added: 0.02 }] };
 * const mine = { catch: 'ml', length: 'm', speed: 'km/h', tank: 'L', area: 'ha' };
 * sumOfSheet(sheet, calibrateSheet(sheet).value, mine).parts.map((p) => p.name) // => ["used","area"]
 */
export function sumOfSheet(sheet: AnySheet, c: MethodCalibration, units: SumUnits): Sum {
	const speed = 'speed' in sheet ? sheet.speed : null;
	const width = 'width' in sheet ? sheet.width : null;
	const parts: SumPart[] = [];
	if (c.nozzles && c.flow) {
		const { time, count } = c.nozzles;
		parts.push(
			{ name: 'catch', kind: 'volume', value: (c.flow.value * time) / count, unit: units.catch, power: 1 },
			{ name: 'catchTime', kind: 'time', value: time, unit: 's', power: -1 },
			{ name: 'nozzles', kind: 'count', value: count, unit: '', power: 1 }
		);
	} else if (sheet.method === 'parked-drop' && c.flow && speed) {
		const run = sheet.run ?? ('times' in speed ? mean(speed.times) : 1);
		parts.push(
			{ name: 'used', kind: 'volume', value: c.flow.value * run, unit: units.tank, power: 1 },
			{ name: 'catchTime', kind: 'time', value: run, unit: 's', power: -1 }
		);
	}
	if (speed) parts.push(...speedParts(speed, units));
	if (sheet.method === 'plot-catch')
		parts.push({ name: 'courseTime', kind: 'time', value: mean(sheet.times), unit: 's', power: 1 });
	if (c.area !== null) {
		if (sheet.method === 'refill')
			parts.push({ name: 'used', kind: 'volume', value: c.rate.value * c.area, unit: units.tank, power: 1 });
		parts.push({ name: 'area', kind: 'area', value: c.area, unit: units.area, power: -1 });
	} else if (c.swath)
		parts.push({ name: 'width', kind: 'length', value: c.swath.treated.value, unit: units.length, power: -1 });
	return {
		parts,
		answer: c.rate.value,
		kind: 'volumePerArea',
		relativeU95: c.relativeUncertainty95,
		aside: asideOf(speed, width)
	};
}
