import { z } from 'zod';
import type { AskedField, AskedRecord, RequiredField } from '../../core/index';
import { askedFields, longestAsked } from '../../core/index';
import { daySchema } from './moments';

/** What a person adds to a record, all text. */
export const askedRecordSchema = z.object(
	Object.fromEntries(
		askedFields.map((name) => [name, z.string().trim().max(longestAsked(name)).default('')])
	) as Record<AskedField, z.ZodDefault<z.ZodString>>
);

/** Always asked for; a farm's own list comes on top. */
const alwaysRequired: readonly AskedField[] = ['operator'];

/** Which fields a farm wants and are empty. */
export const lacking = (asked: AskedRecord, required: readonly RequiredField[]): AskedField[] =>
	askedFields.filter((name) => (alwaysRequired.includes(name) || required.includes(name)) && asked[name].trim() === '');

/** Whether a record lacks the weather that its farm asks for. It cannot be made up later: the remarks then have to say why. */
export const lacksWeather = (
	record: { readonly weather: { readonly before: object | null }; readonly remarks: string },
	required: readonly RequiredField[]
): boolean => required.includes('weather') && record.weather.before === null && record.remarks.trim() === '';

/** A name that is looked for. What is longer than any name there can be finds nothing, and is no fault of anybody's. */
const soughtName = (most: number) =>
	z
		.string()
		.trim()
		.transform((text) => text.slice(0, most + 1))
		.default('');

/** Filters of the log, as its address has them. */
export const logFilterSchema = z.object({
	block: soughtName(120),
	product: soughtName(120),
	group: soughtName(40),
	operator: soughtName(120),
	sprayer: soughtName(120),
	target: soughtName(120),
	from: z
		.union([z.literal(''), daySchema])
		.catch('')
		.default(''),
	to: z
		.union([z.literal(''), daySchema])
		.catch('')
		.default(''),
	oldest: z.enum(['', '1']).catch('').default(''),
	after: soughtName(80)
});
export type LogFilter = z.infer<typeof logFilterSchema>;
