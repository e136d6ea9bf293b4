<!-- @component The weather over today and the days that follow, by the rules that every job of the farm has; nothing where no station is set up. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import DayHours from '$lib/drawings/DayHours.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import type { WeatherAnswer } from '$lib/wire/weather';
	import { dayStrips, goodStretches } from '$lib/show/day-strip';
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
	const span = (s: { readonly from: number; readonly to: number }) => m.from_zone({ zone: spanAt(zone, s.from, s.to) });
	const today = $derived(stretches.filter((s) => dayAt(zone, s.from) === dayAt(zone, now)));
	const words = $derived.by(() => {
		if (today.length > 0) return m.no_rule_stops_the_work_today({ list: today.map(span).join(m.and()) });
		const next = stretches[0];
		return next
			? m.today_no_hour_fits_any_more({ zone: dayAt(zone, next.from), next: span(next) })
			: m.no_hour_of_the_forecast_fits();
	});
</script>

{#if strips.length > 0}
	<section class="card grid gap-2 py-3.5 px-4 min-w-0" aria-label={m.the_weather()}>
		<h2 class="text-[1.35rem]">{words}</h2>
		<DayHours {strips} windows={stretches.map((s) => ({ from: s.from / 1000, to: s.to / 1000 }))} {now} {zone} />
		<p class="lab">
			{m.plain_all_rules_of_the_farm()}
		</p>
	</section>
{:else if answer?.problem}
	<p class="lab">▲ {answer.problem}</p>
{/if}
