import type { Calibration, Measured, Round, TimedCourse } from '$core';
import { inUnit, relativeU, rigChecks, showDecimals, showWithInterval } from '$core';
import type { FarmSettings } from '$lib/formats/farm-settings';
import { measuresOf } from '$lib/formats/field-units';

export const stepNames = ['ready', 'speed', 'swath', 'flow', 'volume', 'sign-off'] as const;
export type StepName = (typeof stepNames)[number];

export const isStepName = (name: string): name is StepName => (stepNames as readonly string[]).includes(name);

export const stepTitles: Record<StepName, string> = {
	ready: 'Ready the rig',
	speed: 'Ground speed',
	swath: 'Swath',
	flow: 'Nozzle flow',
	volume: 'Spray volume',
	'sign-off': 'Sign off'
};

export interface StepState {
	readonly name: StepName;
	readonly title: string;
	/** Share of the step that is done, 0 to 1: how much of its straw has turned to dye. */
	readonly done: number;
	/** What the step yielded, for the rail. */
	readonly figure: string;
	readonly note: string;
}

interface StepSource {
	readonly settings: FarmSettings;
	readonly round: Round;
	readonly on: readonly number[];
	readonly speed: { readonly reading: TimedCourse; readonly measured: Measured<'speed'> } | null;
	readonly calibration: Calibration | null;
	readonly signedOff: boolean;
	readonly rig: { readonly spacing: number };
}

/** Runs that a round asks for; fewer are allowed and widen the ±. */
export const usualRuns = 3;

export function stepStates(source: StepSource): StepState[] {
	const comma = source.settings.decimalComma;
	const metric = measuresOf(source.settings) === 'metric';
	const state = (name: StepName, done: number, figure = '', note = ''): StepState => ({
		name,
		title: stepTitles[name],
		done: Math.min(1, done),
		figure,
		note
	});
	return [readyStep(), speedStep(), swathStep(), flowStep(), volumeStep(), state('sign-off', source.signedOff ? 1 : 0)];

	function readyStep(): StepState {
		const ticked = rigChecks.filter((check) => source.round.ticks.has(check)).length;
		return state('ready', ticked / rigChecks.length, `${ticked} of ${rigChecks.length}`);
	}

	function speedStep(): StepState {
		const runs = source.round.runs.filter((r) => !r.struck).length;
		if (!source.speed) return state('speed', source.round.course ? 0.2 : 0);
		const unit = metric ? 'km/h' : 'mph';
		const value = inUnit('speed', source.speed.measured.value, unit);
		return state(
			'speed',
			runs / usualRuns,
			showDecimals(value, 2, comma),
			`${unit} · ${runs} ${runs === 1 ? 'run' : 'runs'}`
		);
	}

	function swathStep(): StepState {
		const width = source.on.length * source.rig.spacing;
		const unit = metric ? 'm' : 'ft';
		// The swath follows from the rig; it is settled once somebody has gone on to the catches.
		const settled = source.round.nozzles.size > 0 ? 1 : 0;
		return state(
			'swath',
			settled,
			metric ? showDecimals(width, 2, comma) : showDecimals(width / 0.3048, 1, comma),
			unit
		);
	}

	function flowStep(): StepState {
		const all = source.on.length;
		const seen = source.on.filter((n) => {
			const takes = source.round.nozzles.get(n);
			return takes && (takes.passedOver || takes.takes.some((t) => t.counts));
		}).length;
		return state('flow', all > 0 ? seen / all : 0, seen > 0 ? `${seen} / ${all}` : '', seen > 0 ? 'caught' : '');
	}

	function volumeStep(): StepState {
		const c = source.calibration;
		if (!c) return state('volume', 0);
		const unit = source.settings.rateUnit;
		const value = inUnit('volumePerArea', c.rate.value, unit);
		const shown = showWithInterval(value, 2 * relativeU(c.rate) * value, comma);
		return state('volume', c.nozzles.caught === c.nozzles.count ? 1 : 0.5, shown.value, `± ${shown.interval}`);
	}
}
