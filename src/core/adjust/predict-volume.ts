import type { MethodCalibration } from '../calibration/calibrate-sheet';
import { ratedFlow } from '../calibration/rated-flow';
import { flowAt } from '../nozzles/flow-at';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Pressure, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Change } from './read-change';

/** What a prediction starts from: a calibration, its gauge, and how many nozzles sprayed. */
export interface Before {
	readonly calibration: Pick<MethodCalibration, 'rate' | 'speed' | 'flow' | 'relativeUncertainty95'>;
	readonly pressure: Pressure | null;
	/** Nozzles that spray, by their number on the sprayer. */
	readonly on: readonly number[];
}

export interface Prediction {
	/** What water will come out at. */
	readonly volume: VolumePerArea;
	/** How sure, 2u as a share. */
	readonly sure: number;
}

/** New nozzles of one make lie within about so much of their sheet. */
const newNozzles = 0.05;

/**
 * What a change is predicted to bring: with the fitted nozzles `R × v/v' × √(P'/P)`, with others by their sheet's
 * flow at the pressure over the flow that was measured. How sure it is: the calibration's own ±, and 5 % more for nozzles that
 * nobody has caught yet.
 *
 * Errors: `missing` where a change rests on something that was not measured, or a nozzle of a set has no rated flow.
 * Source: an orifice passes with the square root of pressure; ground covered goes with speed.
 * @example
 * predictVolume({ calibration: { rate: { value: 0.000015 }, speed: { value: 2 }, flow: null, relativeUncertainty95: 0.03 }, pressure: 300000, on: [1] }, { speed: 3, pressure: 1200000, pace: null, nozzle: null, set: null }).value // => {"volume":0.00002,"sure":0.03}
 */
export function predictVolume(before: Before, change: Change): Result<Prediction> {
	const issues: Issue[] = [];
	const { calibration } = before;
	const rate = calibration.rate.value;
	const { speed, pressure, nozzle, set } = change;
	const was = calibration.speed?.value ?? null;
	if (speed !== null && was === null) issues.push({ code: 'missing', path: 'speed' });
	if (pressure !== null && before.pressure === null) issues.push({ code: 'missing', path: 'flow.pressure' });
	const at = pressure ?? before.pressure;
	const faster = speed !== null && was !== null ? speed / was : (change.pace ?? 1);
	if (!nozzle && !set) {
		if (issues.length > 0) return bad(...issues);
		const harder = pressure !== null ? Math.sqrt(pressure / before.pressure!) : 1;
		const volume = si<'volumePerArea'>((rate * harder) / faster);
		return good({ volume, sure: calibration.relativeUncertainty95 });
	}
	const flow = calibration.flow?.value ?? null;
	if (at === null) issues.push({ code: 'missing', path: 'flow.pressure' });
	if (flow === null) issues.push({ code: 'missing', path: 'flow' });
	if (at === null || flow === null || issues.length > 0) return bad(...issues);
	const then = nozzle ? flowAt(nozzle, at) * before.on.length : flowOfSet(before.on, set!, at, issues);
	if (issues.length > 0) return bad(...issues);
	const volume = si<'volumePerArea'>((rate * then) / flow / faster);
	return good({ volume, sure: Math.hypot(calibration.relativeUncertainty95, newNozzles) });
}

/** Flow of all nozzles of a set that spray. */
function flowOfSet(
	on: readonly number[],
	{ groups, ratings }: NonNullable<Change['set']>,
	pressure: Pressure,
	issues: Issue[]
): number {
	let sum = 0;
	for (const n of on) {
		const group = groups[n - 1];
		const rated = group === undefined ? undefined : ratings.get(group);
		if (rated) sum += ratedFlow(rated.flow, rated.at, pressure);
		else issues.push({ code: 'missing', path: `change.set.${group ?? n}` });
	}
	return sum;
}
