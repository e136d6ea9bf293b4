/** What was said, and the way back from it. */
export interface Said {
	readonly title: string;
	readonly undo?: { readonly label: string; readonly run: () => void } | undefined;
}

let shows: (() => Promise<(said: Said) => void>) | null = null;

/** The page's frame hands in what shows it: loaded at the first word, so that no page pays for it before. */
export function showWith(how: () => Promise<(said: Said) => void>): void {
	shows = how;
}

/** Says in passing what was done: saved, taken back, sent. What has to be acted on stands on the page instead. */
export function say(title: string, undo?: Said['undo']): void {
	void shows?.().then((show) => show({ title, undo }));
}
