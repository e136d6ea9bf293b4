<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { show } from '$lib/show/show';
	import { showDecimals, teamSpread } from '$core';
	import type { PageData } from './$types';
	import { longUnit } from '$lib/settings/field-units';
	import { shownRate } from '$lib/show/answer';
	import Field from '$lib/kit/Field.svelte';

	let { data }: { data: PageData } = $props();
	let form = $state<HTMLFormElement>();
	const settings = $derived(data.farm.settings);
	const comma = $derived(settings.decimalComma);
	const team = $derived(data.team.length > 0 ? teamSpread(data.team) : null);
	const most = $derived(Math.max(...data.team.map((m) => m.rate * (1 + m.relativeU95)), 1e-12));
	const rate = (value: number) => show('rate', value, settings).figure;
	const percent = (share: number) => `${share < -0.0005 ? '−' : '+'}${showDecimals(Math.abs(share) * 100, 1, comma)} %`;
	const out = $derived(team?.members.filter((m) => m.verdict === 'out') ?? []);
</script>

<svelte:head><title>{m.the_team_fallow({ name: data.sprayer.rig.name })}</title></svelte:head>

<main class="plain-page">
	<div class="flex flex-wrap justify-between gap-3.5">
		<div>
			<h1>{m.the_team_with()} <a class="tap" href="/sprayers/{data.sprayer.id}">{data.sprayer.rig.name}</a></h1>
			<p class="lab">
				{m.each_persons_newest_calibration_in_one()}
			</p>
		</div>
		{#if data.settings.length > 1}
			<form bind:this={form}>
				<Field
					label={m.setting()}
					type="choice"
					name="setting"
					options={data.settings.map(({ id, name }) => ({ value: id, label: name }))}
					value={data.setting.id}
					onchange={() => form?.requestSubmit()}
				/>
				<noscript><button class="btn">{m.show()}</button></noscript>
			</form>
		{/if}
	</div>
	{#if !team}
		<div class="card grid gap-3.5 justify-items-start p-6">
			<p>
				{m.nobody_has_calibrated_in_this_setting()}
			</p>
			<a
				class="btn go"
				href="/rounds/new?sprayer={data.sprayer.id}&setting={data.setting.id}"
				data-sveltekit-preload-data="off">{m.start_the_first_calibration()}</a
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
						<a class="lab tap" href="/calibrations/{data.team[i]!.id}">{dayText(data.team[i]!.signedDay)}</a>
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
								>{m.one_go_do_another_then_it()}</small
							>
						{:else if member.verdict === 'cannot-tell'}<small class="block whitespace-normal"
								>{m.cannot_tell_yet_the_is_too()}</small
							>{/if}
					</p>
				</div>
			{/each}
			<p class="lab">
				<i class="inline-block w-0.5 h-4 mr-1.5 bg-ink align-middle" aria-hidden="true"></i>
				{m.mean_of_the_team({ mean: rate(team.mean), rateUnit: longUnit(settings.rateUnit) })}
			</p>
		</div>
		<div class="grid gap-2 max-w-190" aria-live="polite">
			{#if team.members.length > 1}
				<p>
					<b class="num mr-2 text-[2rem]">{showDecimals(team.spread * 100, 0, comma)} %</b>
					<span>{m.lies_between_the_least_and_the()}</span>
				</p>
			{/if}
			{#if out.length > 0}
				<p class="look">
					<b>{m.more_than_5_from_the_teams({ list: out.map((m) => m.person).join(', ') })}</b>
					{m.look_at_pace_wand_height_and()}
				</p>
			{:else if team.members.length > 1}<p>
					{#if team.members.every((m) => m.verdict === 'within')}<b>{m.everybody_is_within_5()}</b>
						{m.of_the_teams_mean()}
					{:else}<b>{m.nobody_can_be_called_off_yet()}</b> {m.a_second_go_of_each_person()}{/if}
				</p>{/if}
		</div>
		<a
			class="btn justify-self-start"
			href="/rounds/new?sprayer={data.sprayer.id}&after={data.team[0]?.id}&changed=person"
			data-sveltekit-preload-data="off">{m.calibrate_another_person()}</a
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
