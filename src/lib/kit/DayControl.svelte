<!-- @component A day: shown and typed as people write it (14 Mar 2026), kept as YYYY-MM-DD, or picked from a month, which is loaded when asked for. -->
<script lang="ts">
	import { m } from '$words';
	import type { Component } from 'svelte';
	import CalendarDays from '@lucide/svelte/icons/calendar-days';
	import { dayText, readDay } from '$lib/settings/day-text';
	import { notADay } from './not-a-day';
	import type { FieldWords } from './FieldShell.svelte';
	import type { Props as SheetProps } from './Sheet.svelte';

	interface Props {
		words: FieldWords;
		label: string;
		value: string;
		name?: string | undefined;
		/** Whether the field was left since it was typed in: before that a day may be half typed. */
		left: boolean;
		onchange?: (() => void) | undefined;
	}
	let { words, label, value = $bindable(), name, left = $bindable(), onchange }: Props = $props();

	/** What is being typed: until it reads as a day it is kept as it stands. */
	let draft = $state<string | null>(null);
	function type(text: string) {
		draft = text;
		value = readDay(text) ?? text;
	}
	let parts = $state<{
		readonly Sheet: Component<SheetProps>;
		readonly Calendar: Component<{ value: string; onpick: (day: string) => void }>;
	}>();
	let open = $state(false);
	async function show() {
		const [Sheet, Calendar] = await Promise.all([import('./Sheet.svelte'), import('./Calendar.svelte')]);
		parts ??= { Sheet: Sheet.default, Calendar: Calendar.default };
		open = true;
	}
</script>

<span class="relative block">
	<input
		{...words}
		class="field-input w-full pl-2.5! pr-10! text-[1.02rem]!"
		type="text"
		autocomplete="off"
		placeholder={m.n14_mar_2026()}
		title={notADay()}
		bind:value={() => draft ?? dayText(value), type}
		onblur={() => (draft = null)}
		onchange={() => {
			left = true;
			onchange?.();
		}}
	/>
	{#if name}<input type="hidden" {name} {value} />{/if}
	<button
		type="button"
		class="absolute inset-y-0 right-0 grid w-10 cursor-pointer place-items-center bg-transparent text-dye"
		aria-label={m.pick_a_day({ label })}
		onclick={() => void show()}><CalendarDays size={22} aria-hidden="true" /></button
	>
</span>
{#if parts}
	<parts.Sheet {open} title={label} onclose={() => (open = false)}>
		<parts.Calendar
			{value}
			onpick={(day) => {
				value = day;
				open = false;
				onchange?.();
			}}
		/>
	</parts.Sheet>
{/if}
