import { m } from '$words';
import type { FoldedCalibration } from '$core';
import { showDecimals } from '$core';
import { dayText } from '$lib/settings/day-text';
import { typedText } from '$lib/settings/typed-text';
import type { NozzleNames } from '$lib/wording/nozzle-names';
import { nozzleSpans } from '$lib/wording/nozzle-names';
import { notedNames } from '$lib/wording/noted';
import { aimText, changeLines } from './change-lines';

export interface ReadingLine {
	readonly name: string;
	readonly text: string;
	/** Taken out of the answer; it stays on record. */
	readonly struck?: boolean;
}

/** A reading that may not have been taken: then it has no line. */
type Maybe = { readonly name: string; readonly text: string | null | undefined | false; readonly struck?: boolean };
type Typed = Parameters<typeof typedText>[0];
const asTyped = (entered: { readonly typed: Typed } | null | undefined) => entered && typedText(entered.typed);

function speedLines({ course, runs, stated, dial, track }: FoldedCalibration): Maybe[] {
	const checked = (one: NonNullable<typeof stated>) =>
		one.correction
			? m.corrected_the_dial_showed_at_a({
					typed: typedText(one.correction.dial.typed),
					day: dayText(one.correction.day)
				})
			: one.checked
				? m.checked_before_inline()
				: m.never_checked_inline();
	return [
		{ name: m.course_title(), text: asTyped(course) },
		...runs.map((run, i) => ({ name: m.run_number({ i: i + 1 }), text: asTyped(run.time), struck: run.struck })),
		{
			name: m.speed_as_stated(),
			// A run that counts stands above what the dial said.
			text: stated && runs.every((r) => r.struck) && `${typedText(stated.speed.typed)}, ${checked(stated)}`
		},
		{ name: m.dial(), text: asTyped(dial) },
		{
			name: m.track_title(),
			text: track && m.steady_from_to_s({ name: track.name, from: Math.round(track.from), to: Math.round(track.to) })
		}
	];
}

function widthLines({ wetted, wettedGuessed, rows, pans, panCatches, height }: FoldedCalibration): Maybe[] {
	return [
		{ name: m.wetted_width(), text: wetted && `${typedText(wetted.typed)}${wettedGuessed ? m.estimated() : ''}` },
		{
			name: m.rows(),
			text:
				rows &&
				`${typedText(rows.spacing.typed)}, ${rows.alleys === 'every' ? m.every_alley_inline() : m.every_second_alley()}`
		},
		{
			name: m.pans(),
			text:
				pans &&
				m.every({
					count: pans.count,
					typed: typedText(pans.spacing.typed),
					list: [...panCatches.values()].map(({ typed }) => typedText(typed)).join(', ')
				})
		},
		{ name: m.nozzle_height(), text: asTyped(height) }
	];
}

function plotText(plot: NonNullable<FoldedCalibration['plot']>, comma: boolean): string {
	switch (plot.by) {
		case 'sides':
			return `${typedText(plot.length.typed)} × ${typedText(plot.width.typed)}`;
		case 'area':
			return typedText(plot.area.typed);
		case 'row':
			return m.row_of({ typed: typedText(plot.row.typed) });
		default:
			return m.of_figure({ figure: showDecimals(plot.share * 100, 1, comma), typed: typedText(plot.block.typed) });
	}
}

const groundLines = ({ plot, plotRuns }: FoldedCalibration, comma: boolean): Maybe[] => [
	{ name: m.ground(), text: plot && plotText(plot, comma) },
	...plotRuns.map((run, i) => ({ name: m.go_number({ i: i + 1 }), text: asTyped(run.time), struck: run.struck }))
];

function tankLines({ buckets, used, parkedTime }: FoldedCalibration, names: NozzleNames): Maybe[] {
	return [
		...buckets.map(({ nozzles, amount, marked, struck, counts }) => ({
			name: m.together_nozzles({ nozzles: nozzleSpans(nozzles, names) }),
			text: `${typedText(amount.typed)}${marked ? m.marked_every({ typed: typedText(marked.typed) }) : ''}`,
			struck: struck || !counts
		})),
		...used.map(({ reading, struck }, i) => ({
			name: m.tank_i({ i: i + 1 }),
			text:
				'added' in reading
					? m.added({ typed: typedText(reading.added.typed) })
					: m.to_typed({ typed: typedText(reading.start.typed), typed2: typedText(reading.left.typed) }),
			struck
		})),
		{ name: m.ran_parked(), text: asTyped(parkedTime) }
	];
}

function catchLines({ nozzles, catchTime, jug, gauge, quick }: FoldedCalibration, names: NozzleNames): Maybe[] {
	const looked = [...(quick?.nozzles.values() ?? [])].flatMap(({ nozzle, takes }) =>
		takes.filter((take) => take.counts).map((take) => `${names.short(nozzle)}: ${typedText(take.amount.typed)}`)
	);
	const held = quick?.catchTime ? `, ${typedText(quick.catchTime.typed)}` : '';
	return [
		...(nozzles.size > 0
			? [
					{ name: m.jugs_held(), text: asTyped(catchTime) ?? m.as_long_as_the_course_or() },
					{ name: m.jug_marked_every(), text: asTyped(jug) ?? m.not_stated_counted_as_10_ml() }
				]
			: []),
		{ name: m.gauge(), text: asTyped(gauge) },
		{ name: m.quick_check_which({ which: held }), text: looked.join(', ') }
	];
}

/** All readings but the catches, as taken, a line each; what does not apply is left out. */
export function readingLines(
	{ entered }: { readonly entered: FoldedCalibration },
	names: NozzleNames,
	comma: boolean
): ReadingLine[] {
	const lines: Maybe[] = [
		{ name: m.carried_by(), text: entered.person },
		...speedLines(entered),
		...widthLines(entered),
		...groundLines(entered, comma),
		...tankLines(entered, names),
		...catchLines(entered, names),
		...[...entered.notes].map(([what, text]) => ({ name: notedNames[what], text })),
		{ name: m.wanted_title(), text: entered.aim && aimText(entered.aim, comma) },
		...(entered.change ? changeLines(entered.change, comma) : []).map((line) => ({
			name: m.change_name({ name: line.name.toLowerCase() }),
			text: line.text
		}))
	];
	return lines.flatMap(({ name, text, struck }) => (text ? [{ name, text, ...(struck ? { struck } : {}) }] : []));
}
