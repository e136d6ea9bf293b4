<!--
@component A field of a form: a line of text, a day, a time, several lines, one of a few, or one of many that is searched.
What is typed stays as it is typed; what is wrong with it stands under it.
-->
<script lang="ts">
	import type { Component } from 'svelte';
	import { onMount } from 'svelte';
	import { isDay } from '$core';
	import { notADay } from './not-a-day';
	import DayControl from './DayControl.svelte';
	import FieldShell from './FieldShell.svelte';
	import type { PickProps } from './Pick.svelte';

	interface Props {
		label: string;
		value: string;
		type?: 'text' | 'password' | 'date' | 'time' | 'lines' | 'choice' | 'search';
		name?: string | undefined;
		problem?: string | null | undefined;
		hint?: string;
		required?: boolean;
		/** Of a choice or a search. */
		options?: readonly { readonly value: string; readonly label: string }[];
		/** Of several lines. */
		rows?: number;
		inputmode?: 'text' | 'numeric' | 'decimal' | 'tel';
		autocomplete?: 'off' | 'name' | 'username' | 'current-password' | 'new-password';
		placeholder?: string;
		onchange?: () => void;
	}
	let {
		label,
		value = $bindable(),
		type = 'text',
		name,
		problem,
		hint = '',
		required = false,
		options = [],
		rows = 4,
		inputmode = 'text',
		autocomplete = 'off',
		placeholder,
		onchange
	}: Props = $props();

	let left = $state(false);
	const noDay = $derived(type === 'date' && left && value !== '' && !isDay(value) ? notADay() : null);
	// A list that is searched is much code: a plain list stands there until it has come.
	let Pick = $state<Component<PickProps>>();
	onMount(async () => {
		if (type === 'search') Pick = (await import('./Pick.svelte')).default;
	});
</script>

<FieldShell {label} problem={problem || noDay} {hint} {required}>
	{#snippet control(words)}
		{#if Pick}
			<Pick
				{words}
				{value}
				{options}
				{name}
				{placeholder}
				onpick={(one) => {
					value = one;
					onchange?.();
				}}
			/>
		{:else if type === 'choice' || type === 'search'}
			<select {...words} class="field-input" {name} bind:value {onchange}>
				{#each options as option, i (i)}<option value={option.value}>{option.label}</option>{/each}
			</select>
		{:else if type === 'lines'}
			<textarea
				{...words}
				class="field-input lines"
				{name}
				{rows}
				{placeholder}
				spellcheck="false"
				bind:value
				{onchange}></textarea>
		{:else if type === 'date'}
			<DayControl {words} {label} {name} bind:value bind:left {onchange} />
		{:else}
			<input
				{...words}
				class="field-input"
				{name}
				{type}
				{inputmode}
				{autocomplete}
				{placeholder}
				bind:value
				{onchange}
			/>
		{/if}
	{/snippet}
</FieldShell>

<style>
	.lines {
		resize: vertical;
		font: 500 1rem/1.5 var(--font-text);
	}
</style>
