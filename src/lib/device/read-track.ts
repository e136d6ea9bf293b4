import type { TrackPoint, TrackSource } from '$core';
import { mostTrackPoints } from '$lib/formats/track-limit';

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
}

/** Fixes as the points of a track: seconds from the first, in order, one a moment, thinned to what a round keeps. */
export function pointsOf(fixes: readonly Fix[]): TrackPoint[] {
	const ordered = [...fixes].sort((a, b) => a.at - b.at);
	const first = ordered[0]?.at ?? 0;
	const points: TrackPoint[] = [];
	for (const fix of ordered) {
		const seconds = Math.round(fix.at - first) / 1000;
		if (points.length > 0 && seconds <= points.at(-1)![0]) continue;
		points.push([seconds, Number(fix.latitude.toFixed(7)), Number(fix.longitude.toFixed(7))]);
	}
	const step = Math.ceil(points.length / mostTrackPoints);
	return step > 1 ? points.filter((_, i) => i % step === 0) : points;
}

const gpxExample = 'A GPX track has <trkpt lat="…" lon="…"> with a <time> in each.';
const nmeaExample = 'NMEA 0183 looks like $GPRMC,092204.5,A,4250.5589,S,14718.5084,E,4.3,89.7,211126,,*hh.';

/** Fixes of a GPX file that has a time at each point. Needs the browser's XML reader. */
async function gpxFixes(text: string): Promise<Fix[]> {
	const { gpx } = await import('@tmcw/togeojson');
	const document = new DOMParser().parseFromString(text, 'application/xml');
	if (document.querySelector('parsererror')) return [];
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
					? [{ at, latitude, longitude }]
					: [];
			})
		);
	});
}

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
			return Number.isFinite(at) ? { at, latitude: packet.latitude, longitude: packet.longitude } : null;
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
	if (!source) return { ok: false, problem: `“${name}” is neither GPX nor NMEA. ${gpxExample} ${nmeaExample}` };
	const read = source === 'nmea' ? await nmeaReader() : null;
	const fixes = read ? text.split(/\r?\n/).flatMap((line) => read(line) ?? []) : await gpxFixes(text);
	const points = pointsOf(fixes);
	if (points.length < 3)
		return {
			ok: false,
			problem: `“${name}” holds ${points.length} timed ${points.length === 1 ? 'point' : 'points'}; three are the least. ${source === 'gpx' ? gpxExample : nmeaExample}`
		};
	return { ok: true, track: { source, name, points } };
}
