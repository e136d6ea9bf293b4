import { createReadStream, createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import type { ReadableStream as NodeStream } from 'node:stream/web';
import { pipeline } from 'node:stream/promises';

/**
 * A large body as it was sent, from a file of its own: the sender is let go before the work on it begins, however long
 * that takes. The file is gone when `use` has ended, whichever way.
 */
export async function spooled<T>(
	body: ReadableStream<Uint8Array>,
	use: (bytes: AsyncIterable<Uint8Array>) => Promise<T>,
	place = tmpdir()
): Promise<T> {
	const folder = await mkdtemp(join(place, 'fallow-in-'));
	try {
		const file = join(folder, 'body');
		await pipeline(Readable.fromWeb(body as NodeStream), createWriteStream(file, { mode: 0o600 }));
		return await use(createReadStream(file));
	} finally {
		await rm(folder, { recursive: true, force: true });
	}
}
