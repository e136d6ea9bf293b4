import { m } from '$words';
import type { Field, Four, Kind, Quantity } from '$core';
import { factor, fields, fourthOfFour, readField, readNumber, showFigure, si, tidyText } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import type { UnitThing } from '$lib/settings/unit-lists';
import { unitChoices } from '$lib/settings/unit-lists';
import { show } from '$lib/show/show';
import { wordIssue } from '$lib/wording/issues';

export const fourThings = ['rate', 'speed', 'width', 'flow'] as const;
export type FourThing = (typeof fourThings)[number];

/** What a sprayer tells of the four: measured at its calibration, or as it is set up. */
export interface KnownFour {
	readonly rate: number | null;
	readonly speed: number | null;
	readonly width: number | null;
	/** Of all nozzles. */
	readonly flow: number | null;
	readonly nozzles: number | null;
	/** The day of the calibration; null where nothing was measured. */
	readonly day: string | null;
}

interface Box {
	text: string;
	unit: string;
	/** Measured at a calibration, as the sprayer is set up, or typed here. */
	from: 'measured' | 'typed';
	/** What was measured, SI, and the text that it stands there as; it is worked with unrounded. */
	exact: number | null;
	shown: string;
}

const doors: { readonly [K in FourThing]: Field } = {
	rate: fields.volumePerArea,
	speed: fields.dial,
	width: fields.swath,
	flow: fields.nozzleFlow
};
const kinds = { rate: 'volumePerArea', speed: 'speed', width: 'length', flow: 'flow' } as const;

/** Volume, speed, width and flow on one board: three of them give the fourth, live. */
export class FourState {
	readonly settings: FarmSettings;
	find = $state<FourThing>('rate');
	boxes = $state<Record<FourThing, Box>>({
		rate: { text: '', unit: '', from: 'typed', exact: null, shown: '' },
		speed: { text: '', unit: '', from: 'typed', exact: null, shown: '' },
		width: { text: '', unit: '', from: 'typed', exact: null, shown: '' },
		flow: { text: '', unit: '', from: 'typed', exact: null, shown: '' }
	});
	/** Nozzles that spray: the flow is of one of them. */
	nozzles = $state('1');
	day = $state<string | null>(null);

	constructor(settings: FarmSettings) {
		this.settings = settings;
		for (const thing of fourThings) this.boxes[thing].unit = unitChoices(thing, settings)[0]!.value;
	}

	/** Fills in what a sprayer tells. */
	use(known: KnownFour): void {
		this.day = known.day;
		const count = known.nozzles ?? 1;
		this.nozzles = `${count}`;
		const values = { ...known, flow: known.flow === null ? null : known.flow / count };
		for (const thing of fourThings) {
			const value = values[thing];
			const { unit } = this.boxes[thing];
			const shown = value === null ? '' : this.#figure(thing, value, unit);
			this.boxes[thing] = { unit, text: shown, from: value === null ? 'typed' : 'measured', exact: value, shown };
		}
	}

	/** Something was typed or another unit picked: what was measured is told in that unit, and stays the same amount. */
	typed(thing: FourThing): void {
		const box = this.boxes[thing];
		if (box.exact !== null && box.text === box.shown) {
			box.text = box.shown = this.#figure(thing, box.exact, box.unit);
			return;
		}
		box.from = 'typed';
		box.exact = null;
	}
	#figure(thing: FourThing, value: number, unit: string): string {
		return showFigure(value / factor(kinds[thing], unit), 4, this.settings.decimalComma);
	}
	choices = (thing: UnitThing) => unitChoices(thing, this.settings);

	count: number = $derived.by(() => {
		const n = readNumber(tidyText(this.nozzles), this.settings.decimalComma);
		return typeof n === 'number' && Number.isInteger(n) && n >= 1 && n <= 500 ? n : NaN;
	});

	#read = $derived.by(() => {
		const out: Partial<Record<FourThing, Quantity<Kind>>> = {};
		const problems: Partial<Record<FourThing, string>> = {};
		for (const thing of fourThings) {
			if (thing === this.find) continue;
			const { text, unit, exact } = this.boxes[thing];
			if (exact !== null) {
				out[thing] = si<Kind>(exact);
				continue;
			}
			if (text.trim() === '') continue;
			const read = readField(doors[thing], typed(text, unit, this.settings), thing);
			if (read.ok) out[thing] = read.value.value;
			else problems[thing] = wordIssue(read.issues[0]!);
		}
		return { out, problems };
	});
	problem = (thing: FourThing): string | undefined => this.#read.problems[thing];
	countProblem: string | undefined = $derived.by(() =>
		Number.isNaN(this.count) ? m.type_a_whole_number_of_nozzles() : undefined
	);

	four: Four | null = $derived.by(() => {
		const { rate, speed, width, flow } = this.#read.out;
		if (Number.isNaN(this.count)) return null;
		return fourthOfFour({
			...(rate !== undefined && { rate: si<'volumePerArea'>(rate) }),
			...(speed !== undefined && { speed: si<'speed'>(speed) }),
			...(width !== undefined && { width: si<'length'>(width) }),
			...(flow !== undefined && { flow: si<'flow'>(flow * this.count) })
		});
	});
	/** The answer, in the unit that is picked for it. */
	answer: { readonly figure: string; readonly unit: string; readonly more: string } | null = $derived.by(() => {
		const { four, find, settings, count } = this;
		if (!four) return null;
		const { unit } = this.boxes[find];
		const value = find === 'flow' ? four.flow / count : four[find];
		const kind = kinds[find];
		const figure = showFigure(value / factor(kind, unit), 3, settings.decimalComma);
		const label = this.choices(find).find((u) => u.value === unit)!.label;
		return { figure, unit: label, more: this.#more(four) };
	});
	/** What makes the answer easy to set up: the time over a course, or the flow of all nozzles. */
	#more({ speed, flow }: Four): string {
		const { settings, find, count } = this;
		const course = fieldUnits(settings).course === 'm' ? si<'length'>(100) : si<'length'>(200 * factor('length', 'ft'));
		if (find === 'speed')
			return m.in_s({
				text: show('length', course, settings).text,
				figure: showFigure(course / speed, 3, settings.decimalComma)
			});
		if (find === 'flow' && count > 1) return m.for_all_nozzles({ text: show('flow', flow, settings).text, count });
		return '';
	}
}
