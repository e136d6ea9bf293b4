/** A seed for a yard of one's own; a class has the one that its trainer gave. */
export const newSeed = (random: Pick<Crypto, 'getRandomValues'>): number =>
	random.getRandomValues(new Uint32Array(1))[0]! % 1_000_000_000;
