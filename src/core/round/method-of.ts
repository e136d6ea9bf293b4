import type { RoundMethod } from '../calibration/round-methods';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { methodsOf } from './methods-for';

export const methodOf = (rig: Pick<RigNumbers, 'kind'>, round: Pick<Round, 'method'>): RoundMethod =>
	round.method ?? methodsOf[rig.kind][0]!;
