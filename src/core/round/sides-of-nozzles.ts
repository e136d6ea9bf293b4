import type { Side } from '../calibration/sheet';
import type { RigNumbers } from './rig';
import { twoSided } from './rig';
import { sectionOfNozzles } from './section-of-nozzles';

/** Side of every nozzle on a two-sided rig; undefined on others. */
export const sidesOfNozzles = (rig: Pick<RigNumbers, 'kind' | 'sections'>): Side[] | undefined =>
	twoSided(rig) ? sectionOfNozzles(rig.sections).map((s) => (s === 0 ? 'left' : 'right')) : undefined;
