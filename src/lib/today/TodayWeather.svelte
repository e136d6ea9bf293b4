<!-- @component The weather over today and the days that follow, by the rules that every job of the farm has; nothing where no station is set up. -->
<script lang="ts">
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
	const span = (s: { readonly from: number; readonly to: number }) => `from ${spanAt(zone, s.from, s.to)}`;
	const today = $derived(stretches.filter((s) => dayAt(zone, s.from) === dayAt(zone, now)));
	const words = $derived.by(() => {
		if (today.length > 0) return `No rule stops the work today ${today.map(span).join(', and ')}`;
		const next = stretches[0];
		return next
			? `Today no hour fits any more. The next: ${dayAt(zone, next.from)} ${span(next)}`
			: 'No hour of the forecast fits';
	});
</script>

{#if strips.length > 0}
	<section class="card grid gap-2 py-3.5 px-4 min-w-0" aria-label="The weather">
		<h2 class="text-[1.35rem]">{words}</h2>
		<DayHours {strips} windows={stretches.map((s) => ({ from: s.from / 1000, to: s.to / 1000 }))} {now} {zone} />
		<p class="lab">
			Plain: all rules of the farm hold. ▲ look. ✕ stop. ? not known. The blue line: no rule stops the work. A job has
			its labels’ own limits too, on its own page.
		</p>
	</section>
{:else if answer?.problem}
	<p class="lab">▲ {answer.problem}</p>
{/if}
