import type { RuleFinding, RuleState } from './weather-rules';

/**
 * The gravest of several findings. What is not known is graver than what wants a look: it may be anything.
 * @example
 * worstState([{ state: 'look' }, { state: 'unknown' }, { state: 'good' }]) // => "unknown"
 */
export const worstState = (findings: readonly Pick<RuleFinding, 'state'>[]): RuleState =>
	findings.reduce<RuleState>((worst, f) => (gravity[f.state] > gravity[worst] ? f.state : worst), 'good');
export const gravity: Readonly<Record<RuleState, number>> = { good: 0, look: 1, unknown: 2, stop: 3 };
