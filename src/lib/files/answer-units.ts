import type { Amount, Flow, Length, Speed, VolumePerArea } from '../../core/index';
import { inUnit } from '../../core/index';

/** Values of an answer in the units that people ask for, at full precision. */
export const rateUnits = (rate: VolumePerArea) => ({
	'L/ha': inUnit('volumePerArea', rate, 'L/ha'),
	'US gal/ac': inUnit('volumePerArea', rate, 'US gal/ac'),
	'Imp gal/ac': inUnit('volumePerArea', rate, 'Imp gal/ac'),
	'US fl oz/1000 ft2': inUnit('volumePerArea', rate, 'US fl oz/1000 ft2'),
	'L/100 m2': inUnit('volumePerArea', rate, 'L/100 m2')
});
export const speedUnits = (v: Speed) => ({
	'm/s': v as number,
	mph: inUnit('speed', v, 'mph'),
	'km/h': inUnit('speed', v, 'km/h')
});
export const flowUnits = (q: Flow) => ({
	'L/min': inUnit('flow', q, 'L/min'),
	'US gal/min': inUnit('flow', q, 'US gal/min')
});
export const widthUnits = (w: Length) => ({ m: w as number, ft: inUnit('length', w, 'ft') });
export const amountUnits = (v: Amount) =>
	v.kind === 'volume' ? { amountL: inUnit('volume', v.amount, 'L') } : { amountKg: v.amount as number };
