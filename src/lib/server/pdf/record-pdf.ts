import { m } from '$words';
import { dayText } from '../../settings/day-text';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import type { Amendment, SprayRecord } from '../../../core';
import type { FarmSettings } from '../../settings/farm-settings';
import { timeAt } from '../../settings/farm-time';
import { recordFacts } from '../../show/record-facts';
import { ruled } from './calibration-pdf';
import type { Paper } from './make-pdf';

const soft = '#4f594f';

/** A sealed record on paper, with what was added to it and its seal. */
export function recordPdf(
	kept: {
		readonly record: SprayRecord;
		readonly hash: string;
		readonly place: number;
		readonly sealedAt: string;
		readonly amendments: readonly Amendment[];
		/** Of the whole chain as the paper was made: what is deleted later is missed. */
		readonly newest?: { readonly count: number; readonly seal: string };
	},
	farm: { readonly name: string; readonly settings: FarmSettings },
	paper: Paper
): TDocumentDefinitions {
	const { record } = kept;
	const time = (at: string) => `${timeAt(farm.settings, Date.parse(at))} (${farm.settings.timeZone})`;
	const title = record.blocks.map((b) => b.name).join(', ');
	return {
		pageSize: paper,
		pageMargins: [40, 36, 40, 46],
		info: { title: m.record({ title, day: dayText(record.day) }), creator: 'Fallow' },
		footer: {
			text: [
				m.entry_of_the_log_sealed({ place: kept.place, sealedAt: time(kept.sealedAt), hash: kept.hash }),
				...(kept.newest ? [m.newest_seal(kept.newest)] : [])
			].join('\n'),
			color: soft,
			fontSize: 8,
			margin: [40, 6, 40, 0]
		},
		content: [
			{ text: farm.name, color: soft },
			{ text: title, font: 'Figures', bold: true, fontSize: 20, margin: [0, 2, 0, 8] },
			{
				table: {
					widths: [120, '*'],
					body: recordFacts(record, farm.settings).map((f) => [
						{ text: f.what, color: soft },
						{ text: f.text, bold: true }
					])
				},
				layout: ruled
			},
			...kept.amendments.map((a) => ({
				stack: [{ text: m.added_by({ at: time(a.at), by: a.by }), color: soft, fontSize: 8 }, { text: a.text }],
				margin: [0, 10, 0, 0] as [number, number, number, number]
			}))
		]
	};
}
