import type { SprayRecord, Typed } from '../../core/index';
import { lastingText } from '../settings/lasting-text';

/** Columns of the log as CSV: one line a product of a record, in SI so that nothing is rounded. */
export const recordColumns = [
	'record',
	'day',
	'started',
	'ended',
	'blocks',
	'area_m2',
	'product',
	'registration',
	'group',
	'dose',
	'total',
	'total_unit',
	'volume_m3_per_m2',
	'mix_m3',
	'sprayer',
	'operator',
	'licence',
	'crop',
	'stage',
	'condition',
	'target',
	'water_source',
	'buffer',
	'wind_from',
	'wind',
	'temperature',
	'humidity',
	'remarks',
	'entry_hours',
	'harvest_days',
	'setting',
	'nozzles',
	'pressure_pa',
	'calibrated',
	'decimal'
] as const;

/** Text as it reads on any farm: a point for a decimal sign, and every unit. */
const lasting = (t: Typed): string => lastingText(t, { decimalComma: false });

const quoted = (value: string | number | null): string => {
	const text = value === null ? '' : String(value);
	// A cell that begins like a formula is no formula.
	const safe = /^[=+\-@\t\r]/.test(text) && typeof value === 'string' ? `'${text}` : text;
	return /[",\n\r]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe;
};

/** Lines of one record; one without products has one line. */
export function recordLines(id: string, r: SprayRecord): string {
	const { before } = r.weather;
	const lines = r.products.length > 0 ? r.products : [null];
	return lines
		.map((p) =>
			[
				id,
				r.day,
				r.startedAt,
				r.endedAt,
				r.blocks.map((b) => b.name).join('; '),
				r.area,
				p?.name ?? '',
				p?.registration ?? '',
				p?.group ?? '',
				p ? lasting(p.dose) : '',
				p?.total ?? '',
				p ? (p.kind === 'volume' ? 'm3' : 'kg') : '',
				r.trueVolume,
				r.mix,
				r.sprayer,
				r.operator,
				r.licence,
				r.crop,
				r.stage,
				r.condition,
				r.target,
				r.waterSource,
				r.buffer,
				before?.from ?? '',
				before?.wind ? lasting(before.wind) : '',
				before?.temperature ? lasting(before.temperature) : '',
				before?.humidity ?? '',
				r.remarks,
				p?.entryHours ?? '',
				p?.harvestDays ?? '',
				r.rig?.setting ?? '',
				r.rig?.nozzles ?? '',
				r.rig?.pressure ?? '',
				r.rig?.calibrated ?? '',
				'point'
			]
				.map(quoted)
				.join(',')
		)
		.join('\r\n');
}
