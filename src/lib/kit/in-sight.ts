/** How long after a tap or a key what appears is taken for its answer, ms. */
const answerWithin = 4000;

const told = '[role="alert"], [role="status"]';
/** Where one of these appears a page or a part of one was opened: what it tells belongs to it, and is no answer. */
const opened = 'main, h1, h2, h3, form, dialog';

const tells = (node: Node): HTMLElement[] => {
	if (!(node instanceof HTMLElement)) return [];
	const near = node.matches(told) ? [node] : [...node.querySelectorAll<HTMLElement>(`:scope > :is(${told})`)];
	return near.filter(
		(one) => !one.classList.contains('sr-only') && one.closest('header, dialog') === null && one.offsetHeight > 0
	);
};
const opens = (node: Node) =>
	node instanceof HTMLElement && (node.matches(opened) || node.querySelector(opened) !== null);

/**
 * What is told after a tap comes into sight: an answer that appears below the fold, or above it, is scrolled to, as little as
 * it takes. What appears by itself moves nothing. Returns how to stop.
 */
export function bringIntoSight(root: HTMLElement, now: () => number): () => void {
	let touched = -Infinity;
	const touch = () => (touched = now());
	const observer = new MutationObserver((changes) => {
		if (now() - touched > answerWithin) return;
		const added = changes.flatMap((c) => [...c.addedNodes]);
		const last = added.some(opens) ? undefined : added.flatMap(tells).at(-1);
		if (!last) return;
		const { top, bottom } = last.getBoundingClientRect();
		if (top < 0 || bottom > window.innerHeight) last.scrollIntoView({ block: 'center' });
	});
	observer.observe(root, { childList: true, subtree: true });
	root.addEventListener('pointerdown', touch, { capture: true, passive: true });
	root.addEventListener('keydown', touch, { capture: true, passive: true });
	return () => {
		observer.disconnect();
		root.removeEventListener('pointerdown', touch, { capture: true });
		root.removeEventListener('keydown', touch, { capture: true });
	};
}
