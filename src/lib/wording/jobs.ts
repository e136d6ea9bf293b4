import { dayText } from '../settings/day-text';
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

interface Means {
	readonly settings: FarmSettings;
	readonly comma: boolean;
	readonly percent: (share: number) => string;
	/** How much over: in percent, or how many times. */
	readonly times: (ratio: number) => string;
	readonly factorOf: (ratio: number) => string;
	readonly volume: (v: number) => string;
}
interface LabelWords {
	readonly title: string;
	readonly body: string;
}
/** The findings of one code; several codes share a shape. */
type Of<C, F = LabelFinding> = F extends { readonly code: string } ? (C extends F['code'] ? F : never) : never;
type Sentences = { readonly [C in LabelFinding['code']]: (f: Of<C>, means: Means) => LabelWords };

const intervalNames = { entry: 're-entry interval', harvest: 'pre-harvest interval' } as const;
const sentences: Sentences = {
	'inside-entry': (f, { settings }) => ({
		title: `${f.product} of ${dayText(f.day)}: the re-entry interval may still run`,
		body:
			f.until === null
				? `Its label asks for ${f.within} h. They count from when the last load was out.`
				: `Keep out until ${timeAt(settings.timeZone, f.until * 1000)} (${f.within} h by its label).`
	}),
	'harvest-runs': (f) => ({
		title: `${f.product} of ${dayText(f.day)}: no harvest until ${dayText(f.until)}`,
		body: 'Its pre-harvest interval still runs on this field.'
	}),
	'interval-empty': (f) => ({
		title: `${f.product}${f.day === null ? '' : ` of ${dayText(f.day)}`}: ${f.what.map((w) => intervalNames[w]).join(' and ')} not entered`,
		body: 'Read the label, and enter it on the product. 0 where the label asks for none.'
	}),
	'over-max': (f, { percent, times }) => ({
		title: `${f.product}: ${times(f.ratio)} the label maximum`,
		body: `Within it lies ${percent(1 / f.ratio)} of this dose; of a mix, a strength of ${percent(f.strength)}, or spraying ${percent(f.share)} of the ground.`
	}),
	'within-max': (f, { comma, settings }) => {
		const units = fieldUnits(settings);
		const unit = f.kind === 'volume' ? units.dose : units.dryDose;
		const told = (v: number) =>
			showFigure(v / factor(f.kind === 'volume' ? 'volumePerArea' : 'massPerArea', unit), 2, comma);
		return {
			title: `${f.product}: ${told(f.on)} of ${told(f.most)} ${shortUnit(unit)}`,
			body: 'What this spot work puts on the ground as a whole, of the most that the label allows. It is within.'
		};
	},
	'over-season': (f, { percent }) => ({
		title: `${f.product}: over the season maximum${f.active === '' ? '' : ` of ${f.active}`}`,
		body:
			f.within === 0
				? `The season maximum is used up on this field${f.active === '' ? '' : ', counted over all products that hold it'}.`
				: `With the other applications of this season it comes to ${percent(f.ratio)} of the maximum${f.active === '' ? '' : ', counted over all products that hold it'}.`
	}),
	'too-many-applications': (f) => ({
		title: `${f.product}: more applications than the label allows`,
		body: `The label allows ${f.within} in a season; this would be number ${Math.round(f.ratio * Math.max(1, f.within))}. Products with the same active ingredient count.`
	}),
	'too-few-days': (f) => ({
		title: `${f.product}: ${Math.round(f.ratio * f.within)} days from ${f.other} of ${dayText(f.day)}`,
		body: `The label asks for ${f.within} days between applications. Products with the same active ingredient count.`
	}),
	'volume-under': (f, { volume }) => ({
		title: `${f.product}: too little water for its label`,
		body: `The label asks for ${volume(f.within)} or more. Adjust the sprayer, or calibrate another setting.`
	}),
	'volume-over': (f, { volume }) => ({
		title: `${f.product}: too much water for its label`,
		body: `The label allows up to ${volume(f.within)}. Adjust the sprayer, or calibrate another setting.`
	}),
	'finer-drops': (f) => ({
		title: `${f.product}: ${dropletWords[f.drops]} drops`,
		body: `The label asks for ${dropletWords[f.least]} or coarser. Lower the pressure, or fit coarser nozzles.`
	}),
	'drops-unknown': (f) => ({
		title: `${f.product}: drop size not known`,
		body: `The label asks for ${dropletWords[f.least]} or coarser. Look it up on the nozzle’s sheet at your pressure, and enter it.`
	}),
	'not-concentrate': (f, { factorOf }) => ({
		title: `${f.product}: ${factorOf(f.factor)} concentrate is not allowed`,
		body: 'The label does not allow concentrate spraying. Spray the dilute volume, or take another product.'
	}),
	'concentrate-unknown': (f, { factorOf }) => ({
		title: `${f.product}: sprayed ${factorOf(f.factor)} concentrate`,
		body: 'Read the label: not every label allows concentrate spraying. Enter it on the product.'
	}),
	'over-run-off': (f, { percent }) => ({
		title: `${f.product}: more volume than the canopy holds`,
		body: `You spray ${percent(1 / f.factor)} of the volume to run-off. What runs off is lost.`
	}),
	'bags-with-oil': (f) => ({
		title: `${f.product}: bags do not dissolve with oil or fertiliser`,
		body: 'Never put water-soluble bags in a tank that holds oil, boron or liquid fertiliser. Mix them in a load of their own.'
	}),
	'before-harvest': (f) => ({
		title: `${f.product}: inside the pre-harvest interval`,
		body: `It asks for ${f.within} days before harvest. The harvest has to wait, or take another product.`
	}),
	'dose-under': (f, { percent }) => ({
		title: `${f.product}: ${percent(1 - f.ratio)} under the lowest label rate`,
		body: 'Less than that can fail to work, and lets resistance grow. Check it against the label.'
	}),
	'dose-over': (f, { percent }) => ({
		title: `${f.product}: ${percent(f.ratio - 1)} over the highest label rate`,
		body: 'Check it against the label in your hand, which decides.'
	})
};

/** What a job does against a label, with the figure that would be within. */
export function wordLabelFinding(f: LabelFinding, settings: FarmSettings): LabelWords {
	const comma = settings.decimalComma;
	const percent = (share: number) => `${showFigure(Math.abs(share) * 100, 3, comma)} %`;
	const sentence = sentences[f.code] as (f: LabelFinding, means: Means) => LabelWords;
	return sentence(f, {
		settings,
		comma,
		percent,
		times: (ratio) => (ratio < 2 ? `${percent(ratio - 1)} over` : `${showFigure(ratio, 3, comma)} times`),
		factorOf: (ratio) => `${showFigure(ratio, 3, comma)} ×`,
		volume: (v) =>
			`${showFigure(v / factor('volumePerArea', settings.rateUnit), 3, comma)} ${longUnit(settings.rateUnit)}`
	});
}
