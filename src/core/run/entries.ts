import type { TypedWeather } from '../conditions/typed-weather';
import type { Typed } from '../quantity/typed';
import type { PassedStop } from '../safety/rules';

export const weatherTimes = ['before', 'end'] as const;
export type WeatherTime = (typeof weatherTimes)[number];

/** What the operator made of the weather. */
export const weatherDecisions = ['spray', 'wait'] as const;
export type WeatherDecision = (typeof weatherDecisions)[number];

/** How much of a job is done: whole rows, or ground, counted from its beginning. */
export type TypedDone = { readonly by: 'rows'; readonly rows: number } | { readonly by: 'area'; readonly area: Typed };

export const sprayActs = ['start', 'pause', 'go-on', 'end'] as const;
export type SprayAct = (typeof sprayActs)[number];

/** A marker dye that was added at the tank, with its dose like any product's. */
export interface TypedDye {
	readonly name: string;
	readonly state: 'liquid' | 'dry';
	readonly dose: Typed;
}

/** One thing that happened while a job was mixed and sprayed. Loads count from 1, steps of mixing from 0. */
export type RunEntryBody =
	/** A step of mixing is done; `poured` is what was measured, as it was told at the tank. */
	| {
			readonly kind: 'tick';
			readonly load: number;
			readonly step: number;
			readonly poured: Typed | null;
			/** Who ticked it, where somebody is signed in on the device. */
			readonly by?: string | undefined;
	  }
	/** A step that was ticked on two devices was really done twice: what went in went in twice. Names the later tick. */
	| { readonly kind: 'twice'; readonly tick: string }
	| {
			readonly kind: 'spray';
			readonly load: number;
			readonly act: SprayAct;
			/** Ids of the blocks that the load went on, where the job has several and somebody said; else all of them. */
			readonly blocks?: readonly string[] | undefined;
	  }
	/** A stop that was passed, with its reason. */
	| ({ readonly kind: 'pass' } & PassedStop)
	/** What the tank and the ground say while a load is sprayed. */
	| { readonly kind: 'progress'; readonly load: number; readonly done: TypedDone; readonly left: Typed }
	/** From that progress on the loads that are left follow the true volume. */
	| { readonly kind: 'follow'; readonly progress: string }
	/** The weather before and at the end of the spraying, and what was decided on it; at the end nothing is. */
	| {
			readonly kind: 'weather';
			readonly when: WeatherTime;
			readonly source: 'hand' | 'station';
			readonly weather: TypedWeather;
			readonly decision: WeatherDecision | null;
			readonly reason: string;
	  }
	/** The end of a job: what is done of it, and what is over in the tank. */
	| {
			readonly kind: 'close';
			readonly done: TypedDone;
			readonly left: Typed;
			readonly remarks: string;
			/** When the last load was out, ISO 8601, where nobody ticked it. */
			readonly ended?: string | undefined;
	  }
	/**
	 * What a person adds to the record of a closed job, by its fields, with reasons for what stood against it: written where
	 * the work is, sealed when it arrives. It changes nothing of the run.
	 */
	| {
			readonly kind: 'record';
			readonly asked: Readonly<Record<string, string>>;
			readonly passed: readonly PassedStop[];
	  }
	/** The loads that are still to be mixed are edited: how full, with what doses, on how much ground. Null stays as it is. */
	| {
			readonly kind: 'rest';
			/** The first of them, as it was shown. */
			readonly from: number;
			readonly fill: Typed | null;
			readonly ground: TypedDone | null;
			/** Products of the job by their place, with the dose from there on; null: it is left out. */
			readonly doses: readonly { readonly product: number; readonly dose: Typed | null }[];
	  }
	/** What was answered at the tank about a marker dye; null: none in this job. */
	| { readonly kind: 'dye'; readonly dye: TypedDye | null }
	/** Takes an earlier entry back; both stay on record. */
	| { readonly kind: 'strike'; readonly entry: string };

/** The same with its stamp: made by the device that it happened on. */
export type RunEntry = RunEntryBody & {
	readonly id: string;
	/** Place in the device's own order. */
	readonly seq: number;
	/** ISO 8601 with its offset. */
	readonly at: string;
};
