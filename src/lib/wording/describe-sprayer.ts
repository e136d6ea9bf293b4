import { m } from '$words';
import type { Carried, Carrier, Drive, TypedSprayer, SprayerKind } from '$core';
import { typedText } from '$lib/settings/typed-text';

export const kindWords: Readonly<Record<SprayerKind, { readonly name: string; readonly what: string }>> = {
	boom: {
		get name() {
			return m.boom();
		},
		get what() {
			return m.nozzles_in_a_row_at_one();
		}
	},
	boomless: {
		get name() {
			return m.boomless();
		},
		get what() {
			return m.a_few_nozzles_that_throw_to();
		}
	},
	airblast: {
		get name() {
			return m.airblast();
		},
		get what() {
			return m.nozzles_on_an_arc_before_a();
		}
	},
	knapsack: {
		get name() {
			return m.carried();
		},
		get what() {
			return m.a_knapsack_or_mist_blower_on();
		}
	}
};

export const driveWords: Readonly<Record<Drive, string>> = {
	get pto() {
		return m.pto();
	},
	get engine() {
		return m.its_own_engine();
	},
	get ground() {
		return m.ground_wheel();
	},
	get battery() {
		return m.battery();
	},
	get hand() {
		return m.by_hand();
	}
};

export const carrierWords: Readonly<Record<Carrier, string>> = {
	get tractor() {
		return m.a_tractor();
	},
	get 'self-propelled'() {
		return m.itself_it_is_self_propelled();
	},
	get atv() {
		return m.an_atv_or_utv();
	}
};

export const carriedWords: Readonly<Record<Carried, string>> = {
	get lever() {
		return m.lever_knapsack();
	},
	get compressed() {
		return m.compression_sprayer();
	},
	get battery() {
		return m.battery_knapsack();
	},
	get mist() {
		return m.mist_blower();
	}
};

/** A sprayer in one line: what it is made of, by its own numbers. */
export function describeSprayer(sprayer: TypedSprayer): string {
	const parts: (string | false | undefined)[] = (() => {
		if (sprayer.uncounted) return [kindWords[sprayer.kind].name, m.nozzles_not_counted_yet(), sprayer.nozzle];
		switch (sprayer.kind) {
			case 'boom':
				return [
					m.nozzles_nozzles({
						nozzles: sprayer.nozzles,
						which: sprayer.stacked && sprayer.stacked > 1 ? m.at_each_place({ stacked: sprayer.stacked }) : '',
						which2: sprayer.spacing ? m.at_spacing({ spacing: typedText(sprayer.spacing) }) : ''
					}),
					sprayer.nozzle,
					sprayer.band && m.bands_of({ band: typedText(sprayer.band.band) })
				];
			case 'boomless':
				return [m.boomless_nozzles({ nozzles: sprayer.nozzles }), sprayer.nozzle];
			case 'airblast':
				return [
					m.n2_nozzles({
						nozzles: sprayer.nozzles / 2,
						which: sprayer.groups ? m.sizes({ size: new Set(sprayer.groups).size }) : ''
					}),
					sprayer.rowSpacing && m.rows_row_spacing({ rowSpacing: typedText(sprayer.rowSpacing) })
				];
			case 'knapsack':
				return [carriedWords[sprayer.carried ?? 'lever'], sprayer.nozzle];
		}
	})();
	return parts.filter(Boolean).join(' · ');
}
