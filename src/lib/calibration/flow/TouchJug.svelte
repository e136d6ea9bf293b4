<!-- @component One jug as large as the phone: touched where the water stands, kept when the finger lifts. -->
<script lang="ts">
	import { m } from '$words';
	import { showFigure } from '$core';
	import { shortUnit } from '$lib/settings/field-units';
	import type { TouchJugState } from './touch-jug.svelte';

	let { jug, name }: { jug: TouchJugState; name: string } = $props();
	let width = $state(300);
	let total = $state(300);
	const step = $derived(jug.step);
	const comma = $derived(step.calibration.settings.decimalComma);
	const band = $derived(
		step.calibration.sprayer.nozzles > 1 ? (step.kept.jugs.find((j) => j.n === step.at)?.band ?? null) : null
	);
	const edge = $derived(Math.min(64, width * 0.17));
	const inner = $derived(width - 2 * edge);
	const figure = (v: number) => showFigure(v, 3, comma);
	const y = (event: PointerEvent & { currentTarget: Element }) =>
		event.clientY - event.currentTarget.getBoundingClientRect().top;
	/** Off the side of the jug, or above and below it. */
	const off = (event: PointerEvent & { currentTarget: Element }) => {
		const box = event.currentTarget.getBoundingClientRect();
		return event.clientX < box.left + edge * 0.4 || event.clientX > box.right - edge * 0.4;
	};
	$effect(() => {
		jug.height = Math.max(1, total);
	});
	function onkeydown(event: KeyboardEvent) {
		const by = { ArrowUp: 1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[event.key];
		if (by !== undefined) jug.nudge(by);
		else if (event.key === 'Enter') step.enter(step.at);
		else return;
		event.preventDefault();
	}
</script>

<div class="box">
	<div
		class="jug"
		role="slider"
		tabindex="0"
		aria-label={m.touch_the_jug_where_the_water_stands({ name })}
		aria-valuemin={jug.window.low}
		aria-valuemax={jug.window.high}
		aria-valuenow={step.jug?.amount ?? jug.window.low}
		aria-valuetext={step.text === '' ? m.not_caught() : `${step.text} ${shortUnit(step.unit)}`}
		bind:clientWidth={width}
		bind:clientHeight={total}
		{onkeydown}
		onpointerdown={(e) => {
			if (off(e)) return;
			e.currentTarget.setPointerCapture(e.pointerId);
			jug.press(y(e));
		}}
		onpointermove={(e) => jug.touching && (off(e) ? jug.slideOff() : jug.move(y(e)))}
		onpointerup={(e) => (off(e) ? jug.slideOff() : jug.lift())}
		onpointercancel={() => jug.slideOff()}
	>
		<svg viewBox="0 0 {width} {total}" aria-hidden="true">
			<rect x={edge} y="0" width={inner} height={total} fill="var(--card)" />
			{#if band}
				<rect
					x="0"
					y={jug.yOf(band[1])}
					{width}
					height={Math.max(2, jug.yOf(band[0]) - jug.yOf(band[1]))}
					fill="var(--moss-wash)"
				/>
				{#if jug.yOf(band[0]) - jug.yOf(band[1]) > 20}<text
						class="even"
						x="4"
						y={(jug.yOf(band[0]) + jug.yOf(band[1])) / 2 + 5}>{m.even()}</text
					>{/if}
				{#each band as limit, i (i)}
					<path d="M0 {jug.yOf(limit)}H{width}" stroke="var(--moss)" stroke-width="1.5" stroke-dasharray="6 5" />
					<text class="even" x="4" y={jug.yOf(limit) + (i === 0 ? 16 : -6)}>{figure(limit)}</text>
				{/each}
			{/if}
			{#if jug.level !== null}
				<rect
					x={edge}
					y={Math.max(0, jug.level)}
					width={inner}
					height={Math.max(0, total - jug.level)}
					fill="var(--dye)"
					opacity={jug.touching ? 0.55 : 1}
				/>
				<path d="M{edge - 14} {jug.level}H{width - edge + 14}" stroke="var(--ink)" stroke-width="4" />
				<path d="M0 {jug.level - 11}l16 11-16 11z M{width} {jug.level - 11}l-16 11 16 11z" fill="var(--ink)" />
			{/if}
			{#each jug.marks as mark (mark.value)}
				{@const at = jug.yOf(mark.value)}
				{@const wet = jug.level !== null && at > jug.level}
				<path
					d="M{edge + 3} {at}h{mark.major ? 34 : 18} M{width - edge - 3} {at}h-{mark.major ? 34 : 18}"
					stroke={wet ? '#fff' : 'var(--ink)'}
					stroke-width={mark.major ? 3 : 1.5}
				/>
				{#if mark.major}
					<text class="figure" x={edge + 44} y={at + 7} fill={wet ? '#fff' : 'var(--ink)'}>{mark.figure}</text>
					<text class="figure end" x={width - edge - 44} y={at + 7} fill={wet ? '#fff' : 'var(--ink)'}
						>{mark.figure}</text
					>
				{/if}
			{/each}
			<path
				d="M{edge} 0V{total} M{width - edge} 0V{total}"
				stroke="var(--ink)"
				stroke-width="5"
				stroke-dasharray={jug.level === null ? '10 7' : undefined}
			/>
		</svg>
	</div>
	<button type="button" class="more up" aria-label={m.higher_on_the_jug()} onclick={() => jug.more(1)}>▲</button>
	<button type="button" class="more down" aria-label={m.lower_on_the_jug()} onclick={() => jug.more(-1)}>▼</button>
</div>

<style>
	.box {
		position: relative;
		flex: 1;
		min-height: 220px;
		border-top: 1px solid var(--rule);
		border-bottom: 2px solid var(--ink);
	}
	.jug {
		position: absolute;
		inset: 0;
		touch-action: none;
		cursor: ns-resize;
		-webkit-user-select: none;
		user-select: none;
	}
	.jug:focus-visible {
		outline: 3px solid var(--dye);
		outline-offset: -3px;
	}
	svg {
		display: block;
		width: 100%;
		height: 100%;
	}
	.figure {
		font: 700 24px var(--font-figures);
		font-stretch: 80%;
	}
	.end {
		text-anchor: end;
	}
	.even {
		fill: var(--moss-text);
		font: 700 14px var(--font-text);
	}
	.more {
		position: absolute;
		right: 0;
		width: 48px;
		height: 48px;
		border: 0;
		background: none;
		color: var(--ink);
		font-size: 1.2rem;
		cursor: pointer;
	}
	.up {
		top: 0;
	}
	.down {
		bottom: 0;
	}
</style>
