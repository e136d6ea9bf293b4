import { m } from '$words';
import type { TypedAim, TypedChange } from '$core';
import { showFigure } from '$core';
import { longUnit } from '$lib/settings/field-units';
import { typedText } from '$lib/settings/typed-text';

export interface ChangeLine {
	readonly name: string;
	readonly text: string;
}

/** What a change consists of, a line each, as it was written down. */
export function changeLines(change: TypedChange, comma: boolean): ChangeLine[] {
	const lines: ChangeLine[] = [];
	const add = (name: string, text: string | undefined | false) => text && lines.push({ name, text });
	add(m.ground_speed(), change.speed && typedText(change.speed));
	add(m.dial(), change.dial && typedText(change.dial));
	add(
		m.pace_title(),
		change.pace !== undefined && m.of_the_one_measured({ figure: showFigure(change.pace * 100, 3, comma) })
	);
	add(m.pressure(), change.pressure && typedText(change.pressure));
	add(m.nozzles_title(), change.nozzle?.name);
	if (change.set) {
		const counts = new Map<string, number>();
		for (const name of change.set.groups) counts.set(name, (counts.get(name) ?? 0) + 1);
		add(m.set(), [...counts].map(([name, count]) => `${count} × ${name}`).join(', '));
	}
	return lines;
}

/** What is wanted, as it was typed: a spray volume in the words of the answer that stands beside it. */
export const wantedText = (wanted: TypedAim['wanted']): string =>
	wanted.by === 'volume'
		? typedText(wanted.volume, longUnit)
		: wanted.by === 'range'
			? m.to_low({ low: typedText(wanted.low, longUnit), high: typedText(wanted.high, longUnit) })
			: m.with_one_tank({ area: typedText(wanted.area) });

/** The same of a liquid that is no water. */
export function aimText({ wanted, specificGravity }: TypedAim, comma: boolean): string {
	const what = wantedText(wanted);
	return specificGravity === 1
		? what
		: m.of_a_liquid_of({ what, specificGravity: showFigure(specificGravity, 3, comma) });
}
