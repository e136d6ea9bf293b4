import type { Rig } from '../../core';
import { fields, readField } from '../../core';
import { wordIssue } from '../wording/issues';

export interface SettingForm {
	readonly name: string;
	readonly off: number[];
	readonly gear: string;
	readonly rpm: string;
	readonly pressure: string;
	readonly note: string;
}

/** Reads a setting's form as it came, with what is wrong beside each field. */
export function readSettingForm(
	data: FormData,
	rig: Pick<Rig, 'sections'>
): { readonly form: SettingForm; readonly problems: Record<string, string> } {
	const text = (name: string, most: number) =>
		String(data.get(name) ?? '')
			.trim()
			.slice(0, most);
	const on = new Set(data.getAll('on').map(Number));
	const off = rig.sections.length === 1 ? [] : rig.sections.map((_, i) => i).filter((i) => !on.has(i));
	const form: SettingForm = {
		name: text('name', 60),
		off,
		gear: text('gear', 40),
		rpm: text('rpm', 10).replace(',', ''),
		pressure: text('pressure', 60),
		note: text('note', 200)
	};
	const problems: Record<string, string> = {};
	if (form.name === '') problems.name = 'A setting needs a name, like Left only or Second gear.';
	if (off.length >= rig.sections.length) problems.off = 'Every part is off, so nothing sprays. Turn one on.';
	if (form.rpm !== '' && !(/^\d+$/.test(form.rpm) && Number(form.rpm) >= 1 && Number(form.rpm) <= 10_000))
		problems.rpm = `“${form.rpm}” is not a number of turns. Write it like 540.`;
	if (form.pressure !== '') {
		const read = readField(fields.pressure, { text: form.pressure, unit: 'bar', gallon: 'US' }, 'pressure');
		if (!read.ok) problems.pressure = wordIssue(read.issues[0]!);
	}
	return { form, problems };
}
