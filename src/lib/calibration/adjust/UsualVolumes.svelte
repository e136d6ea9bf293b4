<!-- @component Usual spray volumes and drops by kind of product, for a label that names none. Marked as usual practice. -->
<script lang="ts">
	import { factor, productUses, showFigure, usualVolume } from '$core';
	import type { ProductUse } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { longUnit } from '$lib/settings/field-units';
	import { productUseWords } from '$lib/wording/product-uses';
	import { dropletWords } from '$lib/wording/nozzles';

	interface Props {
		settings: FarmSettings;
		disabled: boolean;
		onuse: (low: string, high: string) => void;
	}
	let { settings, disabled, onuse }: Props = $props();
	const unit = $derived(settings.rateUnit);
	const figure = (v: number) => showFigure(v / factor('volumePerArea', unit), 2, settings.decimalComma);
	const range = (use: ProductUse) => {
		const { low, high, drops } = usualVolume(use);
		return { low: figure(low), high: figure(high), drops: drops.map((d) => dropletWords[d]).join(' to ') };
	};
</script>

<details class="card px-4.5 py-2">
	<summary class="min-h-10 pt-1.5 font-semibold cursor-pointer"
		>Usual volumes and drops, where the label names none</summary
	>
	<p class="lab">
		Usual practice on field crops, not advice for your product. The label comes first; trees go by their canopy.
	</p>
	<ul class="grid">
		{#each productUses as use (use)}
			{@const r = range(use)}
			<li class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 items-center border-t border-t-rule py-2">
				<div>
					<b>{productUseWords[use].name}</b>: {r.low} to {r.high}
					{longUnit(unit)}, drops {r.drops}
					<p class="lab">{productUseWords[use].why}</p>
				</div>
				<button
					type="button"
					class="btn plain"
					{disabled}
					aria-label="Use the range of: {productUseWords[use].name}"
					onclick={() => onuse(r.low, r.high)}>Use</button
				>
			</li>
		{/each}
	</ul>
</details>
