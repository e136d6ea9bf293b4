import { panSwath } from '../calibration/pan-swath';
import type { Length, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Machine, YardSetting } from './machine';
import { machineFlows } from './machine-flows';
import { throwPattern } from './throw-pattern';
import { throwWidth } from './throw-width';

/** Pans of the yard: how far apart, how many, how large, and the passes over them. */
export const yardPans = { spacing: si<'length'>(0.5), count: 24, area: 0.06, passes: 6, maxCv: 0.15 } as const;

/** What is wetted by a thrown swath at a setting, m. */
export function wettedWidth(machine: Machine, setting: YardSetting): Length {
	if (machine.width.by !== 'throw') return machineWidth(machine, setting);
	return throwWidth(machine.width.known, machineFlows(machine, setting).pressure, setting.height);
}

/** How strong each half of the set throws against a sound one. */
function strengths(machine: Machine, setting: YardSetting): readonly [left: number, right: number] {
	const { flows } = machineFlows(machine, setting);
	const half = Math.floor(flows.length / 2);
	const sum = (list: readonly number[]) => list.reduce((s, q) => s + q, 0);
	const [left, right] = [sum(flows.slice(0, half)), sum(flows.slice(-half))];
	return [(2 * left) / (left + right), (2 * right) / (left + right)];
}

/**
 * What a row of pans across a thrown swath would hold after the yard's passes, were they read without an error, left to right.
 *
 * Source: `throwPattern`, scaled so that all of the water lands.
 * @example
 * const yard = openYard(exercises.find((e) => e.id === 'thrower-2'), 3);
 * panLevels(yard.machine, yard.setting, 2).length // => 24
 */
export function panLevels(machine: Machine, setting: YardSetting, speed: number): readonly Volume[] {
	const wetted = wettedWidth(machine, setting);
	const [left, right] = strengths(machine, setting);
	const at = (i: number) => si<'length'>((i - (yardPans.count - 1) / 2) * yardPans.spacing);
	const shape = Array.from({ length: yardPans.count }, (_, i) => throwPattern(at(i), wetted, left, right));
	const area = shape.reduce((s, v) => s + v, 0) * yardPans.spacing;
	const perArea = machineFlows(machine, setting).total / speed / area;
	return shape.map((v) => si<'volume'>(v * perArea * yardPans.area * yardPans.passes));
}

/**
 * Width that a pass of a practice sprayer serves, by what its kind goes by: spacing, rows, a lance, a usable share of what is wetted, or
 * the widest even width of its pans.
 *
 * Source: DOMAIN of the sprayer's kind: nozzles × spacing, row spacing, the school of a thrown swath.
 * @example
 * const yard = openYard(exercises[0], 1);
 * machineWidth(yard.machine, yard.setting) // => 6
 */
export function machineWidth(machine: Machine, setting: YardSetting): Length {
	const { width } = machine;
	switch (width.by) {
		case 'spacing':
			return si<'length'>(machine.nozzles.length * width.spacing);
		case 'rows':
			return width.spacing;
		case 'lance':
			return width.width;
		case 'throw': {
			if (width.school !== 'pans') return si<'length'>(wettedWidth(machine, setting) * width.school.share);
			const best = panSwath(panLevels(machine, setting, 1), true, yardPans.maxCv).best;
			return si<'length'>((best?.spacings ?? yardPans.count) * yardPans.spacing);
		}
	}
}
