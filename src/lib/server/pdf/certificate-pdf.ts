import { m } from '$words';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { exercises } from '../../../core';
import type { Revealed } from '../../practice/reveal-of';
import { practiceSettings } from '../../practice/practice-settings';
import { dayText } from '../../settings/day-text';
import { typedText } from '../../settings/typed-text';
import { show } from '../../show/show';
import { methodWords } from '../../wording/methods';
import { exerciseTitle, faultText, yardTime } from '../../wording/practice';
import type { StoredClass } from '../db/practice';
import type { Paper } from './make-pdf';

/** One learner of a class with what they signed. */
export interface Certified {
	readonly name: string;
	readonly revealed: Revealed;
}

const soft = '#4f594f';
const line = (label: string, text: string): Content => ({
	columns: [
		{ text: label, color: soft, width: 150 },
		{ text, bold: true, width: '*' }
	],
	margin: [0, 0, 0, 7]
});

/**
 * Certificates of practice, one page for each learner: what was done in which yard, and how it went. It says plainly that it is no licence.
 */
export function certificatePdf(
	one: Pick<StoredClass, 'code' | 'exercise' | 'trainer'>,
	learners: readonly Certified[],
	paper: Paper
): TDocumentDefinitions {
	const exercise = exercises.find((e) => e.id === one.exercise)!;
	const settings = practiceSettings(exercise, null);
	const page = ({ name, revealed }: Certified, i: number): Content => {
		const { reveal, yard, signed } = revealed;
		const rate = (value: number) => show('rate', value, settings, { digits: 3 }).text;
		const { grades } = reveal;
		const found = grades.faults.filter((f) => f.grade === 'found');
		return {
			...(i > 0 && { pageBreak: 'before' as const }),
			stack: [
				{ canvas: [{ type: 'rect', x: 0, y: 0, w: 480, h: 8, color: '#5d2f74' }], margin: [0, 0, 0, 24] },
				{ text: m.certificate_title(), font: 'Figures', bold: true, fontSize: 30 },
				{ text: m.certificate_no_licence(), bold: true, fontSize: 13, color: '#8a2413', margin: [0, 6, 0, 24] },
				{ text: name, font: 'Figures', bold: true, fontSize: 24, margin: [0, 0, 0, 18] },
				line(m.certificate_exercise(), `${exerciseTitle(exercise)} (${methodWords[exercise.method].name})`),
				line(m.certificate_day(), signed ? dayText(signed.day) : ''),
				line(m.certificate_trainer(), one.trainer === '' ? m.not_entered() : one.trainer),
				line(m.certificate_code(), one.code),
				line(m.certificate_goal(), typedText(exercise.goal)),
				line(
					m.certificate_answer(),
					reveal.answer === null || reveal.u95 === null
						? m.not_measured()
						: `${rate(reveal.answer)} ± ${show('rate', reveal.u95, settings, { digits: 2 }).text}`
				),
				line(m.certificate_truth(), rate(reveal.truth)),
				line(
					m.certificate_held(),
					reveal.inside === null ? m.not_measured() : reveal.inside ? m.certificate_yes() : m.certificate_no()
				),
				line(
					m.certificate_faults(),
					grades.faults.length === 0
						? m.certificate_none()
						: m.practice_found_of({ found: found.length, count: grades.faults.length })
				),
				...(found.length > 0
					? [line(m.certificate_found(), found.map((f) => faultText(f.fault, exercise)).join(', '))]
					: []),
				line(m.certificate_wrong(), `${grades.wrong.length}`),
				line(m.certificate_time(), yardTime(yard.time)),
				{ text: m.certificate_says(), color: soft, margin: [0, 24, 0, 0] }
			]
		};
	};
	return {
		pageSize: paper,
		pageMargins: [56, 56, 56, 56],
		info: { title: m.certificate_title() },
		content: learners.map(page)
	};
}
