/** Entries of a log in the order in which they happened on their devices, whatever order they arrived in. */
export const inOrder = <T extends { readonly id: string; readonly seq: number }>(entries: readonly T[]): T[] =>
	[...entries].sort((a, b) => a.seq - b.seq || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
