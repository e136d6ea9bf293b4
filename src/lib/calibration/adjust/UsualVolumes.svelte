<!-- @component Usual spray volumes and drops by kind of product, for a label that names none. Marked as usual practice. -->
<script lang="ts">
	import { m } from '$words';
	import { factor, productUses, showFigure, usualVolume } from '$core';
	import type { ProductUse } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { longUnit } from '$lib/settings/field-units';
	import { productUseWords } from '$lib/wording/product-uses';
	import { dropletWords } from '$lib/wording/nozzles';
	import Fold from '$lib/kit/Fold.svelte';

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
		return { low: figure(low), high: figure(high), drops: drops.map((d) => dropletWords[d]).join(m.to_spaced()) };
	};
</script>

<Fold class="card px-4.5 py-2" title={m.usual_volumes_and_drops_where_the()}>
	<p class="lab">
		{m.usual_practice_on_field_crops_not()}
	</p>
	<ul class="grid">
		{#each productUses as use (use)}
			{@const r = range(use)}
			<li class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 items-center border-t border-t-rule py-2">
				<div>
					<b>{productUseWords[use].name}</b>{m.to_drops({
						low: r.low,
						high: r.high,
						unit: longUnit(unit),
						drops: r.drops
					})}
					<p class="lab">{productUseWords[use].why}</p>
				</div>
				<button
					type="button"
					class="btn plain"
					{disabled}
					aria-label={m.use_the_range_of({ name: productUseWords[use].name })}
					onclick={() => onuse(r.low, r.high)}>{m.use()}</button
				>
			</li>
		{/each}
	</ul>
</Fold>
