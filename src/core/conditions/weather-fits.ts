import type { RuleFinding } from './weather-rules';

/**
 * Whether the weather fits the work: no rule says stop, and none that could say it is not known. Dew never stops the work,
 * so that not knowing of it does not either.
 * @example
 * weatherFits([{ rule: 'wind', state: 'look' }, { rule: 'dew', state: 'unknown' }]) // => true
 * weatherFits([{ rule: 'gust', state: 'unknown' }]) // => false
 */
export const weatherFits = (findings: readonly Pick<RuleFinding, 'rule' | 'state'>[]): boolean =>
	findings.every((f) => f.state === 'good' || f.state === 'look' || (f.state === 'unknown' && f.rule === 'dew'));
