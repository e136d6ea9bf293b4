import type { ProductUse } from '../../core';

/** What a product is used for, and why its volume and drops are as they are. */
export const productUseWords: Readonly<Record<ProductUse, { readonly name: string; readonly why: string }>> = {
	contact: {
		name: 'Contact weed control',
		why: 'It works only where it lands: enough water and drops fine enough to cover the leaf.'
	},
	systemic: {
		name: 'Systemic weed control',
		why: 'It moves in the plant: coarser drops drift less, and less water keeps it strong.'
	},
	soil: {
		name: 'Soil-applied weed control',
		why: 'It lies on the soil: coarse drops reach it, and drift least.'
	},
	fungicide: {
		name: 'Fungicide',
		why: 'It protects the leaf that it covers: finer drops and more water into a dense crop.'
	},
	insecticide: {
		name: 'Insecticide',
		why: 'It has to meet the insect or its leaf: fine to medium drops, more water in a dense crop.'
	}
};
