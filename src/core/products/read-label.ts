import { readTemperature } from '../conditions/read-temperature';
import { readContent, readDensity } from '../loads/read-content';
import { readAmount, readDose } from '../loads/read-dose';
import type { Active, Amount, AreaCap, Dose, LabelPack } from '../loads/sheet';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Length } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { LabelNumbers, TypedLabel } from './label';

/** Longest interval that a label has, in hours and in days. */
const mostHours = 2000;
const mostDays = 1500;
const mostApplications = 100;

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
	const issues: Issue[] = [];
	const take = <T>(read: Result<T>): T | null => {
		if (read.ok) return read.value;
		issues.push(...read.issues);
		return null;
	};
	const density = label.density ? take(readDensity(label.density, 'density')) : null;
	const actives = (label.actives ?? []).flatMap(({ name, content }): Active[] => {
		const read = take(readContent(content, label.state, density, 'actives'));
		return read === null ? [] : [{ name, content: read }];
	});
	const reading = (t: Typed) => ({
		gallon: t.gallon,
		unit: t.unit || undefined,
		state: label.state,
		decimalComma: t.comma ?? false,
		...(density === null ? {} : { density }),
		actives
	});
	const amount = (t: Typed, path: string): Amount | null => take(readAmount(t.text, reading(t), path));
	const packet = label.packet ? amount(label.packet, 'packet') : null;
	const dose = (t: Typed, path: string): Dose | null =>
		take(
			readDose(t.text, { ...reading(t), packet: packet ?? undefined, rowSpacing: rowSpacing ?? (1 as Length) }, path)
		);
	const cap = (t: Typed | null, path: string): AreaCap | null => {
		const read = t && dose(t, path);
		if (!read || !t) return null;
		if (read.basis === 'liquidPerArea') return { kind: 'volume', perArea: read.dose };
		if (read.basis === 'dryPerArea') return { kind: 'mass', perArea: read.dose };
		issues.push({ code: 'wrong-kind', path, text: t.text, wanted: 'volumePerArea|massPerArea' });
		return null;
	};
	const low = dose(label.dose.low, 'dose');
	const high = label.dose.high ? dose(label.dose.high, 'doseHigh') : low;
	if (low && high) {
		const text = label.dose.high?.text ?? '';
		if (low.basis !== high.basis)
			issues.push({ code: 'wrong-kind', path: 'doseHigh', text, wanted: 'volumePerArea|massPerArea' });
		else if (figure(low) > figure(high))
			issues.push({ code: 'upside-down', path: 'dose', text: label.dose.low.text, bound: text });
	}
	const volume = label.volume && {
		low: take(readField(fields.volumePerArea, label.volume.low, 'volumeLow'))?.value,
		high: take(readField(fields.volumePerArea, label.volume.high, 'volumeHigh'))?.value
	};
	if (volume?.low && volume.high && volume.low > volume.high)
		issues.push({
			code: 'upside-down',
			path: 'volumeLow',
			text: label.volume!.low.text,
			bound: label.volume!.high.text
		});
	interval(label.entryHours, 'entry', mostHours, issues);
	interval(label.rainFreeHours, 'rainFree', mostHours, issues);
	interval(label.harvestDays, 'harvest', mostDays, issues);
	interval(label.daysBetween ?? null, 'daysBetween', mostDays, issues);
	interval(label.applications ?? null, 'applications', mostApplications, issues);
	for (const { days } of label.plantBack) interval(days, 'plantBack', mostDays, issues);
	const max = cap(label.max, 'max');
	const seasonMax = cap(label.seasonMax, 'seasonMax');
	const packs = label.packs.flatMap((typed): LabelPack[] => {
		const holds = amount(typed, 'packs');
		return holds ? [{ typed, holds }] : [];
	});
	const wind = label.wind ? (take(readField(fields.wind, label.wind, 'wind'))?.value ?? null) : null;
	const windLeast = label.windLeast
		? (take(readField(fields.wind, label.windLeast, 'windLeast'))?.value ?? null)
		: null;
	if (wind !== null && windLeast !== null && windLeast >= wind)
		issues.push({ code: 'upside-down', path: 'windLeast', text: label.windLeast!.text, bound: label.wind!.text });
	const buffer = label.buffer ? (take(readField(fields.buffer, label.buffer, 'buffer'))?.value ?? null) : null;
	const air = (t: Typed | null | undefined, path: string) => (t ? take(readTemperature(t, path)) : null);
	const temperature = {
		low: air(label.temperatureLow, 'temperatureLow'),
		high: air(label.temperatureHigh, 'temperatureHigh')
	};
	if (temperature.low !== null && temperature.high !== null && temperature.low >= temperature.high)
		issues.push({
			code: 'upside-down',
			path: 'temperatureLow',
			text: label.temperatureLow!.text,
			bound: label.temperatureHigh!.text
		});
	const { humidityLow = null, humidityHigh = null } = label;
	interval(humidityLow, 'humidityLow', 100, issues);
	interval(humidityHigh, 'humidityHigh', 100, issues);
	if (humidityLow !== null && humidityHigh !== null && humidityLow >= humidityHigh)
		issues.push({ code: 'upside-down', path: 'humidityLow', text: `${humidityLow}`, bound: `${humidityHigh}` });
	if (issues.length > 0 || !low || !high) return bad(...issues);
	return good({
		dose: { low, high },
		max,
		seasonMax,
		volume: volume as LabelNumbers['volume'],
		packs,
		packet,
		wind,
		windLeast,
		temperature,
		buffer,
		density,
		actives
	});
}

/** A dose's own figure, for comparing two of one basis. */
const figure = (dose: Dose): number =>
	dose.basis === 'shareLiquid' ? dose.share : dose.basis === 'shareDry' ? dose.perVolume : dose.dose;

function interval(value: number | null, path: string, most: number, issues: Issue[]): void {
	if (value === null) return;
	if (!(value >= 0)) issues.push({ code: 'unreadable', path, text: `${value}`, wanted: 'interval' });
	else if (value > most) issues.push({ code: 'too-large', path, text: `${value}`, bound: `${most}` });
}
