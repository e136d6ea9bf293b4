import { m } from '$words';
import type { Issue, JobRun, RunEntryBody, Typed } from '$core';
import { typed } from '$lib/settings/field-units';
import { keptText } from '$lib/settings/typed-text';
import { wordIssue } from '$lib/wording/issues';
import type { JobRunState } from './job-run.svelte';

interface DoseLine {
	readonly product: number;
	readonly name: string;
	readonly unit: string;
	/** As it stands in the loads to come; empty where the product is left out of them. */
	readonly before: string;
	text: string;
	out: boolean;
}

/** The loads that are still to be mixed, while they are edited: their doses, how full, on how much ground. */
export class RestEditState {
	readonly run: JobRunState;
	/** The first load that nothing was done for yet. */
	readonly from: number;
	fill = $state('');
	ground = $state('');
	lines = $state<DoseLine[]>([]);
	/** It was asked to be saved: what is wrong is told from then on. */
	asked = $state(false);

	constructor(run: JobRunState) {
		this.run = run;
		const rest = run.dryLoads;
		this.from = rest[0]?.n ?? 0;
		this.lines = run.job.products.map(({ label, dose: planned }, product): DoseLine => {
			const dose: Typed | null = rest[0]?.doses[product] ?? null;
			const unit = (dose ?? planned).unit;
			const before = keptText(dose, unit, run.settings);
			return { product, name: label.name, unit, before, text: before, out: dose === null };
		});
	}

	/** Whole rows are counted, and the ground that is left is told by them. */
	get byRows(): boolean {
		return this.run.dryLoads.every((l) => l.load.rows !== null);
	}

	/** What the entry says: only what was changed. Null where nothing was. */
	body: Extract<RunEntryBody, { kind: 'rest' }> | null = $derived.by(() => {
		const { settings, units } = this.run;
		const doses = this.lines.flatMap(
			({ product, unit, before, text, out }): { product: number; dose: Typed | null }[] => {
				if (out) return before === '' ? [] : [{ product, dose: null }];
				return text.trim() === before ? [] : [{ product, dose: typed(text, unit, settings) }];
			}
		);
		const fill = this.fill.trim() === '' ? null : typed(this.fill, units.tank, settings);
		const ground = this.#ground();
		return doses.length === 0 && !fill && !ground ? null : { kind: 'rest', from: this.from, fill, ground, doses };
	});
	#ground() {
		const text = this.ground.trim();
		if (text === '') return null;
		const { settings, units } = this.run;
		return this.byRows
			? { by: 'rows' as const, rows: /^\d+$/.test(text) ? Number(text) : 0 }
			: { by: 'area' as const, area: typed(text, units.area, settings) };
	}

	#made = $derived.by(() => (this.body ? this.run.ifAdded(this.body) : null));
	/** The job as it would go on; null where nothing is changed or it cannot. */
	preview: JobRun | null = $derived.by(() => (this.#made?.ok ? this.#made.value : null));
	#issues: readonly Issue[] = $derived.by(() => (this.#made && !this.#made.ok ? this.#made.issues : []));

	/** What is wrong with the dose of a product, with another field, or with all of it (empty path). */
	problem(path: 'fill' | 'ground' | '' | number): string | undefined {
		const places = ['fill', 'ground'];
		const of = (at: string) => (places.includes(at) ? at : (/^products\.(\d+)/.exec(at)?.[1] ?? ''));
		const issue = this.#issues.find((i) => of(i.path) === `${path}`);
		if (path === 'ground' && this.byRows && this.ground.trim() !== '' && !/^[1-9]\d*$/.test(this.ground.trim()))
			return m.type_a_whole_number_of_rows();
		return issue && wordIssue(issue);
	}

	async save(): Promise<boolean> {
		this.asked = true;
		return this.preview !== null && this.body !== null && (await this.run.add(this.body));
	}
}
