import { z } from 'zod';
import type { Issue, TypedLabel } from '../../core';
import { labelFills, mixingClasses, readLabel } from '../../core';
import type { CsvRow, ReadCsv } from './csv-rows';
import { readCsv, writeCsv } from './csv-rows';
import type { FarmSettings } from './farm-settings';
import type { ProductText } from './product-text';
import { productText, productTexts, readProductText } from './product-text';
import { typedSchema } from './typed';

/** A product as typed; what the numbers mean is for the core's `readLabel` to judge. */
export const labelSchema = z.strictObject({
	name: z.string().trim().min(1).max(80),
	state: z.enum(['liquid', 'dry']),
	registration: z.string().max(200),
	group: z.string().max(200),
	formulation: z.string().max(200),
	mixes: z.enum(mixingClasses),
	fill: z.enum(labelFills).optional(),
	abrasive: z.boolean().optional(),
	dose: z.strictObject({ low: typedSchema, high: typedSchema.nullable() }),
	max: typedSchema.nullable(),
	seasonMax: typedSchema.nullable(),
	volume: z.strictObject({ low: typedSchema, high: typedSchema }).nullable(),
	entryHours: z.number().nullable(),
	rainFreeHours: z.number().nullable(),
	harvestDays: z.number().nullable(),
	plantBack: z.array(z.strictObject({ crop: z.string().min(1).max(80), days: z.number() })).max(40),
	packs: z.array(typedSchema).max(20),
	packet: typedSchema.nullable(),
	wind: typedSchema.nullable(),
	buffer: typedSchema.nullable(),
	ppe: z.string().max(300),
	notes: z.string().max(1000)
});

const fileSchema = z.strictObject({
	format: z.literal('fallow-products/1'),
	products: z.array(z.unknown()).max(2000)
});

const readProductCsv = (text: string, settings: FarmSettings): ReadCsv<TypedLabel> =>
	readCsv<TypedLabel>(text, {
		needed: ['name', 'state', 'dose'],
		key: (at) => at('name').toLowerCase(),
		read(at) {
			const cells = Object.fromEntries(productTexts.map((name) => [name, at(name.toLowerCase())])) as ProductText;
			return readProductText({ ...cells, mixes: cells.mixes === '' ? 'solution' : cells.mixes }, settings);
		}
	});

export const productCsv = (labels: readonly TypedLabel[], settings: FarmSettings): string =>
	writeCsv(
		productTexts,
		labels.map((label) => productText(label, settings, '; '))
	);

/** The products as `fallow-products/1`: as they were typed, whatever the farm's units are. */
export const productJson = (labels: readonly TypedLabel[]): string =>
	`${JSON.stringify({ format: 'fallow-products/1', products: labels }, null, '\t')}\n`;

/** Products from a file, CSV or JSON. A JSON file's products stand by themselves too: a bad one is named by its place. */
export function readProductFile(text: string, settings: FarmSettings): ReadCsv<TypedLabel> {
	if (!/^\s*\{/.test(text)) return readProductCsv(text, settings);
	const none = { rows: [], lacking: ['format', 'products'], left: text };
	let json: unknown;
	try {
		json = JSON.parse(text);
	} catch {
		return none;
	}
	const file = fileSchema.safeParse(json);
	if (!file.success) return none;
	const rows = file.data.products.map((product, i): CsvRow<TypedLabel> => {
		const parsed = labelSchema.safeParse(product);
		const name = (product as { name?: unknown } | null)?.name;
		const bad = (issues: readonly Issue[]): CsvRow<TypedLabel> => ({
			line: i + 1,
			id: '',
			ok: false,
			name: typeof name === 'string' ? name.slice(0, 80) : '',
			issues,
			text: JSON.stringify(product)
		});
		if (!parsed.success) {
			const place = parsed.error.issues[0]!.path.join('.');
			return bad([{ code: 'unreadable', path: place, text: place || 'product', wanted: 'label' }]);
		}
		const read = readLabel(parsed.data);
		return read.ok
			? { line: i + 1, id: '', ok: true, value: parsed.data, text: JSON.stringify(product) }
			: bad(read.issues);
	});
	const bad = rows.flatMap((row) => (row.ok ? [] : [row.text]));
	return {
		rows,
		lacking: [],
		left: bad.length > 0 ? `{"format": "fallow-products/1", "products": [\n${bad.join(',\n')}\n]}` : ''
	};
}
