import { m } from '$words';
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
				m.calibrate({ name }),
				due.reasons.map((r) => dueReasonText(r, farm.settings)).join(' ') || m.by_the_farms_own_rules()
			);
	for (const { block, entry, harvest, plantBack, notEntered } of states) {
		const missing = (what: 'entry' | 'harvest') => {
			const products = notEntered.filter((n) => n.what.includes(what)).map((n) => n.product);
			return products.length === 0
				? ''
				: m.not_entered_read_the_label_of({ notEnteredWords: notEnteredWords([what]), list: products.join(', ') });
		};
		if (entry)
			calendar.createEvent({
				id: `entry-${part(block)}@fallow`,
				stamp,
				start: new Date(entry.until * 1000),
				end: new Date(entry.until * 1000),
				summary: m.people_may_go_in_again({ block }),
				description: m.by_the_label_of_the_label({ product: entry.product, missing: missing('entry') })
			});
		if (harvest)
			allDay(
				`harvest-${part(block)}`,
				harvest.day,
				m.harvest_from_today_on({ block }),
				m.by_the_label_of_the_label({ product: harvest.product, missing: missing('harvest') })
			);
		for (const { crop, day, product } of plantBack)
			allDay(
				`sow-${part(block)}-${part(crop)}`,
				day,
				m.may_be_sown_from_today_on({ block, name: crop.toLowerCase() }),
				m.by_the_label_of_the_label_in({ product })
			);
	}
	return calendar.toString();
}
