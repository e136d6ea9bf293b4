import type { FarmHandle } from '$lib/server/db/farm';
import type { Who } from '$lib/server/people/who';

declare global {
	namespace App {
		interface Locals {
			/** The farm that is looked at; nothing of the door has one. */
			farm: FarmHandle;
			who: Who;
			/** Cookies that the answer sets besides those of kit: the sign-in's own, as it wrote them. */
			cookies: string[];
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
