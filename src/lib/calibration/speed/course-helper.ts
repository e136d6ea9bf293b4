import { m } from '$words';
import type { MeasuringSkill } from '$core';
import {
	catchGoodTo,
	courseGoodTo,
	neededCatch,
	neededCourse,
	neededRuns,
	readingCourse,
	resolution,
	showDecimals,
	showFigure,
	factor,
	si
} from '$core';

const acre = factor('area', 'ac');

/** A course on which a jug's reading is the answer. */
export interface ReadingCourse {
	readonly name: string;
	/** m. */
	readonly course: number;
	readonly reads: string;
}

/** How far to drive so that the reading is the answer, for a width that one jug stands for, m. */
export function readingCourses(width: number): ReadingCourse[] {
	const on = (area: number) => readingCourse(si(area), si(width)) as number;
	return [
		{
			name: m.n1_128_acre(),
			course: on(acre / 128),
			reads: m.amount_read_as_rate({ amount: 'US fl oz', rate: 'US gal/ac' })
		},
		{
			name: m.n1_160_acre(),
			course: on(acre / 160),
			reads: m.amount_read_as_rate({ amount: 'Imp fl oz', rate: 'Imp gal/ac' })
		},
		{ name: m.n1_8_acre(), course: on(acre / 8), reads: m.pints_read_as_gal_ac() },
		{ name: '10 m²', course: on(10), reads: m.amount_read_as_rate({ amount: 'ml', rate: 'L/ha' }) },
		{ name: '100 m²', course: on(100), reads: m.amount_read_as_rate({ amount: '100 ml', rate: '10 L/ha' }) }
	];
}

export interface HelperSource {
	/** ± that is asked for, 2u as a share. */
	readonly wanted: number;
	readonly skill: MeasuringSkill;
	readonly onFoot: boolean;
	/** Course, m; speed, m/s; runs. Null is not known. */
	readonly course: number | null;
	readonly speed: number | null;
	readonly runs: number;
	/** Held time, s, and flow of one nozzle, m³/s. Null is not known. */
	readonly held: number | null;
	readonly flow: number | null;
	/** Marks of the jug, m³. */
	readonly marks: number;
	readonly metric: boolean;
	readonly decimalComma: boolean;
}

const percent = (share: number, comma: boolean) =>
	`±${showDecimals(share * 100, share < 0.0995 ? 1 : 0, comma).replace(/[.,]0$/, '')} %`;

/** What the course and the catch are good to, and what would do for the ± that is asked for. */
export function helperWords(source: HelperSource): { readonly course: string; readonly catches: string } {
	return { course: courseWords(source), catches: catchWords(source) };
}

function courseWords(s: HelperSource): string {
	if (s.course === null || s.speed === null) return '';
	const steady = s.onFoot ? s.skill.steadyOnFoot : s.skill.steadyDriven;
	const runs = Math.max(1, s.runs);
	const good = courseGoodTo(si(s.course), si(s.speed), runs, s.skill.stopwatch, steady);
	const told = (m: number) =>
		s.metric
			? `${showFigure(m, 3, s.decimalComma)} m`
			: `${showFigure(m / factor('length', 'ft'), 3, s.decimalComma)} ft`;
	const now = m.runs_of_are_good_to({ runs, course: told(s.course), good: percent(good, s.decimalComma) });
	if (good <= s.wanted) return m.enough_for({ now, wanted: percent(s.wanted, s.decimalComma) });
	const needed = neededCourse(s.wanted, si(s.speed), runs, s.skill.stopwatch, steady);
	const more = neededRuns(s.wanted, si(Math.max(s.course, 60)), si(s.speed), s.skill.stopwatch, steady);
	return needed === null
		? m.too_coarse_for_and_no_length({ now, wanted: percent(s.wanted, s.decimalComma), more })
		: m.too_coarse_for_lay_out({
				now,
				wanted: percent(s.wanted, s.decimalComma),
				told: told(Math.ceil(needed / 5) * 5)
			});
}

function catchWords(s: HelperSource): string {
	if (s.held === null || s.flow === null || !(s.flow > 0)) return '';
	const mark = resolution(s.marks);
	const good = catchGoodTo(si(s.held), si(s.flow), s.skill.jugMove, mark);
	const now = m.a_s_catch_is_good_to({
		held: showFigure(s.held, 3, s.decimalComma),
		good: percent(good, s.decimalComma)
	});
	if (good <= s.wanted) return m.enough({ now });
	const needed = neededCatch(s.wanted, si(s.flow), s.skill.jugMove, mark);
	return m.too_coarse_to_judge_catch_s({
		now,
		replace: percent(s.wanted, s.decimalComma).replace('±', ''),
		ceil: Math.ceil(needed / 5) * 5
	});
}
