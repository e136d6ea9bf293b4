import ical, { ICalCalendarMethod } from 'ical-generator';
import type { BlockState, CalibrationDue } from '../../core/index';
import { addDays } from '../../core/index';
import { dueReasonText } from '../wording/due';
import { notEnteredWords } from '../wording/safety';
import type { FarmSettings } from '../settings/farm-settings';

/** An id that is made of a name: the same thing keeps it from one file to the next, so that a calendar brings it up to date. */
const part = (text: string) => encodeURIComponent(text.toLowerCase()).replace(/%/g, '_');

/**
 * What is due at a farm as an iCalendar file (RFC 5545): calibrations on their day, the end of re-entry as a moment,
 * harvest and sowing as the first day on which they may be. `now` (ms) stamps the file.
 */
export function calendarFile(
	farm: { readonly name: string; readonly settings: FarmSettings },
	sprayers: readonly { readonly id: string; readonly name: string; readonly due: CalibrationDue }[],
	states: readonly BlockState[],
	now: number
): string {
	const calendar = ical({
		name: farm.name,
		prodId: { company: 'Fallow', product: 'Fallow', language: 'EN' },
		method: ICalCalendarMethod.PUBLISH
	});
	const stamp = new Date(now);
	const allDay = (id: string, day: string, summary: string, description: string) =>
		calendar.createEvent({
			id: `${id}@fallow`,
			stamp,
			start: `${day}T00:00:00Z`,
			end: `${addDays(day, 1)}T00:00:00Z`,
			timezone: 'UTC',
			allDay: true,
			summary,
			description
		});
	for (const { id, name, due } of sprayers)
		if (due.day !== null)
			allDay(
				`calibrate-${id}`,
				due.day,
				`Calibrate ${name}`,
				due.reasons.map((r) => dueReasonText(r, farm.settings)).join(' ') || 'By the farm’s own rules.'
			);
	for (const { block, entry, harvest, plantBack, notEntered } of states) {
		const missing = (what: 'entry' | 'harvest') => {
			const products = notEntered.filter((n) => n.what.includes(what)).map((n) => n.product);
			return products.length === 0
				? ''
				: ` ${notEnteredWords([what])} not entered: read the label of ${products.join(', ')}.`;
		};
		if (entry)
			calendar.createEvent({
				id: `entry-${part(block)}@fallow`,
				stamp,
				start: new Date(entry.until * 1000),
				end: new Date(entry.until * 1000),
				summary: `${block}: people may go in again`,
				description: `By the label of ${entry.product}.${missing('entry')} The label in the hand decides.`
			});
		if (harvest)
			allDay(
				`harvest-${part(block)}`,
				harvest.day,
				`${block}: harvest from today on`,
				`By the label of ${harvest.product}.${missing('harvest')} The label in the hand decides.`
			);
		for (const { crop, day, product } of plantBack)
			allDay(
				`sow-${part(block)}-${part(crop)}`,
				day,
				`${block}: ${crop.toLowerCase()} may be sown from today on`,
				`By the label of ${product}. The label in the hand decides.`
			);
	}
	return calendar.toString();
}
