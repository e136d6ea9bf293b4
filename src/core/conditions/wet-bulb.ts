/** Range in which the fit holds, °C and %. */
export const wetBulbRange = { temperature: { min: -20, max: 50 }, humidity: { min: 5, max: 99 } } as const;

/**
 * Wet bulb at sea level from dry bulb and relative humidity, by Stull (2011): good to about 1 °C.
 *
 * temperature: °C, −20 to 50. humidity: %, 5 to 99. Null outside of them: the fit was not made for it.
 * @example
 * wetBulb(20, 50).toFixed(2) // => "13.70"
 * wetBulb(20, 3) // => null
 */
export function wetBulb(temperature: number, humidity: number): number | null {
	const { temperature: t, humidity: h } = wetBulbRange;
	if (!(temperature >= t.min && temperature <= t.max && humidity >= h.min && humidity <= h.max)) return null;
	return (
		temperature * Math.atan(0.151977 * Math.sqrt(humidity + 8.313659)) +
		Math.atan(temperature + humidity) -
		Math.atan(humidity - 1.676331) +
		0.00391838 * humidity ** 1.5 * Math.atan(0.023101 * humidity) -
		4.686035
	);
}
