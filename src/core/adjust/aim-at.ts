import { judgeGap } from '../measurement/judge-gap';
import type { VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** What is wanted: one spray volume, or the label's range. */
export type WantedVolume =
	| { readonly by: 'volume'; readonly volume: VolumePerArea }
	| { readonly by: 'range'; readonly low: VolumePerArea; readonly high: VolumePerArea };

export interface Aim {
	/** What to aim at; where it is kept, the measured volume itself. */
	readonly volume: VolumePerArea;
	/** Nothing need change: the measured volume goes into the load sums. */
	readonly keep: boolean;
	readonly why: 'in-range' | 'within-five' | 'under' | 'over';
	/** Whether the measure is fine enough to say so; where not, it cannot tell yet. */
	readonly sure: boolean;
}

/** Nearer than this, a change is not worth making. */
export const nearEnough = 0.05;

/** Slack for limits that count as reached. */
const inclusive = 1e-9;

/**
 * Whether the measured spray volume can stay, and what to aim at where not. Inside the label's range it stays, and so it
 * does within ±5 % of one wanted volume. Outside of a range the aim is its nearer end, moved in by the measurement's own
 * ± (at most to the middle), so that the truth lies inside too. A ± wider than the tolerance cannot tell (see `judgeGap`).
 *
 * measured: m³/m². relativeU95: its ± as a share.
 * @example
 * aimAt(150, 0.04, { by: 'range', low: 100, high: 200 }).keep // => true
 * aimAt(150, 0.04, { by: 'range', low: 200, high: 300 }).volume // => 208
 * aimAt(100, 0.46, { by: 'volume', volume: 100 }).sure // => false
 */
export function aimAt(measured: VolumePerArea, relativeU95: number, wanted: WantedVolume): Aim {
	if (wanted.by === 'volume') {
		const share = wanted.volume / measured - 1;
		const sure = judgeGap(share, nearEnough, relativeU95) !== 'cannot-tell';
		if (Math.abs(share) <= nearEnough + inclusive) return { volume: measured, keep: true, why: 'within-five', sure };
		return { volume: wanted.volume, keep: false, why: share > 0 ? 'under' : 'over', sure };
	}
	const { low, high } = wanted;
	const middle = (low + high) / 2;
	const sure = judgeGap(measured - middle, (high - low) / 2, measured * relativeU95) !== 'cannot-tell';
	if (measured >= low && measured <= high) return { volume: measured, keep: true, why: 'in-range', sure };
	return measured < low
		? { volume: si<'volumePerArea'>(Math.min(low * (1 + relativeU95), middle)), keep: false, why: 'under', sure }
		: { volume: si<'volumePerArea'>(Math.max(high * (1 - relativeU95), middle)), keep: false, why: 'over', sure };
}
