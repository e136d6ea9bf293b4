import { pickedGroundSchema } from '../../forms/block';
import type { DecimalSign } from '../../files/decimal-sign';
import { readNozzleCsv } from '../../files/nozzle-csv';
import { readProductFile } from '../../files/product-files';
import { readRecordFile } from '../../files/record-files';
import type { KnownNames } from '../../files/record-line';
import { readSheetText } from '../../files/sheet-text';
import type { FarmSettings } from '../../settings/farm-settings';

/** How a list from a file is to be read: by the settings of the farm, and by what was told of its decimal sign. */
export interface ListWith {
	readonly settings: FarmSettings;
	readonly sign: DecimalSign | null;
}

/** What can be read from a file that somebody sends, each from a text. They keep nothing: they run in a thread of their own. */
export const readers = {
	records: (text: string, { settings, sign, known }: ListWith & { readonly known: KnownNames }) =>
		readRecordFile(text, settings, known, sign),
	nozzles: (text: string, { settings, sign }: ListWith) => readNozzleCsv(text, settings, sign),
	products: (text: string, { settings, sign }: ListWith) => readProductFile(text, settings, sign),
	sheet: (text: string, _with: Readonly<Record<never, never>>) => readSheetText(text),
	ground: (text: string, _with: Readonly<Record<never, never>>) => {
		const read = pickedGroundSchema.safeParse(parsed(text));
		return read.success ? ({ ok: true, value: read.data } as const) : ({ ok: false } as const);
	}
} as const;

export type Readers = typeof readers;
export type Kind = keyof Readers;

function parsed(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch {
		return null;
	}
}
