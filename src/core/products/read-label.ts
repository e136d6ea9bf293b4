import { readAmount, readDose } from '../loads/read-dose';
import type { Amount, AreaCap, Dose } from '../loads/sheet';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Length } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { LabelNumbers, TypedLabel } from './label';

/** Longest interval that a label has, in hours and in days. */
const mostHours = 2000;
const mostDays = 1500;

/**
 * Reads a label into quantities; everything that is wrong with it is told.
 *
 * rowSpacing: row to row, where a dose is told by the length of row; without it such a dose is read for rows of one metre,
 * which tells whether it reads but not what it comes to.
 *
 * Errors: those of its doses and fields; `wrong-kind` where the ends of a range are told in different ways, or a most is a
 * share of the mix; `upside-down` ranges; `too-large` intervals; `zero` intervals below nothing.
 */
export function readLabel(label: TypedLabel, rowSpacing: Length | null = null): Result<LabelNumbers> {
	const issues: Issue[] = [];
	const take = <T>(read: Result<T>): T | null => {
		if (read.ok) return read.value;
		issues.push(...read.issues);
		return null;
	};
	const reading = (t: Typed) => ({
		gallon: t.gallon,
		unit: t.unit || undefined,
		state: label.state,
		decimalComma: t.comma ?? false
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
	const field = <K extends 'wind' | 'buffer'>(kind: K, t: Typed | null) =>
		t && take<{ value: number }>(kind === 'wind' ? readField(fields.wind, t, kind) : readField(fields.buffer, t, kind));
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
	for (const { days } of label.plantBack) interval(days, 'plantBack', mostDays, issues);
	const max = cap(label.max, 'max');
	const seasonMax = cap(label.seasonMax, 'seasonMax');
	const packs = label.packs.flatMap((pack) => amount(pack, 'packs') ?? []);
	const wind = field('wind', label.wind)?.value ?? null;
	const buffer = field('buffer', label.buffer)?.value ?? null;
	if (issues.length > 0 || !low || !high) return bad(...issues);
	return good({
		dose: { low, high },
		max,
		seasonMax,
		volume: volume as LabelNumbers['volume'],
		packs,
		packet,
		wind: wind as LabelNumbers['wind'],
		buffer: buffer as LabelNumbers['buffer']
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
