<!--
@component Jugs side by side, each with its reading typed under it. Enter goes to the next, arrows move along the boom.
-->
<script lang="ts">
	import { m } from '$words';
	import type { NozzleNames } from '$lib/wording/nozzle-names';
	import { tick } from 'svelte';
	import Jug from '$lib/drawings/Jug.svelte';
	import { onCatchKey } from './catch-keys';
	import type { JugBoard, ShownJug } from '$lib/drawings/jug-board';
	import { shortUnit } from '$lib/settings/field-units';

	interface Props {
		board: JugBoard;
		/** Nozzles in view. */
		shown: readonly number[];
		/** Nozzle at hand. */
		at: number | null;
		/** Text being typed into the jug at hand, by nozzle. */
		drafts: Record<number, string>;
		disabled: boolean;
		onpick: (n: number) => void;
		onenter: (n: number) => void;
		onmove: (from: number, by: -1 | 1) => void;
		/** Section (from 0) of a nozzle, for the lines between sections. */
		sectionOf: (n: number) => number;
		sectionName: (section: number) => string;
		names: NozzleNames;
		/** A column of figures was pasted; false where it is typing. */
		onpaste: (n: number, text: string) => boolean;
	}
	let {
		board,
		shown,
		at,
		drafts = $bindable(),
		disabled,
		onpick,
		onenter,
		onmove,
		sectionOf,
		sectionName,
		names,
		onpaste
	}: Props = $props();

	const jugs = $derived(board.jugs.filter((j) => shown.includes(j.n)));
	const unit = $derived(shortUnit(board.unit));
	const startsSection = (jug: ShownJug, i: number) => i === 0 || sectionOf(jug.n) !== sectionOf(jugs[i - 1]!.n);
	const text = (jug: ShownJug) => drafts[jug.n] ?? jug.figure;

	const keys = {
		enter: (n: number) => onenter(n),
		escape: (n: number) => delete drafts[n],
		move: (n: number, by: -1 | 1) => onmove(n, by)
	};

	/** The jug at hand has the focus, so that the next figure needs no pointer. */
	export function focusOn(n: number) {
		const input = document.getElementById(`catch-${n}`) as HTMLInputElement | null;
		// At once where the jug is in view, so that a quick hand's next digit does not land in the last jug.
		if (input) input.focus();
		else void tick().then(() => document.getElementById(`catch-${n}`)?.focus());
	}
</script>

<div class="columns" class:few={jugs.length < 4} style="--n:{jugs.length}">
	{#each jugs as jug, i (jug.n)}
		<div class="col" class:first={startsSection(jug, i)} class:edge={i > 0 && startsSection(jug, i)}>
			<p class="section">{startsSection(jug, i) ? sectionName(sectionOf(jug.n)) : ''}</p>
			<div class="jug">
				<Jug
					amount={jug.amount}
					top={board.top}
					marks={board.marks}
					band={jugs.length > 1 ? jug.band : null}
					verdict={jug.verdict}
				/>
			</div>
			<input
				id="catch-{jug.n}"
				class="num {jug.verdict.replace(' ', '-')}"
				type="text"
				inputmode="decimal"
				autocomplete="off"
				aria-label={m.caught_in({ n: names.nozzle(jug.n), unit })}
				aria-describedby="dev-{jug.n}"
				placeholder={jug.n === at ? unit : jug.passedOver ? '–' : ''}
				{disabled}
				value={text(jug)}
				oninput={(e) => (drafts[jug.n] = e.currentTarget.value)}
				onfocus={(e) => {
					onpick(jug.n);
					e.currentTarget.select();
				}}
				onkeydown={(e) => onCatchKey(e, jug.n, 'back', keys)}
				onpaste={(e) => {
					if (onpaste(jug.n, e.clipboardData?.getData('text') ?? '')) e.preventDefault();
				}}
			/>
			<p class="dev {jug.verdict.replace(' ', '-')}" id="dev-{jug.n}">
				{jug.takes > 1 ? `${jug.takes}× ` : ''}{(board.jugs.length > 1 ? jug.deviation : '') ||
					(jug.passedOver ? m.not_caught() : jug.verdict === 'together' ? m.together() : '\u00a0')}
			</p>
			<p class="n" aria-hidden="true">{board.jugs.length > 1 ? names.short(jug.n) : ''}</p>
		</div>
	{/each}
</div>

<style>
	.columns {
		margin-bottom: 2px;
		display: grid;
		grid-template-columns: repeat(var(--n), minmax(0, 1fr));
		flex: 1;
		min-height: 0;
	}
	.few {
		grid-template-columns: repeat(var(--n), minmax(0, 170px));
		justify-content: center;
	}
	.col {
		display: grid;
		grid-template: 22px minmax(110px, 1fr) 46px 20px 22px / minmax(0, 1fr);
		min-width: 0;
		min-height: 0;
		text-align: center;
	}
	.edge {
		box-shadow: inset 1px 0 var(--rule);
	}
	.section {
		padding-left: 6px;
		color: var(--soft);
		font-size: 0.85rem;
		text-align: left;
		white-space: nowrap;
		overflow: visible;
	}
	.jug {
		position: relative;
		min-height: 0;
		overflow: hidden;
	}
	/* Out of the flow: the jug takes the height that is left, it does not ask for one. */
	.jug :global(svg) {
		position: absolute;
		inset: 0;
	}
	input {
		width: calc(100% - 6px);
		min-width: 0;
		margin: 0 3px;
		padding: 0;
		border: 2px solid transparent;
		border-radius: 5px;
		background: transparent;
		text-align: center;
		font-size: 1.35rem;
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
		font: 400 0.85rem var(--font-text);
		opacity: 1;
	}
	input:disabled {
		opacity: 1;
	}
	.low,
	.high {
		color: var(--amber-text);
	}
	.blocked {
		color: var(--rust-text);
	}
	.dev {
		font-size: 0.8rem;
		white-space: nowrap;
	}
	.dev.even,
	.dev.not-caught,
	.n {
		color: var(--soft);
	}
	.n {
		font-size: 0.9rem;
	}
</style>
