import { m } from '$words';
import type { Carried, Carrier, Drive, Rig, SprayerKind } from '$core';
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

/** A rig in one line: what it is made of, by its own numbers. */
export function describeRig(rig: Rig): string {
	const parts: (string | false | undefined)[] = (() => {
		if (rig.uncounted) return [kindWords[rig.kind].name, m.nozzles_not_counted_yet(), rig.nozzle];
		switch (rig.kind) {
			case 'boom':
				return [
					m.nozzles_nozzles({
						nozzles: rig.nozzles,
						which: rig.stacked && rig.stacked > 1 ? m.at_each_place({ stacked: rig.stacked }) : '',
						which2: rig.spacing ? m.at_spacing({ spacing: typedText(rig.spacing) }) : ''
					}),
					rig.nozzle,
					rig.band && m.bands_of({ band: typedText(rig.band.band) })
				];
			case 'boomless':
				return [m.boomless_nozzles({ nozzles: rig.nozzles }), rig.nozzle];
			case 'airblast':
				return [
					m.n2_nozzles({
						nozzles: rig.nozzles / 2,
						which: rig.groups ? m.sizes({ size: new Set(rig.groups).size }) : ''
					}),
					rig.rowSpacing && m.rows_row_spacing({ rowSpacing: typedText(rig.rowSpacing) })
				];
			case 'knapsack':
				return [carriedWords[rig.carried ?? 'lever'], rig.nozzle];
		}
	})();
	return parts.filter(Boolean).join(' · ');
}
