import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { si } from '../quantity/quantity';
import { readNumber, tidyText } from '../quantity/read-number';
import { readQuantity } from '../quantity/read-quantity';
import type { Gallon } from '../quantity/units';
import { bounds, within } from '../quantity/within';
import type { Dose } from './sheet';

export interface DoseReading {
	readonly gallon: Gallon;
	/** Whether the product is a liquid or dry; unset, a bare `oz` is asked about. */
	readonly state?: 'liquid' | 'dry' | undefined;
	readonly decimalComma?: boolean;
	/** The field's own unit, for a bare number. */
	readonly unit?: string | undefined;
}

/**
 * Reads a dose: per area (`2 L/ha`, `14 oz/ac`, `2 fl oz/1000 ft2`) or a percent of the finished mix (`0.1 %`; a dry
 * product's percent is kg in 100 L).
 *
 * Errors: those of `readQuantity`; `ambiguous-oz` for a bare oz without a state; `wrong-kind` for a weight of a liquid
 * or a volume of a dry product; `too-large` from 50 % of the mix on.
 * @example
 * readDose('0.1 %', { gallon: 'US' }, '').value // => {"basis":"shareLiquid","share":0.001}
 * readDose('14 oz/ac', { gallon: 'US' }, 'dose').issues[0].code // => "ambiguous-oz"
 */
export function readDose(text: string, reading: DoseReading, path: string): Result<Dose> {
	const tidy = tidyText(text);
	const percent = /^(\S.*?) ?(%|per ?cent)$/i.exec(tidy);
	if (percent) return readPercent(text, percent[1]!, reading, path);
	const kinds =
		reading.state === 'dry'
			? (['massPerArea', 'volumePerArea'] as const)
			: reading.state === 'liquid'
				? (['volumePerArea', 'massPerArea'] as const)
				: (['volumePerArea', 'massPerArea'] as const);
	const oz = reading.state === 'dry' ? 'weight' : reading.state === 'liquid' ? 'fluid' : 'ask';
	const read = readQuantity(
		text,
		{ kinds, gallon: reading.gallon, oz, decimalComma: reading.decimalComma ?? false, unit: reading.unit },
		path
	);
	if (!read.ok) return read;
	const { kind, value } = read.value;
	const wanted = reading.state === 'dry' ? 'massPerArea' : 'volumePerArea';
	if (reading.state && kind !== wanted) return bad({ code: 'wrong-kind', path, text, wanted });
	const limits = kind === 'massPerArea' ? bounds.dosePerAreaDry : bounds.dosePerAreaLiquid;
	const kept = within(read.value, limits, path);
	if (!kept.ok) return kept;
	return good(
		kind === 'massPerArea'
			? { basis: 'dryPerArea', dose: si<'massPerArea'>(value) }
			: { basis: 'liquidPerArea', dose: si<'volumePerArea'>(value) }
	);
}

function readPercent(text: string, number: string, reading: DoseReading, path: string): Result<Dose> {
	if (number.startsWith('-')) return bad({ code: 'negative', path, text, wanted: 'percent' });
	const value = readNumber(number, reading.decimalComma ?? false);
	if (typeof value === 'string') return bad({ code: value, path, text, wanted: 'percent' });
	if (value === 0) return bad({ code: 'zero', path, text, wanted: 'percent' });
	if (value >= 50) return bad({ code: 'too-large', path, text, wanted: 'percent', bound: '50 %' });
	// 1 % of a dry product is 1 kg in 100 L, that is 10 kg in a cubic metre.
	return good(
		reading.state === 'dry'
			? { basis: 'shareDry', perVolume: value * 10 }
			: { basis: 'shareLiquid', share: value / 100 }
	);
}
