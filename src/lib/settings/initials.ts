/** First letters of a name's words, like AS of A. Sample. */
export const initialsOf = (name: string): string =>
	name
		.split(/\s+/)
		.map((word) => [...word.replace(/[^\p{L}\p{N}]/gu, '')][0] ?? '')
		.join('')
		.slice(0, 4)
		.toUpperCase();
