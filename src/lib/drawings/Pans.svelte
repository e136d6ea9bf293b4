<!--
@component A boomless sprayer from behind with a row of pans across its swath: each pan filled to its catch, and the pattern
that neighbouring passes lay down together at the chosen width.
-->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Catch of each pan over the largest, 0 to 1; null is not read. */
		fills: readonly (number | null)[];
		/** Pan at hand, from 1; none when null. */
		at: number | null;
		/** Distance between passes in pan spacings; none when null. */
		swath: number | null;
		/** What the ground gets pan by pan where passes overlap, over its mean; empty where no width is chosen. */
		laid: readonly number[];
		/** Words on the chosen width. */
		words: string;
		onpick?: (pan: number) => void;
	}
	let { fills, at, swath, laid, words, onpick }: Props = $props();

	/** As wide as its place, so that its figures are as large as any on the page. */
	let W = $state(700);
	const H = 172;
	const gap = $derived(W / fills.length);
	const floor = 100;
	const highest = 46;
	/** Where the pattern on the ground begins, under the numbers of the pans. */
	const ground = floor + 24;
	const middle = $derived(W / 2);
	const edges = $derived(swath === null ? null : [middle - (swath * gap) / 2, middle + (swath * gap) / 2]);
	const pan = $derived(Math.min(54, gap * 0.78));
	/** Every pan's number where they have room, else every third. */
	const each = $derived(gap >= 26 ? 1 : 3);
</script>

<div class="h-43 min-w-0" bind:clientWidth={W}>
	<svg
		class="block"
		viewBox="0 0 {W} {H}"
		width={W}
		height={H}
		role="img"
		aria-label={m.of_pans_read({ count: fills.filter((f) => f !== null).length, length2: fills.length, words })}
	>
		<g transform="translate({middle} 30) scale(0.7)" fill="var(--ink)">
			<rect x="-30" y="-40" width="60" height="46" rx="6" />
			<rect x="-21" y="-33" width="42" height="20" rx="3" fill="var(--dye-light)" opacity="0.55" />
			<rect x="-46" y="-18" width="14" height="40" rx="3" />
			<rect x="32" y="-18" width="14" height="40" rx="3" />
			<path d="M-6 6h12v10h-12z" />
		</g>
		{#each [-1, 1] as side (side)}
			<path
				d="M{middle} 40Q{middle + side * 0.22 * W} 46 {middle + side * (W / 2 - 6)} {floor - highest - 4}V{floor -
					highest +
					12}Q{middle + side * 0.18 * W} 62 {middle} 44z"
				fill="var(--dye-light)"
				opacity="0.3"
			/>
		{/each}
		{#each fills as fill, i (i)}
			{@const x = gap * (i + 0.5)}
			{@const here = i + 1 === at}
			<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions (the fields do the same) -->
			<g onclick={() => onpick?.(i + 1)} style="cursor:{onpick ? 'pointer' : 'default'}">
				<rect x={x - gap / 2} y={floor - highest} width={gap} height={highest + 20} fill="transparent" />
				{#if fill !== null}
					<rect x={x - pan / 2} y={floor - fill * highest} width={pan} height={fill * highest} fill="var(--dye)" />
				{/if}
				<path
					d="M{x - pan / 2} {floor - highest}V{floor}H{x + pan / 2}V{floor - highest}"
					fill="none"
					stroke={here ? 'var(--dye)' : fill === null ? 'var(--field-border)' : 'var(--ink)'}
					stroke-width={here ? 3 : 1.6}
					stroke-dasharray={fill === null && !here ? '4 4' : undefined}
				/>
				{#if i % each === 0}<text
						{x}
						y={floor + 17}
						text-anchor="middle"
						class="fill-ink font-text text-[15px] font-medium">{i + 1}</text
					>{/if}
			</g>
		{/each}
		<rect
			x="0"
			y={ground}
			width={W}
			height="16"
			fill="var(--straw-wash)"
			stroke="var(--straw-edge)"
			stroke-width="0.75"
		/>
		{#each laid as share, i (i)}
			<rect
				x={(W / laid.length) * i}
				y={ground}
				width={W / laid.length + 0.4}
				height="16"
				fill="color-mix(in oklab, var(--dye) {Math.max(4, Math.min(100, 200 * share - 100))}%, var(--straw-wash))"
			/>
		{/each}
		{#if edges}
			<!-- Broken where the numbers of the pans stand. -->
			{#each edges as edge (edge)}<path
					d="M{edge} {floor - highest - 8}V{floor}M{edge} {ground}V{ground + 38}"
					class="stroke-ink stroke-2 [stroke-dasharray:6_4]"
				/>{/each}
			<path d="M{edges[0]} {ground + 32}H{edges[1]}" stroke="var(--ink)" stroke-width="2" />
			<rect
				x={middle - words.length * 5.6 - 8}
				y={ground + 18}
				width={words.length * 11.2 + 16}
				height="30"
				fill="var(--card)"
			/>
			<text
				x={middle}
				y={ground + 41}
				text-anchor="middle"
				class="fill-ink font-figures text-[24px] font-bold font-stretch-[78%]">{words}</text
			>
		{:else}
			<text x={middle} y={ground + 39} text-anchor="middle" class="fill-ink font-text text-[15px] font-medium"
				>{words}</text
			>
		{/if}
	</svg>
</div>
