import type { TypedLabel } from '$core';
import { typedText } from '$lib/settings/typed-text';

export interface ProductFact {
	readonly name: string;
	readonly text: string;
}

/** A label's dose: one, or from–to. */
export const doseText = ({ dose }: Pick<TypedLabel, 'dose'>): string =>
	dose.high ? `${typedText(dose.low)} to ${typedText(dose.high)}` : typedText(dose.low);

const days = (n: number) => `${n} ${n === 1 ? 'day' : 'days'}`;

/** What a label limits, a line each; what it does not is left out. */
export function productFacts(label: TypedLabel): ProductFact[] {
	const facts: ProductFact[] = [];
	const add = (name: string, text: string | false | null) => text && facts.push({ name, text });
	add('Most at once', label.max && typedText(label.max));
	add('Most in a season', label.seasonMax && typedText(label.seasonMax));
	add('Spray volume', label.volume && `${typedText(label.volume.low)} to ${typedText(label.volume.high)}`);
	add('Back in after', label.entryHours !== null && `${label.entryHours} h`);
	add('Harvest after', label.harvestDays !== null && days(label.harvestDays));
	add('Rain-free', label.rainFreeHours !== null && `${label.rainFreeHours} h`);
	add('Plant back', label.plantBack.map((p) => `${p.crop} ${days(p.days)}`).join(', '));
	add('Wind at most', label.wind && typedText(label.wind));
	add('Unsprayed strip', label.buffer && typedText(label.buffer));
	add('Containers', label.packs.map((pack) => typedText(pack)).join(', '));
	return facts;
}
