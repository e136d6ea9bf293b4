import type { RequestHandler } from './$types';
import { productJson } from '$lib/files/product-files';
import { fileResponse } from '$lib/server/files';

export const GET: RequestHandler = async ({ locals: { farm } }) =>
	fileResponse(productJson((await farm.products.all()).map((p) => p.label)), 'application/json', 'products.json');
