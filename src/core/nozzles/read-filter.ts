import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Pressure, Speed } from '../quantity/quantity';
import { readQuantity } from '../quantity/read-quantity';
import type { Gallon } from '../quantity/units';
import type { DropletClass, NozzleKind } from './nozzle';
import { dropletClasses, nozzleKinds } from './nozzle';

/** SI, both ends inclusive; 0 to infinity where nothing was said. */
export interface Between {
	readonly low: number;
	readonly high: number;
}

/** What is left of a table: all terms have to hold. */
export interface NozzleFilter {
	readonly words: readonly string[];
	readonly kinds: readonly NozzleKind[];
	readonly drops: readonly DropletClass[];
	readonly shed: boolean;
	/** Pressure at which it is used. */
	readonly pressure: Between;
	readonly speed: Between;
}

const open = { low: 0, high: Infinity };

/** `<3 bar`, `> 5 km/h`. */
const limits = /[<>]=? ?[\d.,]+(?: ?(?:bar|psi|kpa|km\/h|mph|m\/s|ft\/s))?/g;

/** What can be filtered: a nozzle, and the pressure and speed that it was chosen at where there are some. */
export interface Filtered {
	readonly kind: NozzleKind;
	/** All words that it goes by, in small letters. */
	readonly text: string;
	readonly shed: boolean;
	readonly drops?: DropletClass | null;
	readonly pressure?: Pressure;
	readonly speed?: Speed;
}

/**
 * Reads a filter as it is typed: words of the name, a kind (`air-induction`, also `air induction`), a drop size, `shed`,
 * and limits with a sign: `<3 bar`, `>2 bar`, `<8 km/h`. Everything has to hold; several kinds or drop sizes are any of
 * them.
 *
 * Errors: those of `readQuantity` for a limit that cannot be read.
 * @example
 * readNozzleFilter('air-induction 03 shed', 'US').value.words // => ["03"]
 * readNozzleFilter('<3 bar', 'US').value.pressure.high // => 300000
 */
export function readNozzleFilter(text: string, gallon: Gallon): Result<NozzleFilter> {
	let rest = ` ${text.toLowerCase().replace(/\s+/g, ' ').trim()} `;
	const kinds = nozzleKinds.filter((kind) => takes(kind));
	// The longest names first, so that `very coarse` is not read as `coarse`.
	const drops = [...dropletClasses].sort((a, b) => b.length - a.length).filter((drop) => takes(drop));
	const shed = takes('shed') || takes('in-shed');
	const pressure = { low: 0, high: Infinity };
	const speed = { low: 0, high: Infinity };
	for (const limit of rest.match(limits) ?? []) {
		const read = readLimit(limit.trim(), gallon);
		if (!read.ok) return read;
		const { kind, value } = read.value;
		const bounds = kind === 'pressure' ? pressure : speed;
		if (limit.startsWith('<')) bounds.high = Math.min(bounds.high, value);
		else bounds.low = Math.max(bounds.low, value);
		rest = rest.replace(limit, ' ');
	}
	const stray = /\S*[<>]\S*/.exec(rest);
	if (stray) return bad({ code: 'unreadable', path: 'filter', text: stray[0], wanted: 'filter' });
	const words = rest.split(' ').filter((word) => word !== '');
	return good({ words, kinds, drops, shed, pressure, speed });

	function takes(name: string): boolean {
		const found = [` ${name} `, ` ${name.replace('-', ' ')} `].find((form) => rest.includes(form));
		if (found === undefined) return false;
		rest = rest.replace(found, ' ');
		return true;
	}
}

function readLimit(text: string, gallon: Gallon): Result<{ kind: 'pressure' | 'speed'; value: number }> {
	const read = readQuantity(text.replace(/^[<>]=? ?/, ''), { kinds: ['pressure', 'speed'], gallon }, 'filter');
	return read.ok
		? good({ kind: read.value.kind as 'pressure' | 'speed', value: read.value.value })
		: bad(...read.issues.map((i) => ({ ...i, text, wanted: 'filter' })));
}

/** Whether something passes a filter. */
export function passes(filter: NozzleFilter, one: Filtered): boolean {
	const inside = (value: number | undefined, { low, high }: Between) =>
		value === undefined ? low === open.low && high === open.high : value >= low && value <= high;
	return (
		(!filter.shed || one.shed) &&
		(filter.kinds.length === 0 || filter.kinds.includes(one.kind)) &&
		(filter.drops.length === 0 || (!!one.drops && filter.drops.includes(one.drops))) &&
		filter.words.every((word) => one.text.includes(word)) &&
		inside(one.pressure, filter.pressure) &&
		inside(one.speed, filter.speed)
	);
}
