import type { FormOptions } from 'sveltekit-superforms';
import { say } from './say';

/** How every form of the app behaves: what was typed stays, and leaving with something unsaved is asked about. */
export const editForm = {
	resetForm: false,
	invalidateAll: true,
	// What stays on its page has words of its own there; what leads on says it in passing.
	onResult: ({ result }) => {
		if (result.type === 'redirect') say('Saved.');
	},
	taintedMessage: 'What you typed on this page is not saved yet. Leave without saving?'
} as const satisfies FormOptions<Record<string, unknown>>;

/** As {@link editForm}, for a form that shows some of its fields at a time: those out of sight are sent too, and come back. */
export const wholeForm = { ...editForm, dataType: 'json' } as const satisfies FormOptions<Record<string, unknown>>;

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
