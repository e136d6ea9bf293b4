<!-- @component A tank read before and after: what was in it, what is left, and what went between. Each level has its field. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Levels as shares of the tank, 0 to 1; null while they are not known. */
		start: number | null;
		left: number | null;
		/** Words on what went, with unit. */
		gone: string;
		/** Refilled: what was added lies on top of what is left. */
		added?: boolean;
	}
	let { start, left, gone, added = false }: Props = $props();

	const top = 26;
	const floor = 286;
	const y = (share: number) => floor - Math.max(0, Math.min(1, share)) * (floor - top);
	const id = $props.id();
	const marks = [0.25, 0.5, 0.75, 1];
</script>

<svg viewBox="30 0 440 310" role="img" aria-label={m.tank_gone({ gone })}>
	<clipPath id="sight-{id}"><rect x="60" y="20" width="230" height="270" rx="38" /></clipPath>
	<rect x="60" y="20" width="230" height="270" rx="38" fill="var(--straw-wash)" />
	<g clip-path="url(#sight-{id})">
		{#if left !== null}<rect
				x="60"
				y={y(left)}
				width="230"
				height={floor + 10 - y(left)}
				fill="var(--dye-light)"
				opacity="0.6"
			/>{/if}
		{#if start !== null && left !== null && start > left}
			<rect
				x="60"
				y={y(start)}
				width="230"
				height={y(left) - y(start)}
				fill={added ? 'var(--dye)' : 'var(--dye-wash)'}
			/>
			{#if !added}
				<path d="M60 {y(start)}H290" stroke="var(--dye)" stroke-width="3" stroke-dasharray="8 6" />
			{/if}
		{/if}
	</g>
	<rect x="60" y="20" width="230" height="270" rx="38" fill="none" stroke="var(--ink)" stroke-width="5" />
	<rect x="130" y="4" width="90" height="18" rx="6" fill="var(--ink)" />
	{#each marks as mark (mark)}
		<path d="M66 {y(mark)}h22" stroke="var(--ink)" stroke-width="2" />
	{/each}
	{#if start !== null && left !== null && start > left}
		<path d="M312 {y(start)}h16V{y(left)}h-16" fill="none" stroke="var(--ink)" stroke-width="2.5" />
		<text x="338" y={(y(start) + y(left)) / 2 + 8}>{gone}</text>
	{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
	}
	text {
		font: 700 25px var(--font-figures);
		font-stretch: 75%;
		fill: var(--ink);
	}
</style>
