import type { AskedField, RequiredField } from '../../core';

/** What is asked of a person for a record. */
export const recordFieldWords: Readonly<Record<AskedField, string>> = {
	operator: 'Operator',
	licence: 'Licence number',
	crop: 'Crop',
	stage: 'Growth stage',
	condition: 'Condition of the crop',
	target: 'Pest or reason',
	waterSource: 'Water source',
	buffer: 'Buffer kept',
	remarks: 'Remarks'
};

/** What a farm can make its records have. */
export const requiredWords: Readonly<Record<RequiredField, string>> = {
	...recordFieldWords,
	weather: 'Weather of the day'
};

export const noWeatherWords =
	'No weather was written down on the day. It cannot be added later: write under Remarks why, and seal it so.';
