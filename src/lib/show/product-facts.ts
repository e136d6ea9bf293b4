import { m } from '$words';
import type { TypedLabel } from '$core';
import { typedText } from '$lib/settings/typed-text';

export interface ProductFact {
	readonly name: string;
	readonly text: string;
}

/** A label's dose: one, or from–to. */
export const doseText = ({ dose }: Pick<TypedLabel, 'dose'>): string =>
	dose.high ? m.to_low({ low: typedText(dose.low), high: typedText(dose.high) }) : typedText(dose.low);

const days = (n: number) => m.days_n({ n });

/** What a label limits, a line each; what it does not is left out. */
export function productFacts(label: TypedLabel): ProductFact[] {
	const facts: ProductFact[] = [];
	const add = (name: string, text: string | false | null) => text && facts.push({ name, text });
	add(m.most_at_once(), label.max && typedText(label.max));
	add(m.most_in_a_season(), label.seasonMax && typedText(label.seasonMax));
	add(
		m.spray_volume(),
		label.volume && m.to_low({ low: typedText(label.volume.low), high: typedText(label.volume.high) })
	);
	add(m.back_in_after(), label.entryHours !== null && `${label.entryHours} h`);
	add(m.harvest_after(), label.harvestDays !== null && days(label.harvestDays));
	add(m.rain_free(), label.rainFreeHours !== null && `${label.rainFreeHours} h`);
	add(m.plant_back(), label.plantBack.map((p) => `${p.crop} ${days(p.days)}`).join(', '));
	add(m.wind_at_most_title(), label.wind && typedText(label.wind));
	add(m.unsprayed_strip_title(), label.buffer && typedText(label.buffer));
	add(m.containers(), label.packs.map((pack) => typedText(pack)).join(', '));
	return facts;
}
