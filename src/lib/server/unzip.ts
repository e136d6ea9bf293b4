import { m } from '$words';
import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';
import { Failure } from './failure';

/** What a file may be: a small zip must not become endless, nor hold anybody up. */
export interface UnzipLimits {
	/** Letters of a line. */
	readonly line: number;
	/** Bytes of all of it once it is unpacked. */
	readonly bytes: number;
	readonly lines: number;
	/** Lines of a farm pack to a tenth or so: from `much` bytes on, no more than so many times the size of the file. */
	readonly times: number;
	readonly much: number;
	/** Time that unpacking takes in all, ms; what is done with the lines is not in it. */
	readonly time: number;
}

export const usualLimits: UnzipLimits = {
	line: 16 * 1024 * 1024,
	bytes: 8 * 1024 ** 3,
	lines: 20_000_000,
	times: 200,
	much: 64 * 1024 ** 2,
	time: 15 * 60_000
};

/**
 * What runs in the thread, as text, so that no bundler has to know of it: takes pieces of a zip, answers each with the whole
 * lines of its first file that came of it.
 */
const program = `
const { parentPort, workerData } = require('node:worker_threads');
const { Unzip, UnzipInflate } = require(workerData.fflate);
const limits = workerData.limits;
class Refused extends Error {}
const decoder = new TextDecoder('utf-8', { fatal: true });
let text = '', size = 0, packed = 0, lines = 0, begun = false, ended = false;
const unzip = new Unzip((file) => {
	if (begun) return;
	begun = true;
	file.ondata = (error, data, final) => {
		if (error) throw error;
		size += data.length;
		if (size > limits.much && size > limits.times * packed) throw new Refused('swells');
		if (size > limits.bytes) throw new Refused('bytes');
		text += decoder.decode(data, { stream: !final });
		ended = ended || final;
	};
	file.start();
});
unzip.register(UnzipInflate);
parentPort.on('message', ({ piece, last }) => {
	try {
		packed += piece.length;
		unzip.push(piece, last);
		const whole = text.split('\\n');
		text = whole.pop();
		if (text.length > limits.line) throw new Refused('line');
		if (last && (!begun || !ended)) throw new Error('torn');
		if (last && text !== '') whole.push(text);
		lines += whole.length;
		if (lines > limits.lines) throw new Refused('lines');
		parentPort.postMessage({ whole });
	} catch (error) {
		parentPort.postMessage({ refused: error instanceof Refused ? error.message : 'torn' });
	}
});
`;

type Why = 'torn' | 'swells' | 'bytes' | 'line' | 'lines' | 'slow';
type Answer = { readonly whole: readonly string[] } | { readonly refused: Why };

function refusal(why: Why, limits: UnzipLimits): Failure {
	const tooLarge = (message: string) => new Failure(413, 'too-large', 'file', message);
	switch (why) {
		case 'swells':
			return tooLarge(m.unpacked_too_much({ times: limits.times }));
		case 'bytes':
			return tooLarge(m.unpacked_over_8_gb());
		case 'line':
			return tooLarge(m.line_over_16_mb());
		case 'lines':
			return tooLarge(m.too_many_lines_in_file({ most: limits.lines }));
		case 'slow':
			return tooLarge(m.unpacking_too_slow({ minutes: limits.time / 60_000 }));
		case 'torn':
			return new Failure(422, 'not-zip', 'file', m.not_a_whole_zip_of_a_farm());
	}
}

/**
 * Lines of the first file in a zip, as it arrives, unpacked in a thread of its own: whatever is in it, the server answers
 * everybody else meanwhile. Nothing is held but the line that is not whole yet.
 */
export async function* zippedLines(
	body: AsyncIterable<Uint8Array>,
	limits: UnzipLimits = usualLimits
): AsyncGenerator<string> {
	const thread = new Worker(program, {
		eval: true,
		workerData: { fflate: createRequire(import.meta.url).resolve('fflate'), limits },
		resourceLimits: { maxOldGenerationSizeMb: 512 }
	});
	let left = limits.time;
	const unpacked = (piece: Uint8Array, last: boolean) =>
		new Promise<Answer>((resolve) => {
			const began = performance.now();
			const timer = setTimeout(() => done({ refused: 'slow' }), left);
			const failed = () => done({ refused: 'torn' });
			const done = (answer: Answer) => {
				clearTimeout(timer);
				thread.off('message', done).off('error', failed);
				left -= performance.now() - began;
				resolve(answer);
			};
			thread.once('message', done).once('error', failed);
			thread.postMessage({ piece, last });
		});
	const linesOf = async (piece: Uint8Array, last = false) => {
		const answer = await unpacked(piece, last);
		if ('refused' in answer) throw refusal(answer.refused, limits);
		return answer.whole;
	};
	try {
		// A small piece at a time: a piece of zeros unpacks to a thousand times its size.
		for await (const chunk of body)
			for (let at = 0; at < chunk.length; at += 16_384) yield* await linesOf(chunk.slice(at, at + 16_384));
		yield* await linesOf(new Uint8Array(0), true);
	} finally {
		await thread.terminate();
	}
}
