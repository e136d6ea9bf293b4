import type { RuleFinding } from '../conditions/weather-rules';
import type { Stop, StopCode } from './rules';

const codeOf = ({ rule, why }: RuleFinding): StopCode => {
	switch (rule) {
		case 'wind':
			return why === 'under-least' ? 'wind-under' : 'wind-over';
		case 'gust':
			return 'gust-over';
		case 'inversion':
			return why === 'smoke-hangs' ? 'smoke-hangs' : 'inversion-hours';
		case 'drift':
			return 'downwind-forbidden';
		case 'delta-t':
			return 'delta-t-over';
		case 'temperature':
			return 'temperature-outside';
		case 'humidity':
			return 'humidity-outside';
		case 'rain':
			return 'rain-coming';
		case 'dew':
			throw new Error('dew stops nothing');
	}
};

/**
 * What the weather stops: the rules that say stop, as the list of stops has them.
 * @example
 * weatherStops([{ rule: 'gust', state: 'stop', why: 'strong' }, { rule: 'wind', state: 'look', why: 'still' }]) // => [{"code":"gust-over","about":""}]
 */
export const weatherStops = (findings: readonly RuleFinding[]): Stop[] =>
	findings.filter((f) => f.state === 'stop').map((f) => ({ code: codeOf(f), about: '' }));
