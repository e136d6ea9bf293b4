<!-- @component Wet ground across a thrown swath with a tape over it: its edges are ragged, and are read off the tape. -->
<script lang="ts">
	import { m } from '$words';
	import { Chance } from '$core';

	import { scaleFigure } from './scale-window';

	interface Props {
		/** How far it wets to each side of the middle, in the tape's unit. */
		left: number;
		right: number;
		/** The tape: its unit, from one told mark to the next, and marks between them. */
		unit: string;
		step: number;
		parts: number;
		seed: number;
		decimalComma: boolean;
		still: boolean;
	}
	let { left, right, unit, step, parts, seed, decimalComma, still }: Props = $props();

	/** One edge at a time, close to: a whole swath is too wide to be read. */
	let side = $state<'left' | 'right'>('left');
	const edge = $derived(side === 'left' ? left : right);
	const from = $derived(Math.max(0, Math.floor(edge / step - 0.8) * step));
	const span = $derived(step * 2.5);
	const x = (v: number) => 10 + ((v - from) / span) * 380;
	const drops = $derived.by(() => {
		const chance = new Chance(seed, side);
		return Array.from({ length: 46 }, () => ({
			at: edge + chance.normal(step / parts / 1.6),
			y: chance.between(6, 76),
			r: chance.between(1, 3.4)
		}));
	});
	const marks = $derived(
		Array.from({ length: Math.round((span / step) * parts) + 1 }, (_, i) => from + (i * step) / parts)
	);
	const told = (v: number) => Math.abs(v / step - Math.round(v / step)) < 1e-6;
	const figure = (v: number) => scaleFigure(v, decimalComma);
	const low = $derived(Math.floor(edge / (step / parts)) * (step / parts));
	const between = $derived(m.yard_scale_between({ low: figure(low), high: figure(low + step / parts), unit }));
	const name = $derived(side === 'left' ? m.yard_edge_left() : m.yard_edge_right());
</script>

<div class="grid gap-2">
	<svg viewBox="0 0 400 128" role="img" aria-label="{name}: {between}" class="block h-auto w-full">
		<rect x="0" y="0" width="400" height="84" fill="var(--straw-wash)" />
		<rect x="0" y="0" width={Math.max(0, x(edge))} height="84" fill="var(--dye)" opacity="0.75" />
		{#each drops as drop, i (i)}<circle cx={x(drop.at)} cy={drop.y} r={drop.r} fill="var(--dye)" />{/each}
		<rect x="0" y="84" width="400" height="26" fill="var(--straw)" stroke="var(--ink)" stroke-width="2" />
		{#each marks as v (v)}<path
				d="M{x(v)} 84v{told(v) ? 18 : 9}"
				stroke="#17231f"
				stroke-width={told(v) ? 2.5 : 1.2}
			/>{/each}
		{#each marks.filter(told) as v (v)}
			<text x={x(v)} y="126" text-anchor="middle" font-size="16" font-weight="700" fill="var(--ink)">{figure(v)}</text>
		{/each}
	</svg>
	{#if still}<p><b>{between}</b></p>{/if}
	<div class="flex items-center gap-2">
		<button type="button" class={['btn', side !== 'left' && 'plain']} onclick={() => (side = 'left')}
			>{m.yard_edge_left()}</button
		>
		<button type="button" class={['btn', side !== 'right' && 'plain']} onclick={() => (side = 'right')}
			>{m.yard_edge_right()}</button
		>
		<span class="lab">{m.yard_edge_from_middle({ unit })}</span>
	</div>
</div>
