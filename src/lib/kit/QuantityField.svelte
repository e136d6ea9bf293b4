<!--
@component One typed quantity: a label, the text as a person writes it, the unit that a bare number means.
Enter or leaving the field hands it on; a refusal keeps the text and says what is wrong.
-->
<script lang="ts">
	import type { Issue } from '$core';
	import { isBareNumber } from '$core';
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

	const id = $props.id();
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

<div class="field" class:small>
	<label for={id}>{label}</label>
	<div class="box">
		<input
			{id}
			class="field-input"
			type="text"
			inputmode="text"
			autocomplete="off"
			autocapitalize="off"
			spellcheck="false"
			bind:value={field.text}
			{disabled}
			aria-invalid={field.problem !== null}
			aria-describedby={field.problem ? `${id}-problem` : hint ? `${id}-hint` : undefined}
			{onkeydown}
			onblur={() => void field.commit()}
		/>
		{#if unit && (field.text.trim() === '' || isBareNumber(field.text))}<span class="unit" aria-hidden="true"
				>{shortUnit(unit)}</span
			>{/if}
	</div>
	{#if field.problem}
		<p class="problem" id="{id}-problem" role="alert">{field.problem}</p>
	{:else if hint}
		<p class="hint" id="{id}-hint">{hint}</p>
	{/if}
</div>

<style>
	.field {
		display: grid;
		gap: 0.25rem;
		align-content: start;
		min-width: 0;
	}
	label {
		font-weight: 600;
		font-size: 0.95rem;
	}
	.box {
		position: relative;
	}
	.unit {
		position: absolute;
		right: 0.75rem;
		top: 50%;
		transform: translateY(-50%);
		color: var(--soft);
		pointer-events: none;
	}
	.small label {
		font-weight: 400;
		font-size: 0.85rem;
		color: var(--soft);
	}
	.small .field-input {
		padding: 0.25rem 0.6rem;
		font-size: 1.05rem;
	}
	.hint {
		color: var(--soft);
		font-size: 0.9rem;
	}
	.problem {
		color: var(--rust-text);
		font-size: 0.95rem;
		font-weight: 600;
	}
	.problem::before {
		content: '✕ ';
	}
</style>
