/** Pressure of the air at the sea, hPa. */
export const seaPressure = 1013.25;

/**
 * Usual pressure of the air at a height above the sea, hPa: `1013.25 (1 − 2.25577e-5 h)^5.25588`.
 *
 * altitude: m, −500 to 9,000. Source: International Standard Atmosphere (ISO 2533).
 * @example
 * airPressure(0) // => 1013.25
 * airPressure(1949).toFixed(0) // => "800"
 */
export const airPressure = (altitude: number): number => seaPressure * (1 - 2.25577e-5 * altitude) ** 5.25588;
