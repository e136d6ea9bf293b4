import { m } from '$words';
import type { ClassPoint, Issue, Result, Typed, TypedNozzle } from '../../core/index';
import {
	bad,
	dropletClasses,
	good,
	inSign,
	longest,
	nozzleKinds,
	readNozzle,
	readNumber,
	tooLong
} from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits, typed } from '../settings/field-units';
import { lastingText } from '../settings/lasting-text';

/** A nozzle as a form or a line of a file holds it: all text. Points and drop sizes are a line each, or parted by `;`. */
export interface NozzleText {
	readonly name: string;
	readonly kind: string;
	readonly size: string;
	readonly angle: string;
	readonly low: string;
	readonly high: string;
	readonly points: string;
	readonly classes: string;
}

export const emptyNozzleText: NozzleText = {
	name: '',
	kind: 'flat-fan',
	size: '',
	angle: '',
	low: '',
	high: '',
	points: '',
	classes: ''
};

/** `very coarse` and `Very-Coarse` are one drop size, `Air induction` and `air-induction` one kind. */
const plain = (text: string) =>
	text
		.trim()
		.toLowerCase()
		.replace(/[\s_]+/g, '-');

const linesOf = (text: string) =>
	text
		.split(/[\n;]/)
		.map((line) => line.trim())
		.filter((line) => line !== '');

/** The two sides of `2 bar = 0.98 L/min`; null where there are not two. */
function sides(line: string): readonly [string, string] | null {
	const [left, right, more] = line.split('=').map((side) => side.trim());
	return left && right && more === undefined ? [left, right] : null;
}

/**
 * Reads a nozzle from text, with the farm's units for bare numbers and its decimal sign. Answers with the typed nozzle, or
 * with everything that is wrong with it, each at its field.
 */
export function readNozzleText(text: NozzleText, settings: FarmSettings): Result<TypedNozzle> {
	const units = fieldUnits(settings);
	const issues: Issue[] = [];
	const name = text.name.trim();
	if (name === '') issues.push({ code: 'empty', path: 'name', wanted: 'name' });
	issues.push(...tooLong('name', name, longest.name));
	const kind = nozzleKinds.find((k) => k === plain(text.kind));
	if (!kind) issues.push({ code: 'unreadable', path: 'kind', text: text.kind.trim(), wanted: 'kind' });
	const angleText = text.angle.replace('°', '').trim();
	const angle = angleText === '' ? null : readNumber(angleText, settings.decimalComma);
	if (typeof angle === 'string')
		issues.push({ code: 'angle', path: 'angle', text: text.angle.trim(), bound: m.n15_to_170() });
	const points = linesOf(text.points).flatMap((line, i) => {
		const pair = sides(line);
		if (pair)
			return [{ pressure: typed(pair[0], units.pressure, settings), flow: typed(pair[1], units.flow, settings) }];
		issues.push({ code: 'unreadable', path: `points.${i}`, text: line, wanted: 'point' });
		return [];
	});
	const classes = linesOf(text.classes).flatMap((line, i) => {
		const pair = sides(line);
		const drops = pair && dropletClasses.find((d) => d === plain(pair[1]));
		if (pair && drops) return [{ pressure: typed(pair[0], units.pressure, settings), drops }];
		issues.push({ code: 'unreadable', path: `classes.${i}`, text: line, wanted: 'drops' });
		return [];
	});
	const ends = [text.low.trim(), text.high.trim()] as const;
	ends.forEach((end, i) => {
		if (end === '' && ends[1 - i] !== '')
			issues.push({ code: 'empty', path: i === 0 ? 'range.low' : 'range.high', wanted: 'pressure' });
	});
	if (issues.length > 0 || !kind) return inSign(bad(...issues), settings.decimalComma);
	const range =
		ends[0] === ''
			? {}
			: { range: { low: typed(ends[0], units.pressure, settings), high: typed(ends[1], units.pressure, settings) } };
	const nozzle: TypedNozzle = {
		name,
		kind,
		size: text.size.trim(),
		angle: typeof angle === 'number' ? angle : null,
		...range,
		points,
		classes
	};
	const read = readNozzle('', nozzle, false);
	return read.ok ? good(nozzle) : inSign(read, settings.decimalComma);
}

/** A typed nozzle as text, a line a point; `;` as the parting keeps it on one line. */
export function nozzleText(nozzle: TypedNozzle, settings: FarmSettings, parting = '\n'): NozzleText {
	const one = (t: Typed) => lastingText(t, settings);
	return {
		name: nozzle.name,
		kind: nozzle.kind,
		size: nozzle.size,
		angle: nozzle.angle === null ? '' : `${nozzle.angle}`,
		low: nozzle.range ? one(nozzle.range.low) : '',
		high: nozzle.range ? one(nozzle.range.high) : '',
		points: nozzle.points.map((p) => `${one(p.pressure)} = ${one(p.flow)}`).join(parting),
		classes: nozzle.classes.map((c) => `${one(c.pressure)} = ${c.drops satisfies ClassPoint['drops']}`).join(parting)
	};
}
