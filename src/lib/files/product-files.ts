import { z } from 'zod';
import type { Result, TypedLabel } from '../../core/index';
import {
	bad,
	dilutions,
	doseAreas,
	dropletClasses,
	good,
	labelFills,
	mixingClasses,
	neighbourKinds,
	readLabel
} from '../../core/index';
import type { ReadCsv } from './csv-rows';
import { inItsSign, readCsv, writeCsv } from './csv-rows';
import type { DecimalSign } from './decimal-sign';
import type { FarmSettings } from '../settings/farm-settings';
import { looksLikeJson, readJsonRows } from './json-rows';
import type { ProductText } from '../forms/product-text';
import { productText, productTexts, readProductText } from '../forms/product-text';
import { typedSchema } from '../wire/typed';

/** A product as typed; what the numbers mean is for the core's `readLabel` to judge. */
export const labelSchema = z.strictObject({
	name: z.string().trim().min(1).max(80),
	state: z.enum(['liquid', 'dry']),
	registration: z.string().max(200),
	group: z.string().max(200),
	actives: z
		.array(z.strictObject({ name: z.string().trim().min(1).max(120), content: typedSchema }))
		.max(20)
		.optional(),
	density: typedSchema.nullable().optional(),
	formulation: z.string().max(200),
	mixes: z.enum(mixingClasses),
	fill: z.enum(labelFills).optional(),
	abrasive: z.boolean().optional(),
	dose: z.strictObject({ low: typedSchema, high: typedSchema.nullable() }),
	per: z.enum(doseAreas).optional(),
	dilution: z.enum(dilutions).optional(),
	concentrate: z.boolean().optional(),
	max: typedSchema.nullable(),
	seasonMax: typedSchema.nullable(),
	applications: z.number().nullable().optional(),
	daysBetween: z.number().nullable().optional(),
	volume: z.strictObject({ low: typedSchema, high: typedSchema }).nullable(),
	drops: z.enum(dropletClasses).optional(),
	entryHours: z.number().nullable(),
	rainFreeHours: z.number().nullable(),
	harvestDays: z.number().nullable(),
	plantBack: z.array(z.strictObject({ crop: z.string().min(1).max(80), days: z.number() })).max(40),
	packs: z.array(typedSchema).max(20),
	packet: typedSchema.nullable(),
	wind: typedSchema.nullable(),
	windLeast: typedSchema.nullable().optional(),
	temperatureLow: typedSchema.nullable().optional(),
	temperatureHigh: typedSchema.nullable().optional(),
	humidityLow: z.number().nullable().optional(),
	humidityHigh: z.number().nullable().optional(),
	notToward: z.array(z.enum(neighbourKinds)).max(20).optional(),
	buffer: typedSchema.nullable(),
	ppe: z.string().max(300),
	firstAid: z.string().max(1000).optional(),
	notAlone: z.boolean().optional(),
	notes: z.string().max(1000)
});

const readProductCsv = (text: string, farm: FarmSettings, sign: DecimalSign | null): ReadCsv<TypedLabel> =>
	inItsSign(text, farm, sign, (settings) =>
		readCsv<TypedLabel>(text, {
			needed: ['name', 'state', 'dose'],
			key: (at) => at('name').toLowerCase(),
			read(at) {
				const cells = Object.fromEntries(productTexts.map((name) => [name, at(name.toLowerCase())])) as ProductText;
				// A file that does not say how it mixes has the most usual way of its kind.
				const usual = cells.state.trim().toLowerCase() === 'dry' ? 'dry' : 'solution';
				return readProductText({ ...cells, mixes: cells.mixes === '' ? usual : cells.mixes }, settings);
			}
		})
	);

export const productCsv = (labels: readonly TypedLabel[], settings: FarmSettings): string =>
	writeCsv(
		productTexts,
		labels.map((label) => productText(label, { ...settings, decimalComma: false }, '; '))
	);

/** The products as `fallow-products/1`: as they were typed, whatever the farm's units are. */
export const productJson = (labels: readonly TypedLabel[]): string =>
	`${JSON.stringify({ format: 'fallow-products/1', products: labels }, null, '\t')}\n`;

/** One product of a JSON file. */
function readProductJson(value: unknown): Result<TypedLabel> {
	const parsed = labelSchema.safeParse(value);
	if (!parsed.success) {
		const path = parsed.error.issues[0]!.path.join('.');
		return bad({ code: 'unreadable', path, text: path || 'product', wanted: 'label' });
	}
	const read = readLabel(parsed.data);
	return read.ok ? good(parsed.data) : read;
}

/** Products from a file, CSV or JSON. A JSON file's products stand by themselves too: a bad one is named by its place. */
export const readProductFile = (
	text: string,
	settings: FarmSettings,
	sign: DecimalSign | null = null
): ReadCsv<TypedLabel> =>
	looksLikeJson(text)
		? readJsonRows(text, {
				format: 'fallow-products/1',
				list: 'products',
				most: 2000,
				read: readProductJson,
				name: 'name'
			})
		: readProductCsv(text, settings, sign);
