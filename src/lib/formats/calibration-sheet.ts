import { z } from 'zod';
import type { CalibrationSheet, Catch, Issue, NozzleCatches, Result } from '../../core';
import { bad, bounds, good, si, within } from '../../core';
import type { QuantityText } from './quantity-text';
import { QuantityReader, gallonWord, quantityText } from './quantity-text';

const list = <T extends z.ZodType>(of: T) => z.array(of).max(400);

const timedSpeed = z.strictObject({
	course: quantityText,
	times: list(quantityText),
	dial: quantityText.optional()
});
const statedSpeed = z.strictObject({ value: quantityText });
const boom = z.strictObject({
	kind: z.literal('boom'),
	nozzles: z.int().min(1).max(400),
	spacing: quantityText,
	on: z.int().min(1).optional()
});
const flow = z.strictObject({
	time: quantityText.optional(),
	catches: list(z.union([quantityText, z.null(), list(quantityText).min(1)])).min(1),
	nozzles: z.int().min(1).max(400).optional(),
	groups: list(z.string().max(40)).optional(),
	rated: z.strictObject({ flow: quantityText, at: quantityText }).optional(),
	pressure: quantityText.optional(),
	graduation: quantityText.optional(),
	catching: z.enum(['one-by-one', 'together']).optional()
});

/** `fallow-sheet/1`: one calibration by speed, width and flow, or by course and catch. */
export const calibrationSheetSchema = z.strictObject({
	format: z.literal('fallow-sheet/1'),
	gallon: gallonWord.optional(),
	method: z.enum(['speed-width-flow', 'course-catch']),
	speed: z.union([timedSpeed, statedSpeed]),
	width: boom,
	flow
});
export type CalibrationSheetFile = z.infer<typeof calibrationSheetSchema>;

/** Methods and widths of the format that this version does not compute yet. */
export const laterMethods = ['plot-catch', 'refill', 'parked-drop'];
export const laterWidths = ['measured', 'rows', 'band', 'pans'];

/** A parsed sheet file into quantities for the core, each held against the bounds of its field. */
export function readCalibrationSheet(file: CalibrationSheetFile): Result<CalibrationSheet> {
	const r = new QuantityReader(file.gallon ?? 'US');
	const bounded = <K extends 'length' | 'time' | 'speed' | 'flow' | 'pressure' | 'volume'>(
		text: QuantityText | undefined,
		kind: K,
		limits: { min: number; max: number; zero?: boolean },
		path: string
	) => {
		if (text === undefined) return undefined;
		const read = r.read(text, [kind], path, { oz: 'fluid' });
		return read && keep(r.issues, within(read, limits, path))?.value;
	};
	const speed =
		'value' in file.speed
			? { stated: bounded(file.speed.value, 'speed', bounds.speed, 'speed.value') ?? si<'speed'>(0) }
			: {
					course: bounded(file.speed.course, 'length', bounds.course, 'speed.course') ?? si<'length'>(0),
					times: file.speed.times.map(
						(t, i) => bounded(t, 'time', bounds.courseTime, `speed.times.${i}`) ?? si<'time'>(0)
					),
					dial: bounded(file.speed.dial, 'speed', bounds.speed, 'speed.dial')
				};
	const { rated } = file.flow;
	const sheet: CalibrationSheet = {
		method: file.method,
		speed,
		width: {
			kind: 'boom',
			nozzles: file.width.nozzles,
			spacing: bounded(file.width.spacing, 'length', bounds.spacing, 'width.spacing') ?? si<'length'>(0),
			on: file.width.on
		},
		flow: {
			time: bounded(file.flow.time, 'time', bounds.catchTime, 'flow.time'),
			catches: file.flow.catches.map((c, i) => readCatches(r, c, `flow.catches.${i}`)),
			nozzles: file.flow.nozzles,
			groups: file.flow.groups,
			rated: rated && {
				flow: bounded(rated.flow, 'flow', bounds.nozzleFlow, 'flow.rated.flow') ?? si<'flow'>(0),
				at: bounded(rated.at, 'pressure', bounds.pressure, 'flow.rated.at') ?? si<'pressure'>(0)
			},
			pressure: bounded(file.flow.pressure, 'pressure', bounds.pressure, 'flow.pressure'),
			graduation: bounded(file.flow.graduation, 'volume', bounds.graduation, 'flow.graduation'),
			catching: file.flow.catching
		}
	};
	return r.issues.length > 0 ? bad(...r.issues) : good(sheet);
}

function keep<T>(issues: Issue[], result: Result<T>): T | undefined {
	if (result.ok) return result.value;
	issues.push(...result.issues);
	return undefined;
}

function readCatches(r: QuantityReader, written: QuantityText | null | QuantityText[], path: string): NozzleCatches {
	if (written === null) return null;
	const each = Array.isArray(written) ? written : [written];
	return each.flatMap((text, i): Catch[] => {
		const at = Array.isArray(written) ? `${path}.${i}` : path;
		const read = r.read(text, ['volume', 'mass'], at, { oz: 'fluid' });
		if (!read) return [];
		const kept = keep(r.issues, within(read, read.kind === 'mass' ? bounds.catchMass : bounds.catchVolume, at));
		if (!kept) return [];
		return [kept.kind === 'mass' ? { mass: si<'mass'>(kept.value) } : { volume: si<'volume'>(kept.value) }];
	});
}
