import type { Compass, Neighbour } from '../ground/block';
import { compass } from '../ground/block';
import { deltaT } from './delta-t';
import type { Range, Weather, WeatherLimits } from './weather';
import { windAt } from './wind-at';

export type RuleState = 'good' | 'look' | 'stop' | 'unknown';
export const weatherRules = [
	'wind',
	'gust',
	'inversion',
	'drift',
	'delta-t',
	'temperature',
	'humidity',
	'rain',
	'dew'
] as const;
export type WeatherRule = (typeof weatherRules)[number];

/** One rule with its figure: what it says of the weather now. */
export interface RuleFinding {
	readonly rule: WeatherRule;
	readonly state: RuleState;
	/** m/s at the height of the limits, °C, % or hours, as the rule has it; null where it is not known. */
	readonly figure: number | null;
	/** Why: which side of its limit, or what lies downwind. */
	readonly why:
		| 'within'
		| 'still'
		| 'under-least'
		| 'strong'
		| 'wet-air'
		| 'dry-air'
		| 'very-dry-air'
		| 'no-verdict'
		| 'inversion-hours'
		| 'smoke-mixes'
		| 'smoke-hangs'
		| 'low'
		| 'high'
		| 'rain-coming'
		| 'toward'
		| 'forbidden'
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
/** From this wind on the air mixes, whatever the sky is: 11 km/h, m/s. */
export const mixingWind = 11 / 3.6;
/** A limit that is met exactly is not passed, binary arithmetic notwithstanding. */
const slack = 1e-9;

type Said = Pick<RuleFinding, 'state' | 'why'> & Partial<RuleFinding>;
const said = (rule: WeatherRule, one: Said): RuleFinding => ({
	figure: null,
	toward: [],
	byLabel: false,
	...one,
	rule
});
const notKnown: Said = { state: 'unknown', why: 'unknown' };

/**
 * What each rule says of the weather: wind and gusts in their range, signs of an inversion, drift toward what lies beside
 * the block, Delta-T, temperature and humidity where a label limits them, rain-free time, dew. A rule whose figure is not
 * known says so, and never that it holds. The operator decides.
 *
 * neighbours: of the blocks of the job.
 * @example
 * judgeWeather({ from: 270, wind: 2, gust: null, height: 2, temperature: 20, humidity: 50, pressure: 1013.25, sky: 'partly', dew: false, smoke: null, sinceRain: 9, untilRain: 12, inversionHours: false }, usualLimits, [{ what: 'water', side: 'E', note: '' }]).map((f) => `${f.rule} ${f.state}`) // => ["wind good","gust unknown","inversion good","drift look","delta-t good","rain good","dew good"]
 */
export function judgeWeather(weather: Weather, limits: WeatherLimits, neighbours: readonly Neighbour[]): RuleFinding[] {
	const at = (speed: number | null) => (speed === null ? null : windAt(speed, weather.height, limits.windHeight));
	const wind = at(weather.wind);
	const of = (rule: WeatherRule, range: Range, figure: number | null): RuleFinding[] =>
		range.low === null && range.high === null ? [] : [said(rule, rangeRule(range, figure))];
	return [
		said('wind', windRule(wind, limits)),
		said('gust', gustRule(at(weather.gust), limits)),
		said('inversion', inversionRule(weather, wind, limits)),
		said('drift', driftRule(weather.from, limits, neighbours)),
		said('delta-t', deltaRule(weather, limits)),
		...of('temperature', limits.temperature, weather.temperature),
		...of('humidity', limits.humidity, weather.humidity),
		said('rain', rainRule(weather.untilRain, limits)),
		said(
			'dew',
			weather.dew === null ? notKnown : weather.dew ? { state: 'look', why: 'dew' } : { state: 'good', why: 'within' }
		)
	];
}

function windRule(wind: number | null, { windHigh, windLow, windLeast, windByLabel }: WeatherLimits): Said {
	if (wind === null) return notKnown;
	if (wind > windHigh + slack) return { figure: wind, state: 'stop', why: 'strong', byLabel: windByLabel };
	if (wind < windLeast - slack) return { figure: wind, state: 'stop', why: 'under-least', byLabel: true };
	if (wind < windLow - slack) return { figure: wind, state: 'look', why: 'still' };
	return { figure: wind, state: 'good', why: 'within' };
}

/** A label's limit holds for gusts too; the farm's own is of the wind as a whole. */
function gustRule(gust: number | null, { windHigh, windByLabel }: WeatherLimits): Said {
	if (gust === null) return notKnown;
	if (gust <= windHigh + slack) return { figure: gust, state: 'good', why: 'within' };
	return { figure: gust, state: windByLabel ? 'stop' : 'look', why: 'strong', byLabel: windByLabel };
}

/**
 * A surface inversion: cold air lies on the ground and carries fine drops away in a layer. Smoke that was let off at the
 * block decides before all else; then the wind that mixes; then the hours of the sun and the sky.
 */
function inversionRule({ smoke, sky, inversionHours }: Weather, wind: number | null, { windLow }: WeatherLimits): Said {
	if (smoke === 'hangs') return { figure: wind, state: 'stop', why: 'smoke-hangs' };
	if (smoke === 'mixes') return { figure: wind, state: 'good', why: 'smoke-mixes' };
	if (wind === null) return notKnown;
	if (wind >= mixingWind - slack) return { figure: wind, state: 'good', why: 'within' };
	const still: Said = { figure: wind, state: 'look', why: 'still' };
	if (inversionHours === false) return wind < windLow - slack ? still : { figure: wind, state: 'good', why: 'within' };
	if (sky === 'overcast') return wind < windLow - slack ? still : { figure: wind, state: 'good', why: 'within' };
	if (inversionHours === null || sky === null) return { ...notKnown, figure: wind };
	return { figure: wind, state: 'stop', why: 'inversion-hours' };
}

function driftRule(from: number | null, { forbidden }: WeatherLimits, neighbours: readonly Neighbour[]): Said {
	if (neighbours.length === 0) return { state: 'good', why: 'away' };
	if (from === null) return notKnown;
	const toward = neighbours.filter((n) => apart((from + 180) % 360, bearing(n.side)) <= downwind + slack);
	if (toward.length === 0) return { figure: from, state: 'good', why: 'away' };
	return toward.some((n) => forbidden.includes(n.what))
		? { figure: from, state: 'stop', why: 'forbidden', byLabel: true, toward }
		: { figure: from, state: 'look', why: 'toward', toward };
}

function deltaRule({ temperature, humidity, pressure }: Weather, limits: WeatherLimits): Said {
	const delta = temperature === null || humidity === null ? null : deltaT(temperature, humidity, pressure);
	if (delta === null || temperature === null) return notKnown;
	// Below freezing a wet bulb is ice, and the rules of the trade say nothing.
	if (temperature < 0) return { figure: delta, state: 'unknown', why: 'no-verdict' };
	if (delta < limits.deltaLow - slack) return { figure: delta, state: 'look', why: 'wet-air' };
	if (delta > limits.deltaMost + slack) return { figure: delta, state: 'stop', why: 'very-dry-air' };
	if (delta > limits.deltaHigh + slack) return { figure: delta, state: 'look', why: 'dry-air' };
	return { figure: delta, state: 'good', why: 'within' };
}

function rangeRule({ low, high }: Range, figure: number | null): Said {
	if (figure === null) return notKnown;
	if (low !== null && figure < low - slack) return { figure, state: 'stop', why: 'low', byLabel: true };
	if (high !== null && figure > high + slack) return { figure, state: 'stop', why: 'high', byLabel: true };
	return { figure, state: 'good', why: 'within' };
}

function rainRule(untilRain: number | null, { rainFree }: WeatherLimits): Said {
	if (untilRain === null) return rainFree > 0 ? notKnown : { state: 'good', why: 'within' };
	return untilRain < rainFree - slack
		? { figure: untilRain, state: 'stop', why: 'rain-coming', byLabel: true }
		: { figure: untilRain, state: 'good', why: 'within' };
}
