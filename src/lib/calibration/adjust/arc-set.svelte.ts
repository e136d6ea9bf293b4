import { m } from '$words';
import type { ArcAsked, ArcSet, Flow, Nozzle, Pressure, TypedChange, TypedRated } from '$core';
import { fields, flowAt, inUnit, ratedFlow, readField, readShare, showFigure, si, zoneWeights } from '$core';
import { fieldUnits, typed } from '$lib/settings/field-units';
import { nozzleName } from '$lib/wording/nozzles';
import type { AdjustState } from './adjust.svelte';
import type { NozzleMaths } from './nozzles-worker';

/** A size that the set may be built from. */
export interface SizeAtHand {
	readonly key: string;
	readonly name: string;
	/** At the pressure of the search. */
	readonly flow: Flow;
	readonly fitted: boolean;
	readonly nozzle: Nozzle | null;
}

/** Most sizes that one search takes. */
const mostSizes = 12;

/** Searching a set for the whole arc: what is at hand, what is wanted by height, how far it is, what was found. */
export class ArcSetState {
	readonly #adjust: AdjustState;
	readonly #maths: NozzleMaths;
	/** Wanted shares in per cent from the bottom up, as typed. */
	shares = $state<string[]>(['33', '34', '33']);
	/** Both sides the same. */
	alike = $state(true);
	/** Sizes that are left out. */
	left = $state<readonly string[]>([]);
	progress = $state<number | null>(null);
	result = $state.raw<{ readonly set: ArcSet; readonly asked: ArcAsked; readonly sizes: readonly SizeAtHand[] } | null>(
		null
	);
	problem = $state('');
	#cancel: AbortController | null = null;

	constructor(adjust: AdjustState, maths: NozzleMaths) {
		this.#adjust = adjust;
		this.#maths = maths;
		const kept = adjust.source.entered.canopyShares;
		if (kept) this.shares = kept.map((s) => showFigure(s * 100, 3, false));
	}

	pressure: Pressure | null = $derived.by(() => this.#adjust.present?.pressure ?? null);

	/** Sizes that are fitted, then those of the shed that pass at this pressure; a size of one name and flow once. */
	atHand: readonly SizeAtHand[] = $derived.by(() => {
		const { source } = this.#adjust;
		const { pressure } = this;
		if (pressure === null) return [];
		const sizes: SizeAtHand[] = [];
		for (const [name, rated] of Object.entries(source.numbers.ratings ?? {}))
			sizes.push({
				key: `fitted:${name}`,
				name,
				flow: ratedFlow(rated.flow, rated.at, pressure),
				fitted: true,
				nozzle: null
			});
		if (sizes.length === 0 && source.numbers.rated) {
			const { flow, at } = source.numbers.rated;
			const name = source.sprayer.nozzle || m.as_fitted();
			sizes.push({ key: `fitted:${name}`, name, flow: ratedFlow(flow, at, pressure), fitted: true, nozzle: null });
		}
		for (const nozzle of source.table) {
			if (!nozzle.shed || pressure < nozzle.low || pressure > nozzle.high) continue;
			const flow = flowAt(nozzle.points, pressure);
			sizes.push({ key: nozzle.key, name: nozzleName(nozzle), flow, fitted: false, nozzle });
		}
		return sizes;
	});
	used: readonly SizeAtHand[] = $derived.by(() =>
		this.atHand.filter((s) => !this.left.includes(s.key)).slice(0, mostSizes)
	);

	toggle(key: string): void {
		this.left = this.left.includes(key) ? this.left.filter((k) => k !== key) : [...this.left, key];
	}

	/** What to search, or why not. */
	asked: ArcAsked | string = $derived.by(() => {
		const { present, aim, source, gravity, measured } = this.#adjust;
		if (!present || !aim || measured === null) return m.say_first_what_volume_is_wanted();
		if (this.pressure === null) return m.read_the_gauge_first_what_a();
		if (this.used.length === 0) return m.no_sizes_are_at_hand_mark();
		const shares = this.shares.map(readShare);
		const sum = shares.reduce((s, v) => s + v, 0);
		if (shares.some((s) => !(s >= 0)) || Math.abs(sum - 1) > 0.011)
			return m.do_not_add_up_to_100({ list: this.shares.join(', ') });
		const { sections, nozzles } = source.numbers;
		const groups =
			source.sprayer.groups ?? Array.from({ length: nozzles }, () => source.sprayer.nozzle || m.as_fitted());
		const now = groups.map((g) => this.used.findIndex((s) => s.fitted && s.name === g));
		const off = source.entered.off;
		const sides = sections.length === 2 ? sections : [nozzles];
		const starts = sides.map((_, i) => sides.slice(0, i).reduce((s, n) => s + n, 0));
		const on = sides.map((_, i) => i).filter((i) => sides.length === 1 || !off.includes(i));
		const weights = (count: number) => zoneWeights(count, shares.length);
		const both = this.alike && on.length === 2 && sides[0] === sides[1];
		const places = both
			? weights(sides[0]!).map((w, i) => ({ weights: w, present: on.map((side) => now[starts[side]! + i]!) }))
			: on.flatMap((side) => weights(sides[side]!).map((w, i) => ({ weights: w, present: [now[starts[side]! + i]!] })));
		// What all of them give now, by their sheets, is scaled by what the water said they give.
		const total = (present.flow * present.nozzles * aim.volume * Math.sqrt(gravity)) / measured;
		return {
			sizes: this.used.map((s) => s.flow),
			places,
			total: si<'flow'>(total),
			shares: shares.map((s) => s / sum)
		};
	});

	async search(): Promise<void> {
		const { asked, used } = this;
		this.problem = typeof asked === 'string' ? asked : '';
		if (typeof asked === 'string') return;
		this.cancel();
		const cancel = new AbortController();
		this.#cancel = cancel;
		this.progress = 0;
		this.result = null;
		try {
			const set = await this.#maths.arc(asked, (share) => (this.progress = share), cancel.signal);
			if (set) this.result = { set, asked, sizes: used };
			else this.problem = m.no_set_of_these_sizes_comes();
		} catch (error) {
			if (!cancel.signal.aborted) this.problem = error instanceof Error ? error.message : String(error);
		} finally {
			if (this.#cancel === cancel) {
				this.#cancel = null;
				this.progress = null;
			}
		}
	}

	cancel(): void {
		this.#cancel?.abort();
		this.#cancel = null;
		this.progress = null;
	}

	/** Size of every nozzle of the sprayer after the change, by name; a shut side keeps what it has. */
	names: readonly string[] = $derived.by(() => {
		const { result } = this;
		if (!result) return [];
		const { source } = this.#adjust;
		const { sections, nozzles } = source.numbers;
		const names = [
			...(source.sprayer.groups ?? Array.from({ length: nozzles }, () => source.sprayer.nozzle || m.as_fitted()))
		];
		const sides = sections.length === 2 ? sections : [nozzles];
		const starts = sides.map((_, i) => sides.slice(0, i).reduce((s, n) => s + n, 0));
		const on = sides.map((_, i) => i).filter((i) => sides.length === 1 || !source.entered.off.includes(i));
		const picked = result.set.sizes.map((s) => result.sizes[s]!.name);
		const both = result.asked.places[0]!.present.length === 2;
		on.forEach((side, k) => {
			for (let i = 0; i < sides[side]!; i += 1) {
				const place = both ? i : on.slice(0, k).reduce((s, other) => s + sides[other]!, 0) + i;
				names[starts[side]! + i] = picked[place]!;
			}
		});
		return names;
	});

	/** Flow of one side after the change, each side that sprays, m³/s. */
	sides: readonly number[] = $derived.by(() => {
		const { result } = this;
		if (!result) return [];
		const { numbers, entered } = this.#adjust.source;
		const flow = new Map(result.sizes.map((s) => [s.name, s.flow as number]));
		const sizes = numbers.sections.length === 2 ? numbers.sections : [numbers.nozzles];
		let from = 0;
		return sizes.map((count, side) => {
			const own = this.names.slice(from, from + count);
			from += count;
			if (sizes.length === 2 && entered.off.includes(side)) return 0;
			return own.reduce((s, name) => s + (flow.get(name) ?? 0), 0);
		});
	});

	/** Takes the set that was found as the change. */
	use(): void {
		const { result, pressure } = this;
		if (!result || pressure === null) return;
		const { settings, numbers, sprayer } = this.#adjust.source;
		const units = fieldUnits(settings);
		const text = (value: number, unit: string) => typed(showFigure(value, 4, settings.decimalComma), unit, settings);
		const ratings: Record<string, TypedRated> = {};
		for (const name of new Set(this.names)) {
			const known = sprayer.ratings?.[name];
			const size = result.sizes.find((s) => s.name === name);
			if (known) ratings[name] = known;
			else if (size)
				ratings[name] = {
					flow: text(inUnit('flow', size.flow, units.flow), units.flow),
					at: text(inUnit('pressure', pressure, units.pressure), units.pressure)
				};
			else if (sprayer.rated && readField(fields.nozzleFlow, sprayer.rated.flow, '').ok) ratings[name] = sprayer.rated;
		}
		if (this.names.length === numbers.nozzles)
			this.#adjust.useSet({ groups: this.names, ratings } satisfies NonNullable<TypedChange['set']>);
	}
}
