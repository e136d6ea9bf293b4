/**
 * Widths (points) of the columns of a table by what stands in them: each has room for its longest word, and what is left
 * goes to those whose lines are long. `letter`: about how wide one is, points.
 */
export function columnWidths(rows: readonly (readonly string[])[], width: number, letter: number): number[] {
	const columns = rows[0]?.length ?? 0;
	const measured = Array.from({ length: columns }, (_, i) => {
		const texts = rows.map((row) => row[i] ?? '');
		const longest = (parts: readonly string[]) => parts.reduce((most, part) => Math.max(most, part.length), 1);
		return {
			word: longest(texts.flatMap((text) => text.split(/[\s\u2013-]+/))) * letter,
			// A line that is very long is broken: one column must not starve the others.
			line: Math.min(48, longest(texts.flatMap((text) => text.split('\n')))) * letter
		};
	});
	const least = measured.reduce((sum, { word }) => sum + word, 0);
	const wanted = measured.reduce((sum, { word, line }) => sum + Math.max(0, line - word), 0);
	if (least >= width) return measured.map(({ word }) => (word / least) * width);
	const spare = width - least;
	if (wanted <= spare) {
		const over = (spare - wanted) / columns;
		return measured.map(({ word, line }) => Math.max(word, line) + over);
	}
	return measured.map(({ word, line }) => word + (Math.max(0, line - word) / wanted) * spare);
}
