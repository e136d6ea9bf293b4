<!--
@component The arc with a field at the end of each spray. Enter goes to the next, arrows move along the arc.
-->
<script lang="ts">
	import { m } from '$words';
	import { tick } from 'svelte';
	import Arc from '$lib/drawings/Arc.svelte';
	import { arcBox, arcNozzles } from '$lib/drawings/arc-geometry';
	import { onCatchKey } from './catch-keys';
	import type { JugBoard, ShownJug } from '$lib/drawings/jug-board';
	import { shortUnit } from '$lib/settings/field-units';
	import type { NozzleNames } from '$lib/wording/nozzle-names';

	interface Props {
		perSide: number;
		board: JugBoard;
		names: NozzleNames;
		/** Nozzle at hand. */
		at: number | null;
		/** Text being typed, by nozzle. */
		drafts: Record<number, string>;
		disabled: boolean;
		sides: readonly [string, string];
		onpick: (n: number) => void;
		onenter: (n: number) => void;
		onmove: (from: number, by: -1 | 1) => void;
		/** A column of figures was pasted; false where it is typing. */
		onpaste: (n: number, text: string) => boolean;
	}
	let {
		perSide,
		board,
		names,
		at,
		drafts = $bindable(),
		disabled,
		sides,
		onpick,
		onenter,
		onmove,
		onpaste
	}: Props = $props();

	const byNumber = $derived(new Map(board.jugs.map((j) => [j.n, j])));
	const unit = $derived(shortUnit(board.unit));
	/** Fields lie past the longest spray, so that none covers another. */
	const places = $derived(
		arcNozzles(perSide).map((nozzle) => ({
			nozzle,
			left: ((nozzle.x + nozzle.ux * 170) / arcBox.width) * 100,
			top: ((nozzle.y + nozzle.uy * 161) / arcBox.height) * 100,
			/** Where its verdict stands: away from the neighbours' fields. */
			out:
				Math.abs(nozzle.ux) < 0.5
					? 'bottom-full'
					: `top-1/2 -translate-y-1/2 ${nozzle.side === 'left' ? 'right-full' : 'left-full'}`
		}))
	);
	const text = (jug: ShownJug) => drafts[jug.n] ?? jug.figure;

	const keys = {
		enter: (n: number) => onenter(n),
		escape: (n: number) => delete drafts[n],
		move: (n: number, by: -1 | 1) => onmove(n, by)
	};

	/** The nozzle at hand has the focus, so that the next figure needs no pointer. */
	export function focusOn(n: number) {
		const input = document.getElementById(`catch-${n}`);
		if (input) input.focus();
		else void tick().then(() => document.getElementById(`catch-${n}`)?.focus());
	}
</script>

<div class="arc">
	<div class="fit">
		<Arc {perSide} jugs={board.jugs} top={board.top} {at} {sides} onpick={(n) => (onpick(n), focusOn(n))} />
		{#each places as { nozzle, left, top, out } (nozzle.n)}
			{@const jug = byNumber.get(nozzle.n)}
			{#if jug}
				<div class="at {jug.verdict.replace(' ', '-')}" style="left:{left}%;top:{top}%">
					<input
						id="catch-{jug.n}"
						class="num"
						type="text"
						inputmode="decimal"
						autocomplete="off"
						aria-label={m.caught_in({ n: names.nozzle(jug.n), unit })}
						aria-describedby="dev-{jug.n}"
						placeholder={jug.n === at ? unit : jug.passedOver ? '–' : '?'}
						{disabled}
						value={text(jug)}
						oninput={(e) => (drafts[jug.n] = e.currentTarget.value)}
						onfocus={(e) => {
							onpick(jug.n);
							e.currentTarget.select();
						}}
						onkeydown={(e) => onCatchKey(e, jug.n, 'on', keys)}
						onpaste={(e) => {
							if (onpaste(jug.n, e.clipboardData?.getData('text') ?? '')) e.preventDefault();
						}}
					/>
					<span id="dev-{jug.n}" class="dev {out}"
						>{jug.verdict === 'together'
							? m.together()
							: jug.verdict === 'even' || jug.verdict === 'not caught'
								? ''
								: jug.deviation}<span class="sr-only">{jug.deviation}</span></span
					>
				</div>
			{/if}
		{/each}
	</div>
</div>

<style>
	.arc {
		display: grid;
		place-items: center;
		flex: 1;
		min-height: 0;
		container-type: size;
	}
	/* As large as the board allows, at the drawing's own proportions, so that the fields stay where the sprays end. */
	.fit {
		position: relative;
		aspect-ratio: 7 / 5;
		width: min(100cqw - 110px, 140cqh);
	}
	.at {
		position: absolute;
		display: grid;
		justify-items: center;
		transform: translate(-50%, -50%);
	}
	input {
		width: 46px;
		min-height: 30px;
		padding: 0;
		border: 2px solid transparent;
		border-radius: 5px;
		background: none;
		text-align: center;
		font-size: 1.25rem;
		color: var(--ink);
	}
	input:hover:not(:disabled) {
		border-color: var(--rule);
	}
	input:focus {
		border: 3px solid var(--dye);
		background: var(--card);
		outline: none;
	}
	input::placeholder {
		color: var(--soft);
		font: 400 0.9rem var(--font-text);
		opacity: 1;
	}
	.dev {
		position: absolute;
		font-size: 0.9rem;
		font-weight: 600;
		white-space: nowrap;
	}
	.low :is(input, .dev),
	.high :is(input, .dev) {
		color: var(--amber-text);
	}
	.blocked :is(input, .dev) {
		color: var(--rust-text);
	}
</style>
