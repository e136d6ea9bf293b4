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
	const of = (unit: string, show: (v: number) => string = figure) => `${show(at ?? 0)} of ${show(limit ?? 0)} ${unit}`;
	switch (code) {
		case 'never':
			return 'Nothing was measured yet, so no tank can be dosed from it.';
		case 'event':
			return `Since it was calibrated: ${eventWords[what as SprayerEventKind].name.toLowerCase()}.`;
		case 'operator':
			return `Sprayed by ${what}, who ${what.includes(',') ? 'have' : 'has'} no calibration of it: a step and a hand are part of the rig.`;
		case 'season':
			return due ? `A new season began on ${dayText(day)}.` : `The next season begins on ${dayText(day)}.`;
		case 'days':
			return due
				? `Due by the calendar since ${dayText(day)}: over ${limit} days.`
				: `Due by the calendar on ${dayText(day)}.`;
		case 'hours':
			return `${of('hours')} sprayed since${due ? '' : ', so soon'}.`;
		case 'abrasive':
			return `${of('hours')} with abrasive products since${due ? '' : ', so soon'}.`;
		case 'wide':
			return `Cannot tell how long it stays good: its ± of ${figure((at ?? 0) * 100)} % is wider than the ${(limit ?? 0) * 100} % that is judged. Measure it finer.`;
		case 'area': {
			const { area } = fieldUnits(settings);
			return `${of(area, (v) => figure(inUnit('area', si<'area'>(v), area)))} sprayed since${due ? '' : ', so soon'}.`;
		}
	}
}

/** The state in a few words, for a card. */
export function dueShort(due: CalibrationDue): string {
	if (due.state === 'due') return 'calibrate again';
	if (due.state === 'soon') return due.reasons[0]?.code === 'wide' ? 'cannot tell 5 %: ± too wide' : 'due soon';
	return due.day ? `due ${dayText(due.day)}` : 'good';
}
