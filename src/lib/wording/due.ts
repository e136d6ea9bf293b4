import { m } from '$words';
import { dayText } from '../settings/day-text';
import type { CalibrationDue, DueReason } from '../../core';
import { inUnit, showFigure, si } from '../../core';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits } from '../settings/field-units';
import type { SprayerEventKind } from './events';
import { eventWords } from './events';

/** Why a sprayer wants calibrating again, with its figure: one sentence. */
export function dueReasonText(reason: DueReason, settings: FarmSettings): string {
	const { code, due, at, limit, day, what } = reason;
	const comma = settings.decimalComma;
	const figure = (v: number) => showFigure(v, 3, comma);
	const of = (unit: string, show: (v: number) => string = figure) =>
		m.of_show({ shown: show(at ?? 0), shown2: show(limit ?? 0), unit });
	switch (code) {
		case 'never':
			return m.nothing_was_measured_yet_so_no();
		case 'event':
			return m.since_it_was_calibrated({ name: eventWords[what as SprayerEventKind].name.toLowerCase() });
		case 'operator':
			return m.sprayed_by_who_no_calibration_of({ what, which: what.includes(',') ? m.have() : m.has() });
		case 'season':
			return due ? m.a_new_season_began_on({ day: dayText(day) }) : m.the_next_season_begins_on({ day: dayText(day) });
		case 'days':
			return due
				? m.due_by_the_calendar_since_over({ day: dayText(day), limit: limit ?? '' })
				: m.due_by_the_calendar_on({ day: dayText(day) });
		case 'hours':
			return m.sprayed_since({ value: of(m.hours()), which: due ? '' : m.so_soon() });
		case 'abrasive':
			return m.with_abrasive_products_since({ value: of(m.hours()), which: due ? '' : m.so_soon() });
		case 'wide':
			return m.cannot_tell_how_long_it_stays({ figure: figure((at ?? 0) * 100), limit: (limit ?? 0) * 100 });
		case 'area': {
			const { area } = fieldUnits(settings);
			return m.sprayed_since_area({
				area: of(area, (v) => figure(inUnit('area', si<'area'>(v), area))),
				which: due ? '' : m.so_soon()
			});
		}
	}
}

/** The state in a few words, for a card. */
export function dueShort(due: CalibrationDue): string {
	if (due.state === 'due') return m.calibrate_again();
	if (due.state === 'soon')
		return due.reasons[0]?.code === 'wide' ? m.cannot_tell_5_too_wide_inline() : m.due_soon_inline();
	return due.day ? m.due_day({ day: dayText(due.day) }) : m.good();
}
