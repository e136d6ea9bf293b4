import { seaPressure } from './air-pressure';
import { wetBulb } from './wet-bulb';

/**
 * Delta-T, dry bulb less wet bulb, °C: how fast drops dry in the air.
 *
 * temperature: °C, −20 to 50. humidity: %, 0 to 100. pressure: of the air, hPa. Null outside of them.
 * Source: wet-bulb temperature by an empirical fit to the psychrometric equation.
 * @example
 * deltaT(20, 50).toFixed(3) // => "6.158"
 * deltaT(15, 100) // => 0
 * deltaT(30, 20, 800).toFixed(3) // => "15.375"
 */
export function deltaT(temperature: number, humidity: number, pressure: number = seaPressure): number | null {
	const wet = wetBulb(temperature, humidity, pressure);
	return wet === null ? null : temperature - wet;
}
