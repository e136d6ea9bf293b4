import { statfs } from 'node:fs/promises';

/** Under so much what is written next may not fit any more, bytes. */
const low = 256 * 1024 * 1024;

export type DiskState = 'enough' | 'low' | 'unknown';

/** What is left where the data is. Unknown where nobody said where that is, or the system does not tell. */
export async function diskState(
	folder: string | undefined,
	ask: (path: string) => Promise<{ readonly bavail: number; readonly bsize: number }> = statfs
): Promise<DiskState> {
	if (!folder) return 'unknown';
	try {
		const { bavail, bsize } = await ask(folder);
		return bavail * bsize < low ? 'low' : 'enough';
	} catch {
		return 'unknown';
	}
}
