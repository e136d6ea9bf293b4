import type { SeasonUse } from '../../core';
import { inUnit, showFigure, si } from '../../core';
import type { FarmSettings } from '../formats/farm-settings';
import { fieldUnits, longUnit } from '../formats/field-units';

/** What a block had of a product on its ground, in the farm's unit of a dose. */
export function shownUse(use: Pick<SeasonUse, 'kind' | 'perGround'>, settings: FarmSettings): string {
	const units = fieldUnits(settings);
	const kind: 'volumePerArea' | 'massPerArea' = use.kind === 'mass' ? 'massPerArea' : 'volumePerArea';
	const unit = use.kind === 'mass' ? units.dryDose : units.dose;
	const value = inUnit(kind, si<typeof kind>(use.perGround) as never, unit as never);
	return `${showFigure(value, 3, settings.decimalComma)} ${longUnit(unit)}`;
}
