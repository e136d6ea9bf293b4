import { m } from '$words';
import { fields, readField, readNumber } from '../../core/index';
import { wordIssue } from '../wording/issues';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, typed } from '../settings/field-units';
import { typedText } from '../settings/typed-text';

type Due = FarmSettings['due'];
export type DueField = 'dueSeason' | 'dueDays' | 'dueHours' | 'dueArea' | 'dueAbrasive';
export type DueTexts = Readonly<Record<DueField, string>>;

/** Longest that a rule may count: ten years, and hours of a life. */
const mostDays = 3660;
const mostHours = 10_000;

export function dueTexts({ due, decimalComma }: Pick<FarmSettings, 'due' | 'decimalComma'>): DueTexts {
	const number = (n: number | null) => (n === null ? '' : decimalComma ? `${n}`.replace('.', ',') : `${n}`);
	return {
		dueSeason: due.seasonStart ?? '',
		dueDays: number(due.days),
		dueHours: number(due.hours),
		dueArea: due.area ? typedText(due.area) : '',
		dueAbrasive: number(due.abrasiveHours)
	};
}

/** Reads when a farm calibrates again: an empty field is a rule that it does not have. */
export function readDueForm(
	text: (name: DueField) => string,
	settings: FarmSettings
): { readonly due: Due; readonly problems: Record<string, string> } {
	const problems: Record<string, string> = {};
	const number = (name: DueField, most: number, whole: boolean): number | null => {
		const told = text(name).trim();
		if (told === '') return null;
		const value = readNumber(told, settings.decimalComma);
		if (typeof value !== 'number' || (whole && !Number.isInteger(value)))
			problems[name] = whole ? m.is_no_whole_number({ told }) : m.is_no_number({ told });
		else if (!(value > 0) || value > most) problems[name] = m.has_to_be_over_0_and_up_to({ told, most });
		else return value;
		return null;
	};
	const season = text('dueSeason').trim();
	const day = /^(\d\d)-(\d\d)$/.exec(season);
	const inMonth = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][Number(day?.[1]) - 1] ?? 0;
	if (season !== '' && (!day || Number(day[2]) < 1 || Number(day[2]) > inMonth))
		problems.dueSeason = m.is_not_a_day_of_the_year_spring({ season });
	let area: Due['area'] = null;
	if (text('dueArea').trim() !== '') {
		const told = typed(text('dueArea'), fieldUnits(settings).area, settings);
		const read = readField(fields.area, told, 'dueArea');
		if (read.ok) area = told as Due['area'];
		else problems.dueArea = wordIssue(read.issues[0]!);
	}
	return {
		due: {
			seasonStart: season === '' || problems.dueSeason ? null : season,
			days: number('dueDays', mostDays, true),
			hours: number('dueHours', mostHours, false),
			area,
			abrasiveHours: number('dueAbrasive', mostHours, false)
		},
		problems
	};
}
