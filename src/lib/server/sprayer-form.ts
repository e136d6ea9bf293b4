import { m } from '$words';
import type { Infer, SuperValidated } from 'sveltekit-superforms';
import { setError } from 'sveltekit-superforms';
import type { FarmSettings } from '../settings/farm-settings';
import type { sprayerFormSchema } from '../forms/sprayer-form';
import { typedSprayerSchema } from '../wire/sprayer';
import { readSprayerForm } from '../forms/typed-sprayer';
import { wordIssue } from '../wording/issues';

type Form = SuperValidated<Infer<typeof sprayerFormSchema>>;

/** Puts what is wrong beside its field, or answers with the sprayer to keep. */
export function sprayerOrErrors(form: Form, settings: FarmSettings) {
	const { rig: sprayer, issues } = readSprayerForm(form.data, settings);
	for (const issue of issues) setError(form, issue.path as keyof typeof form.data, wordIssue(issue));
	return issues.length > 0 ? null : typedSprayerSchema.parse(sprayer);
}

interface Sprayers {
	list(): Promise<readonly { readonly id: string; readonly rig: { readonly name: string } }[]>;
}

/** Whether another sprayer of the farm has this name; says so beside the field. Two of one name cannot be told apart in any list. */
export async function nameTaken(form: Form, sprayers: Sprayers, own: string | null): Promise<boolean> {
	const name = form.data.name.trim().toLowerCase();
	const taken = (await sprayers.list()).some((s) => s.id !== own && s.rig.name.trim().toLowerCase() === name);
	if (taken) setError(form, 'name', m.there_is_a_sprayer_called_already({ text: form.data.name.trim() }));
	return taken;
}
