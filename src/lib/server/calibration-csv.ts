import Papa from 'papaparse';
import { inUnit, si, struckEntries } from '../../core';
import { methodWords } from '../wording/methods';
import type { CalibrationPage } from './calibration-page';
import { readPage } from './calibration-page';
import type { NozzleNames } from '../wording/nozzle-names';
import { namesOf, nozzleSpans } from '../wording/nozzle-names';

/**
 * A calibration as CSV: one line a reading, then one a result, each with its unit in a column of its own. Figures are
 * unrounded; text that a spreadsheet would take for a formula is made harmless.
 */
export function calibrationCsv(page: CalibrationPage): string {
	const { calibration: c, rig: sprayer } = page;
	const read = readPage(page);
	const names = namesOf(sprayer);
	const rows: { part: string; what: string; text: string; value: number | ''; unit: string; note: string }[] = [];
	const result = (what: string, value: number | null, unit: string, note = '') => {
		if (value !== null) rows.push({ part: 'result', what, text: '', value, unit, note });
	};
	const struck = struckEntries(page.entries);
	for (const entry of page.entries)
		for (const reading of readingsOf(entry, names)) {
			const note = [reading.note, struck.has(entry.id) && 'struck'].filter(Boolean).join(', ');
			rows.push({ part: 'reading', value: '', ...reading, note });
		}
	result(
		'spray volume',
		inUnit('volumePerArea', si(c.rate), 'L/ha'),
		'L/ha',
		read ? methodWords[read.answer.method].name : ''
	);
	result('spray volume', inUnit('volumePerArea', si(c.rate), 'US gal/ac'), 'US gal/ac');
	result('spray volume', inUnit('volumePerArea', si(c.rate), 'Imp gal/ac'), 'Imp gal/ac');
	result('half interval, 95 %', c.relativeU95, 'share');
	const k = read?.answer;
	if (k) {
		result('ground speed', k.speed?.value ?? null, 'm/s');
		result('swath', k.swath?.treated.value ?? null, 'm');
		result('flow', k.flow ? inUnit('flow', k.flow.value, 'L/min') : null, 'L/min');
		for (const n of k.nozzles?.nozzles ?? []) {
			if (n.flow === null) continue;
			result(names.nozzle(n.n), inUnit('flow', n.flow, 'L/min'), 'L/min', n.verdict);
			result(`${names.nozzle(n.n)}, off its group`, n.fromAverage, 'share');
		}
	}
	for (const finding of c.findings)
		rows.push({ part: 'finding', what: finding.code, text: '', value: '', unit: '', note: '' });
	return Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' });
}

type Reading = { readonly what: string; readonly text: string; readonly unit: string; readonly note: string };

/** The lines of one entry: what was carried over stands with its day, a quick check with its name. */
function readingsOf(entry: CalibrationPage['entries'][number], names: NozzleNames): readonly Reading[] {
	const noted = (reading: Reading, note: string): Reading => ({
		...reading,
		note: [reading.note, note].filter(Boolean).join(', ')
	});
	switch (entry.kind) {
		case 'carry':
			return entry.entries.flatMap((one) =>
				readingsOf(one, names).map((reading) => noted(reading, `carried over from ${entry.day}`))
			);
		case 'quick':
			return readingsOf({ ...entry.entry, id: entry.id, seq: entry.seq, at: entry.at }, names).map((reading) =>
				noted(reading, 'quick evenness check')
			);
		case 'bucket':
			return [
				{
					what: `${nozzleSpans(entry.nozzles, names)}, together`,
					text: entry.amount.text,
					unit: entry.amount.unit,
					note: ''
				}
			];
		default: {
			const line = readingOf(entry, names.nozzle);
			return line ? [line] : [];
		}
	}
}

/** One entry of a calibration as a line; what is no reading has none. */
function readingOf(entry: CalibrationPage['entries'][number], name: (n: number) => string): Reading | null {
	const line = (what: string, typed: { text: string; unit: string }, note = ''): Reading => ({
		what,
		text: typed.text,
		unit: typed.unit,
		note
	});
	switch (entry.kind) {
		case 'course':
			return line('course', entry.length);
		case 'run':
			return line('run', entry.time, entry.by);
		case 'plot-run':
			return line('go over the plot', entry.time, entry.by);
		case 'stated-speed':
			return entry.speed
				? line(
						'speed as stated',
						entry.speed,
						entry.correction
							? `corrected as checked on ${entry.correction.day}`
							: entry.checked
								? 'checked before'
								: 'never checked'
					)
				: null;
		case 'not-caught':
			return { what: name(entry.nozzle), text: '', unit: '', note: 'not caught' };
		case 'dial':
			return line('dial', entry.speed);
		case 'wetted':
			return line('wetted width', entry.width);
		case 'pan':
			return line(`pan ${entry.pan}`, entry.amount);
		case 'rows':
			return line('row spacing', entry.spacing, entry.alleys);
		case 'height':
			return line('nozzle height', entry.height);
		case 'catch':
			return line(name(entry.nozzle), entry.amount, entry.why);
		case 'gauge':
			return line('gauge', entry.pressure);
		case 'jug':
			return line('jug marks', entry.graduation);
		case 'catch-time':
			return entry.time ? line('jug held', entry.time) : null;
		case 'parked-time':
			return entry.time ? line('ran parked', entry.time) : null;
		case 'used':
			return 'added' in entry.reading
				? line('added', entry.reading.added)
				: line('tank before', entry.reading.start, `left ${entry.reading.left.text} ${entry.reading.left.unit}`);
		case 'noted':
			return { what: entry.what, text: entry.text, unit: '', note: '' };
		default:
			return null;
	}
}
