<!-- @component A boom in a hand's breadth: as many fans as it has nozzles, up to a readable number. -->
<script lang="ts">
	let { nozzles, odd = false }: { nozzles: number; odd?: boolean } = $props();
	const count = $derived(Math.min(nozzles, 16));
	const gap = $derived(104 / count);
</script>

<svg viewBox="0 0 112 46" width="112" height="46" aria-hidden="true">
	<path d="M3 8h106" stroke="var(--ink)" stroke-width="4" stroke-linecap="round" />
	{#each { length: count }, i (i)}
		{@const x = 4 + gap * (i + 0.5)}
		<path
			d="M{x} 11l{-gap * 0.46} 28h{gap * 0.92}z"
			fill={odd && i === Math.floor(count * 0.7) ? 'var(--amber-fill)' : 'var(--dye)'}
			opacity="0.88"
		/>
	{/each}
</svg>
