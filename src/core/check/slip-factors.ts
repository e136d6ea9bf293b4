import { factor, isUnit } from '../quantity/units';
import type { SlipFactor, Sum, SumPart } from './sum';

const impOverUs = factor('volume', 'Imp gal') / factor('volume', 'US gal');
const squareFeetInAcre = factor('area', 'ac') / factor('area', 'ft2');
const squareFeetInMetre = 1 / factor('area', 'ft2');
const minute = factor('time', 'min');
const inchesInFoot = factor('length', 'ft') / factor('length', 'in');

/** A figure to so many significant digits. */
const toDigits = (value: number, digits: number) => Number(value.toPrecision(digits));
const inUnit = ({ kind, unit, value }: SumPart) =>
	kind !== 'count' && isUnit(kind, unit) ? value / factor(kind, unit) : value;
const usesGallon = (unit: string) => /\b(?:gal|qt|pt)\b/.test(unit);
const usesOunce = (unit: string) => /\bfl oz\b/.test(unit);

/**
 * Every known slip that a sum offers a chance for, with what it makes of the answer.
 *
 * Source: the slips that operators report of sums by hand.
 * @example
 * slipFactors({ parts: [{ name: 'nozzles', kind: 'count', value: 8, unit: '', power: 1 }], answer: 2, kind: 'speed', relativeU95: 0 }).map((s) => [s.slip.code, s.factor]) // => [["one-nozzle",0.125]]
 */
export function slipFactors(sum: Sum): SlipFactor[] {
	return [...sum.parts.flatMap(ofPart), ...ofUnits(sum), ...ofAside(sum)].filter(
		({ factor: f }) => Number.isFinite(f) && f > 0 && Math.abs(f - 1) > 1e-9
	);
}

/** Rounded on the way to one or two figures, or to no or one or two decimals; each figure that comes of it once. */
function rounded(part: SumPart): SlipFactor[] {
	if (part.kind === 'count') return [];
	const value = inUnit(part);
	const nears = [toDigits(value, 1), toDigits(value, 2), ...[0, 1, 2].map((d) => Number(value.toFixed(d)))].filter(
		(to) => to > 0 && Math.abs(to / value - 1) > 1e-6
	);
	return [...new Set(nears)].map((to) => ({
		slip: { code: 'rounded', part: part.name, to, unit: part.unit },
		factor: (to / value) ** part.power
	}));
}

function ofPart(part: SumPart): SlipFactor[] {
	const { name, kind, value, power } = part;
	const out = rounded(part);
	if (kind === 'time') {
		// 1:30 written as 1.30 minutes; and minutes taken for seconds.
		const clock = Math.floor(value / minute) + (value % minute) / 100;
		out.push({ slip: { code: 'clock', part: name }, factor: ((clock * minute) / value) ** power });
		out.push({ slip: { code: 'minutes', part: name }, factor: minute ** -power });
	}
	if (kind === 'length') {
		const { unit } = part;
		if (unit === 'in') out.push({ slip: { code: 'inches', part: name }, factor: inchesInFoot ** power });
		if (unit === 'ft') out.push({ slip: { code: 'inches', part: name }, factor: inchesInFoot ** -power });
	}
	if (name === 'nozzles' && value > 1)
		out.push({ slip: { code: 'one-nozzle', nozzles: value }, factor: value ** -power });
	return out;
}

/** Slips of units hang on the units that are in the sum, of parts or of the answer. */
function ofUnits({ parts, kind }: Sum): SlipFactor[] {
	const units = parts.map((p) => p.unit);
	const out: SlipFactor[] = [];
	if (units.some((u) => usesGallon(u) || usesOunce(u))) {
		out.push({ slip: { code: 'gallon', taken: 'Imperial' }, factor: 1 / impOverUs });
		out.push({ slip: { code: 'gallon', taken: 'US' }, factor: impOverUs });
	}
	if (units.some(usesOunce)) {
		// Ounces to gallons by the other table: the ounce itself stays what it is.
		out.push({ slip: { code: 'ounces', taken: 160 }, factor: 128 / 160 });
		out.push({ slip: { code: 'ounces', taken: 128 }, factor: 160 / 128 });
	}
	const ground = units.some((u) => u === 'ft' || u === 'in' || u === 'ft2' || u.endsWith('ac'));
	const power = kind === 'area' ? -1 : 1;
	if (ground)
		for (const taken of [43_000, 44_000] as const)
			out.push({ slip: { code: 'acre', taken }, factor: (taken / squareFeetInAcre) ** power });
	if (ground) out.push({ slip: { code: 'square-feet' }, factor: (10 / squareFeetInMetre) ** power });
	return out;
}

function ofAside({ parts, aside = {} }: Sum): SlipFactor[] {
	const out: SlipFactor[] = [];
	const { dial, gross, sides, pressureRatio, percent } = aside;
	const part = (name: SumPart['name']) => parts.find((p) => p.name === name);
	const speed = part('speed');
	const course = part('course');
	const courseTime = part('courseTime');
	const driven = speed?.value ?? (course && courseTime ? course.value / courseTime.value : null);
	const power = speed?.power ?? course?.power ?? -1;
	if (dial !== undefined && driven !== null) out.push({ slip: { code: 'dial' }, factor: (dial / driven) ** power });
	const width = part('width');
	if (gross !== undefined && width)
		out.push({ slip: { code: 'gross-width' }, factor: (gross / width.value) ** width.power });
	if (sides) out.push({ slip: { code: 'one-side' }, factor: 0.5 });
	if (pressureRatio !== undefined && pressureRatio !== 1)
		out.push({
			slip: { code: 'half-pressure' },
			factor: (1 + (pressureRatio - 1) / 2) / Math.sqrt(pressureRatio)
		});
	if (percent !== undefined) out.push({ slip: { code: 'percent-of-water' }, factor: 1 - percent });
	return out;
}
