import type { SprayRecord, Typed } from '../../core/index';
import { doseTold } from '../settings/dose-told';
import { lastingText } from '../settings/lasting-text';

/** One line of a record: a product of it, or none. */
interface Line {
	readonly id: string;
	readonly r: SprayRecord;
	readonly p: SprayRecord['products'][number] | null;
}
type Cell = string | number | null | undefined;

/** Columns of the log as CSV, and what stands in each: one line a product of a record, in SI so that nothing is rounded. */
const columns: readonly (readonly [name: string, cell: (line: Line) => Cell])[] = [
	['record', ({ id }) => id],
	['day', ({ r }) => r.day],
	['started', ({ r }) => r.startedAt],
	['ended', ({ r }) => r.endedAt],
	['blocks', ({ r }) => r.blocks.map((b) => b.name).join('; ')],
	['area_m2', ({ r }) => r.area],
	['product', ({ p }) => p?.name],
	['registration', ({ p }) => p?.registration],
	['group', ({ p }) => p?.group],
	['dose', ({ p }) => p && lasting(p.dose)],
	['total', ({ p }) => p?.total],
	['total_unit', ({ p }) => p && (p.kind === 'volume' ? 'm3' : 'kg')],
	['volume_m3_per_m2', ({ r }) => r.trueVolume],
	['mix_m3', ({ r }) => r.mix],
	['sprayer', ({ r }) => r.sprayer],
	['operator', ({ r }) => r.operator],
	['licence', ({ r }) => r.licence],
	['crop', ({ r }) => r.crop],
	['stage', ({ r }) => r.stage],
	['condition', ({ r }) => r.condition],
	['target', ({ r }) => r.target],
	['water_source', ({ r }) => r.waterSource],
	['buffer', ({ r }) => r.buffer],
	['wind_from', ({ r }) => r.weather.before?.from],
	['wind', ({ r }) => lasting(r.weather.before?.wind)],
	['temperature', ({ r }) => lasting(r.weather.before?.temperature)],
	['humidity', ({ r }) => r.weather.before?.humidity],
	['remarks', ({ r }) => r.remarks],
	['entry_hours', ({ p }) => p?.entryHours],
	['harvest_days', ({ p }) => p?.harvestDays],
	['setting', ({ r }) => r.rig?.setting],
	['nozzles', ({ r }) => r.rig?.nozzles],
	['pressure_pa', ({ r }) => r.rig?.pressure],
	['pressure', ({ r }) => lasting(r.rig?.typedPressure)],
	['calibrated', ({ r }) => r.rig?.calibrated],
	['doses', ({ p }) => p && doseTold(p, lasting)],
	['decimal', () => 'point']
];
export const recordColumns: readonly string[] = columns.map(([name]) => name);

/** Text as it reads on any farm: a point for a decimal sign, and every unit. */
const lasting = (t: Typed | null | undefined): string => (t ? lastingText(t, { decimalComma: false }) : '');

const quoted = (value: Cell): string => {
	const text = String(value ?? '');
	// A cell that begins like a formula is no formula.
	const safe = /^[=+\-@\t\r]/.test(text) && typeof value === 'string' ? `'${text}` : text;
	return /[",\n\r]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe;
};

/** Lines of one record; one without products has one line. */
export function recordLines(id: string, r: SprayRecord): string {
	const products = r.products.length > 0 ? r.products : [null];
	return products.map((p) => columns.map(([, cell]) => quoted(cell({ id, r, p }))).join(',')).join('\r\n');
}
