<!-- @component The weather over today and the days that follow, by the rules that every job of the farm has; nothing where no station is set up. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import DayHours from '$lib/drawings/DayHours.svelte';
	import type { FarmSettings } from '$lib/formats/farm-settings';
	import type { WeatherAnswer } from '$lib/formats/weather';
	import { farmWeather } from '$lib/formats/weather-form';
	import { dayStrips, goodStretches } from '$lib/shown/day-strip';
	import { getJson } from '$lib/state/device.svelte';
	import { jobLimits } from '$core';

	interface Props {
		settings: FarmSettings;
	}
	let { settings }: Props = $props();
	let answer = $state.raw<WeatherAnswer | null>(null);
	let now = $state(0);
	onMount(async () => {
		now = Date.now();
		answer = await getJson<WeatherAnswer>('/api/weather');
	});
	const strips = $derived(answer?.forecast ? dayStrips(answer.forecast, jobLimits([], farmWeather(settings)), []) : []);
	const clock = (ms: number) => {
		const d = new Date(ms);
		return `${d.getHours()}`.padStart(2, '0') + ':' + `${d.getMinutes()}`.padStart(2, '0');
	};
	const stretches = $derived(strips[0] ? goodStretches(strips[0], now) : []);
	const words = $derived(
		stretches.length > 0
			? `All rules hold today ${stretches.map((s) => `from ${clock(s.from)} to ${clock(s.to)}`).join(', and ')}`
			: 'No hour is left today in which all rules hold'
	);
</script>

{#if strips.length > 0}
	<section class="card" aria-label="The weather">
		<h2>{words}</h2>
		<DayHours {strips} windows={[]} {now} />
		<p class="lab">
			Plain: all rules of the farm hold. ▲ look. ✕ stop. A job has its labels’ own limits too, on its own page.
		</p>
	</section>
{:else if answer?.problem}
	<p class="lab">▲ {answer.problem}</p>
{/if}

<style>
	section {
		display: grid;
		gap: 8px;
		padding: 14px 16px;
		min-width: 0;
	}
	h2 {
		font-size: 1.35rem;
	}
</style>
