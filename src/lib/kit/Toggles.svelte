<!-- @component Any number of a few, each on or off by itself. Skeleton's toggle group in Fallow's buttons;
each is reached by Tab, as any button is, and the group itself is not: it would take a key that is pressed at once. -->
<script lang="ts" generics="T extends string | number">
	import type { Snippet } from 'svelte';
	import { ToggleGroup } from '@skeletonlabs/skeleton-svelte';

	interface Option {
		readonly value: T;
		readonly label: string;
		/** What it is called where its label alone does not say. */
		readonly spoken?: string;
		/** Room that it takes beside the others, as shares of a row. */
		readonly share?: number;
	}
	interface Props {
		label: string;
		options: readonly Option[];
		/** Those that are on. */
		value: readonly T[];
		/** The one that was turned, and whether it is on now. */
		onturn: (value: T, on: boolean) => void;
		disabled?: boolean;
		/** How a button looks, on and off. */
		looks?: (on: boolean) => string;
		class?: string;
		/** What stands in a button, where its label is not all. */
		item?: Snippet<[Option, boolean]>;
	}
	let {
		label,
		options,
		value,
		onturn,
		disabled = false,
		looks = (on) => `btn ${on ? 'ink' : 'plain'}`,
		class: extra = '',
		item
	}: Props = $props();

	function turned(now: readonly string[]) {
		const option = options.find((o) => now.includes(String(o.value)) !== value.includes(o.value));
		if (option) onturn(option.value, now.includes(String(option.value)));
	}
</script>

<ToggleGroup
	multiple
	rovingFocus={false}
	tabindex={-1}
	{disabled}
	value={value.map(String)}
	onValueChange={(d) => turned(d.value)}
	aria-label={label}
	class={['flex flex-wrap gap-2', extra]}
>
	{#each options as option (option.value)}
		{@const on = value.includes(option.value)}
		<ToggleGroup.Item
			value={String(option.value)}
			class={looks(on)}
			aria-label={option.spoken}
			style={option.share === undefined ? undefined : `flex:${option.share}`}
		>
			{#if item}{@render item(option, on)}{:else}{option.label}{/if}
		</ToggleGroup.Item>
	{/each}
</ToggleGroup>
