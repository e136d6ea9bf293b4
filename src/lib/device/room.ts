/** How full the device's memory for this app is, in whole megabytes, and whether the browser may clear it by itself. */
export async function roomOf(): Promise<{
	readonly used: number;
	readonly all: number;
	readonly lasting: boolean;
} | null> {
	const { storage } = navigator;
	if (!storage?.estimate) return null;
	const { usage = 0, quota = 0 } = await storage.estimate();
	const megabytes = (bytes: number) => Math.ceil(bytes / 1e6);
	return { used: megabytes(usage), all: megabytes(quota), lasting: (await storage.persisted?.()) ?? false };
}
