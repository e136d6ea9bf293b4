import type { Issue, PlantBack, Typed } from '../../core';
import { readNumber, tooLong } from '../../core';
import type { FarmSettings } from '../settings/farm-settings';
import { typed } from '../settings/field-units';

const inWords = (text: string) => text.trim().toLowerCase();

/** Takes the fields of a form that is all text, one by one. What is wrong is collected, each at its field. */
export class TextReader<Name extends string> {
	readonly issues: Issue[] = [];

	constructor(
		readonly text: Readonly<Record<Name, string>>,
		readonly settings: FarmSettings
	) {}

	/** Nothing is longer than anybody writes: 200 letters, or what is said for a field. */
	lengths(longest: Partial<Record<Name, number>>): void {
		for (const [name, text] of Object.entries<string>(this.text)) {
			const most = longest[name as Name] ?? 200;
			this.issues.push(...tooLong(name, text, most));
		}
	}

	plain = (name: Name): string => this.text[name].trim();

	/** A text that has to be there. */
	needed(name: Name, wanted: string): string {
		const text = this.plain(name);
		if (text === '') this.issues.push({ code: 'empty', path: name, wanted });
		return text;
	}

	/** One of some words that has to be there. */
	word<T extends string>(name: Name, words: readonly T[], wanted: string): T | null {
		const word = words.find((w) => w === inWords(this.text[name])) ?? null;
		const code = this.plain(name) === '' ? 'empty' : 'unreadable';
		if (word === null) this.issues.push({ code, path: name, text: this.text[name], wanted });
		return word;
	}

	/** One of some words, or nothing. */
	oneOf = <T extends string>(name: Name, words: readonly T[], wanted: string): T | null =>
		this.plain(name) === '' ? null : this.word(name, words, wanted);

	/** A quantity, as it was typed; null where nothing was. What it comes to is read with the whole label. */
	may = (name: Name, unit: string): Typed | null =>
		this.plain(name) === '' ? null : typed(this.text[name], unit, this.settings);

	number(name: Name): number | null {
		const text = this.plain(name);
		if (text === '') return null;
		const value = readNumber(text, this.settings.decimalComma);
		if (typeof value === 'number') return value;
		this.issues.push({ code: 'unreadable', path: name, text, wanted: 'interval' });
		return null;
	}

	lines = (name: Name): string[] =>
		this.text[name]
			.split(/[\n;]/)
			.map((line) => line.trim())
			.filter((line) => line !== '');

	/** A line each: `name = content`. */
	pairs(name: Name, wanted: string): { readonly left: string; readonly right: string; readonly line: string }[] {
		return this.lines(name).flatMap((line) => {
			const [left, right, more] = line.split('=').map((side) => side.trim());
			if (left && right && more === undefined) return [{ left, right, line }];
			this.issues.push({ code: 'unreadable', path: name, text: line, wanted });
			return [];
		});
	}

	/** Crops, and the days until they may be sown: `clover = 120`. */
	days(name: Name): PlantBack[] {
		return this.pairs(name, 'plantBack').flatMap(({ left, right, line }) => {
			const days = readNumber(right, this.settings.decimalComma);
			if (typeof days === 'number' && Number.isFinite(days)) return [{ crop: left, days }];
			this.issues.push({ code: 'unreadable', path: name, text: line, wanted: 'plantBack' });
			return [];
		});
	}

	/** Some of a few words, parted by commas or lines. */
	kinds<T extends string>(name: Name, words: readonly T[], wanted: string): T[] {
		const told = this.text[name].split(/[\n,;]/).map(inWords);
		return told
			.filter((word) => word !== '')
			.flatMap((word) => {
				const kind = words.find((w) => w === word);
				if (!kind) this.issues.push({ code: 'unreadable', path: name, text: word, wanted });
				return kind ? [kind] : [];
			});
	}
}
