import { showFigure } from '../quantity/show-figure';
import type { Gallon, UnitOf } from '../quantity/units';

/**
 * How the working is told: by units, with the constant of the trade for gallons or for litres, as so much an hour over
 * so much ground an hour, or as the jug's reading over a course where the reading is the answer.
 */
export const schools = ['units', '5940', '600', 'hour', 'reading'] as const;
export type School = (typeof schools)[number];

/** The measures that the working is told in; the two constants bring their own. */
export type Measures = 'metric' | Gallon;

/** One line of the working: what it finds, the rule with names, and the rule with this calibration's figures. */
export interface WorkingLine {
	readonly finds: 'speed' | 'width' | 'flow' | 'area' | 'used' | 'rate';
	readonly rule: string;
	readonly figures: string;
}

/** The units that a working is told in. */
export interface Told {
	readonly metric: boolean;
	readonly length: UnitOf<'length'>;
	readonly width: UnitOf<'length'>;
	readonly speed: UnitOf<'speed'>;
	readonly volume: UnitOf<'volume'>;
	readonly tank: UnitOf<'volume'>;
	readonly flow: UnitOf<'flow'>;
	readonly rate: UnitOf<'volumePerArea'>;
	readonly area: UnitOf<'area'>;
}

/** A figure of the working, to five digits from the unrounded value; with a point: who shows it writes it in the farm's sign. */
export const five = (value: number) => showFigure(value, 5, false);
export const sign = (unit: string) => unit.replace('m2', 'm²').replace('ft2', 'ft²');
