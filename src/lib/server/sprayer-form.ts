import type { Infer, SuperValidated } from 'sveltekit-superforms';
import { setError } from 'sveltekit-superforms';
import type { FarmSettings } from '../formats/farm-settings';
import type { sprayerFormSchema } from '../formats/sprayer-form';
import { rigSchema } from '../formats/rig';
import { readRigForm } from '../formats/rig-form';
import { wordIssue } from '../wording/issues';

type Form = SuperValidated<Infer<typeof sprayerFormSchema>>;

/** Puts what is wrong beside its field, or answers with the rig to keep. */
export function rigOrErrors(form: Form, settings: FarmSettings) {
	const { rig, issues } = readRigForm(form.data, settings);
	for (const issue of issues) setError(form, issue.path as keyof typeof form.data, wordIssue(issue));
	return issues.length > 0 ? null : rigSchema.parse(rig);
}
