import { m } from '$words';
import type { LoadPlan, PlanSheet, Typed, TypedJob } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import type { LoadProgress } from './load-progress';
import type { Pack } from './at-mark';
import { loadAtMark, packsOf, partsOf } from './at-mark';
import { show, showAmount } from './show';

/** A product as the plan's cards need it: its name, its dose as it was typed, and how its label has it measured. */
export interface PlannedProduct {
	readonly name: string;
	readonly dose: Typed | null;
	readonly packs: readonly Pack[];
	/** Shares in which it goes in: all at once, or two halves. */
	readonly parts: readonly number[];
}

/** The products of a job, with what their labels say of measuring them. */
export const productsOfJob = (job: Pick<TypedJob, 'products'>, sheet: PlanSheet, plan: LoadPlan): PlannedProduct[] =>
	job.products.map(({ label, dose }, i) => {
		const kind = plan.totals[i]?.kind;
		return { name: label.name, dose, packs: kind ? packsOf(sheet.products[i], kind) : [], parts: partsOf(label.fill) };
	});

/** The products of a tank plan, of which no label is known. */
export const productsOfPlan = (
	products: readonly { readonly name: string; readonly dose: Typed }[]
): PlannedProduct[] => products.map(({ name, dose }) => ({ name, dose, packs: [], parts: [1] }));

export interface ShownLoad {
	readonly name: string;
	readonly part: boolean;
	readonly mix: string;
	readonly area: string;
	readonly water: string;
	readonly fill: number;
	readonly productFill: number;
	readonly products: readonly {
		readonly name: string;
		/** The exact amount. */
		readonly figure: string;
		readonly unit: string;
		/** What the farm's jug or scale shows of it: what is mixed. Empty where there is none. */
		readonly mark: string;
		/** No mark of the farm is near enough. */
		readonly coarse: boolean;
	}[];
}

/** Loads as cards: words and figures in the farm's measures, how full each tank is, and each product exact and at the mark. */
export function shownLoads(
	plan: LoadPlan,
	sheet: PlanSheet,
	products: readonly PlannedProduct[],
	settings: FarmSettings
): ShownLoad[] {
	const { tank } = sheet;
	const volume = (v: number) => show('tank', v, settings, { digits: 4 }).text;
	return plan.loads.map((load, i): ShownLoad => {
		const liquid = load.products.reduce((s, p) => s + (p.kind === 'volume' ? p.amount : 0), 0);
		const last = i === plan.loads.length - 1;
		return {
			name: m.load_i({ i: i + 1 }),
			part: load.mix < tank * (1 - 1e-9),
			mix: volume(load.mix),
			area: `${show('area', load.area, settings, { digits: 4 }).text}${load.rows === null ? '' : m.rows_4({ rows: load.rows })}`,
			water: volume(load.water),
			fill: load.mix / tank,
			productFill: liquid / tank,
			products: load.products.map((p, index) => {
				const { name = '', dose = null, packs = [], parts = [1] } = products[index] ?? {};
				const { figure, unit, text } = showAmount(p, settings, dose);
				const at = p.amount > 0 ? loadAtMark({ sheet, load, last, index, packs }, parts, settings, dose) : null;
				return { name, figure, unit, mark: at && at.text !== text ? at.text : '', coarse: at?.coarse ?? false };
			})
		};
	});
}

/** Loads that are alike, and as far as each other, are one card with a count: forty full tanks are told once. */
export function groupLoads(
	loads: readonly ShownLoad[],
	progress: readonly LoadProgress[] | null = null
): { readonly load: ShownLoad; readonly from: number; readonly to: number }[] {
	const groups: { load: ShownLoad; from: number; to: number }[] = [];
	loads.forEach((load, i) => {
		const last = groups.at(-1);
		const told = (l: ShownLoad) => l.products.map((p) => `${p.figure} ${p.unit}`).join();
		const [at, before] = [progress?.[i], progress?.[i - 1]];
		// Only what nobody has begun is alike: each load that was mixed has its own story.
		const alike = progress === null || (at?.state === 'dry' && before?.state === 'dry');
		const same =
			alike && last && last.load.mix === load.mix && last.load.part === load.part && told(last.load) === told(load);
		if (last && same && loads.length > 4) last.to = i + 1;
		else groups.push({ load, from: i + 1, to: i + 1 });
	});
	return groups;
}
