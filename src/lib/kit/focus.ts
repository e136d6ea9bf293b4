import { tick } from 'svelte';

/**
 * After a refusal: to the first field that says what is wrong, else to the words that say so. Somebody who listens, or
 * types with a keyboard, is where the work goes on.
 */
export async function focusWrong(within: ParentNode = document): Promise<void> {
	await tick();
	const wrong =
		within.querySelector<HTMLElement>('[aria-invalid="true"]') ??
		within.querySelector<HTMLElement>('.problem, [role="alert"]');
	if (!wrong) return;
	if (!wrong.matches('input, select, textarea, button, a')) wrong.tabIndex = -1;
	wrong.focus();
}

/** What had the focus is gone: to the heading of what took its place, never to the page's body. */
export async function focusHeading(heading: string): Promise<void> {
	await tick();
	if (document.activeElement && document.activeElement !== document.body) return;
	const there = document.querySelector<HTMLElement>(heading);
	if (!there) return;
	if (!there.hasAttribute('tabindex')) there.tabIndex = -1;
	there.focus();
}
