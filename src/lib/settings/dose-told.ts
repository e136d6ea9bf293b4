import { m } from '$words';
import type { LaterDose, Typed } from '../../core/index';
import { typedText } from './typed-text';

/** The doses of a product of a job: as it was planned, and what an edit on the way made of it for the loads that were left. */
export const doseTold = (
	p: { readonly dose: Typed; readonly laterDoses?: readonly LaterDose[] },
	text: (typed: Typed) => string = typedText
): string =>
	[
		text(p.dose),
		...(p.laterDoses ?? []).map(({ load, dose }) =>
			dose === null ? m.left_out_from_load({ load }) : m.from_load({ load, dose: text(dose) })
		)
	].join(', ');
