import type { Place, RuleFinding, Stop, TypedJob, Weather, WeatherEntry, WeatherLimits } from '../../core/index';
import { airPressure, inversionHours, jobLimits, judgeWeather, readWeather, weatherStops } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';
import { farmWeather } from '../forms/weather-form';

/** What is known of a place besides what a person reads there. */
export interface WeatherPlace {
	readonly place: Place | null;
	/** m above the sea; null is not known. */
	readonly altitude: number | null;
}

/** The hours of the sun and the pressure of the air at a place, at a moment (ms). */
export const aroundPlace = (
	at: number,
	{ place, altitude }: WeatherPlace
): Pick<Weather, 'inversionHours' | 'pressure'> => ({
	inversionHours: place === null ? null : inversionHours(at / 1000, place),
	pressure: airPressure(altitude ?? 0)
});

/** Limits of the weather for a job on a farm. */
export const limitsOf = (job: Pick<TypedJob, 'products'>, settings: FarmSettings): WeatherLimits =>
	jobLimits(
		job.products.map((p) => p.label),
		farmWeather(settings)
	);

/** What the rules say of the weather that an entry of a job told; rain that was forecast is not kept with it. */
function judgeEntry(
	job: TypedJob,
	entry: WeatherEntry,
	{ settings, ...where }: WeatherPlace & { readonly settings: FarmSettings }
): RuleFinding[] {
	const read = readWeather(entry.weather);
	if (!read.ok) return [];
	return judgeWeather(
		{ ...read.value, ...aroundPlace(Date.parse(entry.at), where), height: 2, untilRain: null },
		{ ...limitsOf(job, settings), rainFree: 0 },
		job.blocks.flatMap((b) => b.neighbours ?? [])
	);
}

/** Stops of the weather in which a job was sprayed. The reason that was written with it passes all of them. */
export const jobWeatherStops = (
	job: TypedJob,
	entry: WeatherEntry | null,
	at: WeatherPlace & { readonly settings: FarmSettings }
): Stop[] =>
	entry === null || entry.decision !== 'spray' || entry.reason.trim() !== ''
		? []
		: weatherStops(judgeEntry(job, entry, at));
