import { m } from '$words';
import type {
	DoseArea,
	Issue,
	LoadPlan,
	PlanSheet,
	Result,
	Split,
	TypedProduct,
	TypedTankPlan,
	VolumePerArea
} from '$core';
import { planLoads, readTankPlan } from '$core';
import { typed, fieldUnits } from '$lib/settings/field-units';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { wordIssue } from '$lib/wording/issues';

export interface ProductLine {
	/** Steady key of the line on the screen. */
	readonly key: number;
	name: string;
	dose: string;
	/** Empty until somebody says. */
	state: 'liquid' | 'dry' | '';
	/** On bands: what the dose is of; empty until it is said. */
	per: DoseArea | '';
}

/**
 * What goes in the tank, worked out as it is typed: an area, products with their doses, a tank, and how to split. The
 * last plan that computed stays in sight while a field is being written.
 */
export class TankPlanState {
	readonly #settings: FarmSettings;
	readonly #rate: VolumePerArea;
	/** Share of the field that bands treat; 1 where all of it is. */
	readonly treated: number;
	readonly units: ReturnType<typeof fieldUnits>;
	#nextKey = 1;

	areaBy = $state<'area' | 'sides'>('area');
	area = $state('');
	length = $state('');
	width = $state('');
	tank = $state('');
	split = $state<Split>('full-then-part');
	products = $state<ProductLine[]>([]);
	/** Places that have been left: only those show what is wrong, so that nobody is scolded while typing. */
	left = $state<Record<string, boolean>>({});

	constructor(rate: VolumePerArea, tank: string, settings: FarmSettings, treated = 1) {
		this.#rate = rate;
		this.treated = treated;
		this.#settings = settings;
		this.units = fieldUnits(settings);
		this.tank = tank;
		this.addProduct();
	}

	addProduct(): void {
		this.products.push({ key: this.#nextKey++, name: '', dose: '', state: '', per: '' });
	}

	/** Takes a product out; what it answers with puts it back. */
	removeProduct(key: number): () => void {
		const before = this.products;
		this.products = before.filter((p) => p.key !== key);
		return () => (this.products = before);
	}

	/** Lines that say something: an empty line is not a product. */
	#written: readonly ProductLine[] = $derived.by(() =>
		this.products.filter((p) => p.name.trim() !== '' || p.dose.trim() !== '')
	);

	input: TypedTankPlan = $derived.by(() => {
		const s = this.#settings;
		return {
			area:
				this.areaBy === 'area'
					? { by: 'area', area: typed(this.area, this.units.area, s) }
					: {
							by: 'sides',
							length: typed(this.length, this.units.side, s),
							width: typed(this.width, this.units.side, s)
						},
			tank: typed(this.tank, this.units.tank, s),
			split: this.split,
			products: this.#written.map((p, i): TypedProduct => ({
				name: p.name.trim() || m.product({ i: i + 1 }),
				dose: typed(p.dose, p.state === 'dry' ? this.units.dryDose : this.units.dose, s),
				...(p.state ? { state: p.state } : {}),
				...(p.per && this.treated < 1 ? { per: p.per } : {})
			}))
		};
	});
	sheet: Result<PlanSheet> = $derived.by(() => readTankPlan(this.input, this.#rate, this.treated));
	result: Result<LoadPlan> = $derived.by(() => (this.sheet.ok ? planLoads(this.sheet.value) : this.sheet));
	plan: LoadPlan | null = $derived(this.result.ok ? this.result.value : null);
	issues: readonly Issue[] = $derived(this.result.ok ? [] : this.result.issues);

	/** What is wrong at a place, once it has been left with something in it. */
	problem(path: string): string | undefined {
		const issue = this.issues.find((i) => i.path === path);
		return issue && (issue.code !== 'empty' || this.left[path] === true) && this.left[path]
			? wordIssue(issue)
			: undefined;
	}

	/** Place of a product line's dose among those that are written. */
	doseProblem(line: ProductLine): string | undefined {
		const place = this.#written.indexOf(line);
		return place < 0 ? undefined : this.problem(`products.${place}.dose`);
	}

	leave(path: string): void {
		this.left[path] = true;
	}

	leaveDose(line: ProductLine): void {
		const place = this.#written.indexOf(line);
		if (place >= 0) this.leave(`products.${place}.dose`);
	}

	/** Shows everything that is wrong at once; answers whether nothing is. */
	check(): boolean {
		for (const issue of this.issues) this.leave(issue.path);
		return this.result.ok;
	}
}
