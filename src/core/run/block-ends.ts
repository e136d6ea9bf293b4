import { secondsAt } from '../jobs/seconds-at';
import type { RunLoad } from './fold-run';

/**
 * When the last load was out on each block, ISO 8601: the latest end of the loads that went on it. A load of which nobody said
 * where it went counts for every block, so that none is let free too soon. Null where a load that counts has no end.
 *
 * loads: of the run. blocks: ids of the job's. told: when the last load was out, by the close; null where it does not say.
 * @example
 * blockEnds([{ state: 'out', blocks: ['a'], endedAt: '2026-03-20T23:10:00Z' }, { state: 'out', blocks: ['b'], endedAt: '2026-03-21T01:00:00Z' }], ['a', 'b'], null) // => {"a":"2026-03-20T23:10:00Z","b":"2026-03-21T01:00:00Z"}
 * blockEnds([{ state: 'spraying', blocks: null, endedAt: null }], ['a'], null) // => {"a":null}
 */
export function blockEnds(
	loads: readonly Pick<RunLoad, 'state' | 'blocks' | 'endedAt'>[],
	blocks: readonly string[],
	told: string | null
): Readonly<Record<string, string | null>> {
	const gone = loads.filter((l) => l.state !== 'dry' && l.state !== 'mixing');
	return Object.fromEntries(
		blocks.map((block) => {
			const here = gone.filter((l) => l.blocks === null || l.blocks.includes(block));
			// A block that no load names was sprayed all the same, some time before the last one.
			const ends = (here.length > 0 ? here : gone).map((l) => l.endedAt ?? told);
			if (ends.length === 0 || ends.includes(null)) return [block, null];
			return [block, ends.reduce((last, at) => (secondsAt(at!) > secondsAt(last!) ? at : last))];
		})
	);
}
