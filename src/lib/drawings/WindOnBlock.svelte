<!-- @component The wind over a block, north up: an arrow through it, and what lies beside it; what is downwind is marked. -->
<script lang="ts">
	import type { Boundary, Neighbour } from '$core';
	import { compass } from '$core';
	import { neighbourWords } from '$lib/wording/ground';
	import { outlinePath } from './outline';

	interface Props {
		boundary: Boundary | null;
		/** Where the wind comes from, degrees from north; null where that is not known. */
		from: number | null;
		neighbours: readonly Neighbour[];
		/** Those of them that the wind blows toward. */
		toward: readonly Neighbour[];
		/** Words on the wind, with its unit. */
		words: string;
	}
	let { boundary, from, neighbours, toward, words }: Props = $props();
	const C = 170;
	const path = $derived(boundary ? outlinePath(boundary, { x: C, y: C, width: 150, height: 150 }) : '');
	const at = (side: Neighbour['side'], r: number) => {
		const angle = (compass.indexOf(side) * Math.PI) / 4;
		return { x: C + Math.sin(angle) * r, y: C - Math.cos(angle) * r };
	};
	const sides = $derived(
		[...new Set(neighbours.map((n) => n.side))].map((side) => {
			const here = neighbours.filter((n) => n.side === side);
			return {
				side,
				...at(side, 132),
				bad: here.some((n) => toward.includes(n)),
				words: here.map((n) => neighbourWords[n.what])
			};
		})
	);
</script>

<svg viewBox="0 0 340 340" role="img" aria-label={words}>
	{#if path}<path d={path} class="ground" fill-rule="evenodd" />
	{:else}<rect x={C - 62} y={C - 62} width="124" height="124" rx="4" class="ground" />{/if}
	{#if from !== null}
		<g transform="rotate({from} {C} {C})" class="wind">
			{#each [-34, 0, 34] as x (x)}
				<path d="M{C + x} 62V{x === 0 ? 268 : 236}" />
				<path
					d="M{C + x - 10} {(x === 0 ? 268 : 236) - 14}L{C + x} {x === 0 ? 268 : 236}L{C + x + 10} {(x === 0
						? 268
						: 236) - 14}"
				/>
			{/each}
		</g>
	{/if}
	<text x={C} y="16" text-anchor="middle" class="north">N</text>
	{#each sides as s (s.side)}
		<g class:bad={s.bad}>
			<rect x={s.x - 50} y={s.y - 13} width="100" height={18 * s.words.length + 8} rx="4" />
			{#each s.words as word, i (word)}<text x={s.x} y={s.y + 4 + i * 18} text-anchor="middle"
					>{s.bad ? '▲ ' : ''}{word}</text
				>{/each}
		</g>
	{/each}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		max-height: 320px;
	}
	.ground {
		fill: var(--straw-wash);
		stroke: var(--straw-edge);
		stroke-width: 2;
	}
	.wind path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 4;
		stroke-linecap: round;
		stroke-linejoin: round;
	}
	.north {
		font: 700 16px var(--font-figures);
		fill: var(--soft);
	}
	rect:not(.ground) {
		fill: var(--card);
		stroke: var(--rule);
	}
	.bad rect {
		fill: var(--amber-wash);
		stroke: var(--amber);
		stroke-width: 2;
	}
	g text {
		font: 600 13px var(--font-text);
		fill: var(--ink);
	}
</style>
