import { m } from '$words';
import type { OtherSide, TypedSprayer } from '../../core/index';
import { fields, otherSides, readField, twoSided } from '../../core/index';
import { wordIssue } from '../wording/issues';

export interface SettingForm {
	name: string;
	off: number[];
	gear: string;
	rpm: string;
	pressure: string;
	note: string;
	/** The tip that is turned down; empty where its bodies hold one. */
	tip: string;
	/** Empty until somebody says. */
	otherSide: OtherSide | '';
}

/** Whether one side of rows is all that this setting sprays: then what becomes of the other side decides the volume. */
export const asksOtherSide = (sprayer: Pick<TypedSprayer, 'kind' | 'sections'>, off: readonly number[]): boolean =>
	sprayer.kind === 'airblast' && twoSided(sprayer) && off.length === 1;

/** Reads a setting's form as it came, with what is wrong beside each field. */
export function readSettingForm(
	data: FormData,
	sprayer: Pick<TypedSprayer, 'kind' | 'sections' | 'tips'>
): { readonly form: SettingForm; readonly problems: Record<string, string> } {
	const text = (name: string, most: number) =>
		String(data.get(name) ?? '')
			.trim()
			.slice(0, most);
	const on = new Set(data.getAll('on').map(Number));
	const off = sprayer.sections.length === 1 ? [] : sprayer.sections.map((_, i) => i).filter((i) => !on.has(i));
	const otherSide = otherSides.find((side) => side === data.get('otherSide')) ?? '';
	const form: SettingForm = {
		name: text('name', 60),
		off,
		gear: text('gear', 40),
		rpm: text('rpm', 10).replace(',', ''),
		pressure: text('pressure', 60),
		note: text('note', 200),
		tip: sprayer.tips?.find((t) => t.name === data.get('tip'))?.name ?? '',
		otherSide: asksOtherSide(sprayer, off) ? otherSide : ''
	};
	const problems: Record<string, string> = {};
	if (form.name === '') problems.name = m.a_setting_needs_a_name_like();
	if (off.length >= sprayer.sections.length) problems.on = m.every_part_is_off_so_nothing();
	if (asksOtherSide(sprayer, off) && otherSide === '') problems.otherSide = m.is_the_other_side_of_each();
	if (form.rpm !== '' && !(/^\d+$/.test(form.rpm) && Number(form.rpm) >= 1 && Number(form.rpm) <= 10_000))
		problems.rpm = m.is_not_a_number_of_turns({ rpm: form.rpm });
	if (form.pressure !== '') {
		const read = readField(fields.pressure, { text: form.pressure, unit: 'bar', gallon: 'US' }, 'pressure');
		if (!read.ok) problems.pressure = wordIssue(read.issues[0]!);
	}
	return { form, problems };
}
