import { m } from '$words';
/** What a look through the chain of seals came to. */
export function sealWords(checked: {
	readonly checked: number;
	readonly broken: { readonly place: number; readonly why: 'changed' | 'out-of-chain' | 'gone' | 'sums' } | null;
}): string {
	const { checked: count, broken } = checked;
	if (broken === null) return m.seals_hold_nothing_was_changed_since({ count });
	// The text and its seal are whole; what a season shows of it is not.
	if (broken.why === 'sums') return m.seals_hold_sums_do_not({ place: broken.place, count });
	const why = {
		changed: m.its_text_was_changed_after_it(),
		'out-of-chain': m.it_does_not_follow_the_one(),
		gone: m.one_before_it_is_gone()
	}[broken.why];
	return m.the_seal_of_entry_does_not({ place: broken.place, why, count });
}
