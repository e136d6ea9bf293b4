/**
 * Share of its way that a driven wheel slips: less the more weight stands on it.
 *
 * ground: slip with an empty tank on this ground, a share, 0 to 0.3. grip: how much of it a full tank takes away, 0 to 1.
 * level: how full the tank is, 0 to 1.
 * Source: slip falls with the load on the driven wheels; taken as a straight line between empty and full.
 * @example
 * wheelSlip(0.04, 0.25, 0.5) // => 0.035
 */
export const wheelSlip = (ground: number, grip: number, level: number): number => ground * (1 - grip * level);
