<script lang="ts">
	import type { PageData } from './$types';
	import SprayerForm from '$lib/sprayer/SprayerForm.svelte';

	let { data }: { data: PageData } = $props();
</script>

<svelte:head><title>Edit {data.sprayer.rig.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>Edit {data.sprayer.rig.name}</h1>
		<p class="lab">
			A calibration in progress asks whether it goes by what you correct. One that is signed stays as it is; new nozzles
			want a new one.
		</p>
	</div>
	<SprayerForm
		form={data.form}
		settings={data.farm.settings}
		submit="Save the sprayer"
		cancel={data.back ?? `/sprayers/${data.sprayer.id}`}
		fixed
	/>
</main>
