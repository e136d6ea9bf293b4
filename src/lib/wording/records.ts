import { m } from '$words';
import type { AskedField, RequiredField } from '../../core';

/** What is asked of a person for a record. */
export const recordFieldWords: Readonly<Record<AskedField, string>> = {
	get operator() {
		return m.operator();
	},
	get licence() {
		return m.licence_number();
	},
	get crop() {
		return m.crop();
	},
	get stage() {
		return m.growth_stage();
	},
	get condition() {
		return m.condition_of_the_crop();
	},
	get target() {
		return m.pest_or_reason();
	},
	get waterSource() {
		return m.water_source();
	},
	get buffer() {
		return m.buffer_kept();
	},
	get remarks() {
		return m.remarks();
	}
};

/** What a farm can make its records have. */
export const requiredWords = (field: RequiredField): string =>
	field === 'weather' ? m.weather_of_the_day() : recordFieldWords[field];

export const noWeatherWords = (): string => m.no_weather_was_written_down_on();
