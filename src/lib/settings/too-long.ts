import type { Issue } from '../../core/index';

/** A text that is longer than is kept is told, never cut: half a remark is another remark. */
export const tooLong = (path: string, text: string, most: number): Issue[] =>
	text.trim().length > most
		? [{ code: 'too-long', path, text: `${text.trim().slice(0, 30)}…`, bound: String(most) }]
		: [];
