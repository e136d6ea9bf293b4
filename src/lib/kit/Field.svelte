<!--
@component A field of a form: a line of text, a day, a time, several lines, one of a few, or one of many that is searched.
What is typed stays as it is typed; what is wrong with it stands under it.
-->
<script lang="ts">
	import { m } from '$words';
	import type { Component } from 'svelte';
	import { onMount } from 'svelte';
	import { isDay } from '$core';
	import { notADay } from './not-a-day';
	import DayControl from './DayControl.svelte';
	import FieldShell from './FieldShell.svelte';
	import type { PickProps } from './Pick.svelte';
	import type { SuffixUnits } from './unit-suffix';
	import { suffixOf, typedIn, withSuffix } from './unit-suffix';

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
		/** Of a quantity: the units that it can be typed in, first the one that no unit means. */
		units?: SuffixUnits | undefined;
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
		units,
		rows = 4,
		inputmode = 'text',
		autocomplete = 'off',
		placeholder,
		onchange
	}: Props = $props();

	/** A unit that was picked before anything was typed goes with what is typed then. */
	let picked = $state<string | null>(null);
	/** What stands in the field while it is typed; the value has the unit already. */
	let typing = $state<string | null>(null);
	const suffix = $derived(units ? ((value.trim() === '' ? picked : null) ?? suffixOf(value, units)) : null);
	function pickUnit(unit: string) {
		if (!units) return;
		picked = value.trim() === '' ? unit : null;
		value = withSuffix(value, unit, units);
		onchange?.();
	}
	function keep(text: string) {
		value = typedIn(text, picked, units ?? []);
		typing = value === text ? null : text;
	}
	function typed() {
		typing = null;
		if (value.trim() !== '') picked = null;
		onchange?.();
	}

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
		{:else if units && units.length > 1}
			<div class="grid grid-cols-[minmax(0,1fr)_auto]">
				<input
					{...words}
					class="field-input rounded-r-none!"
					{name}
					{inputmode}
					{autocomplete}
					{placeholder}
					bind:value={() => typing ?? value, keep}
					onchange={typed}
				/>
				{#if suffix === null}<span
						class="lab grid place-items-center rounded-r-[6px] border-2 border-l-0 border-field-border px-3"
						>{m.as_typed()}</span
					>{:else}<select
						class="field-input w-auto! max-w-26 rounded-l-none! border-l-0! text-[1rem]!"
						title={m.unit_of({ name: label.toLowerCase() })}
						value={suffix}
						onchange={(e) => pickUnit(e.currentTarget.value)}
					>
						{#each units as unit (unit.value)}<option value={unit.value}>{unit.label}</option>{/each}
					</select>{/if}
			</div>
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
