import { m } from '$words';
import type { TypedSprayer } from '../../core/index';
import { nozzlesOn } from '../../core/index';

/**
 * What a calibration's setting is called, as it was measured: one that was measured with other nozzles on than its setting has
 * says so, so that "Left only" is never read as both sides.
 *
 * measured: nozzles that sprayed; null where its way of measuring does not tell them.
 */
export function settingLabel(
	setting: { readonly name: string; readonly off: readonly number[] } | undefined,
	sprayer: Pick<TypedSprayer, 'kind' | 'nozzles' | 'sections'>,
	measured: number | null
): string {
	if (!setting) return '';
	if (measured === null || measured === nozzlesOn(sprayer.sections, setting.off).length) return setting.name;
	const side = sprayer.kind === 'airblast' && sprayer.sections.length === 2 && sprayer.sections.includes(measured);
	return side ? m.one_side_only() : m.of_nozzles_on({ measured, nozzles: sprayer.nozzles });
}
