import type { ActionResult } from '@sveltejs/kit';

/** Posts to an action of this page and answers with what came of it; no signal is told as an error. */
export async function postAction(path: string, data: FormData): Promise<ActionResult> {
	try {
		const response = await fetch(path, {
			method: 'POST',
			body: data,
			headers: { 'x-sveltekit-action': 'true', accept: 'application/json' }
		});
		const { deserialize } = await import('$app/forms');
		return deserialize(await response.text());
	} catch (error) {
		return { type: 'error', error };
	}
}
