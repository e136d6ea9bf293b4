import type { ArcAsked, ArcSet, ChoiceAsked, Nozzle, NozzleChoice, NozzleFilter } from '$core';
import { chooseNozzles, passes, searchArc } from '$core';
import { nozzleText } from '$lib/wording/nozzles';

/** What is handed back of a choice: the best, how many there are in all, and how many could not be judged. */
export interface Chosen {
	readonly choices: readonly NozzleChoice[];
	readonly all: number;
	readonly withoutDrops: number;
}

let table: readonly Nozzle[] = [];
let texts: readonly string[] = [];

/** The most that a screen shows of them. */
const shown = 60;

/** Choosing from a table, and searching an arc: what the worker does, without the worker. */
export const nozzleJob = {
	table(nozzles: readonly Nozzle[]): void {
		table = nozzles;
		texts = nozzles.map(nozzleText);
	},

	choose(asked: ChoiceAsked, filter: NozzleFilter | null): Chosen {
		const { choices, withoutDrops } = chooseNozzles(table, asked);
		const text = filter && new Map(table.map((nozzle, i) => [nozzle.key, texts[i]!]));
		const kept = filter
			? choices.filter((c) =>
					passes(filter, {
						kind: c.nozzle.kind,
						text: text!.get(c.nozzle.key)!,
						shed: c.nozzle.shed,
						drops: c.drops,
						pressure: c.pressure,
						speed: c.speed
					})
				)
			: choices;
		return { choices: kept.slice(0, shown), all: kept.length, withoutDrops };
	},

	/** Searches a set for an arc; `onProgress` is told how far it is. Whoever asked ends it by ending the worker. */
	async arc(asked: ArcAsked, onProgress: (share: number) => void): Promise<ArcSet | null> {
		const search = searchArc(asked);
		let told = 0;
		for (;;) {
			const step = search.next();
			if (step.done) return step.value;
			if (step.value >= told + 0.02) {
				told = step.value;
				onProgress(told);
			}
		}
	}
};
