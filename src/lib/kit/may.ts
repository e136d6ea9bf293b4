import { page } from '$app/state';
import type { Right } from '$lib/settings/roles';

/** Whether who looks at the page may do something. What they may not is not offered; the server decides in any case. */
export const may = (right: Right): boolean => {
	const { me } = page.data as { readonly me?: { readonly rights: readonly Right[] } };
	return me?.rights.includes(right) ?? true;
};
