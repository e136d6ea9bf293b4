import type { RequestHandler } from './$types';
import { productCsv } from '$lib/files/product-files';
import { fileResponse } from '$lib/server/files';

export const GET: RequestHandler = async ({ locals: { farm } }) => {
	const labels = (await farm.products.all()).map((p) => p.label);
	return fileResponse(productCsv(labels, farm.settings), 'text/csv; charset=utf-8', 'products.csv');
};
