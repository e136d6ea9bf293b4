import { m } from '$words';
import type { Fix } from './read-track';
import { nmeaReader } from './read-track';

/** Something that tells where the sprayer is, now and again, until it is stopped. */
export interface Receiver {
	start(onFix: (fix: Fix) => void, onProblem: (words: string) => void): () => void;
}

/** The browser's own position. */
export function browserReceiver(geolocation: Geolocation): Receiver {
	return {
		start(onFix, onProblem) {
			const words: Record<number, string> = {
				1: m.this_browser_may_not_be_asked(),
				2: m.there_is_no_position_to_be(),
				3: m.the_position_did_not_come_in()
			};
			const id = geolocation.watchPosition(
				({ coords: { latitude, longitude, speed }, timestamp }) =>
					onFix({ at: timestamp, latitude, longitude, speed: speed ?? undefined }),
				(error) => onProblem(words[error.code] ?? error.message),
				{ enableHighAccuracy: true, maximumAge: 0, timeout: 20_000 }
			);
			return () => geolocation.clearWatch(id);
		}
	};
}

/** The farm's receiver, whose NMEA 0183 sentences the server passes on line by line. */
export function serverReceiver(open: (path: string) => EventSource): Receiver {
	return {
		start(onFix, onProblem) {
			const source = open('/api/receiver');
			let read: ((sentence: string) => Fix | null) | null = null;
			void nmeaReader().then((reader) => (read = reader));
			source.addEventListener('message', (event: MessageEvent<string>) => {
				const fix = read?.(event.data);
				if (fix) onFix(fix);
			});
			source.addEventListener('lost', () => onProblem(m.the_receiver_stopped_talking_what_was()));
			source.addEventListener('error', () => {
				if (source.readyState === EventSource.CLOSED) onProblem(m.the_receiver_cannot_be_reached());
			});
			return () => source.close();
		}
	};
}
