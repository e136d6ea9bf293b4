/** A list as it would arrive, one after the other. */
export async function* each<T>(list: readonly T[]): AsyncGenerator<T> {
	for (const one of list) {
		await Promise.resolve();
		yield one;
	}
}

/** All that arrives. */
export async function collect<T>(from: AsyncIterable<T>): Promise<T[]> {
	const all: T[] = [];
	for await (const one of from) all.push(one);
	return all;
}
