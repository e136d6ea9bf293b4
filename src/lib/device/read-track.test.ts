import { describe, expect, it } from 'vitest';
import { driveAt } from '../../../simulators/drive';
import { rmc, sentence } from '../../../simulators/nmea';
import { steadyPart, trackSpeed, trackSpeeds } from '$core';
import { mostTrackPoints } from '$lib/wire/track-limit';
import { nmeaReader, pointsOf, readTrack } from './read-track';

const log = (seconds: number, valid = true) =>
	Array.from({ length: seconds * 5 }, (_, i) => {
		const place = driveAt(i / 5, { speed: 2.2, strip: 180 });
		return rmc(
			new Date(1_790_000_000_000 + i * 200),
			place.latitude,
			place.longitude,
			place.speed,
			place.course,
			valid
		);
	}).join('\r\n');

describe('NMEA 0183', () => {
	it('from the simulated receiver reads back to the drive that it was made from', async () => {
		const read = await readTrack(log(80), 'drive.nmea');
		if (!read.ok) throw new Error(read.problem);
		expect(read.track.source).toBe('nmea');
		const part = steadyPart(trackSpeeds(read.track.points))!;
		expect(trackSpeed(read.track.points, part.from, part.to)!.value).toBeCloseTo(2.2, 2);
	});
	it('passes over torn, foreign and unfixed sentences', async () => {
		const read = await nmeaReader();
		expect(read('$GPRMC,torn')).toBeNull();
		expect(read(sentence('GPTXT,01,01,02,HELLO'))).toBeNull();
		expect(read(log(1, false).split('\r\n')[0]!)).toBeNull();
		const good = log(1).split('\r\n')[0]!;
		expect(read(good)?.latitude).toBeCloseTo(-30.5, 6);
		// One digit changed: the checksum no longer holds.
		expect(read(good.replace('3030.0', '3031.0'))).toBeNull();
	});
	it('without a fix is told, with an example', async () => {
		const read = await readTrack(log(5, false), 'cloud.nmea');
		expect(read.ok ? '' : read.problem).toMatch(/holds 0 timed points.*\$GPRMC/);
	});
});

describe('a file that is no track', () => {
	it('is named, with what a track looks like', async () => {
		const read = await readTrack('a,b,c', 'notes.txt');
		expect(read.ok ? '' : read.problem).toMatch(/“notes.txt” is neither GPX nor NMEA/);
	});
});

describe('fixes as points', () => {
	it('are in order, one a moment, and thinned to what a calibration keeps', () => {
		const fix = (at: number) => ({ at, latitude: 1, longitude: 2 });
		expect(pointsOf([fix(2000), fix(0), fix(2000), fix(1000)]).map((p) => p[0])).toEqual([0, 1, 2]);
		const many = pointsOf(Array.from({ length: 9000 }, (_, i) => fix(i * 200)));
		expect(many.length).toBeLessThanOrEqual(mostTrackPoints);
		expect(many.length).toBeGreaterThan(mostTrackPoints / 2);
		expect(pointsOf([])).toEqual([]);
		// A speed that a device does not know is none.
		const told = [1.2, -1, NaN].map((speed, i) => ({ ...fix(i * 1000), speed }));
		expect(pointsOf(told).map((p) => p.length)).toEqual([4, 3, 3]);
	});
});
