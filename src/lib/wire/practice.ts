import { z } from 'zod';
import type { Area, Entry } from '../../core/index';
import { exercises, faultKinds, si, tapedThings } from '../../core/index';
import type { YardItem } from '../practice/yard-log';
import { momentSchema } from './moments';
import { entrySchema } from './calibration-message';

/** SI. */
const positive = z.number().gt(0).max(1e9);
const seconds = (most: number) =>
	z
		.number()
		.gt(0)
		.max(most)
		.transform((v) => si<'time'>(v));
const nozzle = z.int().min(1).max(144);

const action = z.discriminatedUnion('do', [
	z.strictObject({
		do: z.literal('set'),
		rpm: z.number().min(0).max(20_000).optional(),
		gear: z.int().min(0).max(20).optional(),
		gauge: positive.transform((v) => si<'pressure'>(v)).optional(),
		height: positive.transform((v) => si<'length'>(v)).optional(),
		strokes: z.number().min(1).max(200).optional()
	}),
	z.strictObject({ do: z.literal('drive') }),
	z.strictObject({
		do: z.literal('catch'),
		nozzles: z.array(nozzle).min(1).max(144),
		held: seconds(3600)
	}),
	z.strictObject({ do: z.literal('pans') }),
	z.strictObject({ do: z.literal('wet') }),
	z.strictObject({ do: z.literal('park'), time: seconds(36_000) }),
	z.strictObject({ do: z.literal('cover') }),
	z.strictObject({ do: z.literal('dip') }),
	z.strictObject({ do: z.literal('fill') }),
	z.strictObject({ do: z.literal('tape'), what: z.enum(tapedThings) }),
	z.strictObject({ do: z.literal('test-gauge') }),
	z.strictObject({ do: z.literal('count-revs') }),
	z.strictObject({ do: z.literal('check-jug') }),
	z.strictObject({ do: z.literal('check-sight') }),
	z.strictObject({ do: z.literal('open-filter'), section: z.int().min(1).max(40).nullable() }),
	z.strictObject({ do: z.literal('brush'), nozzle }),
	z.strictObject({ do: z.literal('replace'), nozzle: nozzle.nullable() }),
	z.strictObject({ do: z.literal('replace-hose') }),
	z.strictObject({ do: z.literal('read-stamp'), nozzle }),
	z.strictObject({ do: z.literal('look-fans') })
]);

const stamp = { id: z.uuidv7(), seq: z.int().min(0).max(10_000), at: momentSchema };
const item = z.discriminatedUnion('kind', [
	z.strictObject({ ...stamp, kind: z.literal('did'), action }),
	z.strictObject({
		...stamp,
		kind: z.literal('claim'),
		claim: z.strictObject({ kind: z.enum(faultKinds), at: nozzle.nullable() }),
		holds: z.boolean()
	})
]);

/** Most that one learner does and reads in one yard. */
export const mostDone = 600;
export const mostRead = 1500;

/** What a learner of a class has done so far. */
export const practiceWorkSchema = z.strictObject({
	step: z.string().max(20),
	items: z.array(item).max(mostDone),
	entries: z.array(entrySchema).max(mostRead)
});
/** The same, read-only as the core has it. */
export interface PracticeWork {
	readonly step: string;
	readonly items: readonly YardItem[];
	readonly entries: readonly Entry[];
}

const exerciseIds = exercises.map((e) => e.id) as [string, ...string[]];
export const classAskSchema = z.strictObject({ exercise: z.enum(exerciseIds) });
export const seatAskSchema = z.strictObject({ name: z.string().trim().min(1).max(60) });

/** A class's code as it is said aloud: no letter or digit that is taken for another. */
export const classCodeSchema = z
	.string()
	.trim()
	.toUpperCase()
	.regex(/^[2-9A-HJ-NP-Z]{8}$/);

/** What a learner's device is told of a class. */
export const classDoorSchema = z.object({
	code: z.string(),
	exercise: z.string(),
	seed: z.int(),
	trainer: z.string(),
	endsAt: z.string()
});
export type ClassDoorAnswer = z.infer<typeof classDoorSchema>;
export const seatSchema = z.object({ token: z.string() });

/** A class among those of a farm. */
export interface ClassLine {
	readonly code: string;
	readonly exercise: string;
	readonly seats: number;
	readonly signed: number;
	readonly endsAt: string;
}

/** One learner as the trainer sees them. */
export interface SeatLine {
	readonly id: string;
	readonly name: string;
	readonly step: string;
	readonly seenAt: string;
	readonly minutes: number;
	/** Null while nothing is signed. */
	readonly result: {
		/** m³/m². */
		readonly answer: number | null;
		readonly u95: number | null;
		readonly inside: boolean | null;
		readonly found: readonly string[];
		readonly wrong: number;
		readonly reached: boolean;
	} | null;
}

/** A class as its trainer sees it, with the truth. */
export interface ClassView {
	readonly code: string;
	readonly exercise: string;
	readonly seed: number;
	readonly endsAt: string;
	/** As the yard was drawn: before anybody mended or set anything, m³/m². */
	readonly truth: number;
	readonly faults: readonly { readonly kind: string; readonly at: number | null; readonly size: number }[];
	readonly seats: readonly SeatLine[];
}

/** A field of the farm, for what an answer would have done on it. */
export interface PracticeField {
	readonly name: string;
	/** m². */
	readonly area: Area;
}
