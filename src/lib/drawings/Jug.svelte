<!-- @component One measuring jug: filled to the catch, with its marks and the even band across it. Stretches to its box. -->
<script lang="ts">
	import type { Verdict } from '$core';

	interface Props {
		/** Volume in the jug's unit; null is not caught yet. */
		amount: number | null;
		/** Volume at the brim, same unit, over 0. */
		top: number;
		/** Marks, same unit. */
		marks: readonly number[];
		/** Lower and upper edge of the even band, same unit; none when null. */
		band: readonly [number, number] | null;
		verdict: Verdict;
		/** Nozzle over the jug; default true. */
		nozzle?: boolean;
	}
	let { amount, top, marks, band, verdict, nozzle = true }: Props = $props();

	const rim = 60;
	const floor = 340;
	const y = (v: number) => floor - (Math.min(v, top) / top) * (floor - rim);
	/** Half the width of the jug at a height: it tapers to its floor. */
	const half = (at: number) => 19 - ((at - rim) / (floor - rim)) * 4;
	const colour = $derived(
		verdict === 'even' || verdict === 'cannot tell'
			? 'var(--dye)'
			: verdict === 'blocked'
				? 'var(--rust)'
				: 'var(--amber-fill)'
	);
	const level = $derived(amount === null ? floor : y(amount));
</script>

<svg viewBox="0 0 60 350" preserveAspectRatio="none" aria-hidden="true">
	{#if band}
		<rect x="0" y={y(band[1])} width="60" height={Math.max(1, y(band[0]) - y(band[1]))} fill="var(--moss-wash)" />
	{/if}
	{#if nozzle}
		<rect x="0" y="6" width="60" height="6" fill="var(--ink)" />
		<rect x="25" y="10" width="10" height="15" fill="var(--ink)" />
		<path d="M26 25h8l2 10h-12z" fill="var(--dye)" />
		{#if amount !== null && amount > 0}<path d="M30 36l-11 20h22z" fill="var(--dye-wash)" />{/if}
	{/if}
	{#if amount !== null}
		<path
			class="water"
			d="M{30 - half(level) + 1} {level}H{30 + half(level) - 1}L{30 + half(floor) - 1} {floor}H{30 - half(floor) + 1}Z"
			fill={colour}
		/>
	{/if}
	{#if verdict === 'together'}
		<!-- One vessel under all of them: drawn through, from edge to edge. -->
		<rect x="0" y="286" width="60" height="34" fill="var(--dye)" />
	{/if}
	{#each marks as m (m)}
		<line
			x1={30 + half(y(m)) - 8}
			x2={30 + half(y(m)) - 2}
			y1={y(m)}
			y2={y(m)}
			stroke={amount !== null && amount > m ? '#fff' : 'var(--ink)'}
			stroke-width="1.2"
			opacity="0.65"
		/>
	{/each}
	<path
		d="M{30 - half(rim)} {rim}L{30 - half(floor)} {floor}H{30 + half(floor)}L{30 + half(rim)} {rim}"
		fill="none"
		stroke={amount === null ? 'var(--field-border)' : 'var(--ink)'}
		stroke-width="2"
		stroke-dasharray={amount === null && verdict !== 'together' ? '4 4' : undefined}
		vector-effect="non-scaling-stroke"
	/>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
	}
	.water {
		transition: d 200ms ease-out;
	}
</style>
