import type { PassedStop, Stop } from './rules';

/** Shortest reason that says anything. */
export const shortestReason = 3;

/**
 * Stops that nobody has passed yet: each takes a written reason of its own.
 *
 * stops: as they stand; passed: with their reasons, the newest last. Stops that come twice are told once.
 * @example
 * openStops([{ code: 'over-max', about: 'P' }, { code: 'gust-over', about: '' }], [{ code: 'over-max', about: 'P', reason: 'as the adviser wrote' }]) // => [{"code":"gust-over","about":""}]
 * openStops([{ code: 'gust-over', about: '' }], [{ code: 'gust-over', about: '', reason: ' ' }]).length // => 1
 */
export function openStops<S extends Stop>(stops: readonly S[], passed: readonly PassedStop[]): S[] {
	const key = ({ code, about }: Stop) => `${code} ${about}`;
	const reasons = new Set(passed.filter((p) => p.reason.trim().length >= shortestReason).map(key));
	const told = new Set<string>();
	return stops.filter((stop) => {
		const one = key(stop);
		if (reasons.has(one) || told.has(one)) return false;
		told.add(one);
		return true;
	});
}
