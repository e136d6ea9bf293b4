/** Figures in a text that was made with a point and grouped by commas, in the decimal sign of a farm. */
export const asWritten = (text: string, comma: boolean): string =>
	(comma
		? text.replace(/\d[\d.,]*\d/g, (figure) => figure.replace(/[.,]/g, (sign) => (sign === '.' ? ',' : '.')))
		: text
	).replace(/\b(m|ft)2\b/g, '$1²');
