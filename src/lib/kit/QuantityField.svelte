<!--
@component One typed quantity: a label, the text as a person writes it, and the unit that a bare number means, which can be
picked: another one than the field's own is kept with the number, as if it had been typed.
Enter or leaving the field hands it on; a refusal keeps the text and says what is wrong.
-->
<script lang="ts">
	import { m } from '$words';
	import type { Issue } from '$core';
	import { isBareNumber } from '$core';
	import FieldShell from './FieldShell.svelte';
	import { lastFirst, rememberUnit } from './last-units';
	import { TextField } from './text-field.svelte';
	import { saidIn } from '$lib/settings/said-in';
	import { unitsLike } from '$lib/settings/unit-lists';

	interface Props {
		label: string;
		/** The kept text; empty when there is none. */
		kept: string;
		/** Unit of a bare number; others of its kind can be picked beside the field. */
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

	let picked = $state('');
	const units = $derived(unit ? lastFirst(unit, unitsLike(unit)) : []);
	const chosen = $derived(units.some((u) => u.value === picked) ? picked : unit);
	const field = new TextField(
		() => kept,
		(text) => commit(saidIn(text, chosen, unit))
	);
	const bare = $derived(field.text.trim() === '' || isBareNumber(field.text));
	/** The number that stands there is meant in the unit that is picked. */
	function pick(to: string) {
		picked = to;
		rememberUnit(unit, to);
		if (field.text.trim() === '') return;
		field.touch();
		void field.commit();
	}

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
			{#if bare && units.length > 1}<select
					class="unit"
					title={m.unit_of({ name: label.toLowerCase() })}
					{disabled}
					bind:value={() => chosen, pick}
				>
					{#each units as u (u.value)}<option value={u.value}>{u.label}</option>{/each}
				</select>
			{:else if bare && unit}<span class="unit" aria-hidden="true">{units.find((u) => u.value === unit)?.label}</span
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
	}
	span.unit {
		pointer-events: none;
	}
	select.unit {
		right: 4px;
		max-width: 45%;
		min-height: 40px;
		padding: 0 4px;
		border: 0;
		border-left: 1px solid var(--hair);
		background: transparent;
		font: inherit;
		cursor: pointer;
	}
	.small .field-input {
		padding: 0.25rem 0.6rem;
		font-size: 1.05rem;
	}
</style>
