<script lang="ts">
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
	import { clockAt, dayAt, spanAt } from '$lib/settings/farm-time';
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
		{ name: 'from', label: 'Wind from', hint: 'Like SW, or 225.' },
		{ name: 'wind', label: `Wind, ${run.units.speed}`, inputmode: 'decimal' },
		{ name: 'gust', label: `Gusts, ${run.units.speed}`, inputmode: 'decimal' },
		{ name: 'temperature', label: `Air, ${unitOfT}` },
		{ name: 'humidity', label: 'Humidity, %', inputmode: 'decimal' },
		{ name: 'lastRain', label: 'Last rain, hours ago', inputmode: 'decimal' }
	] as const);
	const zone = $derived(run.settings.timeZone);
	const span = (w: { from: number; to: number }) => spanAt(zone, w.from * 1000, w.to * 1000);
	const dayOf = (w: { from: number }) => dayAt(zone, w.from * 1000);
	const todays = $derived(day.windows.filter((w) => dayOf(w) === dayAt(zone, device.now())));
	const next = $derived(day.windows[0]);
	const hoursWords = $derived.by(() => {
		const work = shownSpan(day.lasts);
		if (todays.length > 0) return `${work} of work: start today from ${todays.map(span).join(', or from ')}`;
		return next
			? `${work} of work: no start fits today any more. The next: ${dayOf(next)}, from ${span(next)}`
			: `${work} of work: no start of the forecast fits`;
	});
	const decide = async (decision: 'spray' | 'wait' | null) => {
		if (!(await day.decide(decision))) return;
		if (decision === 'spray') await goto(`/jobs/${run.head.id}/run`);
		if (decision === null) await goto(`/jobs/${run.head.id}/close`);
	};
</script>

<svelte:head><title>The weather · {names} · Fallow</title></svelte:head>

<FieldPage
	title={day.when === 'before' ? 'The weather now' : 'The weather at the end'}
	back="/jobs/{run.head.id}/run"
	backWords={names}
	status={device.status}
	path={page.url.pathname}
>
	<div class="grid">
		<section class="card read" aria-label="What it is">
			{#if day.answer?.problem}<p class="look">▲ {day.answer.problem}</p>{/if}
			{#if asked && day.answer?.station}<p class="lab">From the station. Type over what you see and feel otherwise.</p>
			{:else if asked}<p class="lab">What you see and feel; leave out what you do not know.</p>{/if}
			<div class="fields">
				{#each lines as line (line.name)}
					<Field {...line} bind:value={day[line.name]} problem={day.problem(line.name)} />
				{/each}
			</div>
			<Segmented
				label="Sky"
				options={skies.map((value) => ({ value, label: skyWords[value] }))}
				value={day.sky}
				onchange={(sky) => (day.sky = sky)}
			/>
			<Segmented
				label="Dew on the leaves"
				options={[
					{ value: 'no' as const, label: 'No dew' },
					{ value: 'yes' as const, label: 'Leaves wet' }
				]}
				value={day.dew}
				onchange={(dew) => (day.dew = dew)}
			/>
			<Segmented
				label="Smoke, or fine dust let go"
				options={smokeTests.map((value) => ({ value, label: smokeWords[value] }))}
				value={day.smoke}
				onchange={(smoke) => (day.smoke = smoke)}
			/>
		</section>
		<section class="rules" aria-label="What the rules say">
			{#if day.weather}<DayRules findings={day.findings} limits={day.limits} settings={run.settings} />
			{:else}<p class="card p-4.5">What each rule says stands here once the weather is told.</p>{/if}
		</section>
		<div class="side">
			{#if day.neighbours.length > 0 && day.weather}
				<section class="card wind" aria-label="Where the wind goes">
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
						Kept at {clockAt(zone, Date.parse(decided.at))}{decided.decision
							? `: ${decided.decision === 'spray' ? 'sprayed' : 'waited'}`
							: ''}{decided.reason ? `, since ${decided.reason}` : ''}.
					</p>{/if}
				{#if day.when === 'before'}
					<Field
						label={day.empty || day.worst === 'stop' ? 'Why you spray all the same' : 'Why, if you like'}
						bind:value={day.reason}
						problem={day.weather && day.wantsReason
							? 'A rule says stop. Spraying all the same needs its reason, and the record keeps it. Waiting needs none.'
							: undefined}
						hint={day.empty ? 'Nobody has read the weather yet. To spray without it, write why.' : ''}
					/>
					<div class="do flex gap-3">
						<button type="button" class="btn plain big" disabled={!day.weather} onclick={() => void decide('wait')}
							>Wait</button
						>
						<button
							type="button"
							class="btn go big flex-1 min-w-0 whitespace-normal"
							disabled={!day.read.ok || day.wantsReason}
							onclick={() => void decide('spray')}>{day.empty ? 'Spray without it' : 'Spray, keep the weather'}</button
						>
					</div>
					<p class="lab">
						Fallow states; you decide. The label in your hand and local rules stand above every figure here.
					</p>
				{:else}
					<div class="do flex gap-3">
						<button
							type="button"
							class="btn go big flex-1 min-w-0 whitespace-normal"
							disabled={!day.weather}
							onclick={() => void decide(null)}>Continue to the close</button
						>
					</div>
				{/if}
			</section>
		</div>
	</div>
	{#if day.when === 'before' && day.strips.length > 0}
		<section class="card hours phone:mb-25">
			<h2>
				{hoursWords}
			</h2>
			<DayHours strips={day.strips} windows={day.windows} now={device.now()} {zone} />
			<p class="lab">
				Plain: all rules hold. ▲ look. ✕ stop. ? not known. The blue line: the work begun then would end before a stop.
			</p>
		</section>
	{/if}
</FieldPage>

<style>
	.grid {
		display: grid;
		grid-template-columns: 330px minmax(0, 1fr) 340px;
		gap: 18px;
		align-items: start;
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
			grid-template-columns: 340px minmax(0, 1fr);
		}
	}
	@media (max-width: 859px) {
		.grid {
			grid-template-columns: minmax(0, 1fr);
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
