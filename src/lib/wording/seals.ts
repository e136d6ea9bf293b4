/** What a look through the chain of seals came to. */
export function sealWords(checked: {
	readonly checked: number;
	readonly broken: { readonly place: number; readonly why: 'changed' | 'out-of-chain' | 'gone' } | null;
}): string {
	const { checked: count, broken } = checked;
	if (broken === null)
		return `✓ ${count} ${count === 1 ? 'seal holds' : 'seals hold'}: nothing was changed since it was written.`;
	const why = {
		changed: 'its text was changed after it was sealed',
		'out-of-chain': 'it does not follow the one before it',
		gone: 'one before it is gone'
	}[broken.why];
	return `✕ The seal of entry ${broken.place} does not hold: ${why}. ${count} before it hold.`;
}
