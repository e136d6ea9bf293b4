import type { Actions, PageServerLoad } from './$types';
import type { KnownNames } from '$lib/files/record-line';
import { reading } from '$lib/server/reading/read-apart';
import { takeCsv } from '$lib/server/take-csv';

/** No farm seals more than this: a file that would pass it is one of something else. */
const mostRecords = 2_000_000;

/** What ground and products of a file can be known by. */
async function knownNames(farm: App.Locals['farm']): Promise<KnownNames> {
	const [blocks, products] = await Promise.all([farm.blocks.all(), farm.products.all()]);
	return {
		blocks: blocks.map(({ id, block }) => ({ id, name: block.name })),
		products: products.map(({ id, label }) => ({ id, name: label.name }))
	};
}

export const load: PageServerLoad = async ({ locals: { farm } }) => ({ known: await knownNames(farm) });

export const actions: Actions = {
	default: async ({ request, locals: { farm } }) => {
		const known = await knownNames(farm);
		return takeCsv(request, {
			read: (text, sign) => reading.read('records', text, { settings: farm.settings, known, sign }),
			count: () => farm.records.count(),
			most: mostRecords,
			takeIn: (records) => farm.records.takeIn(records)
		});
	}
};
