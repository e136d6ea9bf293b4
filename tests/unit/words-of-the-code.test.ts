import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

/** Names of the code that use a word which the product has given up (docs/words.md). Keys of what is stored are lower case. */
const givenUp = /\b(?:[a-z]\w*Rigs?|Rigs?)(?![a-z])|\b(?:[a-z]\w*(?<![Gg])Rounds?|Rounds?)(?![a-z])/g;
/** A migration that has landed keeps its name. */
const kept = ['boomRounds'];

const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter(
	(file) => /\.(ts|svelte)$/.test(file) && !file.startsWith('words')
);

describe('names in the code', () => {
	it('say sprayer and calibration, as the screens do', () => {
		const found = files.flatMap((file) =>
			[...readFileSync(`src/${file}`, 'utf8').matchAll(givenUp)]
				.filter(([name]) => !kept.includes(name))
				.map(([name]) => `${file}: ${name}`)
		);
		expect(found).toEqual([]);
	});
	it('would be found by what looks for them', () => {
		expect('const foldRound = readRig(theRigs); class RoundState {}'.match(givenUp)).toEqual([
			'foldRound',
			'readRig',
			'theRigs',
			'Round'
		]);
		expect('readGround Math.round playground rightRigid around'.match(givenUp)).toBeNull();
	});
});
