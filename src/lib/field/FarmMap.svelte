<!-- @component The farm as it lies: each block with a boundary in its place and to scale, and what keeps people off it. -->
<script lang="ts">
	import { m } from '$words';
	import { show, shownIn } from '$lib/show/show';
	import type { Boundary } from '$core';
	import { factor, showFigure } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits } from '$lib/settings/field-units';
	import { farmPicture, placeLabels, scaleBar } from './farm-picture';

	interface Props {
		blocks: readonly {
			readonly id: string;
			readonly name: string;
			readonly boundary: Boundary | null;
			/** m². */
			readonly area: number;
			/** What keeps people or a harvest off it now, in a few words. */
			readonly keep: { readonly kind: string; readonly text: string } | null;
		}[];
		settings: FarmSettings;
	}
	let { blocks, settings }: Props = $props();
	let [width, height] = $state([640, 560]);
	const frame = $derived({ width, height, pad: 30 });
	const picture = $derived(
		farmPicture(
			blocks.map((b) => b.boundary),
			frame
		)
	);
	const lines = $derived(
		(picture?.shapes ?? []).map(({ index }) => {
			const { name, area, keep } = blocks[index]!;
			return [name, show('area', area, settings).text, ...(keep ? [keep.text] : [])];
		})
	);
	/** Letters of the shipped fonts at these sizes: a name is 18 px high, the rest 15. */
	const labels = $derived(
		placeLabels(
			picture?.shapes ?? [],
			lines.map(([name, ...rest]) => ({
				width: Math.max(name!.length * 9, ...rest.map((line) => line.length * 7.8)) + 10,
				height: 8 + 20 * (1 + rest.length)
			})),
			frame
		)
	);
	const words = 'fill-ink font-text text-[15px] pointer-events-none';
	const unit = $derived(fieldUnits(settings).side);
	const bar = $derived(picture ? scaleBar(picture.metres, 130, factor('length', unit)) : null);
</script>

<figure
	aria-label={m.picture_of_the_farm()}
	class="relative m-0 min-h-65 overflow-hidden rounded-[6px] border border-rule bg-paper-deep"
	bind:clientWidth={width}
	bind:clientHeight={height}
>
	{#if picture}
		<svg class="absolute inset-0 h-full w-full" viewBox="0 0 {width} {height}" aria-hidden="true">
			{#each picture.shapes as shape, i (blocks[shape.index]!.id)}
				{@const { id, keep } = blocks[shape.index]!}
				<!-- For a pointer: the list beside it has the same links for everybody. -->
				<a class="no-underline" href="/ground/{id}" tabindex="-1">
					{#if shape.width < 12 && shape.height < 12}
						<circle cx={shape.x} cy={shape.y} r="8" class="ground {keep?.kind ?? ''}" />
					{:else}<path d={shape.path} fill-rule="evenodd" class="ground {keep?.kind ?? ''}" />{/if}
					{#if labels[i]}
						{@const at = labels[i]}
						{@const top = at.y - (lines[i]!.length - 1) * 10 + 5}
						<text x={at.x} text-anchor="middle" class="{words} font-semibold">
							{#each lines[i] as line, n (n)}<tspan
									x={at.x}
									y={top + n * 20}
									class={n === 0
										? 'font-figures text-[18px] font-bold font-stretch-[82%]'
										: n === 1
											? 'font-medium'
											: ''}>{line}</tspan
								>{/each}
						</text>
					{/if}
				</a>
			{/each}
			<g transform="translate({width - 30} 40)" aria-hidden="true">
				<path d="M0 -16L9 12L0 6L-9 12Z" class="fill-ink" />
				<text y="30" text-anchor="middle" class="{words} font-medium">{m.compass_n()}</text>
			</g>
			{#if bar}
				<g transform="translate(16 {height - 16})" aria-hidden="true">
					<path d="M0 -7V0H{bar.px.toFixed(1)}V-7" class="fill-none stroke-ink stroke-2" />
					<text x={bar.px / 2} y="-7" text-anchor="middle" class="{words} font-medium"
						>{shownIn(showFigure(bar.count, 3, settings.decimalComma), unit).text}</text
					>
				</g>
			{/if}
		</svg>
	{/if}
</figure>

<style>
	.ground {
		fill: var(--straw-wash);
		stroke: var(--straw-edge);
		stroke-width: 2;
	}
	.ground.entry {
		fill: var(--rust-wash);
		stroke: var(--rust);
		stroke-width: 3;
		stroke-dasharray: 8 4;
	}
	.ground.harvest,
	.ground.plant-back {
		stroke-dasharray: 3 4;
		stroke-width: 3;
	}
	a:hover .ground {
		stroke: var(--dye);
		stroke-width: 4;
	}
</style>
