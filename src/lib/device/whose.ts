/** Whose things this device shows: of one person on one farm, or of somebody alone. */
const key = 'fallow-whose';

/** The end of the names of the device's stores; empty for somebody alone. */
export function placeOf(): string {
	try {
		return localStorage.getItem(key) ?? '';
	} catch {
		return '';
	}
}

/** Tells whose things the device shows from here on; true where that changed, so that what is open has to be opened anew. */
export function belongsTo(personId: string | null, farmId: string): boolean {
	const place = personId === null ? '' : `-${personId}-${farmId}`;
	if (place === placeOf()) return false;
	try {
		localStorage.setItem(key, place);
	} catch {
		// A browser that keeps nothing has nothing to keep apart.
		return false;
	}
	return true;
}
