import { m } from '$words';
import { Unzip, UnzipInflate, Zip, ZipDeflate } from 'fflate';
import { Failure } from './failure';
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

/** Longest line, and all of a file once it is unpacked: a small zip must not become endless. */
const longestLine = 16 * 1024 * 1024;
const mostText = 8 * 1024 ** 3;
/** Lines of a farm pack to a tenth or so: what unpacks to so many times its size, once that is much, is made to hold a server up. */
const mostTimes = 200;
const muchText = 64 * 1024 ** 2;

const broken = () => new Failure(422, 'not-zip', 'file', m.not_a_whole_zip_of_a_farm());

/** Lines of the first file in a zip, as it arrives; nothing is held but the line that is not whole yet. */
export async function* zippedLines(body: AsyncIterable<Uint8Array>): AsyncGenerator<string> {
	const decoder = new TextDecoder('utf-8', { fatal: true });
	let text = '';
	let size = 0;
	let packed = 0;
	let ended = false;
	let begun = false;
	const unzip = new Unzip((file) => {
		if (begun) return;
		begun = true;
		file.ondata = (error, data, final) => {
			// What was thrown from in here comes back as its error.
			if (error) throw error instanceof Failure ? error : broken();
			size += data.length;
			if (size > muchText && size > mostTimes * packed)
				throw new Failure(413, 'too-large', 'file', m.unpacked_too_much({ times: mostTimes }));
			if (size > mostText) throw new Failure(413, 'too-large', 'file', m.unpacked_over_8_gb());
			text += decoder.decode(data, { stream: !final });
			ended ||= final;
		};
		file.start();
	});
	unzip.register(UnzipInflate);
	const push = (chunk: Uint8Array, last: boolean) => {
		try {
			unzip.push(chunk, last);
		} catch (error) {
			throw error instanceof Failure ? error : broken();
		}
	};
	const whole = (): string[] => {
		const lines = text.split('\n');
		text = lines.pop()!;
		if (text.length > longestLine) throw new Failure(413, 'too-large', 'file', m.line_over_16_mb());
		return lines;
	};
	for await (const chunk of body) {
		// A small piece at a time: a piece of zeros unpacks to a thousand times its size.
		for (let at = 0; at < chunk.length; at += 16_384) {
			const piece = chunk.subarray(at, at + 16_384);
			packed += piece.length;
			push(piece, false);
			yield* whole();
		}
	}
	push(new Uint8Array(0), true);
	yield* whole();
	if (!begun || !ended) throw broken();
	if (text !== '') yield text;
}
