import type { MeasuringSkill } from '../../core/index';
import { usualSkill } from '../../core/index';
import type { FarmSettings } from './farm-settings';

/** How well a farm measures: the usual, with what it has set itself. Apart from its schema, which a calibration does not need. */
export const skillOf = (settings: Pick<FarmSettings, 'skill'>): MeasuringSkill => ({
	...usualSkill,
	...(settings.skill as Partial<MeasuringSkill>)
});
