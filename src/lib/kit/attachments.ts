import type { Attachment } from 'svelte/attachments';

/** Calls `run` on every frame while `when` holds. */
export const everyFrame =
	(when: () => boolean, run: () => void): Attachment =>
	() => {
		if (!when()) return;
		let frame = requestAnimationFrame(function again() {
			run();
			frame = requestAnimationFrame(again);
		});
		return () => cancelAnimationFrame(frame);
	};

/**
 * The space bar as the stopwatch's button, wherever the focus is but in a field that has text or on another button: an
 * empty field has no use for a space, a filled one may.
 */
export const spaceBar =
	(press: () => void): Attachment<Window> =>
	(target) => {
		const onKey = (event: KeyboardEvent) => {
			if (event.key !== ' ' || event.repeat || event.altKey || event.ctrlKey || event.metaKey) return;
			const at = event.target;
			if (at instanceof HTMLInputElement && at.value !== '') return;
			if (at instanceof HTMLTextAreaElement || at instanceof HTMLSelectElement) return;
			if (at instanceof Element && at.closest('button, a, [role="dialog"], [role="radio"]')) return;
			event.preventDefault();
			press();
		};
		target.addEventListener('keydown', onKey);
		return () => target.removeEventListener('keydown', onKey);
	};
