import { m } from '$words';
import { canonicalJson } from '../canonical-json';
import { Failure } from '../failure';

interface Known {
	readonly id: string;
}

/**
 * Ids that are stored already, of a message that may have come before. An entry whose id is known must be the same entry
 * of the same log; none may come twice in one message.
 */
export function knownIds(
	logId: string,
	entries: readonly Known[],
	stored: readonly { readonly id: string; readonly log_id: string; readonly body: unknown }[]
): Set<string> {
	const byId = new Map(stored.map((row) => [row.id, row]));
	const ids = new Set<string>();
	entries.forEach((entry, i) => {
		const row = byId.get(entry.id);
		if (row && (row.log_id !== logId || canonicalJson(row.body) !== canonicalJson(entry)))
			throw new Failure(409, 'conflict', `entries.${i}.id`, m.another_reading_under_this_id());
		if (ids.has(entry.id)) throw new Failure(400, 'double', `entries.${i}.id`, m.id_twice_in_one_message());
		ids.add(entry.id);
	});
	return new Set(byId.keys());
}
