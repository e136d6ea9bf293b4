import type { AnyCheck, CheckedSprayer, OwnCheck } from '../../core/index';
import { checksOf } from '../../core/index';
import type { FarmSettings } from './farm-settings';

/** The check list of a sprayer on a farm: the usual checks of its kind without those that the farm drops, then its own. */
export const checkList = (
	sprayer: CheckedSprayer,
	{ droppedChecks, ownChecks }: Pick<FarmSettings, 'droppedChecks' | 'ownChecks'>
): readonly AnyCheck[] => [
	...checksOf(sprayer).filter((check) => !droppedChecks.includes(check)),
	...ownChecks.map((words): OwnCheck => `own:${words}`)
];
