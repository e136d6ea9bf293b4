<!--
@component A time that is typed, or timed on the spot: one press starts the watch, the next one writes what it says into the
field, in seconds or in minutes and seconds.
-->
<script lang="ts">
	import { m } from '$words';
	import { Timer } from '@lucide/svelte';
	import { everyFrame } from './attachments';
	import FieldShell from './FieldShell.svelte';
	import { Stopwatch } from './stopwatch.svelte';
	import { timeText } from './time-text';

	interface Props {
		label: string;
		value: string;
		/** Seconds of a short time; minutes and seconds of a long one. */
		long?: boolean;
		decimalComma: boolean;
		problem?: string | null | undefined;
		hint?: string;
		required?: boolean;
	}
	let {
		label,
		value = $bindable(),
		long = false,
		decimalComma,
		problem,
		hint = '',
		required = false
	}: Props = $props();
	const watch = new Stopwatch({
		now: () => Date.now(),
		steady: () => performance.now(),
		// It is for a moment, and its page is left only to lose it.
		keep: () => Promise.resolve()
	});
	function press() {
		if (watch.running) value = timeText(watch.stop(), long, decimalComma);
		else watch.start();
	}
</script>

<FieldShell {label} {problem} {hint} {required}>
	{#snippet control(words)}
		<div
			class="pair"
			{@attach everyFrame(
				() => watch.running,
				() => watch.tick()
			)}
		>
			<input
				{...words}
				class="field-input"
				autocomplete="off"
				spellcheck="false"
				readonly={watch.running}
				bind:value={() => (watch.running ? timeText(watch.elapsed, long, decimalComma) : value), (v) => (value = v)}
			/>
			<button
				type="button"
				class="btn plain"
				class:running={watch.running}
				aria-label="{watch.running ? m.stop() : m.time()} {label.toLowerCase()}"
				onclick={press}
				><Timer size="20" aria-hidden="true" />
				{watch.running ? m.stop() : m.time_it_title()}</button
			>
		</div>
	{/snippet}
</FieldShell>

<style>
	.pair {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		gap: 8px;
	}
	.running {
		background: var(--dye-key);
		color: var(--on-dye);
	}
</style>
