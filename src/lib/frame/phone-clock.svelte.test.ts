import { afterEach, describe, expect, it } from 'vitest';
import { phone, sameClock, zoneSuffix } from './phone-clock.svelte';

const winter = Date.parse('2026-01-10T22:56:00Z');
afterEach(() => (phone.zone = null));

describe('a phone’s clock and the farm’s', () => {
	it('are the same where they show the same, whatever the zones are called', () => {
		expect(sameClock('Europe/Paris', 'Europe/Berlin', winter)).toBe(true);
		expect(sameClock('UTC', 'America/New_York', winter)).toBe(false);
		// A day apart is not the same, though the hands agree.
		expect(sameClock('Pacific/Kiritimati', 'Pacific/Honolulu', winter)).toBe(false);
	});
	it('say whose a time is only where they differ', () => {
		expect(zoneSuffix('UTC', winter)).toBe('');
		phone.zone = 'America/New_York';
		expect(zoneSuffix('UTC', winter)).toBe(' (UTC)');
		expect(zoneSuffix('America/New_York', winter)).toBe('');
	});
});
