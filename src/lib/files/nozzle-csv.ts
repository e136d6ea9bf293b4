import type { TypedNozzle } from '../../core/index';
import { good } from '../../core/index';
import type { ReadCsv } from './csv-rows';
import { inItsSign, readCsv, writeCsv } from './csv-rows';
import type { DecimalSign } from './decimal-sign';
import type { FarmSettings } from '../settings/farm-settings';
import type { KeptNozzles } from '../settings/nozzle-table';
import type { NozzleText } from '../forms/nozzle-text';
import { emptyNozzleText, nozzleText, readNozzleText } from '../forms/nozzle-text';

/** Columns of a nozzle file, in this order on the way out and in any order on the way in. */
export const nozzleColumns = ['name', 'kind', 'size', 'angle', 'low', 'high', 'points', 'classes', 'shed'] as const;

export interface NozzleRow {
	readonly nozzle: TypedNozzle;
	readonly shed: boolean;
}

export const readNozzleCsv = (text: string, farm: FarmSettings, sign: DecimalSign | null = null): ReadCsv<NozzleRow> =>
	inItsSign(text, farm, sign, (settings) =>
		readCsv<NozzleRow>(text, {
			needed: ['name', 'kind', 'points'],
			key: (at) => `${at('kind').toLowerCase()} ${at('name')}`,
			read(at) {
				const names = Object.keys(emptyNozzleText);
				const fields = Object.fromEntries(names.map((name) => [name, at(name)])) as unknown as NozzleText;
				const nozzle = readNozzleText(fields, settings);
				return nozzle.ok ? good({ nozzle: nozzle.value, shed: /^(yes|y|1|true|x|shed)$/i.test(at('shed')) }) : nozzle;
			}
		})
	);

/** The farm's own nozzles as a file. */
export function nozzleCsv(kept: KeptNozzles, settings: FarmSettings): string {
	const shed = new Set(kept.shed);
	return writeCsv(
		nozzleColumns,
		kept.own.map(({ key, nozzle }) => ({
			...nozzleText(nozzle, { ...settings, decimalComma: false }, '; '),
			shed: shed.has(key) ? 'yes' : 'no'
		}))
	);
}
