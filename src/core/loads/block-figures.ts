import type { Area, Volume, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';

/** What is known of blocks that nobody has measured: they are alike, and so much of them took so much. */
export interface BlocksRead {
	/** Blocks, or a share of one, that were sprayed: over 0. */
	readonly sprayed: number;
	readonly used: Volume;
	readonly tank: Volume | null;
	/** Blocks that are to be sprayed. */
	readonly wanted: number | null;
	/** Ground of one block, where somebody knows it. */
	readonly area: Area | null;
}

export interface BlockFigures {
	readonly perBlock: Volume;
	/** Blocks that one tank does. */
	readonly tankDoes: number | null;
	/** For the blocks that are wanted: all of the mix, full tanks, and what a last part load holds (0: none). */
	readonly loads: { readonly mix: Volume; readonly full: number; readonly last: Volume } | null;
	readonly rate: VolumePerArea | null;
}

/** A rest smaller than this share of a tank is none: it comes of the division. */
const nothing = 1e-9;

/**
 * Gallons a block, and loads in blocks, from a share of a block and what it took; no area is needed, and the spray volume follows
 * once one is known.
 *
 * Source: blocks alike take alike; mix = blocks × mix a block.
 * @example
 * const half = { sprayed: 0.5, used: 0.02, tank: 0.1, wanted: 6, area: null };
 * blockFigures(half).perBlock // => 0.04
 * blockFigures(half).tankDoes // => 2.5
 * blockFigures(half).loads // => {"mix":0.24,"full":2,"last":0.04}
 * blockFigures({ ...half, area: 2000 }).rate // => 0.00002
 */
export function blockFigures({ sprayed, used, tank, wanted, area }: BlocksRead): BlockFigures {
	const perBlock = si<'volume'>(used / sprayed);
	const mix = wanted === null ? null : si<'volume'>(perBlock * wanted);
	let loads: BlockFigures['loads'] = null;
	if (mix !== null && tank !== null) {
		const full = Math.floor(mix / tank + nothing);
		const rest = mix - full * tank;
		loads = { mix, full, last: si<'volume'>(rest > nothing * tank ? Number(rest.toPrecision(12)) : 0) };
	}
	return {
		perBlock,
		tankDoes: tank === null ? null : tank / perBlock,
		loads,
		rate: area === null ? null : si<'volumePerArea'>(perBlock / area)
	};
}
