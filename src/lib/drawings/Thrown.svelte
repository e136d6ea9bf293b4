<!-- @component A boomless sprayer from behind: how far it throws, what is wetted, and what of it is the swath. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Usable over wetted width, 0 to 1; null while one of them is not known. */
		used: number | null;
		/** Words on both widths, with unit. */
		wetted: string;
		swath: string;
		/** Sides that spray. */
		sides: 'both' | 'left' | 'right';
	}
	let { used, wetted, swath, sides }: Props = $props();

	const W = 700;
	const from = $derived(sides === 'right' ? W / 2 : 20);
	const to = $derived(sides === 'left' ? W / 2 : W - 20);
	const middle = $derived((from + to) / 2);
	const half = $derived(((to - from) / 2) * Math.min(1, used ?? 0));
	const throws = [1, 0.82, 0.62];
</script>

<svg viewBox="0 0 {W} 280" role="img" aria-label={m.wetted_swath({ wetted, swath })}>
	{#if sides !== 'right'}
		{#each throws as far (far)}
			<path
				d="M{W / 2} 78Q{W / 2 - 180 * far} 62 {W / 2 - 330 * far} 190l26 0Q{W / 2 - 150 * far} 92 {W / 2} 88z"
				fill="var(--dye-light)"
				opacity="0.32"
			/>
		{/each}
	{/if}
	{#if sides !== 'left'}
		{#each throws as far (far)}
			<path
				d="M{W / 2} 78Q{W / 2 + 180 * far} 62 {W / 2 + 330 * far} 190l-26 0Q{W / 2 + 150 * far} 92 {W / 2} 88z"
				fill="var(--dye-light)"
				opacity="0.32"
			/>
		{/each}
	{/if}
	<g transform="translate({W / 2} 0)" fill="var(--ink)">
		<rect x="-44" y="16" width="88" height="66" rx="8" />
		<rect x="-32" y="26" width="64" height="28" rx="4" fill="var(--dye-light)" opacity="0.55" />
		<rect x="-8" y="78" width="16" height="14" />
		<rect x="-66" y="46" width="20" height="144" rx="6" />
		<rect x="46" y="46" width="20" height="144" rx="6" />
		<path d="M-50 120h100v10h-100z" />
	</g>
	<rect x="0" y="190" width={W} height="26" fill="var(--straw-wash)" stroke="var(--straw-edge)" stroke-width="0.75" />
	<rect x={from} y="190" width={to - from} height="26" fill="var(--dye-wash)" />
	{#if used !== null}<rect x={middle - half} y="190" width={2 * half} height="26" fill="var(--dye)" />{/if}
	<path d="M{from} 236H{to}M{from} 228v16M{to} 228v16" stroke="var(--ink)" stroke-width="1.5" />
	<rect x={middle - 80} y="224" width="160" height="24" fill="var(--card)" />
	<text x={middle} y="242" text-anchor="middle" class="small">{wetted}</text>
	{#if used !== null}
		<path
			d="M{middle - half} 264H{middle + half}M{middle - half} 254v20M{middle + half} 254v20"
			stroke="var(--ink)"
			stroke-width="2.5"
		/>
		<rect x={middle - 66} y="248" width="132" height="32" fill="var(--card)" />
		<text x={middle} y="274" text-anchor="middle" class="width">{swath}</text>
	{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		max-height: 100%;
	}
	.small {
		font: 500 16px var(--font-text);
		fill: var(--soft);
	}
	.width {
		font: 700 27px var(--font-figures);
		font-stretch: 78%;
		fill: var(--ink);
	}
	@media (max-width: 859px) {
		.small {
			font-size: 25px;
		}
		.width {
			font-size: 36px;
		}
	}
</style>
