import { afterEach, describe, expect, it } from 'vitest';
import { overwriteGetLocale } from '../../src/words/runtime.js';
import { m } from '../../src/words/messages.js';
import { isLanguage, languageNames, languageOf, languages } from '../../src/lib/language/language';
import { colourWords } from '../../src/lib/wording/nozzles';
import { workingText } from '../../src/lib/wording/working';
import working from '../golden/working.json';
import { inSpanish } from '../support/in-spanish';

const modules = import.meta.glob<Record<string, unknown>>([
	'../../src/lib/{wire,language,settings,wording,forms,show,files,drawings,entries,kit,frame}/*.ts',
	'../../src/lib/{calibration,job,figures,check,record,today,sprayer,field,farm,product,tank}/**/*.ts',
	'!../../src/lib/**/*.test.ts',
	'!../../src/lib/**/*worker*.ts',
	// Of the app's own frame, which only a page has.
	'!../../src/lib/kit/{open-form,may}.ts'
]);

afterEach(() => overwriteGetLocale(() => 'en'));

describe('the language that a page is read in', () => {
	it('is asked for when a text is read, never when its module is loaded', async () => {
		expect(Object.keys(modules).length).toBeGreaterThan(120);
		overwriteGetLocale(() => {
			throw new Error('a text was chosen before anybody read it');
		});
		for (const [path, load] of Object.entries(modules)) await expect(load(), path).resolves.toBeDefined();
	});

	it('is the first of the browser’s that there is a catalogue for', () => {
		expect(languageOf('es-MX,es;q=0.9,en;q=0.5')).toBe('es');
		expect(languageOf('de-CH, de;q=0.9, en;q=0.6, es;q=0.7')).toBe('es');
		expect(languageOf('en-US,es;q=0.8')).toBe('en');
		expect(languageOf('es;q=0, en')).toBe('en');
		for (const odd of [null, '', 'xx', ';;q=,', 'q=1', '*']) expect(languageOf(odd)).toBe('en');
		for (const language of languages) expect(languageNames[language].length).toBeGreaterThan(3);
		expect(isLanguage('es')).toBe(true);
		expect(isLanguage('ES')).toBe(false);
	});

	it('has its own plurals', () => {
		expect(m.runs({ runs: 1 })).toBe('1 run');
		expect(m.runs({ runs: 3 })).toBe('3 runs');
		inSpanish(() => {
			expect(m.runs({ runs: 1 })).toBe('1 pasada');
			expect(m.runs({ runs: 0 })).toBe('0 pasadas');
			expect(m.runs({ runs: 1_000_000 })).toBe('1000000 pasadas');
		});
	});

	it('has a word for every name in a line of the working, and leaves units and figures as they stand', () => {
		const lines = Object.values(working)
			.flatMap((ways) => Object.values(ways).flat())
			.filter((line) => !line.startsWith('as '))
			.map((line) => line.slice(line.indexOf(': ') + 2));
		expect(lines.length).toBeGreaterThan(30);
		for (const line of lines) {
			expect(workingText(line)).toBe(line);
			const spanish = inSpanish(() => workingText(line));
			expect(spanish.replace(/[^\d.,]/g, ''), line).toBe(line.replace(/[^\d.,]/g, ''));
			expect(spanish, line).not.toMatch(
				/\b(swath|flow|catch|caught|speed|course|alley|sides|spacing|width|length|area|used|nozzles?|spray|share|band|mean|after)\b/
			);
		}
		expect(inSpanish(() => colourWords.orange)).toBe('naranja');
	});
});
