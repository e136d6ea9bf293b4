/** One stretch of a forecast: from its time on, until the next one's. */
export interface ForecastStretch {
	/** Seconds, on any clock that all of them share. */
	readonly at: number;
	/** Every rule that stops the work holds in it. */
	readonly holds: boolean;
}

export interface StartTime {
	readonly at: number;
	/** All of the work fits from here. */
	readonly fits: boolean;
	/** How long the work could go on from here, seconds. */
	readonly runs: number;
}

/**
 * For every start time of a forecast, how long the rules hold from then on and whether work of some length fits. What lies
 * after the last stretch is not known, and so does not hold.
 *
 * stretches: in order of time. end: of the last one. step: between two start times, seconds, over 0. lasts: of the work.
 * Source: the rules of the weather, hour by hour.
 * @example
 * weatherWindows([{ at: 0, holds: true }, { at: 3600, holds: false }, { at: 7200, holds: true }], 10800, 1800, 3600).map((s) => s.fits) // => [true,false,false,false,true,false]
 */
export function weatherWindows(
	stretches: readonly ForecastStretch[],
	end: number,
	step: number,
	lasts: number
): StartTime[] {
	const begin = stretches[0]?.at ?? end;
	// From the back: the time at which what holds at a stretch ends.
	const until: number[] = [];
	for (let i = stretches.length - 1; i >= 0; i -= 1) {
		const next = stretches[i + 1]?.at ?? end;
		until[i] = !stretches[i]!.holds
			? stretches[i]!.at
			: i + 1 < stretches.length && stretches[i + 1]!.holds
				? until[i + 1]!
				: next;
	}
	const starts: StartTime[] = [];
	let i = 0;
	for (let at = begin; at < end; at += step) {
		while (i + 1 < stretches.length && stretches[i + 1]!.at <= at) i += 1;
		const runs = stretches[i]!.holds ? Math.max(0, until[i]! - at) : 0;
		starts.push({ at, fits: runs >= lasts && lasts >= 0 && runs > 0, runs });
	}
	return starts;
}
