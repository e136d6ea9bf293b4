<script lang="ts">
	import { m } from '$words';
	import { may } from '$lib/kit/may';
	import type { PageData } from './$types';
	import SprayerCard from '$lib/sprayer/SprayerCard.svelte';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>{m.sprayers_fallow()}</title></svelte:head>

<main>
	<div class="flex flex-wrap justify-between items-center gap-4">
		<h1>{data.away ? m.archived_sprayers() : m.sprayers()}</h1>
		<span class="flex flex-wrap gap-2.5">
			<a class="btn" href="/nozzles">{m.nozzle_catalogue()}</a>
			{#if may('manage')}<a class="btn go" href="/sprayers/new">{m.add_a_sprayer()}</a>{/if}
		</span>
	</div>
	{#if data.sprayers.length === 0 && !data.away}
		<p class="lab">
			{m.the_farms_sprayers_belong_here_each()}
		</p>
	{/if}
	<div class="grid">
		{#each data.sprayers as sprayer (sprayer.id)}<SprayerCard {...sprayer} settings={data.farm.settings} />{/each}
	</div>
	{#if data.away}<p><a href="/sprayers">{m.sprayers_in_use({ others: data.others })}</a></p>
	{:else if data.others > 0}<p><a href="/sprayers?away=yes">{m.archived({ others: data.others })}</a></p>{/if}
</main>

<style>
	main {
		display: grid;
		gap: 18px;
		padding: 24px;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
		gap: 16px;
	}
	@media (max-width: 859px) {
		main {
			padding: 18px 16px;
		}
	}
</style>
