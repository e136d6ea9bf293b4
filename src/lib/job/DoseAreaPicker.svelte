<!-- @component On bands: whether a dose is of the treated or of the field area. Nothing is picked until somebody does. -->
<script lang="ts">
	import { m } from '$words';
	import type { DoseArea } from '$core';
	import { doseAreas } from '$core';
	import { doseAreaWords } from '$lib/wording/products';
	import Segmented from '$lib/kit/Segmented.svelte';

	let { value, onpick }: { value: DoseArea | ''; onpick: (value: DoseArea) => void } = $props();
</script>

<Segmented
	label={m.the_dose_is()}
	options={doseAreas.map((area) => ({ value: area, label: doseAreaWords[area] }))}
	value={value as DoseArea}
	onchange={onpick}
/>
