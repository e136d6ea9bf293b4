import { m } from '$words';
import { z } from 'zod';
import { otherSides } from '../../core/index';
import { gallonWord, quantityText } from './quantity-text';

const list = <T extends z.ZodType>(of: T) => z.array(of).max(400);
const q = quantityText;
const share = z.number().gt(0).max(1);

const timedSpeed = z.strictObject({ course: q, times: list(q), dial: q.optional() });
/** `relative`: u/v where the reading says how sure it is, as a track does. */
const statedSpeed = z.strictObject({ value: q, relative: z.number().min(0).max(1).optional() });
const speed = z.union([timedSpeed, statedSpeed]);

const rows = z.strictObject({
	kind: z.literal('rows'),
	rowSpacing: q,
	alleys: z.enum(['every', 'second']),
	sides: z.enum(['both', 'one']),
	otherSide: z.enum(otherSides).optional().meta({
		description: 'With one side: whether the other side of the row gets a pass of its own (left out, it does).'
	})
});
const measuredWidth = z.strictObject({
	kind: z.literal('measured'),
	wetted: q,
	/** By eye, not taped. */
	estimated: z.literal(true).optional(),
	share: share.optional(),
	edgeOverlap: q.optional(),
	asIs: z.literal(true).optional()
});
const width = z.discriminatedUnion('kind', [
	z.strictObject({
		kind: z.literal('boom'),
		nozzles: z.int().min(1).max(400),
		spacing: q,
		on: z.int().min(1).optional()
	}),
	measuredWidth.refine((w) => [w.share, w.edgeOverlap, w.asIs].filter((x) => x !== undefined).length === 1, {
		error: () => m.measured_width_takes_one()
	}),
	rows,
	z.strictObject({
		kind: z.literal('band'),
		band: q,
		bands: z.int().min(1).max(400),
		rowSpacing: q,
		rows: z.int().min(1).max(400)
	}),
	z.strictObject({
		kind: z.literal('pans'),
		spacing: q,
		catches: z.array(q).min(3).max(400),
		driving: z.enum(['back-and-forth', 'one-way']),
		maxCv: share.optional(),
		asked: q.optional()
	})
]);

const flow = z.strictObject({
	time: q.optional(),
	catches: list(z.union([q, z.null(), list(q).min(1)])).min(1),
	buckets: z
		.array(
			z.strictObject({ nozzles: z.array(z.int().min(1).max(400)).min(2).max(400), amount: q, graduation: q.optional() })
		)
		.max(200)
		.optional()
		.meta({
			description:
				'Several nozzles in one vessel: their places among `catches`, from 1, which are null there, and what all of them gave.'
		}),
	nozzles: z.int().min(1).max(400).optional(),
	groups: list(z.string().max(40)).optional(),
	rated: z.strictObject({ flow: q, at: q }).optional(),
	ratings: z.record(z.string().max(40), z.strictObject({ flow: q, at: q })).optional(),
	pressure: q.optional(),
	graduation: q.optional(),
	catching: z.enum(['one-by-one', 'together']).optional()
});

const stated = z.strictObject({ area: q });
const sides = z.strictObject({ length: q, width: q });
const area = z.union([stated, sides, z.strictObject({ row: q, width: rows }), z.strictObject({ block: q, share })]);
const used = z
	.array(z.union([z.strictObject({ start: q, left: q }), z.strictObject({ added: q })]))
	.min(1)
	.max(50);

const driven = z
	.literal(true)
	.optional()
	.meta({ description: 'The jugs were filled while the course was driven: no time is in the answer.' });

const head = { format: z.literal('fallow-sheet/1'), gallon: gallonWord.optional() };

/** `fallow-sheet/1`: one calibration by one of the five methods. */
export const calibrationSheetSchema = z.discriminatedUnion('method', [
	z.strictObject({ ...head, method: z.literal('speed-width-flow'), speed, width, flow }),
	z.strictObject({ ...head, method: z.literal('course-catch'), speed: timedSpeed, width, flow, driven }),
	z.strictObject({ ...head, method: z.literal('plot-catch'), plot: area, times: list(q), flow }),
	z.strictObject({ ...head, method: z.literal('refill'), area, used, tank: q.optional() }),
	z.strictObject({
		...head,
		method: z.literal('parked-drop'),
		speed: timedSpeed,
		width,
		used,
		tank: q.optional(),
		run: q.optional()
	})
]);

export type CalibrationSheetFile = z.infer<typeof calibrationSheetSchema>;
export type WidthFile = z.infer<typeof width>;
export type FlowFile = z.infer<typeof flow>;
export type SpeedFile = z.infer<typeof speed>;
export type TimedSpeedFile = z.infer<typeof timedSpeed>;
export type AreaFile = z.infer<typeof area>;
export type UsedFile = z.infer<typeof used>;
