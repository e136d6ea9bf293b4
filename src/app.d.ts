import type { FarmHandle } from '$lib/server/db/farm';

declare global {
	namespace App {
		interface Locals {
			farm: FarmHandle;
			requestId: string;
		}
		interface Error {
			message: string;
			code?: string;
			path?: string;
		}
	}
}

export {};
