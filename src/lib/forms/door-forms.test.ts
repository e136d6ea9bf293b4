import { describe, expect, it } from 'vitest';
import { placeAfter } from './door-forms';

describe('the place after the door', () => {
	it('is one of this app, or Today', () => {
		expect(placeAfter('/jobs?day=2026-03-14')).toBe('/jobs?day=2026-03-14');
		expect(placeAfter(null)).toBe('/');
		for (const elsewhere of [
			'https://elsewhere.example',
			'//elsewhere.example',
			'/\\elsewhere.example',
			'javascript:1',
			'jobs',
			'',
			'/a\nb'
		])
			expect(placeAfter(elsewhere), elsewhere).toBe('/');
	});
});
