import { readTemperature } from '../conditions/read-temperature';
import { readContent, readDensity } from '../loads/read-content';
import { readAmount, readDose } from '../loads/read-dose';
import type { Active, Amount, AreaCap, Dose, LabelPack } from '../loads/sheet';
import type { Field } from '../quantity/fields';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Kind, Length, Quantity } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { LabelNumbers, TypedLabel } from './label';

/** Longest interval that a label has, in hours and in days. */
const mostHours = 2000;
const mostDays = 1500;
const mostApplications = 100;

/** Reads one thing of a label after the other, and gathers what is wrong. */
class LabelReader {
	readonly issues: Issue[] = [];
	readonly density: number | null;
	readonly actives: readonly Active[];
	readonly packet: Amount | null;
	readonly #label: TypedLabel;
	readonly #rowSpacing: Length;

	constructor(label: TypedLabel, rowSpacing: Length | null) {
		this.#label = label;
		this.#rowSpacing = rowSpacing ?? (1 as Length);
		const density = label.density ? this.take(readDensity(label.density, 'density')) : null;
		this.density = density;
		this.actives = (label.actives ?? []).flatMap(({ name, content }): Active[] => {
			const read = this.take(readContent(content, label.state, density, 'actives'));
			return read === null ? [] : [{ name, content: read }];
		});
		this.packet = label.packet ? this.amount(label.packet, 'packet') : null;
	}

	take<T>(read: Result<T>): T | null {
		if (read.ok) return read.value;
		this.issues.push(...read.issues);
		return null;
	}

	field<K extends Kind>(field: Field<K>, typed: Typed | null | undefined, path: string): Quantity<K> | null {
		return typed ? (this.take(readField(field, typed, path))?.value ?? null) : null;
	}

	#reading(t: Typed) {
		const { density, actives } = this;
		return {
			gallon: t.gallon,
			unit: t.unit || undefined,
			state: this.#label.state,
			decimalComma: t.comma ?? false,
			...(density === null ? {} : { density }),
			actives
		};
	}

	amount(t: Typed, path: string): Amount | null {
		return this.take(readAmount(t.text, this.#reading(t), path));
	}

	dose(t: Typed, path: string): Dose | null {
		const packet = this.packet ?? undefined;
		return this.take(readDose(t.text, { ...this.#reading(t), packet, rowSpacing: this.#rowSpacing }, path));
	}

	cap(t: Typed | null, path: string): AreaCap | null {
		const read = t && this.dose(t, path);
		if (!read || !t) return null;
		if (read.basis === 'liquidPerArea') return { kind: 'volume', perArea: read.dose };
		if (read.basis === 'dryPerArea') return { kind: 'mass', perArea: read.dose };
		this.issues.push({ code: 'wrong-kind', path, text: t.text, wanted: 'volumePerArea|massPerArea' });
		return null;
	}

	/** The dose, or the range of it: both ends by one way of telling, the lower one first. */
	doses(): LabelNumbers['dose'] | null {
		const typed = this.#label.dose;
		const low = this.dose(typed.low, 'dose');
		const high = typed.high ? this.dose(typed.high, 'doseHigh') : low;
		if (!low || !high) return null;
		const text = typed.high?.text ?? '';
		if (low.basis !== high.basis)
			this.issues.push({ code: 'wrong-kind', path: 'doseHigh', text, wanted: 'volumePerArea|massPerArea' });
		else if (figure(low) > figure(high))
			this.issues.push({ code: 'upside-down', path: 'dose', text: typed.low.text, bound: text });
		return { low, high };
	}

	volumes(): LabelNumbers['volume'] {
		const typed = this.#label.volume;
		if (!typed) return null;
		const low = this.field(fields.volumePerArea, typed.low, 'volumeLow');
		const high = this.field(fields.volumePerArea, typed.high, 'volumeHigh');
		if (low === null || high === null) return null;
		if (low > high) this.#upsideDown('volumeLow', typed.low, typed.high);
		return { low, high };
	}

	#upsideDown(path: string, low: Typed, high: Typed): void {
		this.issues.push({ code: 'upside-down', path, text: low.text, bound: high.text });
	}

	wind(): Pick<LabelNumbers, 'wind' | 'windLeast'> {
		const { wind: most, windLeast: least } = this.#label;
		const wind = this.field(fields.wind, most, 'wind');
		const windLeast = this.field(fields.wind, least, 'windLeast');
		if (wind !== null && windLeast !== null && windLeast >= wind) this.#upsideDown('windLeast', least!, most!);
		return { wind, windLeast };
	}

	temperature(): LabelNumbers['temperature'] {
		const { temperatureLow, temperatureHigh } = this.#label;
		const air = (t: Typed | null | undefined, path: string) => (t ? this.take(readTemperature(t, path)) : null);
		const low = air(temperatureLow, 'temperatureLow');
		const high = air(temperatureHigh, 'temperatureHigh');
		if (low !== null && high !== null && low >= high)
			this.#upsideDown('temperatureLow', temperatureLow!, temperatureHigh!);
		return { low, high };
	}

	/** Hours, days, times and shares: from nothing to what no label goes beyond. */
	counts(): void {
		const label = this.#label;
		const { humidityLow: low = null, humidityHigh: high = null } = label;
		const counts: readonly (readonly [number | null | undefined, string, number])[] = [
			[label.entryHours, 'entry', mostHours],
			[label.rainFreeHours, 'rainFree', mostHours],
			[label.harvestDays, 'harvest', mostDays],
			[label.daysBetween, 'daysBetween', mostDays],
			[label.applications, 'applications', mostApplications],
			...label.plantBack.map(({ days }) => [days, 'plantBack', mostDays] as const),
			[low, 'humidityLow', 100],
			[high, 'humidityHigh', 100]
		];
		for (const [value, path, most] of counts) interval(value ?? null, path, most, this.issues);
		if (low !== null && high !== null && low >= high)
			this.issues.push({ code: 'upside-down', path: 'humidityLow', text: `${low}`, bound: `${high}` });
	}
}

/**
 * Reads a label into quantities; everything that is wrong with it is told.
 *
 * rowSpacing: row to row, where a dose is told by the length of row; without it such a dose is read for rows of one metre,
 * which tells whether it reads but not what it comes to.
 *
 * Errors: those of its doses, fields, density and actives; `wrong-kind` where the ends of a range are told in different
 * ways, or a most is a share of the mix; `upside-down` ranges; `too-large` intervals and counts; `zero` intervals below nothing.
 */
export function readLabel(label: TypedLabel, rowSpacing: Length | null = null): Result<LabelNumbers> {
	const reader = new LabelReader(label, rowSpacing);
	const { density, actives, packet } = reader;
	const dose = reader.doses();
	const volume = reader.volumes();
	reader.counts();
	const numbers = {
		max: reader.cap(label.max, 'max'),
		seasonMax: reader.cap(label.seasonMax, 'seasonMax'),
		volume,
		packs: label.packs.flatMap((typed): LabelPack[] => {
			const holds = reader.amount(typed, 'packs');
			return holds ? [{ typed, holds }] : [];
		}),
		packet,
		...reader.wind(),
		buffer: reader.field(fields.buffer, label.buffer, 'buffer'),
		temperature: reader.temperature(),
		density,
		actives
	};
	return reader.issues.length > 0 || !dose ? bad(...reader.issues) : good({ dose, ...numbers });
}

/** A dose's own figure, for comparing two of one basis. */
const figure = (dose: Dose): number =>
	dose.basis === 'shareLiquid' ? dose.share : dose.basis === 'shareDry' ? dose.perVolume : dose.dose;

function interval(value: number | null, path: string, most: number, issues: Issue[]): void {
	if (value === null) return;
	if (!(value >= 0)) issues.push({ code: 'unreadable', path, text: `${value}`, wanted: 'interval' });
	else if (value > most) issues.push({ code: 'too-large', path, text: `${value}`, bound: `${most}` });
}
