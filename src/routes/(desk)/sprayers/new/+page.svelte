<script lang="ts">
	import type { PageData } from './$types';
	import SprayerForm from '$lib/sprayer/SprayerForm.svelte';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>New sprayer · Fallow</title></svelte:head>

<main class="plain-page">
	<h1>Add a sprayer</h1>
	<SprayerForm form={data.form} settings={data.farm.settings} submit="Add the sprayer" cancel="/sprayers" />
</main>
