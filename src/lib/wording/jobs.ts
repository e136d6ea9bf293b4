import type { JobBlock, JobState, LabelFinding, RunLoad, Split } from '../../core';
import { showFigure } from '../../core';
import type { FarmSettings } from '../formats/farm-settings';
import { longUnit } from '../formats/field-units';
import { typedText } from '../formats/typed-text';
import { factor } from '../../core';

export const splitWords: Readonly<Record<Split, { readonly name: string; readonly why: string }>> = {
	'full-then-part': { name: 'Full, then a part', why: 'Full tanks, and what is left in a last one.' },
	equal: { name: 'Equal loads', why: 'Every load alike: one note for all of them.' },
	'whole-rows': { name: 'Whole rows', why: 'Each load ends at a row’s end.' },
	'whole-packs': { name: 'Whole containers', why: 'Each load empties the containers that it opens.' }
};

export const jobStates: Readonly<Record<JobState, string>> = {
	planned: 'Planned',
	'under-way': 'Under way',
	sprayed: 'Sprayed',
	closed: 'Closed'
};

/** How far a load is. */
export const runActWords: Readonly<Record<RunLoad['state'], string>> = {
	dry: 'to mix',
	mixing: 'mixing now',
	mixed: 'mixed',
	spraying: 'spraying',
	paused: 'paused',
	out: 'out'
};

/** A block of a job with the part of it that is sprayed. */
export function partWords({ name, share, part }: JobBlock): string {
	if (part?.by === 'rows') return `${name}, rows ${part.from} to ${part.to}`;
	if (part?.by === 'strips') return `${name}, strips of ${typedText(part.width)}`;
	return share === 1 ? name : `${Math.round(share * 100)} % of ${name}`;
}

/** What a job does against a label, with the figure that would be within. */
export function wordLabelFinding(
	f: LabelFinding,
	settings: FarmSettings
): { readonly title: string; readonly body: string } {
	const comma = settings.decimalComma;
	const percent = (share: number) => `${showFigure(Math.abs(share) * 100, 3, comma)} %`;
	const times = (ratio: number) => (ratio < 2 ? `${percent(ratio - 1)} over` : `${showFigure(ratio, 3, comma)} times`);
	const volume = (v: number) =>
		`${showFigure(v / factor('volumePerArea', settings.rateUnit), 3, comma)} ${longUnit(settings.rateUnit)}`;
	switch (f.code) {
		case 'inside-entry':
			return {
				title: `${f.product} of ${f.day} may still keep people out`,
				body: `Its label asks for ${f.within} h before anybody goes in again. Count them from when it was sprayed.`
			};
		case 'over-max':
			return {
				title: `${f.product}: ${times(f.ratio)} the label’s most`,
				body: `Within it lies ${percent(1 / f.ratio)} of this dose; of a mix, a strength of ${percent(f.strength)}, or spraying ${percent(f.share)} of the ground.`
			};
		case 'over-season':
			return {
				title: `${f.product}: over the label’s most for a season`,
				body:
					f.within === 0
						? 'The season’s most is used up on this ground.'
						: `With the other jobs of this season it comes to ${showFigure(f.ratio, 3, comma)} times the most.`
			};
		case 'volume-under':
			return {
				title: `${f.product}: too little water for its label`,
				body: `Its label asks for ${volume(f.within)} or more. Adjust the sprayer, or calibrate another setting.`
			};
		case 'volume-over':
			return {
				title: `${f.product}: too much water for its label`,
				body: `Its label allows ${volume(f.within)} at the most. Adjust the sprayer, or calibrate another setting.`
			};
		case 'before-harvest':
			return {
				title: `${f.product}: too near to the harvest`,
				body: `Its label asks for ${f.within} days between. The harvest has to wait, or another product be taken.`
			};
		case 'dose-under':
			return {
				title: `${f.product}: ${percent(1 - f.ratio)} under the label’s range of doses`,
				body: 'Less than a label’s least can fail to work, and lets resistance grow. Check it against the label.'
			};
		case 'dose-over':
			return {
				title: `${f.product}: ${percent(f.ratio - 1)} over the label’s range of doses`,
				body: 'Check it against the label in your hand, which decides.'
			};
	}
}
