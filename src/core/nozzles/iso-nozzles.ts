import { of } from '../quantity/units';
import type { FlowPoint, Nozzle, NozzleKind } from './nozzle';
import { nozzleKinds } from './nozzle';
import { typicalRange } from './typical-range';

/** A size of ISO 10625; the standard's colour helps to find the nozzle in the box. */
export interface IsoSize {
	readonly code: string;
	/** About so many US gal/min at 40 psi. */
	readonly size: number;
	readonly colour: string | null;
}

export const isoSizes: readonly IsoSize[] = [
	{ code: '01', size: 0.1, colour: 'orange' },
	{ code: '015', size: 0.15, colour: 'green' },
	{ code: '02', size: 0.2, colour: 'yellow' },
	{ code: '025', size: 0.25, colour: 'lilac' },
	{ code: '03', size: 0.3, colour: 'blue' },
	{ code: '04', size: 0.4, colour: 'red' },
	{ code: '05', size: 0.5, colour: 'brown' },
	{ code: '06', size: 0.6, colour: 'grey' },
	{ code: '08', size: 0.8, colour: 'white' },
	// The standard has a colour for these too; Fallow names only those that it was told.
	{ code: '10', size: 1, colour: null },
	{ code: '15', size: 1.5, colour: null },
	{ code: '20', size: 2, colour: null }
];

/**
 * Reference flow of a size of ISO 10625: `4 S` L/min at 3 bar, or `S` US gal/min at 40 psi. The two differ by 1.3 %, so a
 * table keeps to one of them.
 * @example
 * isoReference(0.3, 'metric').flow.toFixed(9) // => "0.000020000"
 */
export const isoReference = (size: number, measures: 'metric' | 'US'): FlowPoint =>
	measures === 'metric'
		? { pressure: of('pressure', 3, 'bar'), flow: of('flow', 4 * size, 'L/min') }
		: { pressure: of('pressure', 40, 'psi'), flow: of('flow', size, 'US gal/min') };

/** Fan angle that a generic entry has, where its kind has one. */
const usualAngle: Partial<Record<NozzleKind, number>> = { 'flat-fan': 110, 'pre-orifice': 110, 'air-induction': 110 };

/** The generic entries that every farm's table begins with. `shed`: keys of those that lie in the shed. */
export function isoNozzles(measures: 'metric' | 'US', shed: ReadonlySet<string>): Nozzle[] {
	return nozzleKinds.flatMap((kind) =>
		isoSizes.map(({ code, size }): Nozzle => {
			const key = `iso-${kind}-${code}`;
			const range = typicalRange(kind);
			return {
				key,
				// The words for a kind live outside of the core; a generic entry is its size.
				name: code,
				kind,
				size: code,
				angle: usualAngle[kind] ?? null,
				points: [isoReference(size, measures)],
				...range,
				typical: true,
				classes: [],
				shed: shed.has(key)
			};
		})
	);
}
