<!--
@component One of many names, searched by typing. Without a match it says so; what was typed and not picked is no answer.
-->
<script lang="ts" module>
	import type { FieldWords } from './FieldShell.svelte';

	export interface Option {
		readonly value: string;
		readonly label: string;
	}
	export interface PickProps {
		/** What ties it to its label and to what is wrong. */
		words: FieldWords;
		value: string;
		options: readonly Option[];
		name?: string | undefined;
		placeholder?: string | undefined;
		onpick: (value: string) => void;
	}
</script>

<script lang="ts">
	import { m } from '$words';
	import { Combobox, Portal, useListCollection } from '@skeletonlabs/skeleton-svelte';
	import { shownOptions } from './shown-options';

	let { words, value, options, name, placeholder = m.type_to_search(), onpick }: PickProps = $props();
	let typed = $state('');
	/** The option that stands for none of them is what an empty field says. */
	const none = $derived(options.find((one) => one.value === '')?.label);
	const names = $derived(options.filter((one) => one.value !== ''));
	const picked = $derived(names.find((one) => one.value === value));
	/** Of a long list a part; what is picked is always in it, or the field could not show it. */
	const shown = $derived.by(() => {
		const list = shownOptions(names, typed);
		return picked && !list.includes(picked) ? [picked, ...list] : list;
	});
	const collection = $derived(
		useListCollection({
			items: shown as Option[],
			itemToString: (one) => one.label,
			itemToValue: (one) => one.value
		})
	);
</script>

<Combobox
	{collection}
	placeholder={none ?? placeholder}
	ids={{ input: words.id }}
	invalid={words['aria-invalid']}
	value={picked ? [value] : []}
	inputBehavior="autohighlight"
	openOnClick
	onOpenChange={({ open }) => {
		// It opens at the first letter, which is part of what is searched.
		if (!open) typed = '';
	}}
	onInputValueChange={({ inputValue, reason }) => {
		if (reason === 'input-change') typed = inputValue;
	}}
	onValueChange={({ value: [one] }) => onpick(one ?? '')}
>
	<Combobox.Control class="pick-control">
		<Combobox.Input
			class="field-input"
			onfocus={(e) => e.currentTarget.select()}
			aria-required={words['aria-required']}
			aria-describedby={words['aria-describedby']}
		/>
		{#if value !== ''}<Combobox.ClearTrigger class="pick-clear" aria-label={m.clear()}>✕</Combobox.ClearTrigger>
		{:else}<Combobox.Trigger class="pick-clear" aria-label={m.all_of_them()}>▾</Combobox.Trigger>{/if}
	</Combobox.Control>
	<Portal>
		<Combobox.Positioner class="z-40!">
			<Combobox.Content class="pick-list">
				{#each shown as one, i (i)}
					<Combobox.Item item={one}><Combobox.ItemText>{one.label}</Combobox.ItemText></Combobox.Item>
				{:else}
					<p class="px-3.5 py-3 text-soft">{m.nothing_is_called({ typed })}</p>
				{/each}
			</Combobox.Content>
		</Combobox.Positioner>
	</Portal>
</Combobox>
{#if name}<input type="hidden" {name} {value} />{/if}
