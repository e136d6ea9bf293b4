import { m } from '$words';
import type { Measure, Typed } from '../../core/index';
import { bounds, readQuantity, within } from '../../core/index';
import { wordIssue } from '../wording/issues';
import type { FarmSettings } from '../settings/farm-settings';
import { mostMeasures } from '../settings/limits';
import { isMetric, typed } from '../settings/field-units';
import { typedText } from '../settings/typed-text';

/** One jug or scale as text, in a form. */
export interface MeasureText {
	readonly name: string;
	readonly mark: string;
	readonly holds: string;
}

export const measureTexts = (settings: FarmSettings): MeasureText[] =>
	settings.measures.map(({ name, mark, holds }) => ({ name, mark: typedText(mark), holds: typedText(holds) }));

const read = (told: Typed, oz: 'fluid' | 'weight', path: string) => {
	const { text, unit, gallon, comma: decimalComma = false } = told;
	const made = readQuantity(text, { kinds: ['volume', 'mass'], unit, gallon, decimalComma, oz }, path);
	if (!made.ok) return made;
	return within(made.value, made.value.kind === 'mass' ? bounds.pouredMass : bounds.poured, path);
};

/** Mark and content of one measure. An oz beside pounds is one of weight, else it is fluid. */
function readMeasure(mark: Typed, holds: Typed) {
	const fluid = [read(mark, 'fluid', 'mark'), read(holds, 'fluid', 'holds')] as const;
	const [a, b] = fluid;
	if (!a.ok || !b.ok || a.value.kind === b.value.kind) return fluid;
	return [read(mark, 'weight', 'mark'), read(holds, 'weight', 'holds')] as const;
}

/** Reads the form's three columns; a line without a name is left out. What is wrong is told at `place.column`. */
export function readMeasuresForm(
	columns: { readonly names: readonly string[]; readonly marks: readonly string[]; readonly holds: readonly string[] },
	settings: FarmSettings
): { readonly measures: FarmSettings['measures']; readonly problems: Record<string, string> } {
	const problems: Record<string, string> = {};
	const unit = isMetric(settings.rateUnit) ? 'ml' : settings.gallon === 'US' ? 'US fl oz' : 'Imp fl oz';
	const measures = columns.names.slice(0, mostMeasures).flatMap((text, i) => {
		const name = text.trim();
		if (name === '') return [];
		if (name.length > 40) problems[`${i}.name`] = m.that_name_is_over_40_letters();
		const mark = typed(columns.marks[i] ?? '', unit, settings);
		const holds = typed(columns.holds[i] ?? '', unit, settings);
		const [one, all] = readMeasure(mark, holds);
		for (const part of [one, all]) if (!part.ok) problems[`${i}.${part.issues[0]!.path}`] = wordIssue(part.issues[0]!);
		if (one.ok && all.ok) {
			if (one.value.kind !== all.value.kind) problems[`${i}.holds`] = m.the_mark_and_what_it_holds();
			else if (one.value.value > all.value.value) problems[`${i}.holds`] = m.it_holds_less_than_one_of();
			else if (one.value.value === 0) problems[`${i}.mark`] = m.it_has_to_be_more_than();
		}
		return [{ name, mark, holds } as FarmSettings['measures'][number]];
	});
	return { measures, problems };
}

/** The farm's jugs and scales in quantities; one that does not read any more is left out. */
export const farmMeasures = (settings: FarmSettings): Measure[] =>
	// A device may still hold the settings of before.
	((settings.measures as FarmSettings['measures'] | undefined) ?? []).flatMap(({ name, mark, holds }): Measure[] => {
		const [one, all] = readMeasure(mark, holds);
		return one.ok && all.ok && one.value.kind === all.value.kind
			? [{ name, kind: one.value.kind, mark: one.value.value, holds: all.value.value, unit: one.value.unit }]
			: [];
	});
