import type { Length, Pressure, Speed, VolumePerArea } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { neededNozzleFlow } from '../adjust/needed-nozzle-flow';
import { dropletClassAt } from './droplet-class';
import { flowAt } from './flow-at';
import type { DropletClass, Nozzle } from './nozzle';
import { pressureAt } from './pressure-at';

export interface ChoiceAsked {
	/** Wanted spray volume of the liquid. */
	readonly rate: VolumePerArea;
	readonly speeds: { readonly low: Speed; readonly high: Speed };
	/** Width that one nozzle serves. */
	readonly served: Length;
	readonly specificGravity: number;
	/** Drop sizes that the label allows; null where it asks for none. */
	readonly drops: readonly DropletClass[] | null;
	/** What the sprayer does now: what is measured is the change from it. */
	readonly now: {
		readonly speed: Speed;
		readonly pressure: Pressure | null;
		readonly nozzle: string | null;
	};
}

/** A nozzle, and the speed and pressure to use it at. */
export interface NozzleChoice {
	readonly nozzle: Nozzle;
	readonly speed: Speed;
	readonly pressure: Pressure;
	/** All speeds and pressures at which it does it. */
	readonly speeds: { readonly low: Speed; readonly high: Speed };
	readonly pressures: { readonly low: Pressure; readonly high: Pressure };
	/** Where in its range the pressure lies, 0 at the low end and 1 at the high one. */
	readonly place: number;
	/** Inside the middle half of its range. */
	readonly middle: boolean;
	/** Drop size there, where its sheet gives one. */
	readonly drops: DropletClass | null;
	/** How much changes on the sprayer: share of speed, of the root of pressure, and one for another nozzle. */
	readonly change: number;
}

export interface NozzleChoices {
	/** Best first: inside the middle of its range, in the shed, least change. */
	readonly choices: readonly NozzleChoice[];
	/** Nozzles whose sheet gives no drop size, where one is asked for. */
	readonly withoutDrops: number;
}

interface Span {
	readonly low: Pressure;
	readonly high: Pressure;
}

/** Share of the range at each end that is not its middle. */
const edge = 0.25;

/** Stretches of a nozzle's range that have one of the wanted drop sizes. */
function spansOf(nozzle: Nozzle, drops: readonly DropletClass[] | null): Span[] {
	if (!drops) return [{ low: nozzle.low, high: nozzle.high }];
	const spans: Span[] = [];
	let low = nozzle.low;
	let end: Pressure | null = null;
	for (const point of nozzle.classes) {
		const high = si<'pressure'>(Math.min(point.pressure, nozzle.high));
		if (high <= low) continue;
		const last = spans.at(-1);
		if (drops.includes(point.drops)) {
			if (last && end === low) spans[spans.length - 1] = { low: last.low, high };
			// The class at the low end itself is still the coarser one's.
			else spans.push({ low: wanted(drops, nozzle, low) ? low : si<'pressure'>(low * (1 + 1e-6)), high });
			end = high;
		}
		low = high;
	}
	return spans;
}

function wanted(drops: readonly DropletClass[], nozzle: Nozzle, pressure: Pressure): boolean {
	const there = dropletClassAt(nozzle.classes, pressure);
	return there !== null && drops.includes(there);
}

const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));

/**
 * Every nozzle of a table that gives the wanted spray volume at some speed and pressure inside the ranges, with the best
 * point of each, best first: inside the middle half of its pressures, in the shed, least change from what is now; then the
 * nearest to the middle of the range.
 *
 * Linear in the number of nozzles and their points.
 * Source: volume over the ground it is spread on; orifice equation.
 * @example
 * const points = [{ pressure: 1e5, flow: 1e-5 }, { pressure: 4e5, flow: 2e-5 }];
 * const fan = { key: 'a', name: '110-02', kind: 'flat-fan', points, low: 1e5, high: 4e5, classes: [], shed: false };
 * const asked = { rate: 1.5e-5, speeds: { low: 1, high: 3 }, served: 0.5, specificGravity: 1, drops: null };
 * chooseNozzles([fan], { ...asked, now: { speed: 2, pressure: null, nozzle: null } }).choices[0].pressure // => 225000
 */
export function chooseNozzles(table: readonly Nozzle[], asked: ChoiceAsked): NozzleChoices {
	// Flow grows with speed: what one metre a second asks of a nozzle.
	const perSpeed = neededNozzleFlow(asked.rate, si<'speed'>(1), asked.served, asked.specificGravity);
	const choices: NozzleChoice[] = [];
	let withoutDrops = 0;
	for (const nozzle of table) {
		if (asked.drops && nozzle.classes.length === 0) {
			withoutDrops += 1;
			continue;
		}
		let best: NozzleChoice | null = null;
		for (const span of spansOf(nozzle, asked.drops)) {
			const made = inSpan(nozzle, span, asked, perSpeed);
			if (made && (!best || compare(made, best) < 0)) best = made;
		}
		if (best) choices.push(best);
	}
	choices.sort(compare);
	return { choices, withoutDrops };
}

function inSpan(nozzle: Nozzle, span: Span, asked: ChoiceAsked, perSpeed: number): NozzleChoice | null {
	const speedAt = (pressure: number) => flowAt(nozzle.points, si<'pressure'>(pressure)) / perSpeed;
	const low = Math.max(asked.speeds.low, speedAt(span.low));
	const high = Math.min(asked.speeds.high, speedAt(span.high));
	if (low > high * (1 + 1e-12)) return null;
	const pressureFor = (speed: number): Pressure => pressureAt(nozzle.points, si<'flow'>(speed * perSpeed));
	const width = nozzle.high - nozzle.low;
	const from = Math.max(low, speedAt(Math.max(span.low, nozzle.low + edge * width)));
	const to = Math.min(high, speedAt(Math.min(span.high, nozzle.high - edge * width)));
	const now = asked.now.speed;
	const middle = from <= to;
	const speed = middle ? clamp(now, from, to) : clamp(now, low, Math.max(low, high));
	const pressure = si<'pressure'>(clamp(pressureFor(speed), span.low, span.high));
	const change =
		Math.abs(speed / now - 1) +
		(asked.now.pressure === null ? 0 : Math.abs(Math.sqrt(pressure / asked.now.pressure) - 1)) +
		(nozzle.key === asked.now.nozzle ? 0 : 1);
	return {
		nozzle,
		speed: si<'speed'>(speed),
		pressure,
		speeds: { low: si<'speed'>(low), high: si<'speed'>(high) },
		pressures: { low: pressureFor(low), high: pressureFor(high) },
		place: width > 0 ? (pressure - nozzle.low) / width : 0.5,
		middle,
		drops: dropletClassAt(nozzle.classes, pressure),
		change
	};
}

function compare(a: NozzleChoice, b: NozzleChoice): number {
	if (a.middle !== b.middle) return a.middle ? -1 : 1;
	if (a.nozzle.shed !== b.nozzle.shed) return a.nozzle.shed ? -1 : 1;
	const change = a.change - b.change;
	if (Math.abs(change) > 1e-9) return change;
	const place = Math.abs(a.place - 0.5) - Math.abs(b.place - 0.5);
	if (Math.abs(place) > 1e-9) return place;
	return a.nozzle.key < b.nozzle.key ? -1 : a.nozzle.key > b.nozzle.key ? 1 : 0;
}
