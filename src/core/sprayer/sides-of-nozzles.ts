import type { Side } from '../calibration/sheet';
import type { SprayerNumbers } from './sprayer';
import { twoSided } from './sprayer';
import { sectionOfNozzles } from './section-of-nozzles';

/** Side of every nozzle on a two-sided sprayer; undefined on others. */
export const sidesOfNozzles = (sprayer: Pick<SprayerNumbers, 'kind' | 'sections'>): Side[] | undefined =>
	twoSided(sprayer) ? sectionOfNozzles(sprayer.sections).map((s) => (s === 0 ? 'left' : 'right')) : undefined;
