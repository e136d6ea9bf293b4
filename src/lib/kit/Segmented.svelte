<!-- @component One of a few, side by side. Skeleton's segmented control in Fallow's clothes. -->
<script lang="ts" generics="T extends string">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		label: string;
		options: readonly { readonly value: T; readonly label: string }[];
		/** Empty where nothing is picked yet. */
		value: T | '';
		onchange: (value: T) => void;
	}
	let { label, options, value, onchange }: Props = $props();
</script>

<SegmentedControl value={value || null} onValueChange={(d) => d.value && onchange(d.value as T)} class="fallow-seg">
	<SegmentedControl.Label class="sr-only">{label}</SegmentedControl.Label>
	<SegmentedControl.Control class="seg-control">
		{#each options as option (option.value)}
			<SegmentedControl.Item value={option.value} class="seg-item">
				<SegmentedControl.ItemText>{option.label}</SegmentedControl.ItemText>
				<SegmentedControl.ItemHiddenInput />
			</SegmentedControl.Item>
		{/each}
	</SegmentedControl.Control>
</SegmentedControl>

<style>
	:global(.fallow-seg) {
		display: block;
		width: auto;
		max-width: 100%;
	}
	:global(.fallow-seg .seg-control) {
		display: inline-flex;
		flex-wrap: wrap;
		padding: 0;
		gap: 0;
		border: 2px solid var(--ink);
		border-radius: 6px;
		background: var(--card);
		overflow: hidden;
	}
	:global(.fallow-seg .seg-item) {
		display: grid;
		place-items: center;
		min-height: 46px;
		padding: 0 14px;
		color: var(--ink);
		font-size: 0.95rem;
		cursor: pointer;
		border-radius: 0;
	}
	:global(.fallow-seg .seg-item[data-state='checked']) {
		background: var(--ink);
		color: var(--paper);
	}
	:global(.fallow-seg .seg-item:has(:focus-visible)) {
		outline: 3px solid var(--dye);
		outline-offset: -3px;
	}
</style>
