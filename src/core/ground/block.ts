import type { Area, Length } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';

export const blockKinds = ['field', 'orchard', 'bed', 'strip', 'surface'] as const;
export type BlockKind = (typeof blockKinds)[number];

/** Longitude and latitude, degrees, WGS 84. */
export type Position = readonly [longitude: number, latitude: number];
/** Closed: its last position is its first. */
export type Ring = readonly Position[];
/** Outer ring, then holes. */
export type Outline = readonly Ring[];
/** One or more pieces of ground. */
export type Boundary = readonly Outline[];

/** How the area of a block is told. */
export type TypedExtent =
	| { readonly by: 'area'; readonly area: Typed }
	| { readonly by: 'sides'; readonly length: Typed; readonly width: Typed }
	| { readonly by: 'rows'; readonly rows: number; readonly length: Typed; readonly spacing: Typed }
	| { readonly by: 'trees'; readonly trees: number; readonly inRow: Typed; readonly spacing: Typed }
	/** The ellipsoid's own area of the boundary. */
	| { readonly by: 'boundary' };

export const neighbourKinds = ['water', 'hives', 'houses', 'sensitive-crop', 'road', 'stock'] as const;
export type NeighbourKind = (typeof neighbourKinds)[number];
export const compass = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;
export type Compass = (typeof compass)[number];

/** What lies beside a block and must not be sprayed onto. */
export interface Neighbour {
	readonly what: NeighbourKind;
	readonly side: Compass;
	readonly note: string;
}

/** Ground as its owner tells it. */
export interface TypedBlock {
	readonly name: string;
	readonly kind: BlockKind;
	readonly extent: TypedExtent;
	readonly crop: string;
	readonly stage: string;
	/** Row to row, where the crop stands in rows that the extent does not tell. */
	readonly spacing: Typed | null;
	readonly neighbours: readonly Neighbour[];
	readonly notes: string;
	readonly boundary: Boundary | null;
	/** Day on which its last harvest ended, YYYY-MM-DD: the season of its crop begins after it. */
	readonly harvested?: string | null | undefined;
	/** Above the sea. */
	readonly altitude?: Typed | null | undefined;
}

/** The same in quantities. */
export interface BlockNumbers {
	readonly area: Area;
	readonly rows: { readonly count: number; readonly length: Length; readonly spacing: Length } | null;
	readonly spacing: Length | null;
}
