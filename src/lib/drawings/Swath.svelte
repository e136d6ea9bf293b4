<!-- @component A boom from above: sections, nozzles, what the ground gets, and the swath measured across. -->
<script lang="ts">
	import { m } from '$words';
	import { drawnNozzles } from './boom-geometry';

	interface Props {
		/** Nozzles in each section, left to right. */
		sections: readonly number[];
		/** Sections that are off, from 0. */
		off: readonly number[];
		/** Swath in words, with unit. */
		width: string;
		/** What a section and a nozzle are called. */
		section: (section: number) => string;
		short: (n: number) => string;
	}
	let { sections, off, width, section, short }: Props = $props();

	const W = 900;
	const nozzles = $derived(drawnNozzles(sections, off));
	const gap = $derived(W / nozzles.length);
	const on = $derived(nozzles.filter((n) => n.on));
	// The swath runs over the sections that are on; a hole in the middle is drawn as a hole.
	const from = $derived(on.length ? on[0]!.x * W - gap / 2 : 0);
	const to = $derived(on.length ? on.at(-1)!.x * W + gap / 2 : 0);
	const starts = $derived(sections.map((_, i) => sections.slice(0, i).reduce((s, n) => s + n, 0) * gap));
</script>

<svg
	viewBox="-14 0 {W + 28} 330"
	role="img"
	aria-label={m.boom_with_of_nozzles_on_swath({ count: on.length, length2: nozzles.length, width })}
>
	<g transform="translate({W / 2} 70)" fill="var(--ink)">
		<rect x="-34" y="-62" width="68" height="56" rx="6" />
		<rect x="-24" y="-54" width="48" height="24" rx="3" fill="var(--dye-light)" opacity="0.55" />
		<rect x="-50" y="-40" width="13" height="40" rx="3" />
		<rect x="37" y="-40" width="13" height="40" rx="3" />
	</g>
	<path d="M0 92H{W}" stroke="var(--ink)" stroke-width="7" stroke-linecap="round" />
	{#each sections as size, i (i)}
		{@const isOff = off.includes(i)}
		<rect
			x={starts[i]! + 1}
			y="128"
			width={size * gap - 2}
			height="104"
			fill={isOff ? 'var(--straw-wash)' : 'var(--dye)'}
			stroke={isOff ? 'var(--straw-edge)' : 'none'}
			stroke-dasharray={isOff ? '5 4' : undefined}
		/>
		{#if i > 0}<path d="M{starts[i]} 78v170" stroke="var(--paper)" stroke-width="3" /><path
				d="M{starts[i]} 78v28"
				stroke="var(--ink)"
				stroke-width="2"
			/>{/if}
		<text
			x={starts[i]! + (size * gap) / 2}
			y="186"
			text-anchor="middle"
			class="name"
			fill={isOff ? 'var(--straw-text)' : '#fff'}
		>
			{sections.length > 6 ? i + 1 : section(i)}
		</text>
	{/each}
	{#each nozzles as n (n.n)}
		<path d="M{n.x * W - 4} 95h8l3 12h-14z" fill="var(--ink)" />
		{#if n.on}<path d="M{n.x * W} 108l{-gap / 2} 20h{gap}z" fill="var(--dye-light)" opacity="0.5" />{/if}
		{#if nozzles.length <= 40 || n.n % 6 === 1}<text
				class="small"
				class:many={nozzles.length > 12}
				x={n.x * W}
				y="252"
				text-anchor="middle">{short(n.n)}</text
			>{/if}
	{/each}
	{#if on.length > 0}
		<path d="M{from} 268v26M{to} 268v26M{from + 2} 281H{to - 2}" stroke="var(--ink)" stroke-width="2" fill="none" />
		<path d="M{from} 281l12-6v12zM{to} 281l-12-6v12z" fill="var(--ink)" />
		<rect x={(from + to) / 2 - 60} y="266" width="120" height="30" fill="var(--card)" />
		<text x={(from + to) / 2} y="289" text-anchor="middle" class="width">{width}</text>
		<text x={from} y="318" class="small many past">{m.half_a_spacing_past_nozzle({ n: short(on[0]!.n) })}</text>
		<text x={to} y="318" class="small many past" text-anchor="end"
			>{m.half_a_spacing_past_nozzle({ n: short(on.at(-1)!.n) })}</text
		>
	{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		max-height: 100%;
	}
	.name {
		font: 600 19px var(--font-text);
	}
	.small {
		font: 400 14px var(--font-text);
		fill: var(--soft);
	}
	.width {
		font: 700 24px var(--font-figures);
		font-stretch: 78%;
		fill: var(--ink);
	}
	@media (max-width: 859px) {
		.name {
			font-size: 36px;
		}
		.small {
			font-size: 30px;
		}
		.many {
			display: none;
		}
		.width {
			font-size: 42px;
		}
	}
</style>
