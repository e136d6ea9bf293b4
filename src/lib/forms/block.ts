import { z } from 'zod';
import type { Boundary, Issue, Place, Result, TypedBlock, TypedExtent } from '../../core/index';
import {
	bad,
	blockKinds,
	compass,
	fields,
	good,
	inSign,
	longest,
	neighbourKinds,
	readBlock,
	readField,
	readNumber,
	tooLong
} from '../../core/index';
import { boundaryArea } from '../ground/geodesic';
import { boundarySchema } from '../ground/boundary';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, typed } from '../settings/field-units';
import { lastingText } from '../settings/lasting-text';

export const neighboursSchema = z
	.array(
		z.strictObject({
			what: z.enum(neighbourKinds),
			side: z.enum(compass),
			note: z.string().trim().max(200)
		})
	)
	.max(16);

/** Blocks that were found in a file and picked. */
export const pickedGroundSchema = z
	.array(
		z.strictObject({
			name: z.string().trim().min(1).max(longest.name),
			kind: z.enum(blockKinds),
			boundary: boundarySchema
		})
	)
	.min(1)
	.max(500);

export const extents = ['boundary', 'area', 'sides', 'rows', 'trees'] as const;

/** A block as its form holds it. */
export interface BlockForm {
	readonly name: string;
	readonly kind: string;
	readonly by: string;
	readonly area: string;
	readonly length: string;
	readonly width: string;
	readonly rows: string;
	readonly trees: string;
	readonly inRow: string;
	readonly spacing: string;
	readonly crop: string;
	readonly stage: string;
	readonly notes: string;
	readonly harvested: string;
	readonly altitude: string;
}

export const emptyBlockForm: BlockForm = {
	name: '',
	kind: 'field',
	by: 'area',
	area: '',
	length: '',
	width: '',
	rows: '',
	trees: '',
	inRow: '',
	spacing: '',
	crop: '',
	stage: '',
	notes: '',
	harvested: '',
	altitude: ''
};

/** Area that a block's boundary encloses on the ellipsoid; null without one. */
export const outlinedArea = (boundary: Boundary | null) => (boundary ? boundaryArea(boundary) : null);

/** Height of a block above the sea, m; null where nobody told it. */
export function altitudeOf({ altitude }: Pick<TypedBlock, 'altitude'>): number | null {
	const read = altitude ? readField(fields.altitude, altitude, 'altitude') : null;
	return read?.ok ? read.value.value : null;
}

/** The middle of the first of some boundaries: near enough for the hours of the sun. */
export function middleOf(boundaries: readonly (Boundary | null)[]): Place | null {
	const ring = boundaries.find((b) => b !== null)?.[0]?.[0];
	if (!ring || ring.length === 0) return null;
	const mean = (axis: 0 | 1) => ring.reduce((sum, p) => sum + p[axis], 0) / ring.length;
	return { latitude: mean(1), longitude: mean(0) };
}

/** Reads the form of a block; everything that is wrong is told at its field. */
export function readBlockForm(
	form: BlockForm,
	rest: Pick<TypedBlock, 'neighbours' | 'boundary'>,
	settings: FarmSettings
): Result<TypedBlock> {
	const units = fieldUnits(settings);
	const issues: Issue[] = [];
	const name = form.name.trim();
	if (name === '') issues.push({ code: 'empty', path: 'name', wanted: 'name' });
	issues.push(
		...tooLong('name', name, longest.name),
		...tooLong('crop', form.crop, longest.name),
		...tooLong('stage', form.stage, longest.name),
		...tooLong('notes', form.notes, longest.remarks)
	);
	const kind = blockKinds.find((k) => k === form.kind);
	if (!kind) issues.push({ code: 'unreadable', path: 'kind', text: form.kind });
	const side = (text: string) => typed(text, units.side, settings);
	const whole = (text: string, path: string): number => {
		const value = readNumber(text.trim(), settings.decimalComma);
		if (typeof value === 'number') return value;
		issues.push({ code: text.trim() === '' ? 'empty' : 'not-whole', path, text: text.trim(), wanted: 'nozzles' });
		return 1;
	};
	const extent = ((): TypedExtent => {
		switch (form.by) {
			case 'sides':
				return { by: 'sides', length: side(form.length), width: side(form.width) };
			case 'rows':
				return { by: 'rows', rows: whole(form.rows, 'rows'), length: side(form.length), spacing: side(form.spacing) };
			case 'trees':
				return { by: 'trees', trees: whole(form.trees, 'trees'), inRow: side(form.inRow), spacing: side(form.spacing) };
			case 'boundary':
				return { by: 'boundary' };
			default:
				return { by: 'area', area: typed(form.area, units.area, settings) };
		}
	})();
	if (form.harvested.trim() !== '' && !z.iso.date().safeParse(form.harvested.trim()).success)
		issues.push({ code: 'unreadable', path: 'harvested', text: form.harvested.trim(), wanted: 'day' });
	if (form.altitude.trim() !== '') {
		const read = readField(fields.altitude, side(form.altitude), 'altitude');
		if (!read.ok) issues.push(...read.issues);
	}
	if (issues.length > 0 || !kind) return inSign(bad(...issues), settings.decimalComma);
	const own = form.by !== 'rows' && form.by !== 'trees' && form.spacing.trim() !== '';
	const block: TypedBlock = {
		name,
		kind,
		extent,
		crop: form.crop.trim(),
		stage: form.stage.trim(),
		spacing: own ? side(form.spacing) : null,
		notes: form.notes.trim(),
		...(form.harvested.trim() === '' ? {} : { harvested: form.harvested.trim() }),
		...(form.altitude.trim() === '' ? {} : { altitude: side(form.altitude) }),
		...rest
	};
	const read = readBlock(block, outlinedArea(block.boundary));
	return read.ok ? good(block) : inSign(read, settings.decimalComma);
}

/** A block as its form again. */
export function blockForm(block: TypedBlock, settings: FarmSettings): BlockForm {
	const { extent } = block;
	const one = (t: Parameters<typeof lastingText>[0] | null) => (t ? lastingText(t, settings) : '');
	return {
		...emptyBlockForm,
		name: block.name,
		kind: block.kind,
		by: extent.by,
		area: extent.by === 'area' ? one(extent.area) : '',
		length: extent.by === 'sides' || extent.by === 'rows' ? one(extent.length) : '',
		width: extent.by === 'sides' ? one(extent.width) : '',
		rows: extent.by === 'rows' ? `${extent.rows}` : '',
		trees: extent.by === 'trees' ? `${extent.trees}` : '',
		inRow: extent.by === 'trees' ? one(extent.inRow) : '',
		spacing: extent.by === 'rows' || extent.by === 'trees' ? one(extent.spacing) : one(block.spacing),
		crop: block.crop,
		stage: block.stage,
		notes: block.notes,
		harvested: block.harvested ?? '',
		altitude: one(block.altitude ?? null)
	};
}
