import type { Entered } from '../quantity/entered';
import type { Typed } from '../quantity/typed';

/** Bands or directed spraying, as typed. */
export interface TypedBand {
	readonly band: Typed;
	readonly bands: number;
	readonly rowSpacing: Typed;
	readonly rows: number;
}

/** Ground that was sprayed for the measure: its area, two sides, an orchard row, or a share of a block. */
export type TypedGround =
	| { readonly by: 'area'; readonly area: Typed }
	| { readonly by: 'sides'; readonly length: Typed; readonly width: Typed }
	| { readonly by: 'row'; readonly row: Typed }
	| { readonly by: 'block'; readonly block: Typed; readonly share: number };

/** What the tank says: read before and after, or what was added. */
export type TypedUsed = { readonly start: Typed; readonly left: Typed } | { readonly added: Typed };

/** Tree height, canopy width and row spacing, with litres a cubic metre as the operator states them. */
export interface TypedCanopy {
	readonly height: Typed;
	readonly width: Typed;
	readonly rowSpacing: Typed;
	/** L/m³ of canopy. */
	readonly coefficient: number;
}

/** Bands or directed spraying, read. */
export interface EnteredBand {
	readonly band: Entered<'length'>;
	readonly bands: number;
	readonly rowSpacing: Entered<'length'>;
	readonly rows: number;
}

/** A canopy, read. */
export interface EnteredCanopy {
	readonly height: Entered<'length'>;
	readonly width: Entered<'length'>;
	readonly rowSpacing: Entered<'length'>;
	/** L/m³ of canopy. */
	readonly coefficient: number;
}

/** Ground that was sprayed for the measure, read. */
export type EnteredGround =
	| { readonly by: 'area'; readonly area: Entered<'area'> }
	| { readonly by: 'sides'; readonly length: Entered<'length'>; readonly width: Entered<'length'> }
	| { readonly by: 'row'; readonly row: Entered<'length'> }
	| { readonly by: 'block'; readonly block: Entered<'area'>; readonly share: number };

/** What the tank says, read. */
export type EnteredUsed =
	{ readonly start: Entered<'volume'>; readonly left: Entered<'volume'> } | { readonly added: Entered<'volume'> };
