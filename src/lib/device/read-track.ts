import { m } from '$words';
import type { TrackPoint, TrackSource } from '$core';
import { mostTrackPoints } from '$lib/wire/track-limit';

export interface ReadTrack {
	readonly source: TrackSource;
	readonly name: string;
	readonly points: readonly TrackPoint[];
}

export type TrackRead =
	{ readonly ok: true; readonly track: ReadTrack } | { readonly ok: false; readonly problem: string };

/** One fix: wall clock, ms, and where, degrees. */
export interface Fix {
	readonly at: number;
	readonly latitude: number;
	readonly longitude: number;
	/** The receiver's own, m/s, where it sends it. */
	readonly speed?: number | undefined;
}

/** Fixes as the points of a track: seconds from the first, in order, one a moment, thinned to what a calibration keeps. */
export function pointsOf(fixes: readonly Fix[]): TrackPoint[] {
	const ordered = [...fixes].sort((a, b) => a.at - b.at);
	const first = ordered[0]?.at ?? 0;
	const points: TrackPoint[] = [];
	for (const fix of ordered) {
		const seconds = Math.round(fix.at - first) / 1000;
		if (points.length > 0 && seconds <= points.at(-1)![0]) continue;
		const at = [seconds, place(fix.latitude), place(fix.longitude)] as const;
		const { speed } = fix;
		// Some devices say −1, or not a number, for a speed that they do not know.
		points.push(speed !== undefined && speed >= 0 && speed <= 100 ? [...at, Number(speed.toFixed(4))] : at);
	}
	const step = Math.ceil(points.length / mostTrackPoints);
	return step > 1 ? together(points, step) : points;
}

const place = (degrees: number) => Number(degrees.toFixed(8));

/** So many points in a row as their mean: what is thinned is not thrown away, since its wander evens out. */
function together(points: readonly TrackPoint[], step: number): TrackPoint[] {
	const made: TrackPoint[] = [];
	for (let i = 0; i < points.length; i += step) {
		const part = points.slice(i, i + step);
		const mean = (of: (p: TrackPoint) => number) => part.reduce((sum, p) => sum + of(p), 0) / part.length;
		const at = [Number(mean((p) => p[0]).toFixed(3)), place(mean((p) => p[1])), place(mean((p) => p[2]))] as const;
		const told = part.every((p) => p[3] !== undefined);
		made.push(told ? [...at, Number(mean((p) => p[3]!).toFixed(4))] : at);
	}
	// The clock of a track begins with it.
	const [first] = made[0]!;
	return made.map(([at, ...rest]) => [Number((at - first).toFixed(3)), ...rest]);
}

const gpxExample = () => m.a_gpx_track_has_trkpt_lat();
const nmeaExample = () => m.nmea_0183_looks_like_gprmc_092204();

/** Fixes of a GPX file that has a time at each point. Needs the browser's XML reader. */
async function gpxFixes(text: string): Promise<Fix[]> {
	const { gpx } = await import('@tmcw/togeojson');
	const document = new DOMParser().parseFromString(text, 'application/xml');
	if (document.querySelector('parsererror')) return [];
	const told = gpxSpeeds(document);
	return gpx(document).features.flatMap((feature) => {
		if (feature.geometry?.type !== 'LineString' && feature.geometry?.type !== 'MultiLineString') return [];
		const lines =
			feature.geometry.type === 'LineString' ? [feature.geometry.coordinates] : feature.geometry.coordinates;
		const times = (feature.properties?.coordinateProperties as { times?: string[] | string[][] } | undefined)?.times;
		if (!times) return [];
		const perLine = (feature.geometry.type === 'LineString' ? [times] : times) as string[][];
		return lines.flatMap((line, l) =>
			line.flatMap(([longitude, latitude], i) => {
				const at = Date.parse(perLine[l]?.[i] ?? '');
				return Number.isFinite(at) && latitude !== undefined && longitude !== undefined
					? [{ at, latitude, longitude, speed: told.get(at) }]
					: [];
			})
		);
	});
}

/** The receiver's own speeds of a GPX file, m/s, by their moment: an element of a point's own, or of its extensions. */
function gpxSpeeds(document: Document): Map<number, number> {
	const speeds = new Map<number, number>();
	for (const point of document.getElementsByTagNameNS('*', 'trkpt')) {
		const text = (name: string) => point.getElementsByTagNameNS('*', name)[0]?.textContent?.trim() ?? '';
		const [at, speed] = [Date.parse(text('time')), Number(text('speed'))];
		if (Number.isFinite(at) && text('speed') !== '' && Number.isFinite(speed) && speed >= 0) speeds.set(at, speed);
	}
	return speeds;
}

/** A knot, a nautical mile of 1,852 m an hour, in m/s: what NMEA 0183 tells a speed in. */
const knot = 1852 / 3600;

/**
 * The fix of one NMEA 0183 sentence that has one (RMC, or GGA with the day of the last RMC); null for any other
 * sentence, a receiver without a fix, or one whose checksum does not hold.
 */
export async function nmeaReader(): Promise<(sentence: string) => Fix | null> {
	const { parseNmeaSentence } = await import('nmea-simple');
	return (sentence) => {
		try {
			const packet = parseNmeaSentence(sentence.trim());
			if (packet.sentenceId !== 'RMC' || packet.status !== 'valid') return null;
			const at = packet.datetime.getTime();
			if (!Number.isFinite(at)) return null;
			const speed = Number.isFinite(packet.speedKnots) ? packet.speedKnots * knot : undefined;
			return { at, latitude: packet.latitude, longitude: packet.longitude, speed };
		} catch {
			// A torn or foreign sentence is what a serial line brings; the next one is whole.
			return null;
		}
	};
}

/** Reads a dropped file or pasted text: GPX, or NMEA 0183 sentences. */
export async function readTrack(text: string, name: string): Promise<TrackRead> {
	const source: TrackSource | null = /<gpx[\s>]/i.test(text)
		? 'gpx'
		: /^\s*[$!][A-Z]{4,5},/m.test(text)
			? 'nmea'
			: null;
	if (!source)
		return {
			ok: false,
			problem: m.is_neither_gpx_nor_nmea({ name, gpxExample: gpxExample(), nmeaExample: nmeaExample() })
		};
	const read = source === 'nmea' ? await nmeaReader() : null;
	const fixes = read ? text.split(/\r?\n/).flatMap((line) => read(line) ?? []) : await gpxFixes(text);
	const points = pointsOf(fixes);
	if (points.length < 3)
		return {
			ok: false,
			problem: m.holds_timed_points_three_are_the({
				name,
				count: points.length,
				which: source === 'gpx' ? gpxExample() : nmeaExample()
			})
		};
	return { ok: true, track: { source, name, points } };
}
