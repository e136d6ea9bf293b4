import Papa from 'papaparse';

export type DecimalSign = 'point' | 'comma';

export interface FoundSign {
	/** What the file says or proves; null where it does neither. */
	readonly sign: DecimalSign | null;
	/** A number of it that could be read in two ways, where nothing tells which. */
	readonly asks: string | null;
}

/** Numbers with a comma or a point in them; dates, addresses and the like are none. */
const number = /(?<![\d.,:\-/])\d+(?:[.,]\d+)+(?![\d.,:]|-\d|\/\d)/g;

/** What one number proves of its file; `asks` where it could be either. */
function proof(text: string): DecimalSign | 'asks' | null {
	const commas = text.split(',').length - 1;
	const points = text.split('.').length - 1;
	if (commas > 0 && points > 0) {
		// Both: the last one is the decimal sign, and the other groups.
		return text.lastIndexOf(',') > text.lastIndexOf('.') ? 'comma' : 'point';
	}
	const [mark, other]: [string, DecimalSign] = commas > 0 ? [',', 'point'] : ['.', 'comma'];
	const parts = text.split(mark);
	if (parts.length > 2) return parts.slice(1).every((p) => p.length === 3) ? other : null;
	const thousands = parts[1]!.length === 3 && /^[1-9]\d{0,2}$/.test(parts[0]!);
	return thousands ? 'asks' : commas > 0 ? 'comma' : 'point';
}

/**
 * Which decimal sign a CSV file writes: what its own `decimal` column says, else what its numbers prove (`0,5`, `1.250,5`,
 * `12.75`). Where one group of three digits stands after a comma or a point (`1,250`) and nothing else tells, it has to be asked.
 */
export function decimalSign(csv: string): FoundSign {
	const { data } = Papa.parse<string[]>(csv.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: true });
	const [head = [], ...rows] = data;
	const own = head.map((name) => name.trim().toLowerCase()).indexOf('decimal');
	const said = own < 0 ? undefined : rows.map((row) => row[own]?.trim().toLowerCase()).find((s) => s);
	if (said === 'point' || said === 'comma') return { sign: said, asks: null };
	const proofs = new Set<DecimalSign>();
	let asks: string | null = null;
	for (const row of rows)
		for (const cell of row)
			for (const [text] of cell.matchAll(number)) {
				const one = proof(text);
				if (one === 'asks') asks ??= text;
				else if (one) proofs.add(one);
			}
	// A file that proves both was put together from two: what could be either in it is asked about all the same.
	const [sign] = proofs.size === 1 ? proofs : [null];
	return { sign: sign ?? null, asks: sign === null || sign === undefined ? asks : null };
}

/** A number with one group of three, as each sign reads it. */
export const bothReadings = (text: string): Readonly<Record<DecimalSign, string>> => ({
	point: text.includes(',') ? text.replace(',', '') : text,
	comma: text.includes(',') ? text.replace(',', '.') : text.replace('.', '')
});
