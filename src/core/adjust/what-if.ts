import type { FlowPoint } from '../nozzles/nozzle';
import { flowAt } from '../nozzles/flow-at';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Length, Pressure, Speed, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** How a sprayer works now: measured where it was, else null. */
export interface WorkingNow {
	readonly rate: VolumePerArea;
	readonly relativeU95: number;
	readonly speed: Speed | null;
	readonly pressure: Pressure | null;
	readonly spacing: Length | null;
	readonly rpm: number | null;
	/** Flow of one nozzle, m³/s. */
	readonly nozzleFlow: number | null;
	/** Nozzles that spray. */
	readonly nozzles: number | null;
}

/** What is tried; what is left out stays as it is. */
export interface Trial {
	readonly speed?: Speed | undefined;
	readonly pressure?: Pressure | undefined;
	readonly spacing?: Length | undefined;
	/** Engine speed in the same gear: ground speed goes with it. */
	readonly rpm?: number | undefined;
	/** Nozzles that still spray. */
	readonly nozzles?: number | undefined;
	/** Another nozzle, by what its sheet gives. */
	readonly points?: readonly FlowPoint[] | undefined;
	/** What keeps the pressure: a regulator, or nothing (flow goes with the pump). */
	readonly pump: 'held' | 'goes-along';
}

export interface Tried {
	readonly volume: VolumePerArea;
	/** New over old. */
	readonly factor: number;
	readonly speed: Speed | null;
	readonly pressure: Pressure | null;
	/** 2u as a share; new nozzles that nobody has caught yet count 5 % more. */
	readonly sure: number;
}

/** New nozzles of one make lie within about so much of their sheet. */
const newNozzles = 0.05;

/**
 * What another pressure, speed, engine speed, spacing, number of nozzles or nozzle would make of a measured volume.
 *
 * `volume = R × (q'/q) × (v/v') × (s/s')`, with `q'/q = √(P'/P)` of one nozzle. Where nothing holds the pressure, a pump gives
 * what its speed gives: `q` goes with the engine, and fewer nozzles share the same flow.
 *
 * Errors: `missing` where what it starts from was not measured.
 * Source: the volume that lands on speed × width; orifice equation; a pump gives a volume a turn.
 * @example
 * const now = { rate: 2e-5, relativeU95: 0.03, speed: 2, pressure: 200000, spacing: 0.5, rpm: 1800, nozzleFlow: 2e-5, nozzles: 24 };
 * whatIf(now, { pressure: 800000, pump: 'held' }).value.volume // => 0.00004
 * whatIf(now, { rpm: 2000, pump: 'held' }).value.factor // => 0.9
 * whatIf(now, { rpm: 2000, pump: 'goes-along' }).value.factor // => 1
 */
export function whatIf(now: WorkingNow, trial: Trial): Result<Tried> {
	const issues: Issue[] = [];
	const need = <T>(value: T | null, path: string): T | null => {
		if (value === null) issues.push({ code: 'missing', path });
		return value;
	};
	const ratio = (wanted: number | undefined, was: number | null, path: string): number => {
		if (wanted === undefined) return 1;
		const known = need(was, path);
		return known === null ? 1 : wanted / known;
	};
	const turns = ratio(trial.rpm, now.rpm, 'rpm');
	const faster = trial.speed === undefined ? turns : ratio(trial.speed, now.speed, 'speed');
	const wider = ratio(trial.spacing, now.spacing, 'spacing');
	const fewer = ratio(trial.nozzles, now.nozzles, 'nozzles');
	const along = trial.pump === 'goes-along' ? turns / fewer : 1;
	let flow = along * Math.sqrt(ratio(trial.pressure, now.pressure, 'flow.pressure'));
	let pressure = trial.pressure ?? (now.pressure === null ? null : si<'pressure'>(now.pressure * along ** 2));
	if (trial.points) {
		const at = need(pressure, 'flow.pressure');
		const was = need(now.nozzleFlow, 'flow');
		if (at !== null && was !== null) flow = flowAt(trial.points, at) / was;
		pressure = at;
	}
	if (issues.length > 0) return bad(...issues);
	const factor = flow / (faster * wider);
	return good({
		volume: si<'volumePerArea'>(now.rate * factor),
		factor,
		speed: now.speed === null ? null : si<'speed'>(now.speed * faster),
		pressure,
		sure: trial.points ? Math.hypot(now.relativeU95, newNozzles) : now.relativeU95
	});
}
