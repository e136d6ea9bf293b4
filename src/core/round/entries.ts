import type { Typed } from '../quantity/typed';

/** What to look at before any water is caught, in the order of a walk round the rig. */
export const rigChecks = [
	'clean',
	'half-full',
	'no-leaks',
	'filters',
	'same-nozzles',
	'gauge',
	'height',
	'guards',
	'kit',
	'gloves'
] as const;
export type RigCheck = (typeof rigChecks)[number];

/** Why a nozzle that has a catch is caught again: it decides what counts. */
export const catchReasons = ['first', 'sure', 'cleaned', 'replaced', 'slip'] as const;
export type CatchReason = (typeof catchReasons)[number];

/**
 * What happened in a round. A round is nothing but its entries in order: they are only ever added, so that whatever
 * was read stays on record, a message may arrive twice, and any device can work the round out again.
 */
export type EntryBody =
	| { readonly kind: 'tick'; readonly check: RigCheck; readonly done: boolean }
	| { readonly kind: 'course'; readonly length: Typed }
	| { readonly kind: 'run'; readonly time: Typed; readonly by: 'stopwatch' | 'typed' }
	| { readonly kind: 'strike'; readonly entry: string }
	| { readonly kind: 'dial'; readonly speed: Typed }
	| { readonly kind: 'sections'; readonly off: readonly number[] }
	| { readonly kind: 'jug'; readonly graduation: Typed }
	/** How long each jug is held; null: as long as the course took. */
	| { readonly kind: 'catch-time'; readonly time: Typed | null }
	| { readonly kind: 'catch'; readonly nozzle: number; readonly amount: Typed; readonly why: CatchReason }
	| { readonly kind: 'not-caught'; readonly nozzle: number }
	/** What the gauge shows while the nozzles are caught. */
	| { readonly kind: 'gauge'; readonly pressure: Typed }
	| {
			readonly kind: 'sign-off';
			readonly person: string;
			/** Local day of the signature, YYYY-MM-DD. */
			readonly day: string;
			readonly pressure: Typed;
			readonly gear: string;
			readonly rpm: number | null;
			readonly remarks: string;
	  };

export type EntryKind = EntryBody['kind'];

/** An entry with the id (UUIDv7) and the place in its round that the device gave it, and when, ISO 8601. */
export type Entry = EntryBody & { readonly id: string; readonly seq: number; readonly at: string };
