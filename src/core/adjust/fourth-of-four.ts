import type { Flow, Length, Speed, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** Spray volume, speed, width and the flow of all nozzles that are on. */
export interface Four {
	readonly rate: VolumePerArea;
	readonly speed: Speed;
	readonly width: Length;
	readonly flow: Flow;
}

/**
 * The fourth of volume, speed, width and flow from the other three: `flow = volume × speed × width`. Null where not exactly
 * one is left out.
 *
 * rate: m³/m²; speed: m/s; width: m; flow: m³/s; each over 0.
 * Source: what leaves the nozzles in a second lands on speed × width of ground.
 * @example
 * fourthOfFour({ rate: 18e-6, speed: 2, width: 12 }).flow.toFixed(6) // => "0.000432"
 * fourthOfFour({ speed: 2, width: 12 }) // => null
 */
export function fourthOfFour({ rate, speed, width, flow }: Partial<Four>): Four | null {
	if (flow === undefined && rate !== undefined && speed !== undefined && width !== undefined)
		return { rate, speed, width, flow: si<'flow'>(rate * speed * width) };
	if (rate === undefined && flow !== undefined && speed !== undefined && width !== undefined)
		return { rate: si<'volumePerArea'>(flow / (speed * width)), speed, width, flow };
	if (speed === undefined && flow !== undefined && rate !== undefined && width !== undefined)
		return { rate, speed: si<'speed'>(flow / (rate * width)), width, flow };
	if (width === undefined && flow !== undefined && rate !== undefined && speed !== undefined)
		return { rate, speed, width: si<'length'>(flow / (rate * speed)), flow };
	return null;
}
