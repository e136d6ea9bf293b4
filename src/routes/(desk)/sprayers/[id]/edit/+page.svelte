<script lang="ts">
	import { m } from '$words';
	import type { PageData } from './$types';
	import SprayerForm from '$lib/sprayer/SprayerForm.svelte';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>{m.edit_fallow({ name: data.sprayer.rig.name })}</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{m.edit_3({ name: data.sprayer.rig.name })}</h1>
		<p class="lab">
			{m.a_calibration_in_progress_asks_whether()}
		</p>
	</div>
	<SprayerForm
		form={data.form}
		seen={data.seen}
		settings={data.farm.settings}
		submit={m.save_the_sprayer()}
		cancel={data.back ?? `/sprayers/${data.sprayer.id}`}
		fixed
	/>
</main>
