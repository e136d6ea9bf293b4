import type { Kind } from '../quantity/quantity';

/** What a part of a sum is, as far as slips go. */
export const sumParts = [
	'catch',
	'catchTime',
	'nozzles',
	'course',
	'courseTime',
	'speed',
	'width',
	'area',
	'used',
	'tank',
	'volume',
	'dose'
] as const;
export type SumPartName = (typeof sumParts)[number];

/** A figure that goes into a sum: multiplied, or divided by. */
export interface SumPart {
	readonly name: SumPartName;
	readonly kind: Kind | 'count';
	/** In SI, or a count; over 0. */
	readonly value: number;
	/** The unit that it was typed or told in; empty for a count. */
	readonly unit: string;
	readonly power: 1 | -1;
}

/** What else is known that a slip could have taken in place of a part. */
export interface SumAside {
	/** Speed as the dial showed it, m/s. */
	readonly dial?: number | undefined;
	/** The whole wetted width, of which only a share counts, m. */
	readonly gross?: number | undefined;
	/** Sides that spray, where one alone could have been taken. */
	readonly sides?: boolean | undefined;
	/** Pressure now over pressure before, where the sum carries a change of it. */
	readonly pressureRatio?: number | undefined;
	/** A share of the mix that is product, where the sum is of a per cent. */
	readonly percent?: number | undefined;
}

/** A sum as a product of its parts, and what it comes to. */
export interface Sum {
	readonly parts: readonly SumPart[];
	/** SI. */
	readonly answer: number;
	/** Of the answer. */
	readonly kind: Kind;
	/** Its 2u as a share; 0 where nothing of it was measured. */
	readonly relativeU95: number;
	readonly aside?: SumAside | undefined;
}

/** A slip that people make, and what it makes of the answer. */
export type Slip =
	| { readonly code: 'rounded'; readonly part: SumPartName; readonly to: number; readonly unit: string }
	| { readonly code: 'gallon'; readonly taken: 'US' | 'Imperial' }
	| { readonly code: 'ounces'; readonly taken: 128 | 160 }
	| { readonly code: 'square-feet' }
	| { readonly code: 'acre'; readonly taken: 43_000 | 44_000 }
	| { readonly code: 'clock'; readonly part: SumPartName }
	| { readonly code: 'minutes'; readonly part: SumPartName }
	| { readonly code: 'dial' }
	| { readonly code: 'inches'; readonly part: SumPartName }
	| { readonly code: 'one-nozzle'; readonly nozzles: number }
	| { readonly code: 'one-side' }
	| { readonly code: 'gross-width' }
	| { readonly code: 'half-pressure' }
	| { readonly code: 'percent-of-water' };

/** A slip with its factor on the answer. */
export interface SlipFactor {
	readonly slip: Slip;
	readonly factor: number;
}
