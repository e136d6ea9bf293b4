<script lang="ts">
	import { m } from '$words';
	import type { PageData } from './$types';
	import { roleWords } from '$lib/wording/people';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>{m.your_farms_page()}</title></svelte:head>

<h1>{m.your_farms()}</h1>
{#if data.farms.length === 0}<p>{m.on_no_farm()}</p>{/if}
<form method="post" class="grid gap-2.5">
	{#each data.farms as farm (farm.id)}
		<button class="btn plain min-h-16! justify-between!" name="farm" value={farm.id} aria-current={farm.id === data.at}
			><b>{farm.name}</b><span class="text-soft">{roleWords(farm.role)}</span></button
		>
	{/each}
</form>
<form method="post" action="/sign-out"><button class="btn plain">{m.sign_out()}</button></form>
