import type { Issue } from './issue';

/** Letters that a text has at the most: what a quantity was typed as, a name, a reason, remarks, what was noted. */
export const longest = { typed: 60, name: 80, reason: 300, remarks: 1000, noted: 200 } as const;

/**
 * Whether a text is longer than is kept. It is told and never cut, for half a remark is another remark; and it is told
 * before the device keeps it, for what the server does not take would wait there for good.
 *
 * path: where it stands. text: as typed; blanks around it do not count. most: letters, a whole number from 1.
 *
 * Errors: `too-long` with the first 30 letters, and `most` as its bound.
 *
 * Source: what a record and its paper have room for; no trade rule.
 *
 * @example
 * tooLong('gear', 'second, high', longest.name).length // => 0
 */
export const tooLong = (path: string, text: string, most: number): Issue[] =>
	text.trim().length > most
		? [{ code: 'too-long', path, text: `${text.trim().slice(0, 30)}…`, bound: String(most) }]
		: [];
