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
	add('Ground speed', change.speed && typedText(change.speed));
	add('Dial', change.dial && typedText(change.dial));
	add('Pace', change.pace !== undefined && `${showFigure(change.pace * 100, 3, comma)} % of the one measured`);
	add('Pressure', change.pressure && typedText(change.pressure));
	add('Nozzles', change.nozzle?.name);
	if (change.set) {
		const counts = new Map<string, number>();
		for (const name of change.set.groups) counts.set(name, (counts.get(name) ?? 0) + 1);
		add('Set', [...counts].map(([name, count]) => `${count} × ${name}`).join(', '));
	}
	return lines;
}

/** What is wanted, as it was typed: a spray volume in the words of the answer that stands beside it. */
export const wantedText = (wanted: TypedAim['wanted']): string =>
	wanted.by === 'volume'
		? typedText(wanted.volume, longUnit)
		: wanted.by === 'range'
			? `${typedText(wanted.low, longUnit)} to ${typedText(wanted.high, longUnit)}`
			: `${typedText(wanted.area)} with one tank`;

/** The same of a liquid that is no water. */
export function aimText({ wanted, specificGravity }: TypedAim, comma: boolean): string {
	const what = wantedText(wanted);
	return specificGravity === 1 ? what : `${what}, of a liquid of ${showFigure(specificGravity, 3, comma)}`;
}
