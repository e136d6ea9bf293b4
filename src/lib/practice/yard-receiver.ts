import { Chance } from '$core';
import type { Receiver } from '$lib/device/receivers';
import { nmeaReader } from '$lib/device/read-track';
import type { YardState } from './yard.svelte';

/** Metres in a degree of latitude, at the yard's place in the middle of nowhere. */
const degree = 110_574;
const place = { latitude: 0, longitude: -140 };
/** Share of the seconds in which it has no fix, as under trees: its sentence says so. */
const lost = 0.03;
/** How far one position is off, and how far the receiver's own speed is, 1-sigma. */
const off = { position: 0.4, speed: 0.05 };
const knot = 1852 / 3600;
const everySecond = 1000;

/** A sentence of NMEA 0183 with its checksum. */
const sentence = (body: string): string => {
	let sum = 0;
	for (let i = 0; i < body.length; i += 1) sum ^= body.charCodeAt(i);
	return `$${body}*${sum.toString(16).toUpperCase().padStart(2, '0')}`;
};

/** Degrees and minutes as NMEA writes them. */
const angle = (degrees: number, digits: number): string => {
	const whole = Math.floor(Math.abs(degrees));
	return `${String(whole).padStart(digits, '0')}${((Math.abs(degrees) - whole) * 60).toFixed(5).padStart(8, '0')}`;
};

/** What a receiver on the practice sprayer says: its RMC sentence, once a second of the yard's time. */
export function yardSentence(metres: number, speed: number, seconds: number, fix = true): string {
	const latitude = place.latitude + metres / degree;
	const hours = Math.floor(seconds / 3600) % 24;
	const two = (n: number) => String(n).padStart(2, '0');
	const time = `${two(hours)}${two(Math.floor(seconds / 60) % 60)}${two(Math.floor(seconds) % 60)}.00`;
	if (!fix) return sentence(`GPRMC,${time},V,,,,,,,010126,,,N`);
	return sentence(
		`GPRMC,${time},A,${angle(latitude, 2)},${latitude < 0 ? 'S' : 'N'},${angle(place.longitude, 3)},W,${(speed / knot).toFixed(2)},0.0,010126,,,A`
	);
}

/** A receiver that rides on the practice sprayer. It speaks NMEA 0183, and is read as any other. */
export const yardReceiver = (
	yard: YardState,
	clock: { readonly now: () => number },
	every: (ms: number, run: () => void) => () => void
): Receiver => ({
	start(onFix) {
		const chance = new Chance(yard.head.seed, `receiver ${yard.yard.done.length}`);
		let read: Awaited<ReturnType<typeof nmeaReader>> | null = null;
		void nmeaReader().then((reader) => (read = reader));
		let last = Math.floor(clock.now() / everySecond) - 1;
		return every(everySecond / 10, () => {
			const second = Math.floor(clock.now() / everySecond);
			if (second === last) return;
			last = second;
			yard.tick();
			const { along, passing } = yard;
			const length = yard.yard.machine.course.is;
			const moving = passing !== null && along !== null;
			const speed = moving ? length / passing.pass : 0;
			const line = yardSentence(
				(along ?? 0) * length + chance.normal(off.position),
				Math.max(0, speed + chance.normal(off.speed)),
				second,
				chance.next() >= lost
			);
			const fix = read?.(line);
			if (fix) onFix(fix);
		});
	}
});
