import type { BlockKind, Neighbour } from '../ground/block';
import type { TypedPart } from '../ground/block-part';
import type { Split } from '../loads/sheet';
import type { DropletClass } from '../nozzles/nozzle';
import type { DilutionOf, DoseArea, TypedLabel } from '../products/label';
import type { Typed } from '../quantity/typed';
import type { PassedStop } from '../safety/rules';

/** Ground of a job as it was when the job was planned. */
export interface JobBlock {
	readonly id: string;
	readonly name: string;
	/** Left out by jobs of before. */
	readonly kind?: BlockKind | undefined;
	/** Of the whole block, m². */
	readonly area: number;
	/** Part of it that is sprayed, over 0 to 1. */
	readonly share: number;
	/** How that part was told; a share where nothing is here. */
	readonly part?: TypedPart | undefined;
	/** SI; null where it has no rows. */
	readonly rows: { readonly count: number; readonly length: number; readonly spacing: number } | null;
	/** Row to row, m, where it is known without rows. */
	readonly spacing: number | null;
	/** What lies beside it; left out by jobs of before. */
	readonly neighbours?: readonly Neighbour[] | undefined;
}

export interface JobProduct {
	readonly id: string;
	/** The label as it was noted when the job was planned. */
	readonly label: TypedLabel;
	readonly dose: Typed;
	/** On bands: what the dose is of. In a canopy: what "per 100 L" is of. The label's own word where left out. */
	readonly per?: DoseArea | undefined;
	readonly dilution?: DilutionOf | undefined;
	/** A marker dye that was added at the tank: its label was not noted. */
	readonly dye?: true | undefined;
}

/** What tells how much mix goes on the ground. */
export type JobBasis =
	| { readonly by: 'calibration' }
	/** Spot work: a patch that was sprayed until it was wet, and what it took. */
	| { readonly by: 'trial'; readonly used: Typed; readonly patch: Typed }
	/** The same, timed: what it took is the flow of a calibrated wand (m³/s) for that time. */
	| { readonly by: 'timed-trial'; readonly time: Typed; readonly flow: number; readonly patch: Typed }
	/** Walls and other surfaces: mix for so much of it. */
	| { readonly by: 'surface'; readonly volume: Typed };

/** One of the people whose mean a job is mixed for, as their calibration was when it was planned. */
export interface JobMember {
	readonly calibrationId: string;
	readonly person: string;
	/** m³/m², and 2u of it as a share. */
	readonly rate: number;
	readonly relativeU95: number;
}

/** How the work goes: what it takes besides spraying, and the day that it has to fit into. */
export interface TypedPace {
	/** What turns and stops leave of speed × swath, over 0 to 1. */
	readonly efficiency: number;
	/** Filling and mixing of one load, and driving to the water and back. */
	readonly fill: Typed;
	readonly drive: Typed;
	/** Clock times, HH:MM. */
	readonly start: string;
	readonly end: string;
	/** Rows are sprayed in one direction only: each is driven back without spraying, which doubles the time over them. */
	readonly oneWay?: boolean | undefined;
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
	/** Left out by jobs of before: a calibration. */
	readonly basis?: JobBasis | undefined;
	/** People who spray it together: it is mixed for the mean of their calibrations. */
	readonly team?: readonly JobMember[] | undefined;
	/** Share of the ground that is really sprayed, over 0 to 1; all of it where nothing is here. */
	readonly sprayed?: number | undefined;
	/** Day on which the crop is wanted, YYYY-MM-DD. */
	readonly harvest?: string | null | undefined;
	readonly pace?: TypedPace | null | undefined;
	/** Speed of the calibration and the width of field that a pass covers, m/s and m, where it measured them. */
	readonly travel?: { readonly speed: number; readonly swath: number } | null | undefined;
	/** Share of the field's width that bands treat, over 0 to 1; all of it where nothing is here. */
	readonly treated?: number | undefined;
	/** A canopy is sprayed: a dose per 100 L may then be of dilute spray. */
	readonly canopy?: boolean | undefined;
	/** Spray volume at which the canopy runs off, that dilute doses are of. */
	readonly dilute?: Typed | null | undefined;
	/** Drops of the nozzles at the calibration's pressure, by their maker's sheet; null is not known. */
	readonly drops?: DropletClass | null | undefined;
	/** Stops that were passed when it was planned, each with its reason. */
	readonly passed?: readonly PassedStop[] | undefined;
}

/** Spot work, by a trial patch. */
export const isSpot = (basis: JobBasis): boolean => basis.by === 'trial' || basis.by === 'timed-trial';

export const basisOf = (job: TypedJob): JobBasis => job.basis ?? { by: 'calibration' };

/** A dose per 100 L means something else in a canopy: blocks of trees, or a sprayer that is made for them. */
export const isCanopy = (blocks: readonly Pick<JobBlock, 'kind'>[], sprayer: string | null): boolean =>
	sprayer === 'airblast' || blocks.some((b) => b.kind === 'orchard');

/** How the products of a job mix and at what dose, for its run. */
export const mixingOf = (job: Pick<TypedJob, 'products'>) =>
	job.products.map(({ label: { mixes, fill }, dose }) => ({ mixes, fill, dose }));
