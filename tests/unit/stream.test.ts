import { expect, it } from 'vitest';
import { textStream } from '../../src/lib/server/stream';

async function* pieces(...texts: string[]) {
	for (const text of texts) {
		await Promise.resolve();
		yield text;
	}
}

it('text that is made piece by piece arrives whole and ends, also where pieces are empty', async () => {
	for (const texts of [[], [''], ['a', '', 'b'], ['', 'größer', ''], ['x'.repeat(100_000), 'y']])
		expect(await new Response(textStream(pieces(...texts))).text()).toBe(texts.join(''));
});

it('what nobody reads any more is not made any more', async () => {
	let made = 0;
	let ended = false;
	async function* endless() {
		try {
			for (;;) {
				made += 1;
				yield 'line\n';
			}
		} finally {
			ended = true;
		}
	}
	const reader = textStream(endless()).getReader();
	await reader.read();
	await reader.cancel();
	expect(ended).toBe(true);
	expect(made).toBeLessThan(5);
});
