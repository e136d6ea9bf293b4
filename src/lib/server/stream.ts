/** Text that is made piece by piece, as it is asked for: nobody holds all of it. */
export function textStream(pieces: AsyncGenerator<string>): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	return new ReadableStream({
		async pull(controller) {
			const { done, value } = await pieces.next();
			if (done) controller.close();
			else controller.enqueue(encoder.encode(value));
		},
		async cancel() {
			await pieces.return(undefined);
		}
	});
}
