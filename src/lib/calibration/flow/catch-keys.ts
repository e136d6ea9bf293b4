/** What a key asks of a field among others. */
export interface CatchKeys {
	enter(n: number): void;
	/** Takes back what is being typed. */
	escape(n: number): void;
	/** Along the boom or the arc. */
	move(from: number, by: -1 | 1): void;
}

/** Which way the upright arrows go: along a boom up is back, up an arc it is on. */
export type Upward = 'back' | 'on';

/**
 * Enter keeps, Escape takes back, the arrows go along; left and right only from the ends of the text, so that they still
 * move within it.
 */
export function onCatchKey(
	event: KeyboardEvent & { readonly currentTarget: HTMLInputElement },
	n: number,
	upward: Upward,
	keys: CatchKeys
): void {
	const { selectionStart, selectionEnd, value } = event.currentTarget;
	const [up, down] = upward === 'back' ? ([-1, 1] as const) : ([1, -1] as const);
	const atStart = selectionStart === 0 && selectionEnd === 0;
	const atEnd = selectionStart === value.length;
	if (event.key === 'Enter') keys.enter(n);
	else if (event.key === 'Escape') keys.escape(n);
	else if (event.key === 'ArrowUp') keys.move(n, up);
	else if (event.key === 'ArrowDown') keys.move(n, down);
	else if (event.key === 'ArrowLeft' && atStart) keys.move(n, -1);
	else if (event.key === 'ArrowRight' && atEnd) keys.move(n, 1);
	else return;
	event.preventDefault();
}
