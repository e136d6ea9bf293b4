import { describe, expect, it } from 'vitest';
import { firstErrors } from './first-errors';

describe('what is wrong with a form', () => {
	it('is the first thing at each field, of picked things, and of all of it', () => {
		expect(
			firstErrors({ name: ['is empty', 'is short'], on: { _errors: ['none is on'] }, _errors: ['not whole'] })
		).toEqual({ name: 'is empty', on: 'none is on', all: 'not whole' });
	});
	it('is nothing where a field was mended', () => {
		expect(firstErrors({ name: undefined, on: {}, _errors: undefined })).toEqual({});
	});
});
