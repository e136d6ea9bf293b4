import type { Right, Role } from '$lib/settings/roles';

/** Who looks at a page, as far as the page shows it. */
export interface Me {
	/** Null alone on this computer. */
	readonly id: string | null;
	readonly name: string;
	readonly role: Role | null;
	readonly rights: readonly Right[];
	/** That they picked on whatever device; null or left out until they did. */
	readonly language?: string | null;
}
