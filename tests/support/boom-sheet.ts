import type { CalibrationSheet, Volume } from '../../src/core';
import { si } from '../../src/core';

interface Made {
	readonly course?: number;
	readonly times?: readonly number[];
	readonly catches?: readonly (number | null)[];
	readonly catchTime?: number | undefined;
	readonly spacing?: number;
	readonly method?: CalibrationSheet['method'];
	readonly rated?: { readonly flow: number; readonly at: number; readonly pressure: number };
	readonly sections?: readonly number[];
	readonly nozzles?: number;
}

/** A boom's sheet from bare SI numbers: m, s, ml. */
export function boomSheet(made: Made = {}): CalibrationSheet {
	const catches = made.catches ?? [602, 598, 605, 600, 596, 603, 599, 601];
	const count = made.nozzles ?? catches.length;
	return {
		method: made.method ?? 'speed-width-flow',
		speed: {
			course: si<'length'>(made.course ?? 60),
			times: (made.times ?? [27.4, 26.9, 27.3]).map((t) => si<'time'>(t))
		},
		width: { kind: 'boom', nozzles: count, spacing: si<'length'>(made.spacing ?? 0.5) },
		flow: {
			time: 'catchTime' in made && made.catchTime === undefined ? undefined : si<'time'>(made.catchTime ?? 30),
			catches: catches.map((c) => (c === null ? null : [{ volume: (c * 1e-6) as Volume }])),
			nozzles: made.nozzles,
			sections: made.sections,
			...(made.rated
				? {
						rated: { flow: si<'flow'>(made.rated.flow), at: si<'pressure'>(made.rated.at) },
						pressure: si<'pressure'>(made.rated.pressure)
					}
				: {})
		}
	};
}
