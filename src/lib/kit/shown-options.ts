/** Most that a list under a field shows: nobody reads on, one types another letter. */
const most = 60;

/** Options that hold every word of what was typed, those that begin with it first. */
export function shownOptions<T extends { readonly label: string }>(options: readonly T[], typed: string): readonly T[] {
	const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
	const wanted = plain(typed).trim();
	if (wanted === '') return options.slice(0, most);
	const parts = wanted.split(/\s+/);
	const found = options.filter(({ label }) => parts.every((part) => plain(label).includes(part)));
	const first = (one: T) => (plain(one.label).startsWith(wanted) ? 0 : 1);
	return found.sort((a, b) => first(a) - first(b)).slice(0, most);
}
