import { describe, expect, it } from 'vitest';
import { moreRooms, nearRooms, rooms } from './rooms';

describe('the rooms of the app', () => {
	it('hold each page once on a desk', () => {
		for (const path of [
			'/',
			'/jobs',
			'/jobs/1/day',
			'/sprayers/2',
			'/nozzles',
			'/ground/3',
			'/products',
			'/log/season',
			'/farm'
		])
			expect(
				rooms.filter((room) => room.holds(path)).map((room) => room.name),
				path
			).toHaveLength(1);
		// A name that only begins alike is another page.
		expect(rooms.filter((room) => room.holds('/farmers'))).toEqual([]);
	});
	it('can all be reached on a phone', () => {
		const near = new Set<string>([...nearRooms, ...moreRooms].map((room) => room.href));
		expect(rooms.filter((room) => !near.has(room.href))).toEqual([]);
	});
});
