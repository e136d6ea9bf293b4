/** Text that is made piece by piece, as it is asked for: nobody holds all of it. */
export function textStream(pieces: AsyncGenerator<string>): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	async function* encoded() {
		for await (const text of pieces) yield encoder.encode(text);
	}
	return byteStream(encoded());
}

/** The same with bytes. */
export function byteStream(pieces: AsyncGenerator<Uint8Array>): ReadableStream<Uint8Array> {
	return new ReadableStream(
		{
			async pull(controller) {
				// A pull that adds nothing would not be asked again: empty pieces are passed over here.
				for (;;) {
					const { done, value } = await pieces.next();
					if (done) return controller.close();
					if (value.length === 0) continue;
					return controller.enqueue(value);
				}
			},
			async cancel() {
				await pieces.return(undefined);
			}
		},
		// One piece at a time: the next is made when the one before it was taken.
		{ highWaterMark: 1 }
	);
}

/** Small pieces put together into larger ones: each that is sent costs the same, however short it is. */
export async function* inPieces(small: AsyncIterable<string>, size = 32_768): AsyncGenerator<string> {
	let some = '';
	for await (const text of small) {
		some += text;
		if (some.length < size) continue;
		yield some;
		some = '';
	}
	yield some;
}
