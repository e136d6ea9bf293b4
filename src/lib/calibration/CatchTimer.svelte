<!-- @component The catch timer: counts up to how long a jug is held, and says when to take it away. -->
<script lang="ts">
	import { m } from '$words';
	import { showDecimals } from '$core';
	import { beep } from '$lib/kit/beep';
	import type { Stopwatch } from '$lib/kit/stopwatch.svelte';
	import { everyFrame } from '$lib/kit/attachments';

	interface Props {
		watch: Stopwatch;
		/** How long a jug is held, s; null when it is not known yet. */
		target: number | null;
		onpress: () => void;
		decimalComma: boolean;
	}
	let { watch, target, onpress, decimalComma }: Props = $props();

	const over = $derived(watch.running && target !== null && watch.elapsed >= target);
	const shown = $derived(watch.running || watch.elapsed > 0 ? watch.elapsed : (target ?? 0));

	// A buzz in the glove, where the device can, and a tone.
	$effect(() => {
		if (!over) return;
		navigator.vibrate?.(400);
		beep();
	});
</script>

<button
	type="button"
	class="timer on-dye"
	class:running={watch.running}
	class:over
	onclick={onpress}
	{@attach everyFrame(
		() => watch.running,
		() => watch.tick()
	)}
>
	<span>
		<small class="block text-[0.85rem]"
			>{over
				? m.take_the_jug_away()
				: watch.running
					? m.catching()
					: watch.elapsed > 0
						? m.last_catch()
						: m.catch_timer()}</small
		>
		<span class="num text-[2.6rem] leading-none phone:text-[1.9rem]"
			>{showDecimals(shown, 1, decimalComma)}<span class="text-[1.3rem]"> s</span></span
		>
	</span>
	<kbd class="phone:hidden">{m.space()}</kbd>
	{#if watch.running && target !== null}
		<span class="sr-only" aria-live="assertive">{over ? m.take_the_jug_away() : ''}</span>
	{/if}
</button>

<style>
	.timer {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 14px;
		min-width: 190px;
		min-height: 72px;
		padding: 6px 18px;
		border: 0;
		border-radius: 8px;
		background: var(--dye-key);
		color: var(--on-dye);
		font: inherit;
		text-align: left;
		cursor: pointer;
		touch-action: manipulation;
	}
	.running {
		background: #0d3d78;
		box-shadow: inset 0 0 0 4px var(--straw);
	}
	.over {
		background: var(--straw);
		color: #17231f;
	}
	kbd {
		border: 1px solid currentColor;
		border-radius: 4px;
		padding: 1px 6px;
		font: 400 0.8rem var(--font-text);
	}
	@media (max-width: 859px) {
		.timer {
			min-width: 0;
			min-height: 56px;
			padding: 4px 12px;
		}
	}
</style>
