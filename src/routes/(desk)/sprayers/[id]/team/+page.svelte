<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { show } from '$lib/show/show';
	import { showDecimals, teamSpread } from '$core';
	import type { PageData } from './$types';
	import { longUnit } from '$lib/settings/field-units';
	import { shownRate } from '$lib/show/answer';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const comma = $derived(settings.decimalComma);
	const team = $derived(data.team.length > 0 ? teamSpread(data.team) : null);
	const most = $derived(Math.max(...data.team.map((m) => m.rate * (1 + m.relativeU95)), 1e-12));
	const rate = (value: number) => show('rate', value, settings).figure;
	const percent = (share: number) => `${share < -0.0005 ? '−' : '+'}${showDecimals(Math.abs(share) * 100, 1, comma)} %`;
	const out = $derived(team?.members.filter((m) => m.verdict === 'out') ?? []);
</script>

<svelte:head><title>The team · {data.sprayer.rig.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="flex flex-wrap justify-between gap-3.5">
		<div>
			<h1>The team with <a href="/sprayers/{data.sprayer.id}">{data.sprayer.rig.name}</a></h1>
			<p class="lab">
				Each person’s newest calibration in one setting. One tank mix doses right only where all put on the same volume.
			</p>
		</div>
		{#if data.settings.length > 1}
			<form>
				<label class="grid gap-1 font-semibold"
					>Setting <select class="field-input" name="setting" onchange={(e) => e.currentTarget.form?.requestSubmit()}>
						{#each data.settings as setting (setting.id)}<option
								value={setting.id}
								selected={setting.id === data.setting.id}>{setting.name}</option
							>{/each}
					</select></label
				>
				<noscript><button class="btn">Show</button></noscript>
			</form>
		{/if}
	</div>
	{#if !team}
		<div class="card grid gap-3.5 justify-items-start p-6">
			<p>
				Nobody has calibrated in this setting yet. Each person takes a calibration of their own, named on its first
				step.
			</p>
			<a
				class="btn go"
				href="/rounds/new?sprayer={data.sprayer.id}&setting={data.setting.id}"
				data-sveltekit-preload-data="off">Start the first calibration</a
			>
		</div>
	{:else}
		<div class="card relative grid gap-1.5 px-5 pt-4.5 pb-3" style="--mean:{(team.mean / most) * 100}%">
			{#each team.members as member, i (member.person)}
				{@const shown = shownRate(member.rate, member.relativeU95, settings.rateUnit, comma)}
				<div
					class="grid grid-cols-[170px_minmax(0,1fr)_minmax(250px,max-content)] gap-4 items-center min-h-15.5 border-b border-dashed border-b-rule phone:grid-cols-1 phone:gap-1 phone:pb-2"
					class:out={member.verdict === 'out'}
				>
					<div class="grid">
						<b>{member.person}</b>
						<a class="lab py-1 px-0" href="/calibrations/{data.team[i]!.id}">{dayText(data.team[i]!.signedDay)}</a>
					</div>
					<div class="bar">
						<i class="absolute inset-[6px_auto_6px_0] bg-dye opacity-[0.85]" style="width:{(member.rate / most) * 100}%"
						></i>
						<em
							class="absolute top-3.5 h-1.5 border border-ink bg-card"
							style="left:{((member.rate * (1 - member.relativeU95)) / most) * 100}%;width:{((2 *
								member.rate *
								member.relativeU95) /
								most) *
								100}%"
							aria-hidden="true"
						></em>
					</div>
					<p class="whitespace-nowrap">
						<span class="num text-[2rem]">{shown.value}</span> ± {shown.interval}
						<b class="off ml-2.5"
							>{member.verdict === 'out' ? (member.off > 0 ? '▲ ' : '▼ ') : ''}{percent(member.off)}</b
						>
						{#if member.verdict === 'one-go'}<small class="block whitespace-normal"
								>one go: do another, then it can be judged</small
							>
						{:else if member.verdict === 'cannot-tell'}<small class="block whitespace-normal"
								>cannot tell yet: the ± is too wide</small
							>{/if}
					</p>
				</div>
			{/each}
			<p class="lab">
				<i class="inline-block w-0.5 h-4 mr-1.5 bg-ink align-middle" aria-hidden="true"></i> mean of the team, {rate(
					team.mean
				)}
				{longUnit(settings.rateUnit)}
			</p>
		</div>
		<div class="grid gap-2 max-w-190" aria-live="polite">
			{#if team.members.length > 1}
				<p>
					<b class="num mr-2 text-[2rem]">{showDecimals(team.spread * 100, 0, comma)} %</b>
					<span
						>lies between the least and the most. Mixed for the mean, each person’s ground gets as much more or less
						product as their figure says.</span
					>
				</p>
			{/if}
			{#if out.length > 0}
				<p class="look">
					<b
						>▲ {out.map((m) => m.person).join(', ')}: more than 5 % from the team’s mean, and more than the ± explains.</b
					>
					Look at pace, wand height and nozzle first, then calibrate again; or mix for that person alone.
				</p>
			{:else if team.members.length > 1}<p>
					{#if team.members.every((m) => m.verdict === 'within')}<b>Everybody is within 5 %</b> of the team’s mean.
					{:else}<b>Nobody can be called off yet.</b> A second go of each person tells most.{/if}
				</p>{/if}
		</div>
		<a
			class="btn justify-self-start"
			href="/rounds/new?sprayer={data.sprayer.id}&after={data.team[0]?.id}&changed=person"
			data-sveltekit-preload-data="off">Calibrate another person</a
		>
	{/if}
</main>

<style>
	.bar {
		position: relative;
		height: 34px;
		background: linear-gradient(
			90deg,
			transparent calc(var(--mean) - 1px),
			var(--ink) calc(var(--mean) - 1px),
			var(--ink) calc(var(--mean) + 1px),
			transparent calc(var(--mean) + 1px)
		);
	}
	.out .bar i {
		background: var(--amber-fill);
	}
	.out .off {
		color: var(--amber-text);
	}
</style>
