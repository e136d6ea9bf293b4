import type { VolumePerArea } from '../quantity/quantity';

/** How far a dose passes the label's most per area, and what would stay within it. */
export interface OverMax {
	/** Product per ground over the label's most: over 1. */
	readonly perAreaRatio: number;
	/** Greatest strength of the mix that stays within: a share, 0.01 is 1 % (dry: 1 kg in 100 L). */
	readonly greatestConcentration: number;
	/** Greatest share of the ground that may be sprayed at the present strength. */
	readonly greatestShare: number;
}

/**
 * Whether what goes on the ground passes the label's most per area: `strength × spray volume × share sprayed`. Null where
 * it does not (to 1e-9 of it).
 *
 * strength: product in a cubic metre of mix, m³ or kg. rate: m³/m². share: of the ground that is sprayed, over 0 to 1.
 * cap: m³/m² or kg/m². dry: a strength is then told in kg per 100 L.
 * Source: dose over the label’s most.
 * @example
 * overMax(0.005, 1, 0.3, 0.001, false) // => {"perAreaRatio":1.5,"greatestConcentration":0.0033333333333333335,"greatestShare":0.2}
 * overMax(0.005, 1, 0.2, 0.001, false) // => null
 */
export function overMax(
	strength: number,
	rate: VolumePerArea,
	share: number,
	cap: number,
	dry: boolean
): OverMax | null {
	const perAreaRatio = (strength * rate * share) / cap;
	if (perAreaRatio <= 1 + 1e-9) return null;
	return {
		perAreaRatio,
		greatestConcentration: cap / (rate * share) / (dry ? 1000 : 1),
		greatestShare: Math.min(1, cap / (rate * strength))
	};
}
