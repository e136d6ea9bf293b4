import { m } from '$words';
import type { ProductUse } from '../../core';

/** What a product is used for, and why its volume and drops are as they are. */
export const productUseWords: Readonly<Record<ProductUse, { readonly name: string; readonly why: string }>> = {
	contact: {
		get name() {
			return m.contact_weed_control();
		},
		get why() {
			return m.it_works_only_where_it_lands();
		}
	},
	systemic: {
		get name() {
			return m.systemic_weed_control();
		},
		get why() {
			return m.it_moves_in_the_plant_coarser();
		}
	},
	soil: {
		get name() {
			return m.soil_applied_weed_control();
		},
		get why() {
			return m.it_lies_on_the_soil_coarse();
		}
	},
	fungicide: {
		get name() {
			return m.fungicide();
		},
		get why() {
			return m.it_protects_the_leaf_that_it();
		}
	},
	insecticide: {
		get name() {
			return m.insecticide();
		},
		get why() {
			return m.it_has_to_meet_the_insect();
		}
	}
};
