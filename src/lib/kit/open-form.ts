import { m } from '$words';
import { get } from 'svelte/store';
import { invalidateAll } from '$app/navigation';
import type { FormOptions, SuperForm, SuperValidated } from 'sveltekit-superforms';
import { superForm } from 'sveltekit-superforms';
import { focusWrong } from './focus';
import { say } from './say';
import { keepTyped, typedSince } from './keep-typed';

/**
 * A form of the app. What was typed stays, also what is typed while it is being sent, and leaving with something unsaved
 * is asked about. `whole`: it shows some of its fields at a time; those out of sight are sent too, and come back.
 * `stays`: its page stays open once it was kept; what is loaded then does not go over what is being typed.
 */
export function openForm<T extends Record<string, unknown>, M, In extends Record<string, unknown>>(
	initial: SuperValidated<T, M, In>,
	{ whole = false, stays = false } = {}
): SuperForm<T, M> {
	let sent = initial.data;
	let now = initial.data;
	const options: FormOptions<T, M, In> = {
		resetForm: false,
		// Loading anew before the answer is shown would put what was sent over what was typed since; it is done after it.
		invalidateAll: false,
		applyAction: stays ? 'never' : true,
		dataType: whole ? 'json' : 'form',
		onSubmit: () => {
			sent = structuredClone(get(form.form));
		},
		onResult: ({ result }) => {
			// What stays on its page has words of its own there; what leads on says it in passing.
			if (result.type === 'redirect') say(m.saved_sentence());
		},
		onUpdate: ({ form: answer }) => {
			now = structuredClone(get(form.form));
			if (!answer.valid) answer.data = keepTyped(sent, now, answer.data);
		},
		onUpdated: ({ form: answer }) => {
			if (!answer.valid) {
				void focusWrong();
				return;
			}
			// What was kept is clean by now; what was typed since is not saved, and is asked about.
			if (typedSince(sent, now).length > 0) form.form.update((kept) => keepTyped(sent, now, kept), { taint: true });
			void invalidateAll();
		},
		taintedMessage: m.what_you_typed_on_this_page()
	};
	const form = superForm(initial, options);
	return form;
}
