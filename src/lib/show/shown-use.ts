import type { SeasonUse } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { show } from './show';

/** What a block had of a product on its ground, in the farm's unit of a dose. */
export function shownUse(use: Pick<SeasonUse, 'kind' | 'perGround'>, settings: FarmSettings): string {
	return show(use.kind === 'mass' ? 'dryDose' : 'dose', use.perGround, settings).text;
}
