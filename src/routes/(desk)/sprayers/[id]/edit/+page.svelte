<script lang="ts">
	import type { PageData } from './$types';
	import SprayerForm from '$lib/sprayer/SprayerForm.svelte';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>Change {data.sprayer.rig.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>Change {data.sprayer.rig.name}</h1>
		<p class="lab">Rounds that were begun keep the rig as it was. A changed nozzle or spacing wants a new round.</p>
	</div>
	<SprayerForm
		form={data.form}
		settings={data.farm.settings}
		submit="Keep the changes"
		cancel="/sprayers/{data.sprayer.id}"
		fixed
	/>
</main>
