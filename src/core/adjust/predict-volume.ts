import type { MethodCalibration } from '../calibration/calibrate-sheet';
import { ratedFlow } from '../calibration/rated-flow';
import { flowAt } from '../nozzles/flow-at';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Flow, Pressure, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { TypedChange } from './change';

/** What a prediction starts from: a calibration, its gauge, and how many nozzles sprayed. */
export interface Before {
	readonly calibration: Pick<MethodCalibration, 'rate' | 'speed' | 'flow' | 'relativeUncertainty95'>;
	readonly pressure: Pressure | null;
	/** Nozzles that spray, by their number on the rig. */
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
 * Errors: those of the typed fields; `missing` where a change rests on something that was not measured.
 */
export function predictVolume(before: Before, change: TypedChange): Result<Prediction> {
	const issues: Issue[] = [];
	const { calibration } = before;
	const rate = calibration.rate.value;
	const read = <K extends 'speed' | 'pressure'>(kind: K, typed: TypedChange[K]): number | null => {
		if (!typed) return null;
		const value = readField(kind === 'speed' ? fields.dial : fields.pressure, typed, `change.${kind}`);
		if (value.ok) return value.value.value;
		issues.push(...value.issues);
		return null;
	};
	const speed = read('speed', change.speed);
	const pressure = read('pressure', change.pressure);
	const was = calibration.speed?.value ?? null;
	if (speed !== null && was === null) issues.push({ code: 'missing', path: 'speed' });
	if (pressure !== null && before.pressure === null) issues.push({ code: 'missing', path: 'flow.pressure' });
	const at = pressure ?? before.pressure;
	const faster = speed !== null && was !== null ? speed / was : (change.pace ?? 1);
	const others = change.nozzle ?? change.set;
	if (!others) {
		if (issues.length > 0) return bad(...issues);
		const harder = pressure !== null ? Math.sqrt(pressure / before.pressure!) : 1;
		const volume = si<'volumePerArea'>((rate * harder) / faster);
		return good({ volume, sure: calibration.relativeUncertainty95 });
	}
	const flow = calibration.flow?.value ?? null;
	if (at === null) issues.push({ code: 'missing', path: 'flow.pressure' });
	if (flow === null) issues.push({ code: 'missing', path: 'flow' });
	const then = issues.length > 0 ? null : flowOf(before.on, change, si<'pressure'>(at!), issues);
	if (issues.length > 0 || then === null) return bad(...issues);
	const volume = si<'volumePerArea'>((rate * then) / flow! / faster);
	return good({ volume, sure: Math.hypot(calibration.relativeUncertainty95, newNozzles) });
}

/** Flow of all nozzles that spray, after the change. */
function flowOf(on: readonly number[], change: TypedChange, pressure: Pressure, issues: Issue[]): Flow {
	if (change.nozzle) return si<'flow'>(flowAt(change.nozzle.points, pressure) * on.length);
	const { groups, ratings } = change.set!;
	let sum = 0;
	for (const n of on) {
		const group = groups[n - 1];
		const typed = group === undefined ? undefined : ratings[group];
		const flow = typed && readField(fields.nozzleFlow, typed.flow, `change.set.${group}`);
		const at = typed && readField(fields.pressure, typed.at, `change.set.${group}`);
		if (flow?.ok && at?.ok) sum += ratedFlow(flow.value.value, at.value.value, pressure);
		else issues.push({ code: 'missing', path: `change.set.${group ?? n}` });
	}
	return si<'flow'>(sum);
}
