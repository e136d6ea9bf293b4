import type { AskedRecord, TypedBlock } from '$core';
import { askedFields } from '$core';
import type { RecordWriter } from '$lib/wire/job-source';

/** What the record of a job is asked first, as far as its ground and who writes it tell. */
export function firstAsked(ground: readonly Pick<TypedBlock, 'crop' | 'stage'>[], writer: RecordWriter): AskedRecord {
	const of = (pick: (b: (typeof ground)[number]) => string) =>
		[...new Set(ground.map(pick).filter(Boolean))].join(', ');
	return {
		...(Object.fromEntries(askedFields.map((name) => [name, ''])) as AskedRecord),
		crop: of((b) => b.crop),
		stage: of((b) => b.stage),
		...writer
	};
}
