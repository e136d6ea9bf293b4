import type { TypedLabel } from '../products/label';
import type { Split } from '../loads/sheet';
import type { Typed } from '../quantity/typed';

/** Ground of a job as it was when the job was planned. */
export interface JobBlock {
	readonly id: string;
	readonly name: string;
	/** Of the whole block, m². */
	readonly area: number;
	/** Part of it that is sprayed, over 0 to 1. */
	readonly share: number;
	/** SI; null where it has no rows. */
	readonly rows: { readonly count: number; readonly length: number; readonly spacing: number } | null;
	/** Row to row, m, where it is known without rows. */
	readonly spacing: number | null;
}

export interface JobProduct {
	readonly id: string;
	/** The label as it was noted when the job was planned. */
	readonly label: TypedLabel;
	readonly dose: Typed;
}

/** A job as it is planned: ground, products, tank, and how it is split into loads. */
export interface TypedJob {
	/** Wanted day, YYYY-MM-DD. */
	readonly day: string;
	readonly blocks: readonly JobBlock[];
	readonly tank: Typed;
	readonly dead: Typed | null;
	readonly agitation: Typed | null;
	readonly products: readonly JobProduct[];
	readonly split: Split;
	/** Why a calibration in doubt is used all the same. */
	readonly reason: string;
	readonly notes: string;
}
