import { z } from 'zod';
import type { Amount, AreaCap, Dose, Kind, PlanSheet, PlannedProduct, Result, Rows } from '../../core/index';
import { bad, bounds, good, readAmount, readDose, si, splits, within } from '../../core/index';
import type { QuantityText } from './quantity-text';
import { QuantityReader, gallonWord, quantityText } from './quantity-text';

const product = z.strictObject({
	name: z.string().min(1).max(120),
	dose: z
		.union([z.string().max(80), z.strictObject({ product: quantityText, inTotal: quantityText })])
		.meta({ description: 'A dose as labels write it, or so much of the product made up to a total.' }),
	state: z.enum(['liquid', 'dry']).optional(),
	max: z.string().max(80).optional().meta({ description: 'Most per area and application.' }),
	pack: z.string().max(80).optional().meta({ description: 'What one container holds.' }),
	packet: z.string().max(80).optional().meta({ description: 'What one packet holds, for doses in packets.' })
});

const rowParts = { rows: z.int().min(1).max(100_000), rowLength: quantityText, rowSpacing: quantityText };

/** `fallow-plan/1`: loads for an area at a spray volume, by any of the four splits. */
export const planSheetSchema = z.strictObject({
	format: z.literal('fallow-plan/1'),
	gallon: gallonWord.optional(),
	area: z
		.union([
			z.strictObject({ area: quantityText }),
			z.strictObject({ length: quantityText, width: quantityText }),
			z.strictObject({ block: quantityText, share: z.number().gt(0).max(1) })
		])
		.optional()
		.meta({ description: 'Left out where rows say it, or for one full tank.' }),
	rate: z.union([quantityText, z.strictObject({ volume: quantityText, per: quantityText })]),
	tank: quantityText,
	split: z.enum(splits).optional().meta({ description: 'Left out with the area: one full tank.' }),
	rows: rowParts.rows.optional(),
	rowLength: rowParts.rowLength.optional(),
	rowSpacing: rowParts.rowSpacing.optional(),
	dead: quantityText.optional().meta({ description: 'What cannot be sprayed out, and a reserve.' }),
	sprayedShare: z
		.number()
		.gt(0)
		.max(1)
		.optional()
		.meta({ description: 'Spot work: share of the ground that is sprayed.' }),
	products: z.array(product).max(40)
});
export type PlanSheetFile = z.infer<typeof planSheetSchema>;

/** Whether a plan is of one full tank: neither ground nor a way of splitting is told. */
export const isFullTank = ({ area, rows, rowLength, rowSpacing, split, dead, sprayedShare }: PlanSheetFile): boolean =>
	[area, rows, rowLength, rowSpacing, split, dead, sprayedShare].every((part) => part === undefined);

export type FullTankAsked = Pick<PlanSheet, 'rate' | 'tank' | 'products'>;

/** A plan of one full tank into quantities; everything that is wrong with it is told. */
export function readFullTank(file: PlanSheetFile): Result<FullTankAsked> {
	const r = new QuantityReader(file.gallon ?? 'US');
	const read = readWithin(r);
	const rate = rateOf(file, read);
	const tank = read(file.tank, 'volume', bounds.tank, 'tank');
	const products = file.products.flatMap((p, i) => readProduct(p, i, undefined, r) ?? []);
	return r.issues.length > 0 ? bad(...r.issues) : good({ rate, tank, products });
}

/** A parsed plan file into quantities for the core; everything that is wrong with it is told. */
export function readPlanSheet(file: PlanSheetFile): Result<PlanSheet> {
	const r = new QuantityReader(file.gallon ?? 'US');
	const read = readWithin(r);
	const rows = readRows(file, r, read);
	const area = areaOf(file, rows, r, read);
	const rate = rateOf(file, read);
	if (file.split === undefined) r.issues.push({ code: 'missing', path: 'split' });
	const tank = read(file.tank, 'volume', bounds.tank, 'tank');
	const dead = file.dead === undefined ? undefined : read(file.dead, 'volume', { min: 1e-9, max: 50 }, 'dead');
	const products = file.products.map((p, i) => readProduct(p, i, rows, r));
	if (r.issues.length > 0) return bad(...r.issues);
	return good({
		area: si<'area'>(area),
		rate,
		tank,
		split: file.split ?? 'full-then-part',
		...(rows ? { rows } : {}),
		...(dead === undefined ? {} : { dead }),
		...(file.sprayedShare === undefined ? {} : { sprayedShare: file.sprayedShare }),
		products: products.flatMap((p) => (p ? [p] : []))
	});
}

type Read = <K extends Kind>(
	text: QuantityText,
	kind: K,
	limits: { min: number; max: number },
	path: string
) => ReturnType<typeof si<K>>;

const readWithin =
	(r: QuantityReader): Read =>
	(text, kind, limits, path) => {
		const quantity = r.read(text, [kind], path, { oz: 'fluid' });
		if (!quantity) return si(NaN);
		const kept = within(quantity, limits, path);
		if (!kept.ok) r.issues.push(...kept.issues);
		return quantity.value;
	};

const rateOf = ({ rate }: PlanSheetFile, read: Read) =>
	typeof rate === 'object' && 'per' in rate
		? si<'volumePerArea'>(
				read(rate.volume, 'volume', bounds.tank, 'rate.volume') / read(rate.per, 'area', bounds.area, 'rate.per')
			)
		: read(rate, 'volumePerArea', bounds.volumePerArea, 'rate');

function readRows(file: PlanSheetFile, r: QuantityReader, read: Read): Rows | undefined {
	const { rows, rowLength, rowSpacing } = file;
	if (rows === undefined && rowLength === undefined && rowSpacing === undefined) return undefined;
	for (const [path, part] of Object.entries({ rows, rowLength, rowSpacing }))
		if (part === undefined) r.issues.push({ code: 'missing', path });
	return {
		count: rows ?? 1,
		length: rowLength === undefined ? si<'length'>(1) : read(rowLength, 'length', bounds.side, 'rowLength'),
		spacing: rowSpacing === undefined ? si<'length'>(1) : read(rowSpacing, 'length', bounds.swath, 'rowSpacing')
	};
}

function areaOf({ area }: PlanSheetFile, rows: Rows | undefined, r: QuantityReader, read: Read): number {
	// Where there are rows the ground is theirs, so that a load of rows and a load of area are the same.
	if (rows) return rows.count * rows.length * rows.spacing;
	if (!area) {
		r.issues.push({ code: 'missing', path: 'area' });
		return NaN;
	}
	if ('area' in area) return read(area.area, 'area', bounds.area, 'area.area');
	if ('block' in area) return read(area.block, 'area', bounds.area, 'area.block') * area.share;
	return (
		read(area.length, 'length', bounds.side, 'area.length') * read(area.width, 'length', bounds.side, 'area.width')
	);
}

function readProduct(
	p: PlanSheetFile['products'][number],
	i: number,
	rows: Rows | undefined,
	r: QuantityReader
): PlannedProduct | null {
	const path = `products.${i}`;
	const amount = (text: string | undefined, name: string): Amount | undefined => {
		if (text === undefined) return undefined;
		const read = readAmount(text, { gallon: r.gallon, state: p.state }, `${path}.${name}`);
		if (read.ok) return read.value;
		r.issues.push(...read.issues);
		return undefined;
	};
	const packet = amount(p.packet, 'packet');
	const pack = amount(p.pack, 'pack');
	const reading = { gallon: r.gallon, state: p.state, packet, rowSpacing: rows?.spacing };
	const dose = typeof p.dose === 'string' ? readDose(p.dose, reading, `${path}.dose`) : ratioOf(p.dose, i, r);
	const max = p.max === undefined ? null : readDose(p.max, reading, `${path}.max`);
	if (!dose.ok) r.issues.push(...dose.issues);
	if (max && !max.ok) r.issues.push(...max.issues);
	if (!dose.ok || (max && !max.ok)) return null;
	const cap = max ? capOf(max.value) : undefined;
	if (cap === null)
		r.issues.push({ code: 'wrong-kind', path: `${path}.max`, text: p.max, wanted: 'volumePerArea|massPerArea' });
	return { name: p.name, dose: dose.value, ...(cap ? { max: cap } : {}), ...(pack ? { pack } : {}) };
}

/** A most per area; null for a share of the mix, which caps no area. */
function capOf(dose: Dose): AreaCap | null {
	if (dose.basis === 'liquidPerArea') return { kind: 'volume', perArea: dose.dose };
	return dose.basis === 'dryPerArea' ? { kind: 'mass', perArea: dose.dose } : null;
}

function ratioOf(ratio: { product: QuantityText; inTotal: QuantityText }, i: number, r: QuantityReader): Result<Dose> {
	const path = `products.${i}.dose`;
	const product = r.read(ratio.product, ['volume', 'mass'], `${path}.product`, { oz: 'fluid' });
	const total = r.read(ratio.inTotal, ['volume'], `${path}.inTotal`, { oz: 'fluid' });
	if (!product || !total) return bad();
	if (product.value <= 0 || total.value <= 0)
		return bad({ code: 'zero', path, text: product.value <= 0 ? product.text : total.text });
	if (product.kind === 'volume' && product.value >= total.value / 2)
		return bad({ code: 'too-large', path, text: product.text, bound: '50 %' });
	return good(
		product.kind === 'volume'
			? { basis: 'shareLiquid', share: product.value / total.value }
			: { basis: 'shareDry', perVolume: product.value / total.value }
	);
}
