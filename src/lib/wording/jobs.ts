import type { JobBlock, JobState, LabelFinding, RunLoad, Split } from '../../core';
import { factor, showFigure } from '../../core';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, longUnit, shortUnit } from '../settings/field-units';
import { typedText } from '../settings/typed-text';
import { timeAt } from '../settings/farm-time';
import { dropletWords } from './nozzles';

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
	const factorOf = (ratio: number) => `${showFigure(ratio, 3, comma)} ×`;
	const volume = (v: number) =>
		`${showFigure(v / factor('volumePerArea', settings.rateUnit), 3, comma)} ${longUnit(settings.rateUnit)}`;
	switch (f.code) {
		case 'inside-entry':
			return {
				title: `${f.product} of ${f.day}: the re-entry interval may still run`,
				body:
					f.until === null
						? `Its label asks for ${f.within} h. They count from when the last load was out.`
						: `Keep out until ${timeAt(settings.timeZone, f.until * 1000)} (${f.within} h by its label).`
			};
		case 'harvest-runs':
			return {
				title: `${f.product} of ${f.day}: no harvest until ${f.until}`,
				body: 'Its pre-harvest interval still runs on this field.'
			};
		case 'interval-empty':
			return {
				title: `${f.product}${f.day === null ? '' : ` of ${f.day}`}: ${f.what.map((w) => intervalNames[w]).join(' and ')} not entered`,
				body: 'Read the label, and enter it on the product. 0 where the label asks for none.'
			};
		case 'over-max':
			return {
				title: `${f.product}: ${times(f.ratio)} the label maximum`,
				body: `Within it lies ${percent(1 / f.ratio)} of this dose; of a mix, a strength of ${percent(f.strength)}, or spraying ${percent(f.share)} of the ground.`
			};
		case 'within-max': {
			const units = fieldUnits(settings);
			const unit = f.kind === 'volume' ? units.dose : units.dryDose;
			const told = (v: number) =>
				showFigure(v / factor(f.kind === 'volume' ? 'volumePerArea' : 'massPerArea', unit), 2, comma);
			return {
				title: `${f.product}: ${told(f.on)} of ${told(f.most)} ${shortUnit(unit)}`,
				body: 'What this spot work puts on the ground as a whole, of the most that the label allows. It is within.'
			};
		}
		case 'over-season':
			return {
				title: `${f.product}: over the season maximum${f.active === '' ? '' : ` of ${f.active}`}`,
				body:
					f.within === 0
						? `The season maximum is used up on this field${f.active === '' ? '' : ', counted over all products that hold it'}.`
						: `With the other applications of this season it comes to ${percent(f.ratio)} of the maximum${f.active === '' ? '' : ', counted over all products that hold it'}.`
			};
		case 'too-many-applications':
			return {
				title: `${f.product}: more applications than the label allows`,
				body: `The label allows ${f.within} in a season; this would be number ${Math.round(f.ratio * Math.max(1, f.within))}. Products with the same active ingredient count.`
			};
		case 'too-few-days':
			return {
				title: `${f.product}: ${Math.round(f.ratio * f.within)} days from ${f.other} of ${f.day}`,
				body: `The label asks for ${f.within} days between applications. Products with the same active ingredient count.`
			};
		case 'volume-under':
			return {
				title: `${f.product}: too little water for its label`,
				body: `The label asks for ${volume(f.within)} or more. Adjust the sprayer, or calibrate another setting.`
			};
		case 'volume-over':
			return {
				title: `${f.product}: too much water for its label`,
				body: `The label allows up to ${volume(f.within)}. Adjust the sprayer, or calibrate another setting.`
			};
		case 'finer-drops':
			return {
				title: `${f.product}: ${dropletWords[f.drops]} drops`,
				body: `The label asks for ${dropletWords[f.least]} or coarser. Lower the pressure, or fit coarser nozzles.`
			};
		case 'drops-unknown':
			return {
				title: `${f.product}: drop size not known`,
				body: `The label asks for ${dropletWords[f.least]} or coarser. Look it up on the nozzle’s sheet at your pressure, and enter it.`
			};
		case 'not-concentrate':
			return {
				title: `${f.product}: ${factorOf(f.factor)} concentrate is not allowed`,
				body: 'The label does not allow concentrate spraying. Spray the dilute volume, or take another product.'
			};
		case 'concentrate-unknown':
			return {
				title: `${f.product}: sprayed ${factorOf(f.factor)} concentrate`,
				body: 'Read the label: not every label allows concentrate spraying. Enter it on the product.'
			};
		case 'over-run-off':
			return {
				title: `${f.product}: more volume than the canopy holds`,
				body: `You spray ${percent(1 / f.factor)} of the volume to run-off. What runs off is lost.`
			};
		case 'bags-with-oil':
			return {
				title: `${f.product}: bags do not dissolve with oil or fertiliser`,
				body: 'Never put water-soluble bags in a tank that holds oil, boron or liquid fertiliser. Mix them in a load of their own.'
			};
		case 'before-harvest':
			return {
				title: `${f.product}: inside the pre-harvest interval`,
				body: `It asks for ${f.within} days before harvest. The harvest has to wait, or take another product.`
			};
		case 'dose-under':
			return {
				title: `${f.product}: ${percent(1 - f.ratio)} under the lowest label rate`,
				body: 'Less than that can fail to work, and lets resistance grow. Check it against the label.'
			};
		case 'dose-over':
			return {
				title: `${f.product}: ${percent(f.ratio - 1)} over the highest label rate`,
				body: 'Check it against the label in your hand, which decides.'
			};
	}
}

const intervalNames = { entry: 're-entry interval', harvest: 'pre-harvest interval' } as const;
