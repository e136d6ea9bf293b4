import { m } from '$words';
import type { TypedSprayer, Take } from '$core';
import { showDecimals } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { typedText } from '$lib/settings/typed-text';
import { namesOf } from '$lib/wording/nozzle-names';
import type { ReadCalibration } from './read-calibration';

/** Why a nozzle was caught again, in words; none for the first time. */
const reasonWords: Readonly<Record<Take['why'], string>> = {
	first: '',
	get sure() {
		return m.to_be_sure_inline();
	},
	get cleaned() {
		return m.after_cleaning();
	},
	get replaced() {
		return m.after_replacing();
	},
	get slip() {
		return m.typed_again();
	}
};

/** `+0.5 %`, `−15.1 %`, or nothing. */
const signedPercent = (share: number | null, decimalComma: boolean): string =>
	share === null ? '' : `${share < -0.0005 ? '−' : '+'}${showDecimals(Math.abs(share) * 100, 1, decimalComma)} %`;

/** A nozzle's line in a record: what was caught as typed, how far off it is, the verdict. */
export interface NozzleLine {
	readonly n: number;
	readonly name: string;
	readonly group: string;
	readonly takes: readonly { readonly text: string; readonly counts: boolean; readonly why: string }[];
	readonly fromAverage: string;
	readonly fromRated: string;
	readonly verdict: string;
	readonly tone: 'even' | 'look' | 'stop';
}

/** The nozzles of a calibration as they are listed on its page, on paper and in a CSV. */
export function nozzleLines(sprayer: TypedSprayer, read: ReadCalibration, settings: FarmSettings): NozzleLine[] {
	const names = namesOf(sprayer);
	const comma = settings.decimalComma;
	return (read.answer.nozzles?.nozzles ?? []).map((n) => ({
		n: n.n,
		name: names.listed(n.n),
		group: n.group,
		takes: (read.entered.nozzles.get(n.n)?.takes ?? []).map((take) => ({
			text: typedText(take.amount.typed),
			counts: take.counts,
			why: take.struck ? m.taken_back() : reasonWords[take.why]
		})),
		fromAverage: signedPercent(n.fromAverage, comma),
		fromRated: signedPercent(n.fromRated, comma),
		verdict: {
			low: m.low(),
			high: m.high(),
			blocked: m.blocked(),
			even: m.even(),
			'cannot tell': m.cannot_tell_yet_marked(),
			together: m.caught_with_others(),
			'not caught': m.not_caught()
		}[n.verdict],
		tone:
			n.verdict === 'blocked'
				? 'stop'
				: ['even', 'cannot tell', 'together', 'not caught'].includes(n.verdict)
					? 'even'
					: 'look'
	}));
}
