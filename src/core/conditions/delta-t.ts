import { wetBulb } from './wet-bulb';

/**
 * Delta-T, dry bulb less wet bulb, °C: how fast drops dry in the air. Never below 0, which the fit of the wet bulb would give
 * near saturation.
 *
 * temperature: °C, −20 to 50. humidity: %, 5 to 99. Null outside of them.
 * @example
 * deltaT(20, 50).toFixed(2) // => "6.30"
 * deltaT(50, 99) // => 0
 */
export function deltaT(temperature: number, humidity: number): number | null {
	const wet = wetBulb(temperature, humidity);
	return wet === null ? null : Math.max(0, temperature - wet);
}
