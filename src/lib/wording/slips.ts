import { m } from '$words';
import type { Slip, SumPartName } from '../../core';
import { showFigure } from '../../core';
import { shortUnit } from '../settings/field-units';

const partWords: Readonly<Record<SumPartName, string>> = {
	get catch() {
		return m.the_catch();
	},
	get catchTime() {
		return m.the_catch_time();
	},
	get nozzles() {
		return m.the_number_of_nozzles();
	},
	get course() {
		return m.the_course();
	},
	get courseTime() {
		return m.the_time_over_the_course();
	},
	get speed() {
		return m.the_speed();
	},
	get width() {
		return m.the_width();
	},
	get area() {
		return m.the_area();
	},
	get used() {
		return m.the_volume_used();
	},
	get tank() {
		return m.the_tank();
	},
	get volume() {
		return m.the_spray_volume();
	},
	get dose() {
		return m.the_dose();
	}
};

/** A slip in a sentence without its full stop, as it follows “It looks as if”. */
export function slipWords(slip: Slip, comma: boolean): string {
	switch (slip.code) {
		case 'rounded':
			return m.was_rounded_to_on_the_way({
				partWords: partWords[slip.part],
				to: showFigure(slip.to, 4, comma),
				which: slip.unit ? ` ${shortUnit(slip.unit)}` : ''
			});
		case 'gallon':
			return m.us_and_imperial_gallons_were_mixed();
		case 'ounces':
			return slip.taken === 160 ? m.a_gallon_was_counted_as_160() : m.a_gallon_was_counted_as_128();
		case 'square-feet':
			return m.a_square_metre_was_counted_as().replace('.', comma ? ',' : '.');
		case 'acre':
			return m
				.an_acre_was_counted_as_ft({ which: slip.taken === 43_000 ? '43,000' : '44,000' })
				.replaceAll(',', comma ? '.' : ',');
		case 'clock':
			return m.in_minutes_and_seconds_was_read({ partWords: partWords[slip.part] });
		case 'minutes':
			return m.in_seconds_was_taken_for_minutes({ partWords: partWords[slip.part] });
		case 'dial':
			return m.the_speed_is_the_dials_not();
		case 'inches':
			return m.in_inches_was_taken_for_feet({ partWords: partWords[slip.part] });
		case 'one-nozzle':
			return m.the_flow_is_one_nozzles_not({ nozzles: slip.nozzles });
		case 'one-side':
			return m.one_side_was_counted_not_both();
		case 'gross-width':
			return m.the_whole_wetted_width_was_taken();
		case 'half-pressure':
			return m.half_of_the_pressure_change_was();
		case 'percent-of-water':
			return m.the_per_cent_was_taken_of();
	}
}
