/** The first thing that is wrong with each field, and with the whole form under `all`. */
export function firstErrors(errors: object): Readonly<Record<string, string | undefined>> {
	const said: Record<string, string> = {};
	for (const [name, told] of Object.entries(errors) as [string, unknown][]) {
		// A list of picked things has its words one level down; a field that was mended has none.
		const words: unknown = Array.isArray(told) ? told : (told as { _errors?: unknown } | undefined)?._errors;
		if (Array.isArray(words)) said[name === '_errors' ? 'all' : name] = String(words[0]);
	}
	return said;
}
