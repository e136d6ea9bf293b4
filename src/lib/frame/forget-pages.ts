/** Pages that the device keeps for a day without signal: they show what one person may see. */
const pageCache = 'fallow-pages';

/** Takes the kept pages off this device: another person, or another language, has others. */
export async function forgetPages(): Promise<void> {
	try {
		await caches.delete(pageCache);
	} catch {
		// A browser without them keeps none.
	}
}
