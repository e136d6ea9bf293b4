import type { Flow, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/**
 * What a pump of pistons or diaphragms gives: so much a turn, whatever the pressure.
 *
 * perTurn: m³ a turn of the shaft. rpm: turns a minute of the shaft, 0 or more.
 * Source: displacement of a positive pump; slip past its valves is left out.
 * @example
 * pumpFlow(0.0002, 540) // => 0.0018
 */
export const pumpFlow = (perTurn: Volume, rpm: number): Flow => si<'flow'>((perTurn * rpm) / 60);
