/** How long after a tap or a key what appears is taken for its answer, ms. */
const answerWithin = 4000;

const told = '[role="alert"], [role="status"]';

const tells = (node: Node): HTMLElement[] => {
	if (!(node instanceof HTMLElement)) return [];
	const within = [...node.querySelectorAll<HTMLElement>(told)];
	return (node.matches(told) ? [node, ...within] : within).filter(
		(one) => !one.classList.contains('sr-only') && one.closest('header, dialog') === null && one.offsetHeight > 0
	);
};

/**
 * What is told after a tap comes into sight: an answer that appears below the fold, or above it, is scrolled to, as little as
 * it takes. What appears by itself moves nothing. Returns how to stop.
 */
export function bringIntoSight(root: HTMLElement, now: () => number): () => void {
	let touched = -Infinity;
	const touch = () => (touched = now());
	const observer = new MutationObserver((changes) => {
		if (now() - touched > answerWithin) return;
		const last = changes.flatMap((c) => [...c.addedNodes].flatMap(tells)).at(-1);
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
