<script lang="ts">
	import type { PageData } from './$types';
	import SprayerCard from '$lib/sprayer/SprayerCard.svelte';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>Sprayers · Fallow</title></svelte:head>

<main>
	<div class="flex justify-between items-center gap-4">
		<h1>{data.away ? 'Archived sprayers' : 'Sprayers'}</h1>
		<span class="flex flex-wrap gap-2.5">
			<a class="btn" href="/nozzles">Nozzle catalogue</a>
			<a class="btn go" href="/sprayers/new">Add a sprayer</a>
		</span>
	</div>
	{#if data.sprayers.length === 0 && !data.away}
		<p class="lab">
			The farm's sprayers belong here, each with its nozzles and what it was measured to put on the ground. Add the
			first one.
		</p>
	{/if}
	<div class="grid">
		{#each data.sprayers as sprayer (sprayer.id)}<SprayerCard {...sprayer} settings={data.farm.settings} />{/each}
	</div>
	{#if data.away}<p><a href="/sprayers">Sprayers in use ({data.others})</a></p>
	{:else if data.others > 0}<p><a href="/sprayers?away=yes">Archived ({data.others})</a></p>{/if}
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
