<!-- @component The whole boom small, a jug under each nozzle: what is caught, what is odd, where one is. -->
<script lang="ts">
	import { m } from '$words';
	import type { Verdict } from '$core';

	interface Jug {
		readonly n: number;
		/** Fill of the jug, 0 to 1; null is not caught. */
		readonly fill: number | null;
		readonly verdict: Verdict;
		readonly passedOver: boolean;
	}
	interface Props {
		jugs: readonly Jug[];
		/** Number of the nozzle at hand; none when null. */
		at: number | null;
		onpick?: (n: number) => void;
		/** What a nozzle is called on the drawing. */
		short?: (n: number) => string;
	}
	let { jugs, at, onpick, short = (n) => `${n}` }: Props = $props();

	const width = $derived(Math.max(366, jugs.length * 24));
	const gap = $derived((width - 8) / jugs.length);
	const jugWidth = $derived(Math.min(18, gap * 0.72));
	const crowded = $derived(jugs.length > 16);
	const fills = {
		even: 'var(--dye)',
		'cannot tell': 'var(--dye)',
		low: 'var(--amber-fill)',
		high: 'var(--amber-fill)',
		blocked: 'var(--rust)'
	} as const;
	const fillOf = (v: Verdict) => (v === 'not caught' || v === 'together' ? 'none' : fills[v]);
	const mark = (v: Verdict) =>
		({ low: '▼', high: '▲', blocked: '✕', even: '', 'cannot tell': '?', together: '', 'not caught': '' })[v];
</script>

<svg
	viewBox="0 0 {width} 96"
	role="img"
	aria-label={m.of_nozzles_caught({
		count: jugs.filter((j) => j.fill !== null || j.verdict === 'together').length,
		length2: jugs.length
	})}
>
	<path d="M4 14h{width - 8}" stroke="var(--ink)" stroke-width="4" stroke-linecap="round" />
	{#each jugs as jug, i (jug.n)}
		{@const x = 4 + gap * (i + 0.5)}
		{@const here = jug.n === at}
		<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions (the arrows and the pad do the same) -->
		<g onclick={() => onpick?.(jug.n)} style="cursor:{onpick ? 'pointer' : 'default'}">
			<rect x={x - gap / 2} y="0" width={gap} height="96" fill="transparent" />
			<path d="M{x - 3} 14h6l2 8h-10z" fill="var(--ink)" />
			<path
				d="M{x - jugWidth / 2} 28l2 42h{jugWidth - 4}l2-42"
				fill={jug.fill === null ? 'none' : 'var(--card)'}
				stroke={here ? 'var(--dye)' : jug.fill === null ? 'var(--field-border)' : 'var(--ink)'}
				stroke-width={here ? 3 : 1.6}
				stroke-dasharray={jug.fill === null && jug.verdict !== 'together' && !here ? '3 3' : undefined}
			/>
			{#if jug.fill !== null}
				{@const h = Math.min(1, jug.fill) * 40}
				<path
					d="M{x - jugWidth / 2 + 1 + ((40 - h) / 40) * 1.5} {70 - h}h{jugWidth - 2 - ((40 - h) / 40) * 3}l-{(h / 40) *
						1.6} {h - 1}h-{jugWidth - 5}z"
					fill={fillOf(jug.verdict)}
				/>
				{#if mark(jug.verdict)}<text {x} y="26" text-anchor="middle" font-size="10" fill="var(--amber-text)"
						>{mark(jug.verdict)}</text
					>{/if}
			{:else if jug.verdict === 'together'}
				<path d="M{x - gap / 2} 60h{gap}" stroke="var(--dye)" stroke-width="6" />
			{:else if jug.passedOver}
				<path d="M{x - 5} 50h10" stroke="var(--field-border)" stroke-width="2" />
			{/if}
			{#if !crowded || here || jug.n % 6 === 0 || jug.n === 1}
				<text
					{x}
					y="90"
					text-anchor="middle"
					font-family="var(--font-figures)"
					font-size={here ? 18 : 13}
					font-weight={here ? 800 : 500}
					fill={here ? 'var(--dye-text)' : 'var(--soft)'}>{short(jug.n)}</text
				>
			{/if}
		</g>
	{/each}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		max-height: 120px;
	}
</style>
