import { seaPressure } from './air-pressure';

/** What is read of the air, °C and %. */
export const wetBulbRange = { temperature: { min: -20, max: 50 }, humidity: { min: 0, max: 100 } } as const;

/** Pressure of saturated vapour over water, hPa. */
const saturated = (t: number) => 6.112 * Math.exp((17.62 * t) / (243.12 + t));

/**
 * Wet bulb from dry bulb, relative humidity and the pressure of the air, °C: the psychrometer equation of a ventilated
 * instrument, `e = e_w(T_w) − 0.000653 (1 + 0.000944 T_w) p (T − T_w)`, solved to 1e-9 K.
 *
 * temperature: °C, −20 to 50. humidity: %, 0 to 100. pressure: hPa. Null outside. Source: WMO No. 8.
 * @example
 * wetBulb(20, 50).toFixed(3) // => "13.842"
 * wetBulb(20, 100) // => 20
 * wetBulb(20, 101) // => null
 */
export function wetBulb(temperature: number, humidity: number, pressure: number = seaPressure): number | null {
	const { temperature: t, humidity: h } = wetBulbRange;
	if (!(temperature >= t.min && temperature <= t.max && humidity >= h.min && humidity <= h.max)) return null;
	if (humidity === 100) return temperature;
	const vapour = (humidity / 100) * saturated(temperature);
	// The left side less the right one rises with the wet bulb, and is over 0 at the dry one.
	const gap = (wet: number) =>
		saturated(wet) - 0.000653 * (1 + 0.000944 * wet) * pressure * (temperature - wet) - vapour;
	let [low, high] = [temperature - 60, temperature];
	while (high - low > 1e-9) {
		const middle = (low + high) / 2;
		if (gap(middle) > 0) high = middle;
		else low = middle;
	}
	return (low + high) / 2;
}
