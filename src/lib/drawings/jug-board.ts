import { m } from '$words';
import type { FlowResult, NozzleResult, Verdict, Volume } from '$core';
import { inUnit, isUnit, showDecimals, waterDensity, factor } from '$core';
import { jugMarks } from './boom-geometry';

/** One jug as it is drawn: figures in the jug's own unit, words ready to show. */
export interface ShownJug {
	readonly n: number;
	readonly amount: number | null;
	/** The amount to the digits that a jug shows. */
	readonly figure: string;
	readonly deviation: string;
	readonly verdict: Verdict;
	readonly fill: number | null;
	readonly passedOver: boolean;
	/** Catches that count; 2 or more are averaged. */
	readonly takes: number;
	/** Amount of an even catch of its group, and the even band around it. */
	readonly reference: number | null;
	readonly band: readonly [number, number] | null;
}

export interface JugBoard {
	readonly unit: string;
	readonly top: number;
	readonly marks: readonly number[];
	readonly band: readonly [number, number] | null;
	/** Half width of the band, as a share of the reference. */
	readonly width: number | null;
	/** Reference amount of an even catch. */
	readonly reference: number | null;
	readonly jugs: readonly ShownJug[];
}

interface BoardSource {
	readonly on: readonly number[];
	readonly catchUnit: string;
	readonly flow: FlowResult | null;
	readonly passedOver: (nozzle: number) => boolean;
	readonly decimalComma: boolean;
	/** How long a jug is held, s, for readings that are flows. */
	readonly heldFor: number;
	/** Group of a nozzle, as the flow has it. */
	readonly groupOf?: ((nozzle: number) => string) | undefined;
}

/** A volume of water in any jug or scale unit; caught in a time, in the flow that a tip tester reads. */
export function amountIn(volume: Volume, unit: string, time: number): number {
	if (isUnit('volume', unit)) return inUnit('volume', volume, unit as 'ml');
	if (isUnit('flow', unit)) return volume / time / factor('flow', unit);
	return (volume * waterDensity) / factor('mass', unit);
}

const meanOf = (nozzle: NozzleResult): Volume | null =>
	nozzle.catches.length === 0 ? null : ((nozzle.catches.reduce((s, v) => s + v, 0) / nozzle.catches.length) as Volume);

/** `▼ −15 %`, `+0.5 %`: shape, sign and figure, so that colour is never alone. */
function deviationWords(nozzle: Pick<NozzleResult, 'verdict'>, share: number | null, decimalComma: boolean): string {
	if (nozzle.verdict === 'not caught' || nozzle.verdict === 'together') return '';
	if (nozzle.verdict === 'blocked') return m.blocked();
	if (share === null) return '';
	const percent = share * 100;
	const size = Math.abs(percent);
	// In the thousands its group sign would read as a decimal one.
	const digits = size >= 999.5 ? '999' : showDecimals(size, size < 9.95 ? 1 : 0, decimalComma);
	const figure = `${size >= 999.5 ? m.over_spaced() : ''}${percent < -0.05 ? '−' : '+'}${digits} %`;
	const shape = { low: '▼ ', high: '▲ ', even: '', 'cannot tell': '? ' }[nozzle.verdict];
	return shape + figure;
}

/** What the jugs of a sprayer show. The brim lies a quarter above the largest catch or the even band. */
export function jugBoard(source: BoardSource): JugBoard {
	const unit = source.catchUnit;
	const time = source.flow?.time ?? source.heldFor;
	const amount = (volume: number) => amountIn(volume as Volume, unit, time);
	const byNumber = new Map(source.flow?.nozzles.map((n) => [n.n, n]));
	/** An even catch of each group, and the band around it, by the rule in force. */
	const standards = new Map(
		[...(source.flow?.standards ?? [])].map(([group, { flow, band }]): [string, Even] => {
			const even = amount(flow * time);
			return [group, { reference: even, width: band, band: [even * (1 - band), even * (1 + band)] }];
		})
	);
	const evenOf = (n: number): Even => standards.get(byNumber.get(n)?.group ?? source.groupOf?.(n) ?? '') ?? noEven;
	const amounts = source.on.map((n) => {
		const nozzle = byNumber.get(n);
		const volume = nozzle ? meanOf(nozzle) : null;
		return volume === null ? null : amount(volume);
	});
	const most = Math.max(
		...[...standards.values()].map((even) => even.reference ?? 0),
		...amounts.map((a) => a ?? 0),
		0
	);
	const top = most > 0 ? most * 1.22 : amount(8e-4);
	const jugs = source.on.map((n, i): ShownJug => {
		const nozzle = byNumber.get(n);
		const amount = amounts[i] ?? null;
		const { reference, band } = evenOf(n);
		return {
			n,
			amount,
			figure: amount === null ? '' : jugFigure(amount, source.decimalComma),
			deviation: nozzle ? deviationWords(nozzle, nozzle.off, source.decimalComma) : '',
			verdict: nozzle?.verdict ?? 'not caught',
			fill: amount === null ? null : amount / top,
			passedOver: source.passedOver(n),
			takes: nozzle?.catches.length ?? 0,
			reference,
			band
		};
	});
	// One band over all jugs only where all are of one group.
	const [first = noEven] = standards.values();
	const one = standards.size === 1 ? first : { ...noEven, width: first.width };
	return { unit, top, marks: jugMarks(top), ...one, jugs };
}

type Even = Pick<JugBoard, 'reference' | 'band' | 'width'>;
const noEven: Even = { reference: null, band: null, width: null };

/**
 * The board while figures are being typed: only those jugs change, so that a key touches one jug of a hundred. Each is what it
 * would be once kept: the core judges it, with what is typed among the catches. A figure above the brim makes taller jugs of
 * all.
 *
 * typed: the board of the catches with those that are being typed.
 */
export function withTyping(kept: JugBoard, typed: JugBoard, typing: ReadonlySet<number>): JugBoard {
	if (typing.size === 0) return kept;
	const amounts = typed.jugs.filter((jug) => typing.has(jug.n)).map((jug) => jug.amount ?? 0);
	if (amounts.some((amount) => amount > kept.top) || kept.jugs.every((j) => j.amount === null)) return typed;
	const byNumber = new Map(typed.jugs.map((jug) => [jug.n, jug]));
	const jugs = kept.jugs.map((jug) => {
		const now = typing.has(jug.n) ? byNumber.get(jug.n) : undefined;
		return now ? { ...now, fill: now.amount === null ? null : now.amount / kept.top } : jug;
	});
	return { ...kept, jugs };
}

/** Three digits or so, as a jug is read: `19.2`, `602`, `1,310`; a tester's flow to two places. */
export const jugFigure = (amount: number, decimalComma: boolean): string =>
	showDecimals(amount, amount >= 100 ? 0 : amount >= 10 ? 1 : amount >= 0.1 ? 2 : 3, decimalComma);
