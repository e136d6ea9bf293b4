import type { Fix } from './read-track';
import { nmeaReader } from './read-track';

/** Something that tells where the rig is, now and again, until it is stopped. */
export interface Receiver {
	start(onFix: (fix: Fix) => void, onProblem: (words: string) => void): () => void;
}

/** The browser's own position. */
export function browserReceiver(geolocation: Geolocation): Receiver {
	return {
		start(onFix, onProblem) {
			const words: Record<number, string> = {
				1: 'This browser may not be asked for its position. Allow it for this page, or use a file.',
				2: 'There is no position to be had here.',
				3: 'The position did not come in time. Go where the sky is open.'
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
			source.addEventListener('lost', () => onProblem('The receiver stopped talking. What was recorded is kept.'));
			source.addEventListener('error', () => {
				if (source.readyState === EventSource.CLOSED) onProblem('The receiver cannot be reached.');
			});
			return () => source.close();
		}
	};
}
