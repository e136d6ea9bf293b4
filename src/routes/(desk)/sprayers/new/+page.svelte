<script lang="ts">
	import type { PageData } from './$types';
	import SprayerForm from '$lib/components/SprayerForm.svelte';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>New sprayer · Fallow</title></svelte:head>

<main>
	<h1>A boom sprayer</h1>
	<SprayerForm form={data.form} settings={data.farm.settings} submit="Add it" cancel="/sprayers" />
</main>

<style>
	main {
		display: grid;
		gap: 16px;
		padding: 20px 24px;
	}
	@media (max-width: 859px) {
		main {
			padding: 16px;
		}
	}
</style>
