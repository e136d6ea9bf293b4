import type { MeasuringSkill } from '../measurement/defaults';
import { tapeSource } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import { measured } from '../measurement/measured';
import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { MeasuredWidth } from './sheet';

/**
 * Usable swath of a wetted width, by the school that the reading names: `W = share × wetted`, `W = wetted − 2 × overlap`,
 * or the wetted width itself.
 *
 * wetted: m, over 0. Uncertainty: where the wet ends is known to 0.15 m or 5 % of the width, the smaller; the tape adds
 * its share. A width that was only estimated counts 10 %.
 * @example
 * measuredWidth({ kind: 'measured', wetted: 10, usable: { share: 0.85 } }, usualSkill).value // => 8.5
 * measuredWidth({ kind: 'measured', wetted: 8, usable: { edgeOverlap: 0.2 } }, usualSkill).value // => 7.6
 */
export function measuredWidth(reading: MeasuredWidth, skill: MeasuringSkill): Measured<'length'> {
	const { wetted, usable } = reading;
	const edge = Math.min(skill.wettedEdge, skill.wettedEdgeShare * wetted);
	const share = usable !== 'as-is' && 'share' in usable ? usable.share : 1;
	const overlap: number = usable !== 'as-is' && 'edgeOverlap' in usable ? usable.edgeOverlap : 0;
	const value = si<'length'>((wetted - 2 * overlap) * share) as Length;
	if (reading.estimated) return measured(value, [{ input: 'width', relative: skill.estimatedWidth }]);
	return measured(value, [
		{ input: 'width', relative: (edge * share) / value },
		{ input: 'width', relative: skill.tape, source: tapeSource }
	]);
}
