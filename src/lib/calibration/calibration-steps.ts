import { m } from '$words';
import type {
	CheckedSprayer,
	Measured,
	MethodCalibration,
	SprayerNumbers,
	FoldedCalibration,
	CalibrationMethod,
	SprayerKind
} from '$core';
import { inUnit, relativeU, showDecimals, factor } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { checkList } from '$lib/settings/check-list';
import { show } from '$lib/show/show';
import { measuresOf } from '$lib/settings/field-units';

const stepNames = ['ready', 'speed', 'swath', 'plot', 'flow', 'tank', 'volume', 'adjust', 'sign-off'] as const;
export type StepName = (typeof stepNames)[number];

export const isStepName = (name: string): name is StepName => (stepNames as readonly string[]).includes(name);

/** The steps that each way of measuring takes. */
const stepsOf: Readonly<Record<CalibrationMethod, readonly StepName[]>> = {
	'speed-width-flow': ['ready', 'speed', 'swath', 'flow', 'volume', 'adjust', 'sign-off'],
	'plot-catch': ['ready', 'plot', 'flow', 'volume', 'adjust', 'sign-off'],
	refill: ['ready', 'plot', 'tank', 'volume', 'adjust', 'sign-off'],
	'parked-drop': ['ready', 'speed', 'swath', 'tank', 'volume', 'adjust', 'sign-off']
};

/** Whether a step is measured besides: the answer of the way that was picked does without it. */
export const isBeside = (name: StepName, method: CalibrationMethod): boolean => !stepsOf[method].includes(name);

/** What a step is called on each kind of sprayer. */
export function stepTitle(name: StepName, kind: SprayerKind): string {
	switch (name) {
		case 'ready':
			return m.check_the_sprayer();
		case 'speed':
			return m.ground_speed();
		case 'swath':
			return { boom: m.swath(), boomless: m.swath(), airblast: m.alley(), knapsack: m.pattern_width() }[kind];
		case 'plot':
			return { boom: m.ground(), boomless: m.ground(), airblast: m.row(), knapsack: m.plot_title() }[kind];
		case 'flow':
			return kind === 'airblast' ? m.flow() : m.nozzle_flow();
		case 'tank':
			return m.tank();
		case 'volume':
			return m.spray_volume();
		case 'adjust':
			return m.adjust();
		case 'sign-off':
			return m.sign_off();
	}
}

export interface StepState {
	readonly name: StepName;
	readonly title: string;
	/** Share of the step that is done, 0 to 1: how much of its straw has turned to dye. */
	readonly done: number;
	/** What the step yielded, for the rail. */
	readonly figure: string;
	readonly note: string;
}

export interface StepSource {
	readonly settings: FarmSettings;
	readonly method: CalibrationMethod;
	readonly entered: FoldedCalibration;
	readonly on: readonly number[];
	readonly speed: { readonly measured: Measured<'speed'> } | null;
	/** Width of the swath as far as it is known, m. */
	readonly width: number | null;
	/** Ground of the plot as far as it is known, m². */
	readonly area: number | null;
	readonly answer: MethodCalibration | null;
	readonly signedOff: boolean;
	readonly sprayer: Pick<SprayerNumbers, 'kind'>;
	readonly head: { readonly rig: CheckedSprayer };
}

/** Runs that a calibration asks for; fewer are allowed and widen the ±. */
export const usualRuns = 3;

/** The steps of the way that was picked, and those of another that has readings already. */
function stepsInPlay({ method, entered }: StepSource): StepName[] {
	const read: Partial<Record<StepName, boolean>> = {
		speed: entered.runs.length > 0 || entered.track !== null,
		swath: entered.wetted !== null || entered.panCatches.size > 0,
		plot: entered.plot !== null || entered.plotRuns.length > 0,
		flow: entered.nozzles.size > 0,
		tank: entered.used.length > 0
	};
	return stepNames.filter((name) => stepsOf[method].includes(name) || read[name]);
}

export function stepStates(source: StepSource): StepState[] {
	const comma = source.settings.decimalComma;
	const metric = measuresOf(source.settings) === 'metric';
	const state = (name: StepName, done: number, figure = '', note = ''): StepState => ({
		name,
		title: stepTitle(name, source.sprayer.kind),
		done: Math.min(1, done),
		figure,
		note
	});
	const steps: Record<StepName, () => StepState> = {
		ready() {
			const checks = checkList(source.head.rig, source.settings);
			const ticked = checks.filter((check) => source.entered.ticks.has(check)).length;
			return state('ready', ticked / checks.length, m.of_ticked_count({ ticked, count: checks.length }));
		},
		speed() {
			const runs = source.entered.runs.filter((r) => !r.struck).length;
			if (!source.speed) return state('speed', source.entered.course ? 0.2 : 0);
			const unit = metric ? 'km/h' : 'mph';
			const value = inUnit('speed', source.speed.measured.value, unit);
			const tracked = source.entered.track !== null;
			const told = !tracked && runs === 0;
			const how = tracked ? m.track() : told ? m.as_stated() : m.runs({ runs });
			return state('speed', tracked || told ? 1 : runs / usualRuns, showDecimals(value, 2, comma), `${unit} · ${how}`);
		},
		swath() {
			if (source.width === null) return state('swath', 0);
			const unit = metric ? 'm' : 'ft';
			// A swath that follows from the sprayer is settled once somebody has gone on to the next reading.
			const settled =
				source.sprayer.kind === 'boom' || source.sprayer.kind === 'airblast'
					? source.entered.nozzles.size > 0 || source.entered.used.length > 0
					: true;
			const value = metric
				? showDecimals(source.width, 2, comma)
				: showDecimals(source.width / factor('length', 'ft'), 1, comma);
			return state('swath', settled ? 1 : 0, value, unit);
		},
		plot() {
			const timed = source.method === 'plot-catch';
			const goes = source.entered.plotRuns.filter((r) => !r.struck).length;
			if (source.area === null) return state('plot', goes > 0 ? 0.3 : 0);
			const unit = metric ? 'm2' : 'ft2';
			const value = source.area / factor('area', unit);
			const note = timed ? m.goes({ which: metric ? 'm²' : 'ft²', goes }) : metric ? 'm²' : 'ft²';
			return state(
				'plot',
				timed ? 0.2 + (0.8 * goes) / usualRuns : 1,
				showDecimals(value, value < 100 ? 1 : 0, comma),
				note
			);
		},
		flow() {
			const all = source.on.length;
			const seen = source.on.filter((n) => {
				if (source.entered.buckets.some((b) => b.counts && b.nozzles.includes(n))) return true;
				const takes = source.entered.nozzles.get(n);
				return takes && (takes.passedOver || takes.takes.some((t) => t.counts));
			}).length;
			return state('flow', all > 0 ? seen / all : 0, seen > 0 ? `${seen} / ${all}` : '', seen > 0 ? m.caught() : '');
		},
		tank() {
			const count = source.entered.used.filter((u) => !u.struck).length;
			return state(
				'tank',
				Math.min(1, count),
				count > 0 ? `${count}` : '',
				count === 1 ? m.reading() : count > 1 ? m.readings() : ''
			);
		},
		volume() {
			const c = source.answer;
			if (!c) return state('volume', 0);
			const shown = show('rate', c.rate.value, source.settings, { u95: 2 * relativeU(c.rate) });
			const whole = !c.nozzles || c.nozzles.caught === c.nozzles.count;
			return state('volume', whole ? 1 : 0.5, shown.figure, `± ${shown.interval}`);
		},
		adjust() {
			const { aim, change } = source.entered;
			return state('adjust', aim ? 1 : 0, change ? m.change() : aim ? m.unchanged() : '');
		},
		'sign-off': () => state('sign-off', source.signedOff ? 1 : 0)
	};
	return stepsInPlay(source).map((name) => steps[name]());
}
