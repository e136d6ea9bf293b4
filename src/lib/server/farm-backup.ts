import { createWriteStream } from 'node:fs';
import { mkdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { FarmHandle } from './db/farm';
import type { AnchorOf } from './db/farm-file';
import { zipped } from './zip';

/**
 * All of a farm in a file of the data folder, before another one takes its place: it comes back as any file of a farm
 * does. Answers with the file's name; null where the server has no data folder, or the farm nothing to keep.
 */
export async function keepBefore(
	farm: Pick<FarmHandle, 'id' | 'lines' | 'isEmpty'>,
	folder: string | undefined,
	at: string,
	anchorOf?: AnchorOf
): Promise<string | null> {
	if (!folder || (await farm.isEmpty())) return null;
	const place = join(folder, 'backups');
	const name = `before-import-${at.slice(0, 19).replaceAll(':', '-')}.zip`;
	const half = join(place, `${name}.half`);
	await mkdir(place, { recursive: true });
	try {
		const lines = zipped(`${name.replace('.zip', '')}.jsonl`, farm.lines(at, anchorOf));
		await pipeline(Readable.from(lines), createWriteStream(half, { mode: 0o600 }));
		await rename(half, join(place, name));
	} finally {
		await rm(half, { force: true });
	}
	return name;
}
