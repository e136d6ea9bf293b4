import { Zip, ZipDeflate } from 'fflate';
import { inPieces } from './stream';

/** A text as a zip with one file in it, made as it goes out. */
export async function* zipped(name: string, texts: AsyncIterable<string>): AsyncGenerator<Uint8Array> {
	const made: Uint8Array[] = [];
	const zip = new Zip((error, data) => {
		if (error) throw error;
		if (data.length > 0) made.push(data);
	});
	const file = new ZipDeflate(name, { level: 6 });
	zip.add(file);
	const encoder = new TextEncoder();
	for await (const text of inPieces(texts, 65_536)) {
		file.push(encoder.encode(text));
		yield* made.splice(0);
	}
	file.push(new Uint8Array(0), true);
	zip.end();
	yield* made.splice(0);
}
