import type { FlowPoint } from '../nozzles/nozzle';
import { flowAt } from '../nozzles/flow-at';
import type { Flow, Length, Pressure, Speed, VolumePerArea } from '../quantity/quantity';
import type { Advice, FirstLever, Lever } from './advise';
import { advise } from './advise';
import { changeFactor } from './change-factor';
import { neededNozzleFlow } from './needed-nozzle-flow';
import { pressureForFactor } from './pressure-for-factor';
import { speedForFactor } from './speed-for-factor';

/** From a measured spray volume to a wanted one; what is not known is left out. */
export interface AdjustSheet {
	readonly measured: VolumePerArea;
	readonly wanted: VolumePerArea;
	readonly speed?: Speed | undefined;
	readonly pressure?: Pressure | undefined;
	/** Width that one nozzle serves. */
	readonly spacing?: Length | undefined;
	readonly specificGravity?: number | undefined;
	readonly nozzle?: { readonly points: readonly FlowPoint[]; readonly range: PressureRange } | undefined;
	readonly speedRange?: SpeedRange | undefined;
	readonly first?: FirstLever | undefined;
}

export interface PressureRange {
	readonly low: Pressure;
	readonly high: Pressure;
}
export interface SpeedRange {
	readonly low: Speed;
	readonly high: Speed;
}

/** Why a lever cannot do it, with the bound that it would pass. */
export type Impossible =
	| { readonly why: 'too-slow'; readonly bound: Speed }
	| { readonly why: 'too-fast'; readonly bound: Speed }
	| { readonly why: 'under-nozzle'; readonly bound: Pressure }
	| { readonly why: 'over-nozzle'; readonly bound: Pressure }
	/** No pressure in the fitted nozzle's range gives what each nozzle needs. */
	| { readonly why: 'nozzle-too-small'; readonly bound: Flow }
	| { readonly why: 'nozzle-too-large'; readonly bound: Flow };

export interface Adjustment {
	/** By how much the flow has to grow. */
	readonly factor: number;
	/** Speed alone. */
	readonly speed: Speed | null;
	/** Pressure alone. */
	readonly pressure: Pressure | null;
	/** Flow of water that each nozzle needs at the present speed. */
	readonly nozzleFlow: Flow | null;
	readonly advice: Advice;
	readonly impossible: Readonly<Partial<Record<Lever, Impossible>>>;
}

const outside = 1e-9;

/**
 * Each lever by itself, what stands against it, and which to reach for. The fitted nozzle cannot stand against the lever
 * `nozzle`: another one is what that lever is.
 *
 * Source: volume goes with flow over speed, flow with the square root of pressure.
 * @example
 * adjust({ measured: 150, wanted: 168, speed: 8, pressure: 2.5 }).pressure // => 3.136
 * adjust({ measured: 10, wanted: 20, speed: 4, speedRange: { low: 3, high: 9 } }).impossible.speed.why // => "too-slow"
 */
export function adjust(sheet: AdjustSheet): Adjustment {
	const factor = changeFactor(sheet.measured, sheet.wanted, sheet.specificGravity);
	const speed = sheet.speed === undefined ? null : speedForFactor(sheet.speed, factor);
	const pressure = sheet.pressure === undefined ? null : pressureForFactor(sheet.pressure, factor);
	const impossible: Partial<Record<Lever, Impossible>> = {};
	const { speedRange, nozzle } = sheet;
	if (speed !== null && speedRange) {
		if (speed < speedRange.low * (1 - outside)) impossible.speed = { why: 'too-slow', bound: speedRange.low };
		else if (speed > speedRange.high * (1 + outside)) impossible.speed = { why: 'too-fast', bound: speedRange.high };
	}
	if (pressure !== null && nozzle) {
		const { low, high } = nozzle.range;
		if (pressure < low * (1 - outside)) impossible.pressure = { why: 'under-nozzle', bound: low };
		else if (pressure > high * (1 + outside)) impossible.pressure = { why: 'over-nozzle', bound: high };
	}
	const nozzleFlow =
		sheet.speed !== undefined && sheet.spacing !== undefined
			? neededNozzleFlow(sheet.wanted, sheet.speed, sheet.spacing, sheet.specificGravity)
			: null;
	const out = Object.keys(impossible) as Lever[];
	return { factor, speed, pressure, nozzleFlow, advice: advise(factor, out, sheet.first), impossible };
}

/** Whether the fitted nozzle can give a flow inside its range, and what bounds it where not. */
export function fittedGives(nozzle: NonNullable<AdjustSheet['nozzle']>, flow: Flow): Impossible | null {
	const least = flowAt(nozzle.points, nozzle.range.low);
	const most = flowAt(nozzle.points, nozzle.range.high);
	if (flow > most * (1 + outside)) return { why: 'nozzle-too-small', bound: most };
	return flow < least * (1 - outside) ? { why: 'nozzle-too-large', bound: least } : null;
}
