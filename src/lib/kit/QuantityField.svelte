<!--
@component One typed quantity: a label, the text as a person writes it, the unit that a bare number means.
Enter or leaving the field hands it on; a refusal keeps the text and says what is wrong.
-->
<script lang="ts">
	import type { Issue } from '$core';
	import { isBareNumber } from '$core';
	import FieldShell from './FieldShell.svelte';
	import { TextField } from './text-field.svelte';
	import { shortUnit } from '$lib/settings/field-units';

	interface Props {
		label: string;
		/** The kept text; empty when there is none. */
		kept: string;
		/** Unit of a bare number; shown beside the field. */
		unit?: string;
		commit: (text: string) => Promise<readonly Issue[]>;
		hint?: string;
		/** Small: for settings beside a drawing. Default false. */
		small?: boolean;
		disabled?: boolean;
		/** Called after Enter was taken. */
		onentered?: () => void;
	}
	let { label, kept, unit = '', commit, hint = '', small = false, disabled = false, onentered }: Props = $props();

	const field = new TextField(
		() => kept,
		(text) => commit(text)
	);

	async function onkeydown(event: KeyboardEvent) {
		if (event.key !== 'Enter') return;
		event.preventDefault();
		if (await field.commit()) onentered?.();
	}
</script>

<FieldShell {label} problem={field.problem} {hint} {small}>
	{#snippet control(words)}
		<div class="relative" class:small>
			<input
				{...words}
				class="field-input"
				type="text"
				inputmode="text"
				autocomplete="off"
				autocapitalize="off"
				spellcheck="false"
				bind:value={field.text}
				{disabled}
				{onkeydown}
				onblur={() => void field.commit()}
			/>
			{#if unit && (field.text.trim() === '' || isBareNumber(field.text))}<span class="unit" aria-hidden="true"
					>{shortUnit(unit)}</span
				>{/if}
		</div>
	{/snippet}
</FieldShell>

<style>
	.unit {
		position: absolute;
		right: 0.75rem;
		top: 50%;
		transform: translateY(-50%);
		color: var(--soft);
		pointer-events: none;
	}
	.small .field-input {
		padding: 0.25rem 0.6rem;
		font-size: 1.05rem;
	}
</style>
