import type { RoundMethod } from '../calibration/round-methods';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { methodsOf } from './methods-for';

export const methodOf = (rig: Pick<RigNumbers, 'kind' | 'uncounted'>, round: Pick<Round, 'method'>): RoundMethod =>
	round.method ?? (rig.uncounted ? 'refill' : methodsOf[rig.kind][0]!);
