/** JSON with sorted keys and no undefined members: two values are the same if their texts are. */
export function canonicalJson(value: unknown): string {
	return JSON.stringify(value, (_key, inner: unknown) => {
		if (inner === null || typeof inner !== 'object' || Array.isArray(inner)) return inner;
		return Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)));
	});
}
