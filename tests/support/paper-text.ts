import { getDocumentProxy } from 'unpdf';

/** A stretch of text on a page, in points from its lower left corner. */
export interface PaperText {
	readonly page: number;
	readonly text: string;
	readonly x: number;
	/** Its baseline. */
	readonly y: number;
	readonly width: number;
	/** The size of its letters. */
	readonly size: number;
}

/** What a PDF says and where, and how large its pages are. */
export async function paperText(
	pdf: Uint8Array
): Promise<{ readonly size: readonly [number, number]; readonly pages: number; readonly texts: readonly PaperText[] }> {
	const document = await getDocumentProxy(new Uint8Array(pdf));
	const texts: PaperText[] = [];
	let size: [number, number] = [0, 0];
	for (let page = 1; page <= document.numPages; page += 1) {
		const one = await document.getPage(page);
		size = [one.view[2]!, one.view[3]!];
		for (const item of (await one.getTextContent()).items) {
			if (!('str' in item) || item.str.trim() === '') continue;
			const [a, b, , , x, y] = item.transform as number[];
			texts.push({ page, text: item.str, x: x!, y: y!, width: item.width, size: Math.hypot(a!, b!) });
		}
	}
	return { size, pages: document.numPages, texts };
}

/** Text that leaves its page, or stands on another: pairs and singles, as words to read. */
export function badlyPlaced({ size, texts }: Awaited<ReturnType<typeof paperText>>): string[] {
	const out = texts
		.filter((t) => t.x < 8 || t.x + t.width > size[0] - 8 || t.y < 8 || t.y + t.size > size[1] - 4)
		.map((t) => `off the page: ${t.text}`);
	const crossed: string[] = [];
	for (let i = 0; i < texts.length; i += 1)
		for (let k = i + 1; k < texts.length; k += 1) {
			const [a, b] = [texts[i]!, texts[k]!];
			if (a.page !== b.page) continue;
			const across = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
			// Letters reach about seven tenths of their size above the baseline and a fifth below it.
			const up = Math.min(a.y + 0.7 * a.size, b.y + 0.7 * b.size) - Math.max(a.y, b.y);
			if (across > 1.5 && up > 0.25 * Math.min(a.size, b.size)) crossed.push(`"${a.text}" on "${b.text}"`);
		}
	return [...out, ...crossed];
}
