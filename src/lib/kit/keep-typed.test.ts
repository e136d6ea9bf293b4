import { describe, expect, it } from 'vitest';
import { keepTyped, typedSince } from './keep-typed';

describe('what is typed while a form is being sent', () => {
	const sent = { name: 'Sample Slate', interval: 'soon', on: ['left'] };
	it('stays over what the server sends back', () => {
		const now = { name: 'Sample Slate', interval: '10', on: ['left', 'right'] };
		expect(typedSince(sent, now)).toEqual(['interval', 'on']);
		expect(keepTyped(sent, now, { ...sent, name: 'Sample slate' })).toEqual({
			name: 'Sample slate',
			interval: '10',
			on: ['left', 'right']
		});
	});
	it('is nothing where nothing was touched: the answer holds', () => {
		expect(typedSince(sent, { ...sent, on: ['left'] })).toEqual([]);
		expect(keepTyped(sent, { ...sent }, { ...sent, interval: '' })).toEqual({ ...sent, interval: '' });
	});
});
