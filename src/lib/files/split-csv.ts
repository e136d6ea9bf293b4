import Papa from 'papaparse';

export interface SplitCsv {
	/** Each with the head of the file. */
	readonly pieces: readonly string[];
	readonly rows: number;
}

/**
 * A CSV file in pieces of at most so many characters, cut between rows only: a cell with a line break in it stays whole. Each piece has the
 * head of the file, so that it reads by itself. A row that is larger by itself is a piece of its own.
 */
export function splitCsv(text: string, most: number): SplitCsv {
	const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: true });
	const [head, ...rows] = data;
	if (!head) return { pieces: [], rows: 0 };
	const top = Papa.unparse([head]);
	const pieces: string[] = [];
	let lines: string[] = [];
	let size = 0;
	const close = () => {
		if (lines.length > 0) pieces.push([top, ...lines].join('\n'));
		lines = [];
		size = 0;
	};
	for (const row of rows) {
		const line = Papa.unparse([row]);
		if (size + line.length > most - top.length) close();
		lines.push(line);
		size += line.length + 1;
	}
	close();
	return { pieces, rows: rows.length };
}
