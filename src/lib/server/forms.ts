import type { SuperValidated } from 'sveltekit-superforms';
import { fail, setError } from 'sveltekit-superforms';
import { z } from 'zod';
import type { Issue } from '$core';
import { wordIssue } from '$lib/wording/issues';
import { Failure, orFailure } from './failure';

/** The schema of a form whose fields are all text: what each has to be is said by what reads it, with an example. */
export const textForm = <const Name extends string>(names: readonly Name[]) =>
	z.object(
		Object.fromEntries(names.map((name) => [name, z.string().default('')])) as Record<Name, z.ZodDefault<z.ZodString>>
	);

type Form = SuperValidated<Record<string, unknown>>;
/** The field at which an issue of a path is told. */
type FieldOf = (path: string) => string;
const firstPart: FieldOf = (path) => path.split('.')[0]!;

/** What was typed comes back, with the first thing that is wrong at each field. */
export function refuse<T extends Form>(form: T, issues: readonly Issue[], field = firstPart) {
	const problems: Record<string, string> = {};
	for (const issue of issues) problems[field(issue.path)] ??= wordIssue(issue);
	return refuseWords(form, problems);
}

/** As {@link refuse}, for words that are already made. What is at no field of the form is told over all of it. */
export function refuseWords<T extends Form>(form: T, problems: Readonly<Record<string, string>>, status = 422) {
	const told: Form = form;
	for (const [name, words] of Object.entries(problems)) setError(told, name in told.data ? name : '', words);
	return fail(status, { form });
}

/** Runs what keeps a form. Null where it was kept; a refusal comes back at its field; what is a bug is thrown. */
export async function refusedBy<T extends Form>(form: T, keep: Promise<unknown>, field = firstPart) {
	const kept = await orFailure(keep);
	return kept instanceof Failure ? refuseWords(form, { [field(kept.path)]: kept.message }, kept.status) : null;
}

/** What a page holds in a state of its own and sends whole, as JSON in one field. `lost`: where it did not arrive so. */
export async function postedJson<S extends z.ZodType>(
	request: Request,
	name: string,
	schema: S,
	lost: string
): Promise<{ readonly ok: true; readonly value: z.output<S> } | { readonly ok: false; readonly message: string }> {
	let json: unknown;
	try {
		json = JSON.parse(String((await request.formData()).get(name) ?? ''));
	} catch {
		return { ok: false, message: lost };
	}
	const read = schema.safeParse(json);
	return read.success ? { ok: true, value: read.data } : { ok: false, message: read.error.issues[0]?.message ?? lost };
}

/** Runs what keeps something; null where it was kept, else the refusal in words for the whole page. */
export async function refusal(keep: Promise<unknown>) {
	const kept = await orFailure(keep);
	return kept instanceof Failure ? fail(kept.status, { message: kept.message }) : null;
}
