import { m } from '$words';
import type { DilutionOf, DoseArea, LabelFill, MixingClass } from '../../core';

/** How a product mixes, in words, in the order in which they go in. */
export const mixingWords: Readonly<Record<MixingClass, string>> = {
	get conditioner() {
		return m.water_conditioner();
	},
	get packet() {
		return m.packets_that_dissolve();
	},
	get dry() {
		return m.dry_flowable_or_powder();
	},
	get suspension() {
		return m.suspension();
	},
	get emulsion() {
		return m.emulsion();
	},
	get solution() {
		return m.solution();
	},
	get wetter() {
		return m.wetter_or_oil();
	},
	get foliar() {
		return m.foliar_feed();
	}
};

/** What a label asks of the filling. */
export const fillWords: Readonly<Record<LabelFill, string>> = {
	get third() {
		return m.a_third_of_the_water_first();
	},
	get 'half-product'() {
		return m.half_of_it_at_half_the();
	}
};

/** Whose area a dose on bands is of. */
export const doseAreaWords: Readonly<Record<DoseArea, string>> = {
	get treated() {
		return m.per_treated_area_the_bands();
	},
	get field() {
		return m.per_field_area_bands_and_gaps();
	}
};

/** What a dose per 100 L is of. */
export const dilutionWords: Readonly<Record<DilutionOf, string>> = {
	get dilute() {
		return m.of_dilute_spray_to_run_off();
	},
	get mix() {
		return m.of_the_mix_as_sprayed();
	}
};
