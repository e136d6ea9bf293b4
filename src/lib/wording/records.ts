import type { AskedField } from '../../core';

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
