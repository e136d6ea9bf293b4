import { createHash } from 'node:crypto';
import { m } from '$words';
import type { SuperValidated } from 'sveltekit-superforms';
import { fail, setError } from 'sveltekit-superforms';
import { canonicalJson } from './canonical-json';

/** What a form was opened on, in short: another one since means that somebody else has changed it. */
export const seenOf = (stored: unknown): string =>
	createHash('sha256').update(canonicalJson(stored)).digest('base64url').slice(0, 16);

type Form = SuperValidated<Record<string, unknown>>;

/**
 * Where a thing was changed by somebody else since its form was opened, both are shown: what was typed stays in its
 * fields, and under each that differs stands what it says now. Saving once more is the answer. Null where nobody did.
 *
 * texts: what the form would show of the thing as it is now. by: who changed it; empty where nobody knows.
 */
export function overtaken<T extends Form>(
	form: T,
	sent: FormData,
	stored: unknown,
	texts: Readonly<Record<string, unknown>>,
	by: string
) {
	const opened = sent.get('seen');
	const seen = seenOf(stored);
	if (opened === null || opened === seen) return null;
	const told: Form = form;
	for (const [name, now] of Object.entries(texts)) {
		if (!(name in told.data) || typeof now !== 'string' || told.data[name] === now) continue;
		setError(told, name, now === '' ? m.now_it_is_empty() : m.now_it_says({ text: now }));
	}
	setError(told, '', by === '' ? m.changed_since_you_opened_it() : m.changed_by_since_you_opened_it({ name: by }));
	return fail(409, { form, seen });
}
