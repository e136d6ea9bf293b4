<!-- @component A person with a knapsack or a mist blower, and the strip of ground that gets wet. -->
<script lang="ts">
	import { m } from '$words';
	let { mist, width }: { mist: boolean; width: string } = $props();
</script>

<svg viewBox="0 0 700 290" role="img" aria-label={mist ? m.a_mist_blower_on_a_back() : m.a_knapsack_on_a_back()}>
	<rect x="0" y="236" width="700" height="26" fill="var(--straw-wash)" stroke="var(--straw-edge)" />
	<rect x="0" y="236" width="250" height="26" fill="var(--dye)" />
	<g fill="var(--ink)">
		<circle cx="250" cy="52" r="20" />
		<path d="M232 76h36l6 74-8 86h-16l-2-78-14 78h-16l8-86z" />
		<path d="M266 92l62 42-6 10-64-32z" />
	</g>
	<rect x="186" y="74" width="44" height="86" rx="10" fill="var(--dye-light)" stroke="var(--ink)" stroke-width="4" />
	<path d="M192 112h32v40q0 6-6 6h-20q-6 0-6-6z" fill="var(--dye)" />
	{#if mist}
		<path d="M324 130l150-26 6 16-152 26z" fill="var(--ink)" />
		<path d="M476 102q120-30 214-60v170q-110-52-212-86z" fill="var(--dye-light)" opacity="0.45" />
		<rect x="178" y="164" width="58" height="22" rx="8" fill="var(--ink)" />
	{:else}
		<path d="M326 136l126 66" stroke="var(--ink)" stroke-width="6" />
		<path d="M452 202l-72 36h132z" fill="var(--dye-light)" opacity="0.6" stroke="var(--dye)" />
	{/if}
	{#if width}<text x="600" y="284" text-anchor="middle">{width}</text>{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		max-height: 100%;
	}
	text {
		font: 700 24px var(--font-figures);
		font-stretch: 78%;
		fill: var(--ink);
	}
</style>
