import type { Field } from '../quantity/fields';
import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Quantity } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { impossiblePoint } from './check-points';
import { typicalRange } from './typical-range';
import type { ClassPoint, DropletClass, FlowPoint, Nozzle, NozzleKind } from './nozzle';

/** A nozzle as its owner typed it from the maker's sheet. */
export interface TypedNozzle {
	readonly name: string;
	readonly kind: NozzleKind;
	readonly size: string;
	readonly angle: number | null;
	/** Left out: the usual range of its kind. */
	readonly range?: { readonly low: Typed; readonly high: Typed } | undefined;
	readonly points: readonly { readonly pressure: Typed; readonly flow: Typed }[];
	readonly classes: readonly { readonly pressure: Typed; readonly drops: DropletClass }[];
}

/** Most points, and most pressures with a drop size, on one sheet. */
export const mostPoints = 40;

/**
 * Reads a nozzle of the table. Points may come in any order.
 *
 * Errors: those of its fields; `missing` without a point; `same-pressure` for two flows at one pressure; `no-orifice` for
 * points that no orifice could give; `upside-down` for a range; `angle`; `too-large` for more than 40 points.
 */
export function readNozzle(key: string, typed: TypedNozzle, shed: boolean): Result<Nozzle> {
	const issues: Issue[] = [];
	const read = <K extends 'pressure' | 'flow'>(field: Field, text: Typed, path: string): Quantity<K> | null => {
		const value = readField(field, text, path);
		if (value.ok) return value.value.value as Quantity<K>;
		issues.push(...value.issues);
		return null;
	};
	const pressure = (text: Typed, path: string) => read<'pressure'>(fields.pressure, text, path);
	const sorted = <T extends { readonly pressure: number }>(list: readonly T[]) =>
		[...list].sort((a, b) => a.pressure - b.pressure);
	const points = typed.points.map((p, line) => ({
		line,
		pressure: pressure(p.pressure, `points.${line}.pressure`),
		flow: read<'flow'>(fields.nozzleFlow, p.flow, `points.${line}.flow`)
	}));
	const classes = typed.classes.map(({ pressure: text, drops }, i) => ({
		pressure: pressure(text, `classes.${i}.pressure`),
		drops
	}));
	if (points.length === 0) issues.push({ code: 'missing', path: 'points' });
	for (const [path, list] of Object.entries({ points, classes }))
		if (list.length > mostPoints)
			issues.push({ code: 'too-large', path, text: `${list.length}`, wanted: 'points', bound: `${mostPoints}` });
	const low = typed.range ? pressure(typed.range.low, 'range.low') : null;
	const high = typed.range ? pressure(typed.range.high, 'range.high') : null;
	if (typed.range && low !== null && high !== null && low >= high)
		issues.push({ code: 'upside-down', path: 'range.low', text: typed.range.low.text, bound: typed.range.high.text });
	if (typed.angle !== null && !(typed.angle >= 15 && typed.angle <= 170))
		issues.push({ code: 'angle', path: 'angle', text: `${typed.angle}`, bound: '15 to 170' });
	if (issues.length > 0) return bad(...issues);
	// Nothing is missing from here on: a point or a class that could not be read is an issue.
	const inOrder = sorted(points as ReadPoint[]);
	const wrong = orderIssue(typed, inOrder);
	if (wrong) return bad(wrong);
	const range = low !== null && high !== null ? { low, high } : null;
	return good({
		key,
		name: typed.name,
		kind: typed.kind,
		size: typed.size,
		angle: typed.angle,
		points: inOrder.map(({ pressure, flow }) => ({ pressure, flow })),
		...(range ?? typicalRange(typed.kind)),
		typical: range === null,
		classes: sorted(classes as ClassPoint[]),
		shed
	});
}

/** A point and the line it was typed on. */
interface ReadPoint extends FlowPoint {
	readonly line: number;
}

/** What is wrong with points that were read, each by itself, well. */
function orderIssue(typed: TypedNozzle, points: readonly ReadPoint[]): Issue | null {
	const textOf = ({ line }: ReadPoint) => `${typed.points[line]!.pressure.text} = ${typed.points[line]!.flow.text}`;
	const double = points.find((p, i) => p.pressure === points[i - 1]?.pressure);
	if (double) return { code: 'same-pressure', path: `points.${double.line}`, text: textOf(double) };
	const at = impossiblePoint(points);
	const [before, here] = [points[at - 1], points[at]];
	if (!before || !here) return null;
	return { code: 'no-orifice', path: `points.${here.line}`, text: textOf(here), bound: textOf(before) };
}
