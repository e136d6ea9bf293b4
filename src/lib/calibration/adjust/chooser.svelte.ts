import type { ChoiceAsked, DropletClass, Issue, NozzleFilter } from '$core';
import { dropletClasses, readNozzleFilter } from '$core';
import { wordIssue } from '$lib/wording/issues';
import type { Chosen } from '$lib/workers/nozzle-job';
import { suitingKinds } from '$lib/show/fitted-nozzle';
import type { AdjustState } from './adjust.svelte';
import type { NozzleMaths } from './nozzles-worker';

/** Which drop sizes a label allows: one, or that one and coarser. */
export interface DropsAsked {
	readonly from: DropletClass | '';
	readonly coarser: boolean;
}

/** The nozzles that give the wanted volume, best first. What was asked last is what is shown. */
export class ChooserState {
	readonly #adjust: AdjustState;
	readonly #maths: NozzleMaths;
	filter = $state('');
	drops = $state<DropsAsked>({ from: '', coarser: true });
	found = $state.raw<Chosen | null>(null);
	busy = $state(false);
	#waiting: (() => Promise<Chosen>) | null = null;

	constructor(adjust: AdjustState, maths: NozzleMaths) {
		this.#adjust = adjust;
		this.#maths = maths;
	}

	#read = $derived.by(() => readNozzleFilter(this.filter, this.#adjust.source.settings.gallon));
	/** What is wrong with the filter; it then filters nothing. */
	problem: string = $derived.by(() => (this.#read.ok ? '' : wordIssue(this.#read.issues[0] as Issue)));

	/** What to ask of the table; null until something is wanted. */
	asked: ChoiceAsked | null = $derived.by(() => {
		const { present, aim, speeds, gravity, fitted } = this.#adjust;
		if (!present || !aim || !speeds) return null;
		const { from, coarser } = this.drops;
		const at = dropletClasses.indexOf(from as DropletClass);
		const drops = at < 0 ? null : coarser ? dropletClasses.slice(at) : [dropletClasses[at]!];
		return {
			rate: aim.volume,
			speeds,
			served: present.served,
			specificGravity: gravity,
			drops,
			now: { speed: present.speed, pressure: present.pressure, nozzle: fitted?.key ?? null }
		};
	});

	/** Asks again. Called whenever what is asked changes. */
	async ask(): Promise<void> {
		const { asked } = this;
		const filter: NozzleFilter | null = this.#read.ok && this.filter.trim() !== '' ? this.#read.value : null;
		const { numbers, table: all } = this.#adjust.source;
		// What is asked for by its kind is looked for, else what such a sprayer is fitted with, and what is fitted.
		const kinds = [...suitingKinds[numbers.kind], this.#adjust.fitted?.kind];
		const table = filter && filter.kinds.length > 0 ? all : all.filter((n) => kinds.includes(n.kind));
		if (!asked) {
			this.found = null;
			return;
		}
		this.#waiting = () => this.#maths.choose(table, asked, filter);
		if (this.busy) return;
		this.busy = true;
		try {
			while (this.#waiting) {
				const run = this.#waiting;
				this.#waiting = null;
				const found = await run();
				if (!this.#waiting) this.found = found;
			}
		} finally {
			this.busy = false;
		}
	}
}
