import { m } from '$words';
import type { MeasuringSkill } from '../../core/index';
import { showFigure, usualSkill } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';

interface SkillField {
	readonly name: keyof MeasuringSkill;
	readonly label: string;
	readonly unit: string;
	/** SI of one of that unit. */
	readonly factor: number;
}

/** How well a farm measures, in words and in units that a person thinks in. */
export const skillFields: readonly SkillField[] = [
	{
		name: 'stopwatch',
		get label() {
			return m.stopwatch_start_and_stop();
		},
		unit: 's',
		factor: 1
	},
	{
		name: 'jugMove',
		get label() {
			return m.a_catch_begun_and_ended_by();
		},
		unit: 's',
		factor: 1
	},
	{
		name: 'steadyDriven',
		get label() {
			return m.steadiness_of_a_run_driven();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'steadyOnFoot',
		get label() {
			return m.steadiness_of_a_run_on_foot();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'tape',
		get label() {
			return m.tape_or_wheel();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'wettedEdge',
		get label() {
			return m.wetted_edge_on_the_ground();
		},
		unit: 'm',
		factor: 1
	},
	{
		name: 'wettedEdgeShare',
		get label() {
			return m.or_of_the_width_the_smaller();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'estimatedWidth',
		get label() {
			return m.width_estimated_by_eye();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'jugMarks',
		get label() {
			return m.jug_whose_marks_are_not_told();
		},
		unit: 'ml',
		factor: 1e-6
	},
	{
		name: 'scaleDivision',
		get label() {
			return m.division_of_the_scale();
		},
		unit: 'g',
		factor: 1e-3
	},
	{
		name: 'tester',
		get label() {
			return m.tip_tester_or_flow_meter();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'tankMark',
		get label() {
			return m.tank_mark_or_sight_gauge_of();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'metered',
		get label() {
			return m.dip_or_metered_refill();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'statedSpeed',
		get label() {
			return m.speed_from_a_readout();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'statedArea',
		get label() {
			return m.area_that_was_told();
		},
		unit: '%',
		factor: 0.01
	},
	{
		name: 'unseenSpread',
		get label() {
			return m.nozzles_that_were_not_caught_where();
		},
		unit: '%',
		factor: 0.01
	}
];

/** The form's texts: what the farm has set, empty where it is as usual. */
export const skillTexts = ({
	skill,
	decimalComma
}: Pick<FarmSettings, 'skill' | 'decimalComma'>): Record<string, string> =>
	Object.fromEntries(
		skillFields.map(({ name, factor }) => [
			name,
			skill[name] === undefined
				? ''
				: `${Number((skill[name] / factor).toPrecision(6))}`.replace('.', decimalComma ? ',' : '.')
		])
	);

export const usualText = ({ name, unit, factor }: SkillField, comma: boolean): string =>
	m.usual({ figure: showFigure(usualSkill[name] / factor, 3, comma), unit });

/** Reads the form: empty is as usual; what is no number over zero is told at its place. */
export function readSkillForm(texts: (name: string) => string): {
	readonly skill: FarmSettings['skill'];
	readonly problems: Record<string, string>;
} {
	const skill: Partial<Record<keyof MeasuringSkill, number>> = {};
	const problems: Record<string, string> = {};
	for (const { name, unit, factor } of skillFields) {
		const text = texts(name).trim().replace(unit, '').trim();
		if (text === '') continue;
		const value = Number(text.replace(',', '.'));
		if (value > 0 && value * factor < (unit === '%' ? 1 : 100)) skill[name] = value * factor;
		else
			problems[name] = m.is_not_what_a_measure_is({
				text,
				figure: showFigure(usualSkill[name] / factor, 3, text.includes(','))
			});
	}
	return { skill: skill as FarmSettings['skill'], problems };
}
