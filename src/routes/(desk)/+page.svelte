<script lang="ts">
	import type { PageData } from './$types';
	import { inUnit, showFigure } from '$core';
	import { fieldUnits } from '$lib/formats/field-units';
	import { eventWords } from '$lib/wording/events';
	import SprayerCard from '$lib/components/SprayerCard.svelte';

	let { data }: { data: PageData } = $props();
	const units = $derived(fieldUnits(data.farm.settings));
	const open = $derived(data.sprayers.filter((s) => s.openRound));
	const uncalibrated = $derived(data.sprayers.filter((s) => !s.latest && !s.openRound));
	const doubtful = $derived(data.sprayers.filter((s) => s.latest?.doubt && !s.openRound));
	const ready = $derived(data.sprayers.filter((s) => s.latest && !s.latest.doubt && !s.openRound));
	const heading = $derived.by(() => {
		if (data.sprayers.length === 0) return 'Begin with your first sprayer';
		if (open.length > 0) return open.length === 1 ? 'One round is under way' : `${open.length} rounds are under way`;
		if (uncalibrated.length > 0)
			return uncalibrated.length === 1
				? 'One sprayer wants calibrating'
				: `${uncalibrated.length} sprayers want calibrating`;
		if (doubtful.length > 0)
			return doubtful.length === 1 ? 'One calibration is in doubt' : `${doubtful.length} calibrations are in doubt`;
		return 'Every sprayer is calibrated';
	});
</script>

<svelte:head><title>Today · Fallow</title></svelte:head>

<div class="today">
	<main>
		<h1>{heading}</h1>
		{#if data.sprayers.length === 0}
			<div class="now">
				<div>
					<h2>A boom, a boomless set, an arc or a knapsack</h2>
					<p>
						Tell Fallow what yours is, then calibrate it by measuring. What goes in each tank load follows from that.
					</p>
				</div>
				<a class="btn" href="/sprayers/new">Add the first sprayer</a>
			</div>
		{/if}
		{#each open as sprayer (sprayer.id)}
			<div class="now">
				<div>
					<h2>{sprayer.rig.name}: the round is half done</h2>
					<p>Every reading so far is kept. Go on where you stopped.</p>
				</div>
				<a class="btn" href="/rounds/{sprayer.openRound}">Carry on</a>
			</div>
		{/each}
		<ul>
			{#each uncalibrated as sprayer (sprayer.id)}
				<li class="look">
					<div>
						<b>Calibrate {sprayer.rig.name}</b>
						<p class="lab">Nothing was measured yet, so no tank can be dosed from it.</p>
					</div>
					<a class="btn" href="/rounds/new?sprayer={sprayer.id}" data-sveltekit-preload-data="off">Start the round</a>
				</li>
			{/each}
			{#each doubtful as sprayer (sprayer.id)}
				<li class="look">
					<div>
						<b>Calibrate {sprayer.rig.name} again</b>
						<p class="lab">
							Since it was calibrated {sprayer.latest?.signedDay}: {eventWords[
								sprayer.latest!.doubt!
							].name.toLowerCase()}.
						</p>
					</div>
					<a class="btn" href="/rounds/new?sprayer={sprayer.id}" data-sveltekit-preload-data="off">Start the round</a>
				</li>
			{/each}
			{#each ready as sprayer (sprayer.id)}
				<li>
					<div>
						<b>{sprayer.rig.name} is ready to dose</b>
						<p class="lab">
							Calibrated {sprayer.latest?.signedDay}{sprayer.latest && sprayer.latest.findings > 0
								? `, with ${sprayer.latest.findings} ${sprayer.latest.findings === 1 ? 'finding' : 'findings'} to look at`
								: ''}.
						</p>
					</div>
					<a class="btn" href="/calibrations/{sprayer.latest?.id}/tank">What goes in the tank</a>
				</li>
			{/each}
		</ul>
		{#if data.plans.length > 0}
			<section>
				<h2>Loads planned last</h2>
				<ul>
					{#each data.plans as plan (plan.id)}
						<li class="plan">
							<div>
								<b
									>{showFigure(inUnit('area', plan.area as never, units.area), 4, data.farm.settings.decimalComma)}
									{units.area} in {plan.loads}
									{plan.loads === 1 ? 'load' : 'loads'}</b
								>
								<p class="lab">{plan.sprayer}, {plan.products.join(', ') || 'water only'}, planned {plan.day}</p>
							</div>
							<a class="btn plain" href="/tank-plans/{plan.id}">See the loads</a>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	</main>
	<aside aria-label="Sprayers">
		<h2>Sprayers</h2>
		{#each data.sprayers as sprayer (sprayer.id)}
			<SprayerCard {...sprayer} settings={data.farm.settings} />
		{/each}
		{#if data.sprayers.length > 0}<a class="btn plain" href="/sprayers/new">Add a sprayer</a>{/if}
	</aside>
</div>

<style>
	.today {
		display: grid;
		grid-template-columns: 1fr 392px;
		min-height: calc(100dvh - 56px);
	}
	main {
		display: grid;
		gap: 18px;
		align-content: start;
		padding: 24px;
	}
	h1 {
		font-size: 2.2rem;
	}
	.now {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 18px;
		align-items: center;
		padding: 20px 22px;
		border-radius: 8px;
		background: var(--dye);
		color: var(--on-dye);
	}
	.now h2 {
		color: inherit;
		font-size: 1.5rem;
	}
	.now p {
		margin-top: 4px;
	}
	.now .btn {
		min-height: 60px;
		border-color: #fff;
		background: #fff;
		color: #0d3d78;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 12px 1fr auto;
		gap: 16px;
		align-items: center;
		padding: 14px 0;
		border-top: 1px solid var(--rule);
	}
	li::before {
		content: '';
		height: 36px;
		background: var(--dye);
	}
	li.plan::before {
		background: var(--dye-wash);
	}
	section h2 {
		margin-bottom: 8px;
	}
	li.look::before {
		background: var(--amber);
	}
	li b {
		font-size: 1.08rem;
	}
	aside {
		display: grid;
		gap: 12px;
		align-content: start;
		padding: 24px 20px;
		border-left: 1px solid var(--rule);
		background: var(--paper-deep);
	}
	@media (max-width: 859px) {
		.today {
			grid-template-columns: 1fr;
		}
		main {
			padding: 18px 16px;
		}
		.now,
		li {
			grid-template-columns: 1fr;
		}
		li::before {
			display: none;
		}
		aside {
			border: 0;
			padding: 18px 16px;
		}
	}
</style>
