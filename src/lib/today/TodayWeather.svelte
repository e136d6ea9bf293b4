<!-- @component The weather over today and the days that follow, by the rules that every job of the farm has; nothing where no station is set up. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import DayHours from '$lib/drawings/DayHours.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import type { WeatherAnswer } from '$lib/wire/weather';
	import { MediaQuery } from 'svelte/reactivity';
	import { nearDay } from '$lib/settings/near-day';
	import DayLine from './DayLine.svelte';
	import { dayStretches, dayStrips, goodStretches } from '$lib/show/day-strip';
	import { dayAt, spanAt } from '$lib/settings/farm-time';
	import { limitsOf } from '$lib/show/job-weather';
	import { getJson } from '$lib/device/device.svelte';
	import type { Place } from '$core';

	interface Props {
		settings: FarmSettings;
		/** Where the farm is, for the hours of the sun. */
		place: Place | null;
	}
	let { settings, place }: Props = $props();
	let answer = $state.raw<WeatherAnswer | null>(null);
	let now = $state(0);
	const wide = new MediaQuery('(min-width: 860px)', true);
	onMount(async () => {
		now = Date.now();
		answer = await getJson<WeatherAnswer>('/api/weather');
	});
	const zone = $derived(settings.timeZone);
	const where = $derived({ zone, place, altitude: null });
	const strips = $derived(
		answer?.forecast ? dayStrips(answer.forecast, limitsOf({ products: [] }, settings), [], where) : []
	);
	const stretches = $derived(goodStretches(strips, now));
	const span = (s: { readonly from: number; readonly to: number }) =>
		m.from_zone({ zone: spanAt(settings, s.from, s.to) });
	const today = $derived(stretches.filter((s) => dayAt(zone, s.from) === dayAt(zone, now)));
	/** The day that is shown as a line: today while it has a window or nothing else has, else that of the next one. */
	const lineDay = $derived(stretches[0] ? dayAt(zone, stretches[0].from) : dayAt(zone, now));
	const line = $derived(strips.find((s) => s.day === lineDay));
	const dayName = $derived(nearDay(lineDay, dayAt(zone, now)));
	const windows = $derived(stretches.filter((s) => dayAt(zone, s.from) === lineDay));
	const short = $derived(
		windows.length > 0
			? m.fits_from_to({
					day: dayName,
					list: windows.map((s) => spanAt(settings, s.from, s.to)).join(m.and())
				})
			: m.no_window_in_the_forecast()
	);
	const words = $derived.by(() => {
		if (today.length > 0) return m.no_rule_stops_the_work_today({ list: today.map(span).join(m.and()) });
		const next = stretches[0];
		return next
			? m.today_no_hour_fits_any_more({ day: nearDay(dayAt(zone, next.from), dayAt(zone, now)), next: span(next) })
			: m.no_hour_of_the_forecast_fits();
	});
</script>

{#if strips.length > 0}
	<section class="card grid gap-2 py-3.5 px-4 min-w-0" aria-label={m.the_weather()}>
		<h2 class="text-[1.35rem] phone:hidden">{words}</h2>
		<h2 class="hidden text-[1.35rem] first-letter:uppercase phone:block">{short}</h2>
		{#if line}
			<div class="hidden phone:block">
				<DayLine day={dayName} stretches={dayStretches(line, 5, 21)} {now} clock={settings} />
			</div>
		{/if}
		<!-- On a phone the window is what is needed; the hours of all days stand behind a tap. -->
		<details open={wide.current}>
			<summary class="hidden min-h-12 content-center phone:list-item">{m.hour_by_hour_days()}</summary>
			<DayHours
				{strips}
				windows={stretches.map((s) => ({ from: s.from / 1000, to: s.to / 1000 }))}
				{now}
				clock={settings}
			/>
			<p class="lab">
				{m.plain_all_rules_of_the_farm()}
			</p>
		</details>
	</section>
{:else if answer?.problem}
	<p class="lab">▲ {answer.problem}</p>
{/if}
