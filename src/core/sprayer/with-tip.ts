import type { TypedSprayer } from './sprayer';

/**
 * A sprayer whose nozzle bodies hold several tips, with one of them turned down: its nozzle and its rated flow are that tip's.
 * One without such bodies, and a tip that it does not hold, leave it as it is.
 *
 * Source: what sprays is the tip that is turned down.
 * @example
 * withTip({ nozzle: '110-03', rated: null, tips: [{ name: '110-03', rated: null }, { name: '110-04', rated: null }] }, '110-04').nozzle // => "110-04"
 * withTip({ nozzle: '110-03', rated: null }, '110-04').nozzle // => "110-03"
 */
export function withTip<R extends Pick<TypedSprayer, 'nozzle' | 'rated' | 'tips'>>(
	sprayer: R,
	name: string | undefined
): R {
	const tip = sprayer.tips?.find((t) => t.name === name);
	return tip ? { ...sprayer, nozzle: tip.name, rated: tip.rated } : sprayer;
}
