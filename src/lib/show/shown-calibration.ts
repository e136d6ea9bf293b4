import { m } from '$words';
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
export function nozzleLines(rig: Rig, read: ReadCalibration, settings: FarmSettings): NozzleLine[] {
	const names = namesOf(rig);
	const comma = settings.decimalComma;
	return (read.calibration.nozzles?.nozzles ?? []).map((n) => ({
		n: n.n,
		name: names.listed(n.n),
		group: n.group,
		takes: (read.round.nozzles.get(n.n)?.takes ?? []).map((take) => ({
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
	add(m.carried_by(), round.person);
	add(m.course_title(), round.course && typedText(round.course.typed));
	round.runs.forEach((run, i) => add(m.run_number({ i: i + 1 }), typedText(run.time.typed), run.struck));
	add(
		m.speed_as_stated(),
		round.stated &&
			round.runs.every((r) => r.struck) &&
			`${typedText(round.stated.speed.typed)}, ${
				round.stated.correction
					? m.corrected_the_dial_showed_at_a({
							typed: typedText(round.stated.correction.dial.typed),
							day: dayText(round.stated.correction.day)
						})
					: round.stated.checked
						? m.checked_before_inline()
						: m.never_checked_inline()
			}`
	);
	add(m.dial(), round.dial && typedText(round.dial.typed));
	add(
		m.track_title(),
		round.track &&
			m.steady_from_to_s({ name: round.track.name, from: Math.round(round.track.from), to: Math.round(round.track.to) })
	);
	add(m.wetted_width(), round.wetted && `${typedText(round.wetted.typed)}${round.wettedGuessed ? m.estimated() : ''}`);
	add(
		m.rows(),
		round.rows &&
			`${typedText(round.rows.spacing.typed)}, ${round.rows.alleys === 'every' ? m.every_alley_inline() : m.every_second_alley()}`
	);
	add(
		m.pans(),
		round.pans &&
			m.every({
				count: round.pans.count,
				typed: typedText(round.pans.spacing.typed),
				list: [...round.panCatches.values()].map(({ typed }) => typedText(typed)).join(', ')
			})
	);
	add(m.nozzle_height(), round.height && typedText(round.height.typed));
	if (round.plot)
		add(
			m.ground(),
			round.plot.by === 'sides'
				? `${typedText(round.plot.length.typed)} × ${typedText(round.plot.width.typed)}`
				: round.plot.by === 'area'
					? typedText(round.plot.area.typed)
					: round.plot.by === 'row'
						? m.row_of({ typed: typedText(round.plot.row.typed) })
						: m.of_figure({
								figure: showDecimals(round.plot.share * 100, 1, comma),
								typed: typedText(round.plot.block.typed)
							})
		);
	round.plotRuns.forEach((run, i) => add(m.go_number({ i: i + 1 }), typedText(run.time.typed), run.struck));
	round.buckets.forEach(({ nozzles, amount, marked, struck, counts }) =>
		add(
			m.together_nozzles({ nozzles: nozzleSpans(nozzles, names) }),
			`${typedText(amount.typed)}${marked ? m.marked_every({ typed: typedText(marked.typed) }) : ''}`,
			struck || !counts
		)
	);
	round.used.forEach(({ reading, struck }, i) =>
		add(
			m.tank_i({ i: i + 1 }),
			'added' in reading
				? m.added({ typed: typedText(reading.added.typed) })
				: m.to_typed({ typed: typedText(reading.start.typed), typed2: typedText(reading.left.typed) }),
			struck
		)
	);
	add(m.ran_parked(), round.parkedTime && typedText(round.parkedTime.typed));
	if (round.nozzles.size > 0) {
		add(m.jugs_held(), round.catchTime ? typedText(round.catchTime.typed) : m.as_long_as_the_course_or());
		add(m.jug_marked_every(), round.jug ? typedText(round.jug.typed) : m.not_stated_counted_as_10_ml());
	}
	add(m.gauge(), round.gauge && typedText(round.gauge.typed));
	const quick = [...(round.quick?.nozzles.values() ?? [])].flatMap(({ nozzle, takes }) =>
		takes.filter((take) => take.counts).map((take) => `${names.short(nozzle)}: ${typedText(take.amount.typed)}`)
	);
	add(
		m.quick_check_which({ which: round.quick?.catchTime ? `, ${typedText(round.quick.catchTime.typed)}` : '' }),
		quick.join(', ')
	);
	for (const [what, text] of round.notes) add(notedNames[what], text);
	add(m.wanted_title(), round.aim && aimText(round.aim, comma));
	for (const line of round.change ? changeLines(round.change, comma) : [])
		add(m.change_name({ name: line.name.toLowerCase() }), line.text);
	return lines;
}
