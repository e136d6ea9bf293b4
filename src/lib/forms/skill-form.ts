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
	{ name: 'stopwatch', label: 'Stopwatch, start and stop', unit: 's', factor: 1 },
	{ name: 'jugMove', label: 'A catch begun and ended by hand', unit: 's', factor: 1 },
	{ name: 'steadyDriven', label: 'Steadiness of a run, driven', unit: '%', factor: 0.01 },
	{ name: 'steadyOnFoot', label: 'Steadiness of a run, on foot', unit: '%', factor: 0.01 },
	{ name: 'tape', label: 'Tape or wheel', unit: '%', factor: 0.01 },
	{ name: 'wettedEdge', label: 'Wetted edge on the ground', unit: 'm', factor: 1 },
	{ name: 'wettedEdgeShare', label: 'or of the width, the smaller', unit: '%', factor: 0.01 },
	{ name: 'estimatedWidth', label: 'Width estimated by eye', unit: '%', factor: 0.01 },
	{ name: 'jugMarks', label: 'Jug whose marks are not told', unit: 'ml', factor: 1e-6 },
	{ name: 'scaleDivision', label: 'Division of the scale', unit: 'g', factor: 1e-3 },
	{ name: 'tester', label: 'Tip tester or flow meter', unit: '%', factor: 0.01 },
	{ name: 'tankMark', label: 'Tank mark or sight gauge, of the tank', unit: '%', factor: 0.01 },
	{ name: 'metered', label: 'Dip or metered refill', unit: '%', factor: 0.01 },
	{ name: 'statedSpeed', label: 'Speed from a readout', unit: '%', factor: 0.01 },
	{ name: 'statedArea', label: 'Area that was told', unit: '%', factor: 0.01 },
	{ name: 'unseenSpread', label: 'Nozzles that were not caught, where one was', unit: '%', factor: 0.01 }
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
	`usual: ${showFigure(usualSkill[name] / factor, 3, comma)} ${unit}`;

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
			problems[name] =
				`“${text}” is not what a measure is good to. Write it like ${showFigure(usualSkill[name] / factor, 3, text.includes(','))}, or leave it empty.`;
	}
	return { skill: skill as FarmSettings['skill'], problems };
}
