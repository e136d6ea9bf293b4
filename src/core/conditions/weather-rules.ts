import type { Compass, Neighbour } from '../ground/block';
import { compass } from '../ground/block';
import { deltaT } from './delta-t';
import type { Weather, WeatherLimits } from './weather';

export type RuleState = 'good' | 'look' | 'stop' | 'unknown';
export const weatherRules = ['wind', 'gust', 'delta-t', 'inversion', 'rain', 'drift', 'dew'] as const;
export type WeatherRule = (typeof weatherRules)[number];

/** One rule with its figure: what it says of the weather now. */
export interface RuleFinding {
	readonly rule: WeatherRule;
	readonly state: RuleState;
	/** m/s, °C or hours, as the rule has it; null where it is not known. */
	readonly figure: number | null;
	/** Why: which side of its limit, or what lies downwind. */
	readonly why:
		| 'within'
		| 'still'
		| 'strong'
		| 'wet-air'
		| 'dry-air'
		| 'very-dry-air'
		| 'clear-and-still'
		| 'rain-coming'
		| 'toward'
		| 'away'
		| 'dew'
		| 'unknown';
	/** What the wind blows toward. */
	readonly toward: readonly Neighbour[];
	/** Passing it passes a label's own limit. */
	readonly byLabel: boolean;
}

const bearing = (side: Compass) => compass.indexOf(side) * 45;
/** Angle between two bearings, 0 to 180. */
const apart = (a: number, b: number) => {
	const d = Math.abs(a - b) % 360;
	return d > 180 ? 360 - d : d;
};

/** A side is named to an eighth of the compass, and a wind swings: a side within this of it is downwind. */
const downwind = 67.5;
/** Under a clear sky near dawn and dusk, hours. */
const nearSun = 1.5;

/**
 * What each rule says of the weather: wind in its range, gusts, Delta-T, signs of an inversion, rain-free time, drift toward
 * what lies beside the block, dew. A rule whose figure is not known says so. The operator decides.
 *
 * neighbours: of the blocks of the job.
 * @example
 * judgeWeather({ from: 270, wind: 2, gust: null, temperature: 20, humidity: 50, sky: 'partly', dew: false, sinceRain: 9, untilRain: 12, toSun: 5 }, { windLow: 0.833, windHigh: 4.167, deltaLow: 2, deltaHigh: 8, deltaMost: 10, rainFree: 2, windByLabel: false }, [{ what: 'water', side: 'E', note: '' }]).map((f) => `${f.rule} ${f.state}`) // => ["wind good","gust unknown","delta-t good","inversion good","rain good","drift look","dew good"]
 */
export function judgeWeather(weather: Weather, limits: WeatherLimits, neighbours: readonly Neighbour[]): RuleFinding[] {
	const { from, wind, gust, temperature, humidity, sky, dew, untilRain, toSun } = weather;
	const say = (
		rule: WeatherRule,
		figure: number | null,
		state: RuleState,
		why: RuleFinding['why'],
		more: Partial<Pick<RuleFinding, 'toward' | 'byLabel'>> = {}
	): RuleFinding => ({ rule, figure, state, why, toward: [], byLabel: false, ...more });
	const unknown = (rule: WeatherRule) => say(rule, null, 'unknown', 'unknown');
	const byLabel = limits.windByLabel;

	const delta = temperature === null || humidity === null ? null : deltaT(temperature, humidity);
	const near = toSun !== null && Math.abs(toSun) <= nearSun && sky === 'clear';
	const still = wind !== null && wind < limits.windLow;
	const toward = from === null ? [] : neighbours.filter((n) => apart((from + 180) % 360, bearing(n.side)) <= downwind);

	return [
		wind === null
			? unknown('wind')
			: wind > limits.windHigh
				? say('wind', wind, 'stop', 'strong', { byLabel })
				: still
					? say('wind', wind, 'look', 'still')
					: say('wind', wind, 'good', 'within'),
		gust === null
			? unknown('gust')
			: gust > limits.windHigh
				? say('gust', gust, 'look', 'strong', { byLabel })
				: say('gust', gust, 'good', 'within'),
		delta === null
			? unknown('delta-t')
			: delta < limits.deltaLow
				? say('delta-t', delta, 'look', 'wet-air')
				: delta > limits.deltaMost
					? say('delta-t', delta, 'stop', 'very-dry-air')
					: delta > limits.deltaHigh
						? say('delta-t', delta, 'look', 'dry-air')
						: say('delta-t', delta, 'good', 'within'),
		wind === null || (sky === null && toSun === null)
			? unknown('inversion')
			: still && (near || sky === 'clear')
				? say('inversion', wind, near ? 'stop' : 'look', 'clear-and-still')
				: near
					? say('inversion', wind, 'look', 'clear-and-still')
					: say('inversion', wind, 'good', 'within'),
		untilRain === null
			? limits.rainFree > 0
				? unknown('rain')
				: say('rain', null, 'good', 'within')
			: untilRain < limits.rainFree
				? say('rain', untilRain, 'stop', 'rain-coming', { byLabel: true })
				: say('rain', untilRain, 'good', 'within'),
		neighbours.length === 0
			? say('drift', null, 'good', 'away')
			: from === null
				? unknown('drift')
				: toward.length > 0
					? say('drift', from, 'look', 'toward', { toward })
					: say('drift', from, 'good', 'away'),
		dew === null ? unknown('dew') : dew ? say('dew', null, 'look', 'dew') : say('dew', null, 'good', 'within')
	];
}

const gravity: Readonly<Record<RuleState, number>> = { good: 0, unknown: 1, look: 2, stop: 3 };

/** The gravest of several findings. */
export const worstState = (findings: readonly Pick<RuleFinding, 'state'>[]): RuleState =>
	findings.reduce<RuleState>((worst, f) => (gravity[f.state] > gravity[worst] ? f.state : worst), 'good');
