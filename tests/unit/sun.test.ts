import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inversionHours, inversionTurns, sunHeight, sunPath, sunTimes } from '../../src/core';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const at = (...parts: [number, number, number, number?, number?, number?]) => Date.UTC(...parts) / 1000;
const clock = (s: number | null) => (s === null ? null : new Date(s * 1000).toISOString().slice(0, 19));

describe('the sun', () => {
	const west = { latitude: 39.742476, longitude: -105.1786 };
	it('stands where the published examples have it', () => {
		// The worked example of the solar position algorithm: zenith 50.11162° with refraction, 50.1283° without.
		expect(90 - sunHeight(at(2003, 9, 17, 19, 30, 30), west)).toBeCloseTo(50.128, 2);
		// Declination and equation of time of the worked example of 13 October 1992, 0 h.
		expect(sunPath(at(1992, 9, 13)).declination).toBeCloseTo(-7.78507, 4);
		expect(sunPath(at(1992, 9, 13)).equation).toBeCloseTo(13 + 42.6 / 60, 2);
	});
	it('rises and sets when the published example says', () => {
		expect(clock(sunTimes(at(2003, 9, 17, 19), west).rise)).toBe('2003-10-17T13:12:43');
		// The example's sunset is that of the day in universal time, which is the evening before.
		expect(clock(sunTimes(at(2003, 9, 16, 19), west).set)).toBe('2003-10-17T00:20:18');
	});
	it('crosses the horizon where its own height says so, at any place and time', () => {
		fc.assert(
			fc.property(
				between(-64, 64),
				between(-180, 180),
				fc.integer({ min: 0, max: 4e9 }),
				(latitude, longitude, time) => {
					const place = { latitude, longitude };
					const { rise, noon, set, stays } = sunTimes(time, place);
					if (stays !== null) return false;
					const inDay = time >= noon - 43_300 && time <= noon + 43_300;
					const height = (s: number) => sunHeight(s, place);
					return (
						inDay &&
						Math.abs(height(rise!) + 0.833) < 0.02 &&
						Math.abs(height(set!) + 0.833) < 0.02 &&
						height(noon) >= height(noon - 1200) &&
						height(noon) >= height(noon + 1200)
					);
				}
			)
		);
	});
	it('stays up or down near the poles', () => {
		expect(sunTimes(at(2026, 5, 21, 12), { latitude: 75, longitude: 0 }).stays).toBe('up');
		expect(sunTimes(at(2026, 11, 21, 12), { latitude: 75, longitude: 0 }).stays).toBe('down');
		expect(inversionHours(at(2026, 5, 21, 0), { latitude: 75, longitude: 0 })).toBe(false);
		expect(inversionHours(at(2026, 11, 21, 12), { latitude: 75, longitude: 0 })).toBe(true);
	});
	it('turns the hours of an inversion on and off where they are told to turn', () => {
		fc.assert(
			fc.property(
				between(-60, 60),
				between(-180, 180),
				fc.integer({ min: 0, max: 4e9 }),
				(latitude, longitude, from) => {
					const place = { latitude, longitude };
					const turns = inversionTurns(from, from + 3 * 86_400, place);
					const edges = [from, ...turns, from + 3 * 86_400];
					// Between two turns it is one or the other throughout, and at each turn it changes.
					return (
						turns.length >= 5 &&
						turns.every((t) => inversionHours(t - 90, place) !== inversionHours(t + 90, place)) &&
						edges.slice(1).every((to, i) => {
							const [a, b] = [edges[i]! + 90, to - 90];
							return b <= a || inversionHours(a, place) === inversionHours((a + b) / 2, place);
						})
					);
				}
			),
			{ numRuns: 300 }
		);
	});
});

describe('the sun far from the turn of the century and far north', () => {
	const noon = (y: number, m: number, d: number, h = 12) => Date.UTC(y, m, d, h) / 1000;
	it('drifts over centuries as its equations have it', () => {
		// Declination, degrees, and equation of time, minutes, at noon of 5 April.
		const kept = [
			[1700, 6.17841196, -2.67055563],
			[1900, 6.00818459, -2.8153263],
			[2400, 6.32713236, -2.48832682],
			[2900, 6.25508231, -2.28419093]
		] as const;
		for (const [year, declination, equation] of kept) {
			expect(sunPath(noon(year, 3, 5)).declination).toBeCloseTo(declination, 7);
			expect(sunPath(noon(year, 3, 5)).equation).toBeCloseTo(equation, 7);
		}
	});
	it('neither rises nor sets in the polar night, and cold air lies on the ground all through it', () => {
		const north = { latitude: 75, longitude: 20 };
		expect(sunTimes(noon(2026, 11, 21), north)).toMatchObject({ rise: null, set: null, stays: 'down' });
		expect(inversionHours(noon(2026, 11, 21), north)).toBe(true);
		expect(inversionHours(noon(2026, 5, 21), north)).toBe(false);
		expect(inversionTurns(noon(2026, 11, 20), noon(2026, 11, 22), north)).toEqual([]);
	});
	it('turns twice a day, in order, none told twice', () => {
		const place = { latitude: 47, longitude: 0 };
		const turns = inversionTurns(noon(2026, 2, 20, 0), noon(2026, 2, 23, 0), place);
		expect(turns).toHaveLength(6);
		expect(turns).toEqual([...turns].sort((a, b) => a - b));
		for (const turn of turns) expect(inversionHours(turn - 60, place)).not.toBe(inversionHours(turn + 60, place));
		// A turn at the very end belongs to what comes after.
		expect(inversionTurns(turns[0]!, turns[1]!, place)).toEqual([]);
	});
});
