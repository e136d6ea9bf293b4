import type { TypedAim, TypedChange } from '$core';
import { wordIssue } from '$lib/wording/issues';
import type { CalibrationState } from '$lib/calibration/calibration.svelte';

/** By what they hold: what comes back from the server has its parts in another order. */
const same = (a: unknown, b: unknown) => inOrder(a) === inOrder(b);
const inOrder = (one: unknown) =>
	JSON.stringify(one, (_, part: unknown) =>
		typeof part === 'object' && part !== null && !Array.isArray(part)
			? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
			: part
	);

/**
 * Keeps what is wanted and what will be changed as entries of a calibration, each only where it differs from what the calibration
 * has already: walking through the step twice adds nothing.
 */
export async function keepAdjusted(
	calibration: Pick<CalibrationState, 'entered' | 'add'>,
	aim: TypedAim,
	change: TypedChange | null
): Promise<string> {
	if (!same(aim, calibration.entered.aim)) {
		const issues = await calibration.add({ kind: 'aim', aim });
		if (issues[0]) return wordIssue(issues[0]);
	}
	// A change that was kept stays until another is picked or it is taken back.
	if (change === null || same(change, calibration.entered.change)) return '';
	const issues = await calibration.add({ kind: 'change', change });
	return issues[0] ? wordIssue(issues[0]) : '';
}
