<script lang="ts">
	import { m } from '$words';
	import type { PageData } from './$types';
	import SprayerForm from '$lib/sprayer/SprayerForm.svelte';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>{m.new_sprayer_fallow()}</title></svelte:head>

<main class="plain-page">
	<h1>{m.add_a_sprayer()}</h1>
	<SprayerForm form={data.form} settings={data.farm.settings} submit={m.add_the_sprayer()} cancel="/sprayers" />
</main>
