<script lang="ts">
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
	<div class="head">
		<div>
			<h1>The team with <a href="/sprayers/{data.sprayer.id}">{data.sprayer.rig.name}</a></h1>
			<p class="lab">
				Each person’s newest calibration in one setting. One tank mix doses right only where all put on the same volume.
			</p>
		</div>
		{#if data.settings.length > 1}
			<form>
				<label
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
		<div class="card empty">
			<p>Nobody has calibrated in this setting yet. Each person takes a round of their own, named on its first step.</p>
			<a
				class="btn go"
				href="/rounds/new?sprayer={data.sprayer.id}&setting={data.setting.id}"
				data-sveltekit-preload-data="off">Start the first round</a
			>
		</div>
	{:else}
		<div class="card board" style="--mean:{(team.mean / most) * 100}%">
			{#each team.members as member, i (member.person)}
				{@const shown = shownRate(member.rate, member.relativeU95, settings.rateUnit, comma)}
				<div class="person" class:out={member.verdict === 'out'}>
					<div class="who">
						<b>{member.person}</b>
						<a class="lab" href="/calibrations/{data.team[i]!.id}">{data.team[i]!.signedDay}</a>
					</div>
					<div class="bar">
						<i style="width:{(member.rate / most) * 100}%"></i>
						<em
							style="left:{((member.rate * (1 - member.relativeU95)) / most) * 100}%;width:{((2 *
								member.rate *
								member.relativeU95) /
								most) *
								100}%"
							aria-hidden="true"
						></em>
					</div>
					<p class="figure">
						<span class="num">{shown.value}</span> ± {shown.interval}
						<b class="off">{member.verdict === 'out' ? (member.off > 0 ? '▲ ' : '▼ ') : ''}{percent(member.off)}</b>
						{#if member.verdict === 'one-go'}<small class="why">one go: do another, then it can be judged</small>
						{:else if member.verdict === 'cannot-tell'}<small class="why">cannot tell yet: the ± is too wide</small
							>{/if}
					</p>
				</div>
			{/each}
			<p class="lab mean">
				<i aria-hidden="true"></i> mean of the team, {rate(team.mean)}
				{longUnit(settings.rateUnit)}
			</p>
		</div>
		<div class="words" aria-live="polite">
			{#if team.members.length > 1}
				<p>
					<b class="num">{showDecimals(team.spread * 100, 0, comma)} %</b>
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
			class="btn"
			href="/rounds/new?sprayer={data.sprayer.id}&setting={data.setting.id}"
			data-sveltekit-preload-data="off">Calibrate another person</a
		>
	{/if}
</main>

<style>
	.head {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 14px;
	}
	label {
		display: grid;
		gap: 4px;
		font-weight: 600;
	}
	.board {
		position: relative;
		display: grid;
		gap: 6px;
		padding: 18px 20px 12px;
	}
	.person {
		display: grid;
		grid-template-columns: 170px minmax(0, 1fr) minmax(250px, max-content);
		gap: 16px;
		align-items: center;
		min-height: 62px;
		border-bottom: 1px dashed var(--rule);
	}
	.who {
		display: grid;
	}
	.who a {
		padding: 4px 0;
	}
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
	.bar i {
		position: absolute;
		inset: 6px auto 6px 0;
		background: var(--dye);
		opacity: 0.85;
	}
	.out .bar i {
		background: var(--amber-fill);
	}
	.bar em {
		position: absolute;
		top: 14px;
		height: 6px;
		border: 1px solid var(--ink);
		background: var(--card);
	}
	.figure {
		white-space: nowrap;
	}
	.figure .num {
		font-size: 2rem;
	}
	.off {
		margin-left: 10px;
	}
	.why {
		display: block;
		white-space: normal;
	}
	.out .off,
	.look {
		color: var(--amber-text);
	}
	.mean i {
		display: inline-block;
		width: 2px;
		height: 16px;
		margin-right: 6px;
		background: var(--ink);
		vertical-align: middle;
	}
	.words {
		display: grid;
		gap: 8px;
		max-width: 760px;
	}
	.words .num {
		margin-right: 8px;
		font-size: 2rem;
	}
	.empty {
		display: grid;
		gap: 14px;
		justify-items: start;
		padding: 24px;
	}
	main > .btn {
		justify-self: start;
	}
	@media (max-width: 859px) {
		.person {
			grid-template-columns: minmax(0, 1fr);
			gap: 4px;
			padding-bottom: 8px;
		}
	}
</style>
