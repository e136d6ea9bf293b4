<!-- @component A sprayer in a hand's breadth, by its kind. -->
<script lang="ts">
	import type { SprayerKind } from '$core';
	import BoomMini from './BoomMini.svelte';

	let { kind, nozzles, odd = false }: { kind: SprayerKind; nozzles: number; odd?: boolean } = $props();
	const rays = [-80, -60, -38, -16, 16, 38, 60, 80];
	const fill = $derived(odd ? 'var(--amber-fill)' : 'var(--dye)');
</script>

{#if kind === 'boom'}
	<BoomMini {nozzles} {odd} />
{:else}
	<svg viewBox="0 0 112 46" width="112" height="46" aria-hidden="true">
		{#if kind === 'airblast'}
			{#each rays as turn, i (turn)}
				<path d="M53.5 30l-3-24h11l-3 24z" fill={i === 5 ? fill : 'var(--dye)'} transform="rotate({turn} 56 36)" />
			{/each}
			<circle cx="56" cy="36" r="9" fill="var(--card)" stroke="var(--ink)" stroke-width="3" />
		{:else if kind === 'boomless'}
			<path d="M56 8Q20 8 2 40L20 40Q34 16 56 12z" fill="var(--dye)" />
			<path d="M56 8Q92 8 110 40L92 40Q78 16 56 12z" {fill} />
			<path d="M56 10L40 40H72z" fill="var(--dye)" opacity="0.8" />
			<rect x="47" y="2" width="18" height="12" rx="3" fill="var(--ink)" />
		{:else}
			<circle cx="38" cy="8" r="6" fill="var(--ink)" />
			<path d="M32 15h12l3 12-4 17h-6l-1-14-4 14h-6l4-17z" fill="var(--ink)" />
			<rect x="19" y="14" width="12" height="17" rx="3" {fill} stroke="var(--ink)" stroke-width="2" />
			<path d="M44 19l30 12" stroke="var(--ink)" stroke-width="3" />
			<path d="M74 31l-14 12h32z" fill="var(--dye)" opacity="0.8" />
		{/if}
	</svg>
{/if}
