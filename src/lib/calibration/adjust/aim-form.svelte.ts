import { m } from '$words';
import type { Issue, SprayerNumbers, TypedAim, TypedWanted, WantedVolume } from '$core';
import { keptText } from '$lib/settings/typed-text';
import { checkAim, fields, readField, readNumber, si, tankAreaVolume } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import { wordIssue } from '$lib/wording/issues';

export type AimPlace = 'volume' | 'low' | 'high' | 'area' | 'specificGravity';

/** What is wanted of a spray volume, as it is typed: live, with what is wrong beside its field. */
export class AimForm {
	readonly #settings: FarmSettings;
	readonly #rig: SprayerNumbers;
	by = $state<TypedWanted['by']>('volume');
	volume = $state('');
	low = $state('');
	high = $state('');
	area = $state('');
	perArea = $state(true);
	gravity = $state('');

	constructor(sprayer: SprayerNumbers, settings: FarmSettings, kept: TypedAim | null) {
		this.#rig = sprayer;
		this.#settings = settings;
		if (kept) this.show(kept);
	}

	/** Shows what was wanted before, as it was typed. */
	show(kept: TypedAim): void {
		const settings = this.#settings;
		this.by = kept.wanted.by;
		if (kept.wanted.by === 'volume') this.volume = keptText(kept.wanted.volume, settings.rateUnit, settings);
		if (kept.wanted.by === 'tank') this.area = keptText(kept.wanted.area, fieldUnits(settings).area, settings);
		if (kept.wanted.by === 'range') {
			this.low = keptText(kept.wanted.low, settings.rateUnit, settings);
			this.high = keptText(kept.wanted.high, settings.rateUnit, settings);
		}
		this.perArea = kept.perArea;
		this.gravity =
			kept.specificGravity === 1 ? '' : String(kept.specificGravity).replace('.', settings.decimalComma ? ',' : '.');
	}

	#wanted(): TypedWanted | null {
		const rate = (text: string) => typed(text, this.#settings.rateUnit, this.#settings);
		switch (this.by) {
			case 'volume':
				return this.volume.trim() === '' ? null : { by: 'volume', volume: rate(this.volume) };
			case 'range':
				return this.low.trim() === '' || this.high.trim() === ''
					? null
					: { by: 'range', low: rate(this.low), high: rate(this.high) };
			case 'tank':
				return this.area.trim() === ''
					? null
					: { by: 'tank', area: typed(this.area, fieldUnits(this.#settings).area, this.#settings) };
		}
	}

	/** Nothing is asked for. */
	empty: boolean = $derived.by(() =>
		({ volume: [this.volume], range: [this.low, this.high], tank: [this.area] })[this.by].every((t) => t.trim() === '')
	);

	/** Nothing typed is water. */
	#gravity(): number {
		if (this.gravity.trim() === '') return 1;
		const value = readNumber(this.gravity.trim(), this.#settings.decimalComma);
		return typeof value === 'string' ? NaN : value;
	}

	#typed: TypedAim | null = $derived.by(() => {
		const wanted = this.#wanted();
		return wanted && { wanted, perArea: this.perArea, specificGravity: this.#gravity() };
	});
	#issues: readonly Issue[] = $derived.by(() => {
		const issues = this.#typed ? [...checkAim(this.#typed)] : [];
		if (this.#typed?.wanted.by === 'tank' && issues.length === 0 && this.#tankFor() === null)
			issues.push({ code: 'too-small', path: 'area', text: this.area, bound: m.more_than_the_tanks_dead_volume() });
		const comma = this.#settings.decimalComma || undefined;
		return issues.map((i) => (i.code === 'gravity' ? { ...i, text: this.gravity, comma } : i));
	});

	/** What is wrong with what was typed, by its field. */
	problems: Partial<Record<AimPlace, string>> = $derived.by(() =>
		Object.fromEntries(this.#issues.map((issue) => [issue.path, wordIssue(issue)]))
	);
	/** The aim, once it can be read. */
	aim: TypedAim | null = $derived(this.#issues.length === 0 ? this.#typed : null);
	/** The same in quantities. */
	wanted: WantedVolume | null = $derived.by(() => {
		const wanted = this.aim?.wanted;
		if (!wanted) return null;
		const rate = (t: Parameters<typeof readField>[1]) => {
			const read = readField(fields.volumePerArea, t, '');
			return si<'volumePerArea'>(read.ok ? read.value.value : NaN);
		};
		if (wanted.by === 'volume') return { by: 'volume', volume: rate(wanted.volume) };
		if (wanted.by === 'range') return { by: 'range', low: rate(wanted.low), high: rate(wanted.high) };
		const volume = this.#tankFor();
		return volume === null ? null : { by: 'volume', volume };
	});

	#tankFor() {
		const typedArea = typed(this.area, fieldUnits(this.#settings).area, this.#settings);
		const area = readField(fields.area, typedArea, 'area');
		const { tank, dead } = this.#rig;
		if (!area.ok || (dead !== null && dead >= tank)) return null;
		return tankAreaVolume(tank, dead ?? si<'volume'>(0), area.value.value);
	}
}
