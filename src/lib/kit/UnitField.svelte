<!--
@component One typed quantity with its unit as a suffix that can be picked. A text that brings its own unit keeps it, and the
suffix says so.
-->
<script lang="ts">
	import { m } from '$words';
	import { isBareNumber } from '$core';
	import FieldShell from './FieldShell.svelte';

	interface Props {
		label: string;
		value: string;
		unit: string;
		units: readonly { readonly value: string; readonly label: string }[];
		problem?: string | null | undefined;
		hint?: string;
		placeholder?: string;
		disabled?: boolean;
		/** A figure that is read from a metre away. */
		big?: boolean;
		onchange?: () => void;
	}
	let {
		label,
		value = $bindable(),
		unit = $bindable(),
		units,
		problem,
		hint = '',
		placeholder,
		disabled = false,
		big = false,
		onchange
	}: Props = $props();
	const bare = $derived(value.trim() === '' || isBareNumber(value.trim()));
</script>

<FieldShell {label} {problem} {hint}>
	{#snippet control(words)}
		<div class="pair">
			<input
				{...words}
				class={['field-input', big && 'num text-[1.8rem] min-h-15']}
				inputmode="decimal"
				{disabled}
				autocomplete="off"
				spellcheck="false"
				{placeholder}
				bind:value
				oninput={() => onchange?.()}
			/>
			{#if bare}<select
					class="field-input"
					{disabled}
					title={m.unit_of({ name: label.toLowerCase() })}
					bind:value={unit}
					{onchange}
				>
					{#each units as u (u.value)}<option value={u.value}>{u.label}</option>{/each}
				</select>
			{:else}<span class="lab own">{m.as_typed()}</span>{/if}
		</div>
	{/snippet}
</FieldShell>

<style>
	.pair {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
	}
	.pair .field-input:first-child {
		border-radius: 6px 0 0 6px;
	}
	.pair .field-input:not(:first-child) {
		width: auto;
		max-width: 10.5rem;
		border-left: 0;
		border-radius: 0 6px 6px 0;
		font-size: 1rem;
	}
	.own {
		display: grid;
		place-items: center;
		padding: 0 12px;
		border: 2px solid var(--field-border);
		border-left: 0;
		border-radius: 0 6px 6px 0;
	}
</style>
