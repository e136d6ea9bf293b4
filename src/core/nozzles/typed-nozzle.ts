import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Quantity } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { impossiblePoint } from './check-points';
import { typicalRange } from './iso-nozzles';
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
	const read = <K extends 'pressure' | 'flow'>(kind: K, text: Typed, path: string): Quantity<K> | null => {
		const value = readField(kind === 'flow' ? fields.nozzleFlow : fields.pressure, text, path);
		if (value.ok) return value.value.value as Quantity<K>;
		issues.push(...value.issues);
		return null;
	};
	const sorted = <T extends { readonly pressure: number }>(list: readonly T[]) =>
		[...list].sort((a, b) => a.pressure - b.pressure);
	const points = typed.points.map((p, i): FlowPoint | null => {
		const pressure = read('pressure', p.pressure, `points.${i}.pressure`);
		const flow = read('flow', p.flow, `points.${i}.flow`);
		return pressure === null || flow === null ? null : { pressure, flow };
	});
	const classes = typed.classes.map((c, i): ClassPoint | null => {
		const pressure = read('pressure', c.pressure, `classes.${i}.pressure`);
		return pressure === null ? null : { pressure, drops: c.drops };
	});
	if (points.length === 0) issues.push({ code: 'missing', path: 'points' });
	for (const [path, list] of Object.entries({ points, classes }))
		if (list.length > mostPoints)
			issues.push({ code: 'too-large', path, text: `${list.length}`, wanted: 'points', bound: `${mostPoints}` });
	const low = typed.range ? read('pressure', typed.range.low, 'range.low') : null;
	const high = typed.range ? read('pressure', typed.range.high, 'range.high') : null;
	if (typed.range && low !== null && high !== null && low >= high)
		issues.push({ code: 'upside-down', path: 'range.low', text: typed.range.low.text, bound: typed.range.high.text });
	if (typed.angle !== null && !(typed.angle >= 15 && typed.angle <= 170))
		issues.push({ code: 'angle', path: 'angle', text: `${typed.angle}`, bound: '15 to 170' });
	if (issues.length > 0) return bad(...issues);
	const inOrder = sorted(points as FlowPoint[]);
	const wrong = orderIssue(typed, inOrder);
	if (wrong) return bad(wrong);
	const typical = low === null || high === null;
	return good({
		key,
		name: typed.name,
		kind: typed.kind,
		size: typed.size,
		angle: typed.angle,
		points: inOrder,
		...(typical ? typicalRange(typed.kind) : { low, high }),
		typical,
		classes: sorted(classes as ClassPoint[]),
		shed
	});
}

/** What is wrong with points that were read, each by itself, well. */
function orderIssue(typed: TypedNozzle, points: readonly FlowPoint[]): Issue | null {
	const at = (p: FlowPoint) => typed.points.findIndex((t) => sameAs(t.pressure, p.pressure, t.flow, p.flow));
	const double = points.findIndex((p, i) => i > 0 && p.pressure === points[i - 1]!.pressure);
	if (double > 0)
		return { code: 'same-pressure', path: `points.${at(points[double]!)}`, text: textOf(typed, at(points[double]!)) };
	const never = impossiblePoint(points);
	if (never < 0) return null;
	const [here, before] = [at(points[never]!), at(points[never - 1]!)];
	return { code: 'no-orifice', path: `points.${here}`, text: textOf(typed, here), bound: textOf(typed, before) };
}

const textOf = (typed: TypedNozzle, i: number) => `${typed.points[i]!.pressure.text} = ${typed.points[i]!.flow.text}`;

function sameAs(pressure: Typed, p: number, flow: Typed, q: number): boolean {
	const a = readField(fields.pressure, pressure, '');
	const b = readField(fields.nozzleFlow, flow, '');
	return a.ok && b.ok && a.value.value === p && b.value.value === q;
}
