<script lang="ts">
	import { m } from '$words';
	import { onMount, untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { skies, smokeTests } from '$core';
	import DayRules from '$lib/job/day/DayRules.svelte';
	import FieldPage from '$lib/frame/FieldPage.svelte';
	import Field from '$lib/kit/Field.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import DayHours from '$lib/drawings/DayHours.svelte';
	import WindOnBlock from '$lib/drawings/WindOnBlock.svelte';
	import type { WeatherAnswer } from '$lib/wire/weather';
	import { clockText, dayAt, spanAt } from '$lib/settings/farm-time';
	import { nearDay } from '$lib/settings/near-day';
	import { shownSpan } from '$lib/show/job-span';
	import { device as theDevice, getJson } from '$lib/device/device.svelte';
	import { JobDayState } from '$lib/job/day/job-day.svelte';
	import { useRun } from '$lib/job/run/run-context';
	import { skyWords, smokeWords, wordRule } from '$lib/wording/weather';

	const device = theDevice();
	const run = useRun();
	const day = untrack(() => new JobDayState(run, device.now));
	let asked = $state(false);
	onMount(async () => {
		day.takeIn(await getJson<WeatherAnswer>('/api/weather'));
		asked = true;
	});
	const names = $derived(run.head.job.blocks.map((b) => b.name).join(', '));
	const boundary = $derived(run.head.shapes?.find((s) => s.boundary)?.boundary ?? null);
	const drift = $derived(day.findings.find((f) => f.rule === 'drift'));
	const toWind = $derived(drift ? wordRule(drift, day.limits, run.settings).text : '');
	const decided = $derived(run.run?.weather[day.when] ?? null);
	const unitOfT = $derived(run.units.speed === 'mph' ? '°F' : '°C');
	const lines = $derived([
		{ name: 'from', label: m.wind_from_title(), hint: m.like_sw_or_225() },
		{ name: 'wind', label: m.wind_speed({ speed: run.units.speed }), inputmode: 'decimal' },
		{ name: 'gust', label: m.gusts_speed({ speed: run.units.speed }), inputmode: 'decimal' },
		{ name: 'temperature', label: m.air_unit_of_t({ unitOfT }) },
		{ name: 'humidity', label: m.humidity_3(), inputmode: 'decimal' },
		{ name: 'lastRain', label: m.last_rain_hours_ago(), inputmode: 'decimal' }
	] as const);
	const zone = $derived(run.settings.timeZone);
	const span = (w: { from: number; to: number }) => spanAt(run.settings, w.from * 1000, w.to * 1000);
	const dayOf = (w: { from: number }) => dayAt(zone, w.from * 1000);
	const todays = $derived(day.windows.filter((w) => dayOf(w) === dayAt(zone, device.now())));
	const next = $derived(day.windows[0]);
	const hoursWords = $derived.by(() => {
		const work = shownSpan(day.lasts);
		if (todays.length > 0) return m.of_work_start_today_from({ work, list: todays.map(span).join(m.or_from()) });
		return next
			? m.of_work_no_start_fits_today({
					work,
					next: nearDay(dayOf(next), dayAt(zone, device.now())),
					next2: span(next)
				})
			: m.of_work_no_start_of_the({ work });
	});
	const decide = async (decision: 'spray' | 'wait' | null) => {
		if (!(await day.decide(decision))) return;
		if (decision === 'spray') await goto(`/jobs/${run.head.id}/run`);
		if (decision === null) await goto(`/jobs/${run.head.id}/close`);
	};
</script>

<svelte:head><title>{m.the_weather_fallow({ names })}</title></svelte:head>

<FieldPage
	title={day.when === 'before' ? m.the_weather_now() : m.the_weather_at_the_end_title()}
	back="/jobs/{run.head.id}/run"
	backWords={names}
	status={device.status}
	path={page.url.pathname}
>
	<div class="grid">
		<section class="card read" aria-label={m.what_it_is()}>
			{#if day.answer?.problem}<p class="look">▲ {day.answer.problem}</p>{/if}
			{#if asked && day.answer?.station}<p class="lab">{m.from_the_station_type_over_what()}</p>
			{:else if asked}<p class="lab">{m.what_you_see_and_feel_leave()}</p>{/if}
			<div class="fields">
				{#each lines as line (line.name)}
					<Field {...line} bind:value={day[line.name]} problem={day.problem(line.name)} />
				{/each}
			</div>
			<Segmented
				label={m.sky()}
				options={skies.map((value) => ({ value, label: skyWords[value] }))}
				value={day.sky}
				onchange={(sky) => (day.sky = sky)}
			/>
			<Segmented
				label={m.dew_on_the_leaves()}
				options={[
					{ value: 'no' as const, label: m.no_dew_title() },
					{ value: 'yes' as const, label: m.leaves_wet() }
				]}
				value={day.dew}
				onchange={(dew) => (day.dew = dew)}
			/>
			<Segmented
				label={m.smoke_or_fine_dust_let_go()}
				options={smokeTests.map((value) => ({ value, label: smokeWords[value] }))}
				value={day.smoke}
				onchange={(smoke) => (day.smoke = smoke)}
			/>
		</section>
		<section class="rules" aria-label={m.what_the_rules_say()}>
			{#if day.weather}<DayRules findings={day.findings} limits={day.limits} settings={run.settings} />
			{:else}<p class="card p-4.5">{m.what_each_rule_says_stands_here()}</p>{/if}
		</section>
		{#if day.when === 'before' && day.strips.length > 0}
			<section class="card hours phone:mb-25">
				<h2 class="text-[1.15rem]">{hoursWords}</h2>
				<DayHours strips={day.strips} windows={day.windows} now={device.now()} clock={run.settings} />
				<p class="lab">{m.plain_all_rules_hold_look_stop()}</p>
			</section>
		{/if}
		<div class="side">
			{#if day.neighbours.length > 0 && day.weather}
				<section class="card wind" aria-label={m.where_the_wind_goes()}>
					<WindOnBlock
						{boundary}
						from={day.weather.from}
						neighbours={day.neighbours}
						toward={drift?.toward ?? []}
						words={toWind}
					/>
				</section>
			{/if}
			<section class="decide">
				{#if decided}<p class="lab">
						{m.kept_at({
							zone: clockText(run.settings, Date.parse(decided.at)),
							which: decided.decision ? `: ${decided.decision === 'spray' ? m.sprayed_inline() : m.waited()}` : '',
							which2: decided.reason ? m.since({ reason: decided.reason }) : ''
						})}
					</p>{/if}
				{#if day.when === 'before'}
					<Field
						label={day.empty || day.worst === 'stop' ? m.why_you_spray_all_the_same() : m.why_if_you_like()}
						bind:value={day.reason}
						problem={day.reasonProblem ??
							(day.weather && day.wantsReason ? m.a_rule_says_stop_spraying_all() : undefined)}
						hint={day.empty ? m.nobody_has_read_the_weather_yet() : ''}
					/>
					<div class="do flex gap-3">
						<button type="button" class="btn plain big" disabled={!day.weather} onclick={() => void decide('wait')}
							>{m.wait_title()}</button
						>
						<button
							type="button"
							class="btn go big flex-1 min-w-0 whitespace-normal"
							disabled={!day.read.ok || day.wantsReason || day.reasonProblem !== undefined}
							onclick={() => void decide('spray')}
							>{day.empty ? m.spray_without_it() : m.spray_keep_the_weather()}</button
						>
					</div>
					<p class="lab">
						{m.fallow_states_you_decide_the_label()}
					</p>
				{:else}
					<div class="do flex gap-3">
						<button
							type="button"
							class="btn go big flex-1 min-w-0 whitespace-normal"
							disabled={!day.weather}
							onclick={() => void decide(null)}>{m.continue_to_the_close()}</button
						>
					</div>
				{/if}
			</section>
		</div>
	</div>
</FieldPage>

<style>
	.grid {
		display: grid;
		grid-template: 'read rules side' auto 'read hours side' 1fr / 330px minmax(0, 1fr) 320px;
		gap: 14px 18px;
		align-items: start;
	}
	.read {
		grid-area: read;
	}
	.rules {
		grid-area: rules;
	}
	.hours {
		grid-area: hours;
	}
	.side {
		grid-area: side;
	}
	.read,
	.hours,
	.wind {
		display: grid;
		gap: 12px;
		padding: 14px 16px;
	}
	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 10px;
	}
	.side,
	.decide {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 10px;
		min-width: 0;
	}
	@media (max-width: 1100px) {
		.grid {
			grid-template: 'read rules' auto 'read side' auto 'hours hours' auto / 340px minmax(0, 1fr);
		}
	}
	@media (max-width: 859px) {
		.grid {
			grid-template: 'read' auto 'rules' auto 'side' auto 'hours' auto / minmax(0, 1fr);
		}
		.do {
			position: fixed;
			inset: auto 0 0;
			z-index: 5;
			padding: 10px 16px max(12px, env(safe-area-inset-bottom));
			border-top: 1px solid var(--rule);
			background: var(--paper);
		}
	}
</style>
