import { m } from '$words';
import type { Exercise, YardSeen, YardWeather } from '$core';
import { deltaT, practiceSprayers, showDecimals, showFigure } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { namesOf } from '$lib/wording/nozzle-names';
import { tapedWords } from '$lib/wording/practice';
import { show } from './show';

/** What was seen, as somebody would say it; empty where the picture says it all. */
export function seenText(seen: YardSeen, exercise: Pick<Exercise, 'sprayer'>, settings: FarmSettings): string {
	const { sprayer } = practiceSprayers[exercise.sprayer];
	const names = namesOf(sprayer);
	const carried = sprayer.kind === 'knapsack';
	const say = (kind: 'length' | 'spacing' | 'tank' | 'pressure' | 'catch', value: number, digits: number) =>
		show(kind, value, settings, { digits }).text;
	switch (seen.of) {
		case 'drive':
			return seen.dial === null
				? m.seen_drive_no_dial()
				: m.seen_drive({ dial: show('speed', seen.dial, settings, { digits: 2 }).text });
		case 'tape': {
			const length = say(seen.what === 'height' || seen.what === 'spacing' ? 'spacing' : 'length', seen.length, 4);
			return m.seen_tape({ what: tapedWords[seen.what](), length });
		}
		case 'test-gauge':
			return m.seen_test_gauge({
				tested: say('pressure', seen.tested, 3),
				gauge: seen.gauge === null ? m.not_measured() : say('pressure', seen.gauge, 3)
			});
		case 'count-revs':
			return m.seen_count_revs({ counted: seen.counted, shown: Math.round(seen.shown) });
		case 'check-jug':
			return m.seen_check_jug({ poured: say('catch', seen.poured, 4), shown: say('catch', seen.shown, 3) });
		case 'check-sight':
			return m.seen_check_sight({ let: say('tank', seen.let, 3), rose: say('tank', seen.rose, 3) });
		case 'fill':
			// A carried sprayer's tank is read in the jug's unit.
			return m.seen_fill({ metered: say(carried ? 'catch' : 'tank', seen.metered, 4) });
		case 'open-filter': {
			const place = seen.section === null ? m.yard_main_filter() : names.section(seen.section - 1);
			return seen.was === 'foul' ? m.seen_filter_foul({ place }) : m.seen_filter_clean({ place });
		}
		case 'brush': {
			const place = names.nozzle(seen.nozzle);
			return seen.was === 'foul' ? m.seen_brush_foul({ place }) : m.seen_brush_clean({ place });
		}
		case 'replace':
			return seen.nozzle === null ? m.seen_replaced_all() : m.seen_replaced({ place: names.nozzle(seen.nozzle) });
		case 'replace-hose':
			return m.seen_replaced_hose();
		case 'read-stamp': {
			const place = names.nozzle(seen.nozzle);
			const words = { right: m.seen_stamp_right, larger: m.seen_stamp_larger, smaller: m.seen_stamp_smaller };
			return words[seen.size]({ place });
		}
		case 'look-fans':
			return seen.thin.length === 0
				? m.seen_fans_even()
				: m.seen_fans_thin({ list: seen.thin.map((n) => names.nozzle(n).toLowerCase()).join(', ') });
		case 'dry':
			return m.seen_dry();
		case 'cover':
			return m.seen_cover();
		case 'catch':
			return m.seen_catch({ held: showFigure(Math.round(seen.held), 3, settings.decimalComma) });
		default:
			return '';
	}
}

/** What the weather station of a yard says. */
export function weatherText(weather: YardWeather, settings: FarmSettings): string {
	const one = (value: number) => showDecimals(value, 1, settings.decimalComma);
	const delta = deltaT(weather.temperature, weather.humidity);
	return m.yard_weather({
		temperature: one(weather.temperature),
		humidity: Math.round(weather.humidity),
		delta: delta === null ? m.not_measured() : one(delta),
		wind: show('speed', weather.wind, settings, { digits: 2 }).text,
		gust: show('speed', weather.gust, settings, { digits: 2 }).text
	});
}
