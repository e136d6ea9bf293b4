<!--
@component An airblast sprayer from behind between its two rows: each nozzle's spray as long as its catch, with the even
band (and the rated one, where it is known) as marks across it.
-->
<script lang="ts">
	import { m } from '$words';
	import type { ShownJug } from './jug-board';
	import { arcBox, arcNozzles, crossMark, sprayPath } from './arc-geometry';

	interface Props {
		perSide: number;
		/** Catches by nozzle; a nozzle without one is drawn dashed. */
		jugs: readonly ShownJug[];
		/** Catch of the longest spray, same unit as the jugs. */
		top: number;
		/** Number of the nozzle at hand; none when null. */
		at: number | null;
		/** Words under the left and the right side; none when empty. */
		sides?: readonly [string, string];
		/** Without the trees: for a small screen. Default false. */
		bare?: boolean;
		onpick?: (n: number) => void;
	}
	let { perSide, jugs, top, at, sides = ['', ''], bare = false, onpick }: Props = $props();

	const longest = 132;
	const nozzles = $derived(arcNozzles(perSide));
	const byNumber = $derived(new Map(jugs.map((j) => [j.n, j])));
	const half = $derived(perSide > 9 ? 90 / perSide : 14);
	const dot = $derived(perSide > 10 ? 8.5 : 11.5);
	const reach = (amount: number) => Math.max(6, (amount / top) * longest);
	const fills = {
		even: 'var(--dye)',
		'cannot tell': 'var(--dye)',
		low: 'var(--amber-fill)',
		high: 'var(--amber-fill)',
		blocked: 'var(--rust)',
		together: 'none',
		'not caught': 'none'
	} as const;
	const trees = [26, 674];
	const leaves = [
		[0, -150, 84, 118],
		[-24, -82, 60, 80],
		[24, -90, 60, 84],
		[4, -214, 54, 68]
	] as const;
</script>

<svg
	viewBox={bare ? '150 40 400 410' : `0 0 ${arcBox.width} ${arcBox.height}`}
	role="img"
	aria-label={m.arc_of_nozzles_a_side_caught({ perSide, count: jugs.filter((j) => j.amount !== null).length })}
>
	<rect x="0" y="440" width={arcBox.width} height="40" fill="var(--straw-wash)" />
	{#each trees as x (x)}
		<path d="M{x - 9} 440l4-120h10l4 120z" fill="var(--field-border)" />
		{#each leaves as [dx, dy, rx, ry], i (i)}
			<ellipse cx={x + dx} cy={440 + dy} {rx} {ry} fill="var(--moss-wash)" />
		{/each}
	{/each}
	<rect x="0" y="438" width={arcBox.width} height="6" fill="var(--ink)" />
	{#each nozzles as nozzle (nozzle.n)}
		{@const jug = byNumber.get(nozzle.n)}
		{@const here = nozzle.n === at}
		{#if jug}
			<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions (the arrows and the pad do the same) -->
			<g onclick={() => onpick?.(nozzle.n)} style="cursor:{onpick ? 'pointer' : 'default'}">
				<path d={sprayPath(nozzle, longest, half * 1.25)} fill="transparent" />
				{#if jug.verdict === 'together'}
					<path
						d={sprayPath(nozzle, longest * 0.55, half)}
						fill="var(--dye-wash)"
						stroke="var(--dye)"
						stroke-width="2.5"
					/>
				{:else if jug.amount === null}
					<path
						d={sprayPath(nozzle, longest * 0.55, half)}
						fill={here ? 'var(--card)' : 'none'}
						stroke={here ? 'var(--dye)' : 'var(--field-border)'}
						stroke-width={here ? 3 : 1.6}
						stroke-dasharray={here ? undefined : '4 4'}
					/>
				{:else}
					<path
						class="spray"
						d={sprayPath(nozzle, reach(jug.amount), half)}
						fill={fills[jug.verdict]}
						stroke={here ? 'var(--ink)' : 'none'}
						stroke-width="2.5"
					/>
				{/if}
				{#if jug.band}
					<path
						d={crossMark(nozzle, reach(jug.band[0]), half * 1.15) + crossMark(nozzle, reach(jug.band[1]), half * 1.15)}
						stroke="var(--moss)"
						stroke-width="2"
						fill="none"
					/>
				{/if}
				<circle cx={nozzle.x} cy={nozzle.y} r={dot} fill={here ? 'var(--dye)' : 'var(--ink)'} />
				<text x={nozzle.x} y={nozzle.y + 4.5} text-anchor="middle" class="place">{nozzle.place}</text>
			</g>
		{:else}
			<circle cx={nozzle.x} cy={nozzle.y} r={dot} fill="none" stroke="var(--field-border)" stroke-dasharray="3 3" />
		{/if}
	{/each}
	<circle cx={arcBox.x} cy={arcBox.y} r="104" fill="var(--card)" stroke="var(--ink)" stroke-width="5" />
	<circle cx={arcBox.x} cy={arcBox.y} r="16" fill="var(--ink)" />
	{#each { length: 8 }, i (i)}
		<path
			d="M16 0Q50 14 97 20"
			transform="translate({arcBox.x} {arcBox.y}) rotate({i * 45})"
			stroke="var(--ink)"
			stroke-width="3"
			fill="none"
		/>
	{/each}
	<rect x={arcBox.x - 92} y="420" width="30" height="24" rx="6" fill="var(--ink)" />
	<rect x={arcBox.x + 62} y="420" width="30" height="24" rx="6" fill="var(--ink)" />
	{#if sides[0]}<text x={arcBox.width / 4} y="466" text-anchor="middle" class="side">{sides[0]}</text>{/if}
	{#if sides[1]}<text x={(3 * arcBox.width) / 4} y="466" text-anchor="middle" class="side">{sides[1]}</text>{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
	}
	.place {
		font: 600 12.5px var(--font-figures);
		fill: var(--paper);
	}
	.side {
		font: 500 20px var(--font-text);
		fill: var(--straw-text);
	}
	.spray {
		transition: d 200ms ease-out;
	}
</style>
