import { m } from '$words';
import type {
	Field,
	FlowPoint,
	Issue,
	Kind,
	Length,
	Pressure,
	Quantity,
	Result,
	Speed,
	Sum,
	Trial,
	Tried,
	WorkingNow
} from '$core';
import { bad, fields, readField, readNumber, sumOfPressure, tidyText, whatIf } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { typed } from '$lib/settings/field-units';
import type { UnitThing } from '$lib/settings/unit-lists';
import { unitChoices } from '$lib/settings/unit-lists';
import { wordIssue } from '$lib/wording/issues';

export const tried = ['pressure', 'speed', 'spacing'] as const;
export type TriedThing = (typeof tried)[number];

/** What if: another pressure, speed, engine speed, spacing, number of nozzles, or nozzle, against what was measured. */
export class TryState {
	readonly settings: FarmSettings;
	readonly #now: () => WorkingNow;
	boxes = $state<Record<TriedThing, { text: string; unit: string }>>({
		pressure: { text: '', unit: '' },
		speed: { text: '', unit: '' },
		spacing: { text: '', unit: '' }
	});
	rpm = $state('');
	nozzles = $state('');
	/** Engine speed at the calibration, where nobody entered it then. */
	rpmNow = $state('');
	pump = $state<Trial['pump']>('held');
	points = $state.raw<readonly FlowPoint[] | null>(null);

	constructor(now: () => WorkingNow, settings: FarmSettings) {
		this.#now = now;
		this.settings = settings;
		for (const thing of tried) this.boxes[thing].unit = unitChoices(thing, settings)[0]!.value;
	}
	/** Sections that would be off, from 0: the nozzles that spray follow from them. */
	off = $state<readonly number[]>([]);
	/** Shuts a section or opens it again; `sections`: nozzles in each. The last one that sprays stays open. */
	toggleSection(section: number, sections: readonly number[]): void {
		const off = this.off.includes(section) ? this.off.filter((s) => s !== section) : [...this.off, section];
		if (off.length >= sections.length) return;
		this.off = off;
		const on = sections.reduce((sum, n, s) => sum + (off.includes(s) ? 0 : n), 0);
		this.nozzles = off.length === 0 ? '' : `${on}`;
	}
	/** A number that is typed tells no section any more. */
	typedNozzles(text: string): void {
		this.nozzles = text;
		this.off = [];
	}
	choices = (thing: UnitThing) => unitChoices(thing, this.settings);

	#read = $derived.by(() => {
		const problems: Record<string, string> = {};
		const of = <K extends Kind>(thing: TriedThing, field: Field<K>): Quantity<K> | undefined => {
			const { text, unit } = this.boxes[thing];
			if (text.trim() === '') return undefined;
			const read = readField(field, typed(text, unit, this.settings), thing);
			if (read.ok) return read.value.value;
			problems[thing] = wordIssue(read.issues[0]!);
			return undefined;
		};
		const count = (text: string, path: string, most: number, example: string): number | undefined => {
			if (text.trim() === '') return undefined;
			const n = readNumber(tidyText(text), this.settings.decimalComma);
			if (typeof n === 'number' && Number.isInteger(n) && n >= 1 && n <= most) return n;
			problems[path] = m.does_not_read_as_a_whole({ text, most, example });
			return undefined;
		};
		const pressure: Pressure | undefined = of('pressure', fields.pressure);
		const speed: Speed | undefined = of('speed', fields.dial);
		const spacing: Length | undefined = of('spacing', fields.spacing);
		const rpm = count(this.rpm, 'rpm', 10_000, '1800');
		const rpmNow = count(this.rpmNow, 'rpmNow', 10_000, '1800');
		const nozzles = count(this.nozzles, 'nozzles', 500, '20');
		const trial: Trial = {
			pump: this.pump,
			...(pressure !== undefined && { pressure }),
			...(speed !== undefined && { speed }),
			...(spacing !== undefined && { spacing }),
			...(rpm !== undefined && { rpm }),
			...(nozzles !== undefined && { nozzles }),
			...(this.points && { points: this.points })
		};
		return { trial, problems, rpmNow };
	});
	problem = (path: string): string | undefined => this.#read.problems[path];
	/** Something is tried at all. */
	any: boolean = $derived.by(() => Object.keys(this.#read.trial).length > 1);
	result: Result<Tried> = $derived.by(() =>
		this.any
			? whatIf({ ...this.#now(), rpm: this.#now().rpm ?? this.#read.rpmNow ?? null }, this.#read.trial)
			: bad({ code: 'empty', path: '' })
	);
	/** The sum behind another pressure alone, for one's own answer beside it; null where anything else is tried too. */
	pressureSum: Sum | null = $derived.by(() => {
		const { pump: _, pressure, ...others } = this.#read.trial;
		const now = this.#now();
		if (pressure === undefined || Object.keys(others).length > 0 || now.pressure === null) return null;
		return sumOfPressure(now.rate, now.relativeU95, now.pressure, pressure, this.settings.rateUnit);
	});
	/** What it cannot start from, since it was not measured. */
	missing: readonly Issue[] = $derived.by(() => (this.any && !this.result.ok ? this.result.issues : []));
}
