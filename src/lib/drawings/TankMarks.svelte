<!-- @component A tank with its full and half marks, filled to where it is made up, and how much that is. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Share of the tank. */
		full: number;
		mix: string;
		unit: string;
	}
	let { full, mix, unit }: Props = $props();
	const [top, floor] = [20, 146];
	const y = (share: number) => floor - share * (floor - top);
	const id = $props.id();
</script>

<svg viewBox="0 0 118 154" role="img" aria-label={m.in_the_tank({ mix, unit })}>
	<clipPath id="tank-{id}"><rect x="14" y="10" width="98" height="138" rx="14" /></clipPath>
	<rect x="14" y="10" width="98" height="138" rx="14" fill="var(--card)" />
	<rect x="14" y={y(full)} width="98" height={floor + 4 - y(full)} fill="var(--dye)" clip-path="url(#tank-{id})" />
	<rect x="14" y="10" width="98" height="138" rx="14" fill="none" stroke="var(--ink)" stroke-width="3" />
	<rect x="44" y="2" width="38" height="9" rx="3" fill="var(--ink)" />
	{#each [1, 0.75, 0.5, 0.25] as mark (mark)}
		<path d="M6 {y(mark)}h{mark % 0.5 === 0 ? 22 : 14}" stroke="var(--ink)" stroke-width={mark % 0.5 === 0 ? 3 : 2} />
	{/each}
	<text x="63" y={(y(full) + floor) / 2 + 6}>{mix}</text>
	<text class="unit" x="63" y={(y(full) + floor) / 2 + 22}>{unit}</text>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
	text {
		fill: #fff;
		font: 700 25px var(--font-figures);
		font-stretch: 80%;
		text-anchor: middle;
	}
	.unit {
		font: 600 13px var(--font-text);
	}
</style>
