/** NMEA 0183: the sentences that a receiver sends, made from where the sprayer is. */

const checksum = (body: string): string => {
	let sum = 0;
	for (const letter of body) sum ^= letter.charCodeAt(0);
	return sum.toString(16).toUpperCase().padStart(2, '0');
};

export const sentence = (body: string): string => `$${body}*${checksum(body)}`;

/** Degrees as degrees and minutes, with as many digits of degrees as the field has. */
const degreesMinutes = (value: number, digits: number): string => {
	const size = Math.abs(value);
	const degrees = Math.floor(size + 1e-12);
	return `${degrees.toString().padStart(digits, '0')}${((size - degrees) * 60).toFixed(5).padStart(8, '0')}`;
};

const two = (n: number) => n.toString().padStart(2, '0');

/** Recommended minimum data: time, place, speed in knots, course. `valid` false is a receiver without a fix. */
export function rmc(
	at: Date,
	latitude: number,
	longitude: number,
	speed: number,
	course: number,
	valid = true
): string {
	const time = `${two(at.getUTCHours())}${two(at.getUTCMinutes())}${two(at.getUTCSeconds())}.${two(Math.floor(at.getUTCMilliseconds() / 10))}`;
	const day = `${two(at.getUTCDate())}${two(at.getUTCMonth() + 1)}${two(at.getUTCFullYear() % 100)}`;
	return sentence(
		[
			'GPRMC',
			time,
			valid ? 'A' : 'V',
			degreesMinutes(latitude, 2),
			latitude < 0 ? 'S' : 'N',
			degreesMinutes(longitude, 3),
			longitude < 0 ? 'W' : 'E',
			(speed / 0.514444).toFixed(2),
			course.toFixed(1),
			day,
			'',
			''
		].join(',')
	);
}
