import { dayText } from '../settings/day-text';
import type { Rig, Take } from '$core';
import { showDecimals } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { typedText } from '$lib/settings/typed-text';
import { aimText, changeLines } from './change-lines';
import type { NozzleNames } from '../wording/nozzle-names';
import { notedNames } from '../wording/noted';
import { namesOf, nozzleSpans } from '$lib/wording/nozzle-names';
import type { ReadCalibration } from './read-calibration';

/** Why a nozzle was caught again, in words; none for the first time. */
const reasonWords: Readonly<Record<Take['why'], string>> = {
	first: '',
	sure: 'to be sure',
	cleaned: 'after cleaning',
	replaced: 'after replacing',
	slip: 'typed again'
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
export function nozzleLines(rig: Rig, read: ReadCalibration, settings: FarmSettings): NozzleLine[] {
	const names = namesOf(rig);
	const comma = settings.decimalComma;
	return (read.calibration.nozzles?.nozzles ?? []).map((n) => ({
		n: n.n,
		name: names.nozzle(n.n),
		group: n.group,
		takes: (read.round.nozzles.get(n.n)?.takes ?? []).map((take) => ({
			text: typedText(take.amount.typed),
			counts: take.counts,
			why: take.struck ? 'taken back' : reasonWords[take.why]
		})),
		fromAverage: signedPercent(n.fromAverage, comma),
		fromRated: signedPercent(n.fromRated, comma),
		verdict: {
			low: '▼ low',
			high: '▲ high',
			blocked: '✕ blocked',
			even: 'even',
			'cannot tell': '? cannot tell yet',
			together: 'caught with others',
			'not caught': 'not caught'
		}[n.verdict],
		tone:
			n.verdict === 'blocked'
				? 'stop'
				: ['even', 'cannot tell', 'together', 'not caught'].includes(n.verdict)
					? 'even'
					: 'look'
	}));
}

/** All readings but the catches, as taken, a line each; what does not apply is left out. */
export function readingLines(
	read: ReadCalibration,
	names: NozzleNames,
	comma: boolean
): { readonly name: string; readonly text: string; readonly struck?: boolean }[] {
	const { round } = read;
	const lines: { name: string; text: string; struck?: boolean }[] = [];
	const add = (name: string, text: string | null | undefined | false, struck = false) => {
		if (text) lines.push({ name, text, ...(struck ? { struck } : {}) });
	};
	add('Carried by', round.person);
	add('Course', round.course && typedText(round.course.typed));
	round.runs.forEach((run, i) => add(`Run ${i + 1}`, typedText(run.time.typed), run.struck));
	add(
		'Speed as stated',
		round.stated &&
			round.runs.every((r) => r.struck) &&
			`${typedText(round.stated.speed.typed)}, ${
				round.stated.correction
					? `corrected: the dial showed ${typedText(round.stated.correction.dial.typed)} at a measured speed on ${dayText(round.stated.correction.day)}`
					: round.stated.checked
						? 'checked before'
						: 'never checked'
			}`
	);
	add('Dial', round.dial && typedText(round.dial.typed));
	add(
		'Track',
		round.track && `${round.track.name}, steady from ${Math.round(round.track.from)} to ${Math.round(round.track.to)} s`
	);
	add('Wetted width', round.wetted && `${typedText(round.wetted.typed)}${round.wettedGuessed ? ', estimated' : ''}`);
	add(
		'Rows',
		round.rows &&
			`${typedText(round.rows.spacing.typed)}, ${round.rows.alleys === 'every' ? 'every alley' : 'every second alley'}`
	);
	add(
		'Pans',
		round.pans &&
			`${round.pans.count} every ${typedText(round.pans.spacing.typed)}: ${[...round.panCatches.values()].map(({ typed }) => typedText(typed)).join(', ')}`
	);
	add('Nozzle height', round.height && typedText(round.height.typed));
	if (round.plot)
		add(
			'Ground',
			round.plot.by === 'sides'
				? `${typedText(round.plot.length.typed)} × ${typedText(round.plot.width.typed)}`
				: round.plot.by === 'area'
					? typedText(round.plot.area.typed)
					: round.plot.by === 'row'
						? `row of ${typedText(round.plot.row.typed)}`
						: `${showDecimals(round.plot.share * 100, 1, comma)} % of ${typedText(round.plot.block.typed)}`
		);
	round.plotRuns.forEach((run, i) => add(`Go ${i + 1}`, typedText(run.time.typed), run.struck));
	round.buckets.forEach(({ nozzles, amount, marked, struck, counts }) =>
		add(
			`Together: ${nozzleSpans(nozzles, names)}`,
			`${typedText(amount.typed)}${marked ? `, marked every ${typedText(marked.typed)}` : ''}`,
			struck || !counts
		)
	);
	round.used.forEach(({ reading, struck }, i) =>
		add(
			`Tank ${i + 1}`,
			'added' in reading
				? `${typedText(reading.added.typed)} added`
				: `${typedText(reading.start.typed)} to ${typedText(reading.left.typed)}`,
			struck
		)
	);
	add('Ran parked', round.parkedTime && typedText(round.parkedTime.typed));
	if (round.nozzles.size > 0) {
		add('Jugs held', round.catchTime ? typedText(round.catchTime.typed) : 'as long as the course or plot took');
		add('Jug marked every', round.jug ? typedText(round.jug.typed) : 'not stated, counted as 10 ml');
	}
	add('Gauge', round.gauge && typedText(round.gauge.typed));
	const quick = [...(round.quick?.nozzles.values() ?? [])].flatMap(({ nozzle, takes }) =>
		takes.filter((take) => take.counts).map((take) => `${names.short(nozzle)}: ${typedText(take.amount.typed)}`)
	);
	add(`Quick check${round.quick?.catchTime ? `, ${typedText(round.quick.catchTime.typed)}` : ''}`, quick.join(', '));
	for (const [what, text] of round.notes) add(notedNames[what], text);
	add('Wanted', round.aim && aimText(round.aim, comma));
	for (const line of round.change ? changeLines(round.change, comma) : [])
		add(`Change: ${line.name.toLowerCase()}`, line.text);
	return lines;
}
