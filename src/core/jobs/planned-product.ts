import { fieldDose } from '../loads/field-dose';
import { readDose } from '../loads/read-dose';
import type { AreaCap, Dose, PlannedProduct } from '../loads/sheet';
import { strength } from '../loads/strength';
import type { LabelNumbers } from '../products/label';
import { readLabel } from '../products/read-label';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Length, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { JobProduct } from './job';
import type { CheckedProduct } from './label-checks';

/** What the spray of a job is, as far as its doses rest on it. */
export interface JobSpray {
	/** Spray volume on the ground that is treated, m³/m²; null: it could not be read. */
	readonly rate: VolumePerArea | null;
	/** Spray volume of the dilute spray; null: nobody told one, `unread`: what was told is no volume. */
	readonly dilute: VolumePerArea | 'unread' | null;
	readonly sprayed: number;
	readonly treated: number;
	/** Row to row, where it is one. */
	readonly spacing: Length | null;
	readonly canopy: boolean;
	readonly spot: boolean;
	readonly harvestInDays: number | null;
	readonly drops: CheckedProduct['drops'];
}

/** A product as the loads take it, and what its label is held against; null where something of it, or the volume, is wrong. */
interface ReadProduct {
	readonly issues: readonly Issue[];
	readonly planned: PlannedProduct | null;
	readonly check: CheckedProduct | null;
}

const wrong = (...issues: Issue[]): ReadProduct => ({ issues, planned: null, check: null });

/**
 * Reads one product of a job: its label, its dose, and what the dose is of.
 *
 * before: what its ground has had of it this season. path: its place in the job.
 *
 * Errors: those of its label and its dose; `dose-area`, `dilute-or-mix` and `no-dilute` as with a job.
 * @example
 * const t = (text) => ({ text, unit: '', gallon: 'US' });
 * const label = { name: 'Sample Ochre', state: 'liquid', dose: { low: t('1 L/ha'), high: t('3 L/ha') }, max: null, seasonMax: null, volume: null, packs: [], packet: null, plantBack: [], wind: null, buffer: null, entryHours: 12, rainFreeHours: null, harvestDays: 0 };
 * const spray = { rate: 2e-5, dilute: null, sprayed: 1, treated: 0.5, spacing: null, canopy: false, spot: false, harvestInDays: null, drops: null };
 * readPlannedProduct({ id: 'p', label, dose: t('2 L/ha') }, spray, null, 'products.0').issues.map((i) => i.code) // => ["dose-area"]
 * readPlannedProduct({ id: 'p', label, dose: t('2 L/ha'), per: 'field' }, spray, null, 'products.0').planned.dose.dose // => 4e-7
 */
export function readPlannedProduct(
	product: JobProduct,
	spray: JobSpray,
	before: CheckedProduct['before'],
	path: string
): ReadProduct {
	const { label, dose } = product;
	const noted = readLabel(label, spray.spacing);
	if (!noted.ok) return wrong(...noted.issues.map((issue) => ({ ...issue, path: `${path}.${issue.path}` })));
	const read = doseOf(product, noted.value, spray.spacing, `${path}.dose`);
	if (!read.ok) return wrong(...read.issues);
	const meant = meaningOf(product, read.value, spray, path);
	if (!meant.ok) return wrong(...meant.issues);
	const { rate } = spray;
	const asDilute = meant.value.dilution === 'dilute';
	if (asDilute && spray.dilute === null) return wrong({ code: 'no-dilute', path: 'dilute', text: dose.text });
	if (rate === null || (asDilute && spray.dilute === 'unread')) return wrong();
	const ctx: DoseContext = {
		rate,
		sprayed: spray.sprayed,
		treated: spray.treated,
		perField: meant.value.per === 'field',
		dilute: asDilute && spray.dilute !== 'unread' ? spray.dilute : null
	};
	const check: CheckedProduct = {
		name: label.name,
		on: onGround(read.value, ctx),
		planned: strength(inTank(read.value, ctx), rate) * rate * ctx.sprayed * ctx.treated,
		range: { low: onGround(noted.value.dose.low, ctx), high: onGround(noted.value.dose.high, ctx) },
		strength: strength(inTank(read.value, ctx), rate),
		share: ctx.sprayed * (ctx.perField ? ctx.treated : 1),
		spot: spray.spot,
		label: noted.value,
		rate,
		dilute: ctx.dilute,
		harvestInDays: spray.harvestInDays,
		typed: label,
		actives: noted.value.actives,
		before,
		drops: spray.drops
	};
	return { issues: [], check, planned: plannedOf(label.name, inTank(read.value, ctx), noted.value, ctx) };
}

const doseOf = (
	{ label, dose }: JobProduct,
	{ packet, actives, density }: LabelNumbers,
	spacing: Length | null,
	path: string
): Result<Dose> =>
	readDose(
		dose.text,
		{
			gallon: dose.gallon,
			unit: dose.unit || undefined,
			state: label.state,
			decimalComma: dose.comma ?? false,
			packet: packet ?? undefined,
			rowSpacing: spacing ?? undefined,
			actives,
			...(density === null ? {} : { density })
		},
		path
	);

function plannedOf(name: string, dose: Dose, { max, packs }: LabelNumbers, ctx: DoseContext): PlannedProduct {
	const pack = packs.map((p) => p.holds).sort((a, b) => a.amount - b.amount)[0];
	// What a label allows on the treated area is less on all of the field.
	const cap = max && scaled(max, ctx.perField ? 1 : ctx.treated);
	return { name, dose, ...(cap ? { max: cap } : {}), ...(pack ? { pack, packs } : {}) };
}

interface DoseContext {
	/** Spray volume on the ground that is treated, m³/m². */
	readonly rate: VolumePerArea;
	readonly sprayed: number;
	readonly treated: number;
	/** Doses per area are of the field, not of the bands. */
	readonly perField: boolean;
	/** Spray volume of the dilute spray that a dose per volume is of; null: it is of the mix. */
	readonly dilute: VolumePerArea | null;
}

const isPerArea = (dose: Dose) => dose.basis === 'liquidPerArea' || dose.basis === 'dryPerArea';
const scaled = (cap: AreaCap, share: number): AreaCap =>
	cap.kind === 'volume'
		? { kind: 'volume', perArea: si<'volumePerArea'>(cap.perArea * share) }
		: { kind: 'mass', perArea: si<'massPerArea'>(cap.perArea * share) };

/**
 * A dose as the loads take it: per area that is treated, or a share of the mix. One of the field goes on its bands; one per
 * volume of dilute spray is as much on the ground as the dilute spray would have brought.
 */
function inTank(dose: Dose, { treated, perField, dilute }: DoseContext): Dose {
	switch (dose.basis) {
		case 'liquidPerArea':
		case 'dryPerArea':
			return perField ? fieldDose(dose, treated) : dose;
		case 'shareLiquid':
			return dilute === null ? dose : { basis: 'liquidPerArea', dose: si<'volumePerArea'>(dose.share * dilute) };
		case 'shareDry':
			return dilute === null ? dose : { basis: 'dryPerArea', dose: si<'massPerArea'>(dose.perVolume * dilute) };
	}
}

/** What a dose brings on the ground that its label counts, m³/m² or kg/m². */
function onGround(dose: Dose, ctx: DoseContext): number {
	if (isPerArea(dose)) return (dose as { dose: number }).dose * ctx.sprayed;
	return strength(inTank(dose, ctx), ctx.rate) * ctx.rate * ctx.sprayed * (ctx.perField ? ctx.treated : 1);
}

/** What a dose means where two answers are possible: on bands, and in a canopy. */
function meaningOf(
	{ label, per = label.per, dilution = label.dilution, dose }: JobProduct,
	read: Dose,
	{ treated, canopy }: JobSpray,
	path: string
): Result<{ readonly per: 'treated' | 'field'; readonly dilution: 'dilute' | 'mix' }> {
	const { text } = dose;
	if (treated < 1 && isPerArea(read) && per === undefined) return bad({ code: 'dose-area', path: `${path}.per`, text });
	if (canopy && !isPerArea(read) && dilution === undefined)
		return bad({ code: 'dilute-or-mix', path: `${path}.dilution`, text });
	return good({ per: per ?? 'treated', dilution: canopy && !isPerArea(read) ? (dilution ?? 'mix') : 'mix' });
}
