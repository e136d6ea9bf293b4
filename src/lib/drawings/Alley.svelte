<!-- @component Rows from above: the alley that one pass serves in dye, those that it passes by in straw. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		alleys: 'every' | 'second';
		/** Which sides spray. */
		sides: 'both' | 'left' | 'right';
		/** Row spacing and width served, in words with unit. */
		spacing: string;
		width: string;
	}
	let { alleys, sides, spacing, width }: Props = $props();

	const rows = [60, 220, 380, 540, 700];
	const driven = $derived(alleys === 'every' ? [140, 300, 460, 620] : [140, 460]);
	const reach = $derived(alleys === 'every' ? 80 : 160);
	const main = $derived(alleys === 'every' ? 300 : 460);
	const from = $derived(sides === 'right' ? main : main - reach);
	const to = $derived(sides === 'left' ? main : main + reach);
</script>

<svg
	viewBox="0 0 760 330"
	role="img"
	aria-label={m.rows_apart_driven_spraying_one_pass({
		spacing,
		which: alleys === 'every' ? m.every_alley_inline() : m.every_second_alley(),
		sides,
		which2: sides === 'both' ? m.sides() : m.side_inline(),
		width
	})}
>
	<rect x="0" y="40" width="760" height="214" fill="var(--straw-wash)" />
	<rect x={from} y="40" width={to - from} height="214" fill="var(--dye-wash)" stroke="var(--dye)" />
	{#each rows as x (x)}
		{#each { length: 6 }, i (i)}
			<circle cx={x} cy={58 + i * 36} r="19" fill="var(--moss-wash)" stroke="var(--moss)" stroke-width="1.2" />
		{/each}
	{/each}
	{#each driven as x (x)}
		<path d="M{x} 250V48" stroke="var(--ink)" stroke-width="1.5" stroke-dasharray="7 6" opacity="0.55" />
		<path d="M{x - 7} 58l7-14 7 14z" fill="var(--ink)" opacity="0.55" />
	{/each}
	<g transform="translate({main} 170)">
		{#if sides !== 'right'}<path d="M-12 0L{-reach + 12} -34V34Z" fill="var(--dye)" opacity="0.75" />{/if}
		{#if sides !== 'left'}<path d="M12 0L{reach - 12} -34V34Z" fill="var(--dye)" opacity="0.75" />{/if}
		<rect x="-13" y="-22" width="26" height="44" rx="5" fill="var(--ink)" />
		<rect x="-11" y="-62" width="22" height="34" rx="4" fill="var(--ink)" />
		<path d="M-20 -64h8v26h-8zM12 -64h8v26h-8z" fill="var(--ink)" />
	</g>
	<path d="M{rows[0]} 14H{rows[1]}M{rows[0]} 6v16M{rows[1]} 6v16" stroke="var(--ink)" stroke-width="2" />
	<rect x="100" y="2" width="80" height="26" fill="var(--card)" />
	<text x="140" y="22" text-anchor="middle">{spacing}</text>
	<path d="M{from} 280H{to}M{from} 268v24M{to} 268v24" stroke="var(--ink)" stroke-width="2" />
	<rect x={(from + to) / 2 - 62} y="264" width="124" height="32" fill="var(--card)" />
	<text class="big" x={(from + to) / 2} y="290" text-anchor="middle">{width}</text>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		max-height: 100%;
	}
	text {
		font: 600 18px var(--font-figures);
		font-stretch: 78%;
		fill: var(--ink);
	}
	.big {
		font-weight: 700;
		font-size: 26px;
	}
	@media (max-width: 859px) {
		text {
			font-size: 30px;
		}
		.big {
			font-size: 40px;
		}
	}
</style>
