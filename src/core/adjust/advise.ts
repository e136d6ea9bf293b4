/** What can be changed. */
export const levers = ['pressure', 'speed', 'nozzle'] as const;
export type Lever = (typeof levers)[number];
export type Advice = 'leave' | Lever;

/** Which of pressure and speed a farm reaches for first. */
export type FirstLever = 'pressure' | 'speed';

/** How far each lever is used, as a share of change. */
export const leverReach = { leave: 0.05, pressure: 0.1, speed: 0.25 } as const;

/** A limit that was met exactly counts as within, binary arithmetic notwithstanding. */
const inclusive = 1e-9;

/**
 * What to change, by the size of the change: within ±5 % leave it, to 10 % pressure, to 25 % speed, beyond that nozzles;
 * limits inclusive. A farm that puts speed first uses it up to 25 %, and pressure to 10 % where speed cannot. A lever
 * that is out of its range passes to the next.
 *
 * factor: wanted over measured. out: levers that cannot do it.
 * Source: usual practice of the trade: pressure for little, speed for more, other nozzles for much.
 * @example
 * advise(1.12, []) // => "speed"
 * advise(1.08, []) // => "pressure"
 * advise(1.08, ['pressure']) // => "speed"
 * advise(1.08, [], 'speed') // => "speed"
 * advise(2, ['pressure']) // => "nozzle"
 */
export function advise(factor: number, out: readonly Lever[], first: FirstLever = 'pressure'): Advice {
	const change = Math.abs(factor - 1);
	if (change <= leverReach.leave + inclusive) return 'leave';
	const order: readonly FirstLever[] = first === 'pressure' ? ['pressure', 'speed'] : ['speed', 'pressure'];
	return order.find((lever) => change <= leverReach[lever] + inclusive && !out.includes(lever)) ?? 'nozzle';
}
