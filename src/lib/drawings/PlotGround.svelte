<!-- @component A plot from above with its sides, walked in strips: straw until it is sprayed, dye after. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Sides in m; null while they are not known. */
		length: number | null;
		width: number | null;
		/** Words on the sides and in the middle. */
		across: string;
		down: string;
		area: string;
		/** Share that is sprayed, 0 to 1. */
		done: number;
	}
	let { length, width, across, down, area, done }: Props = $props();

	const strips = 5;
	const ratio = $derived(length && width ? Math.max(0.25, Math.min(4, length / width)) : 1);
	const w = $derived(ratio >= 1.9 ? 460 : Math.min(460, 230 * ratio));
	const h = $derived(ratio >= 1.9 ? Math.max(90, 460 / ratio) : 230);
	const x = $derived(350 - w / 2);
	const y = $derived(150 - h / 2);
	const strip = $derived(h / strips);
</script>

<svg
	viewBox="0 0 700 306"
	role="img"
	aria-label={m.plot_of_by_sprayed({ across, down, area, figure: Math.round(done * 100) })}
>
	<rect {x} {y} width={w} height={h} fill="var(--straw-wash)" stroke="var(--straw-edge)" />
	{#each { length: strips }, i (i)}
		{@const share = Math.max(0, Math.min(1, done * strips - i))}
		<rect x={i % 2 ? x + w * (1 - share) : x} y={y + i * strip} width={w * share} height={strip} fill="var(--dye)" />
		<path
			d="M{i % 2 ? x + w - 14 : x + 14} {y + (i + 0.5) * strip}H{i % 2 ? x + 26 : x + w - 26}"
			stroke="var(--ink)"
			stroke-width="1.5"
			stroke-dasharray="7 6"
			opacity="0.5"
		/>
	{/each}
	{#each [[x, y], [x + w, y], [x, y + h], [x + w, y + h]] as [px, py], i (i)}
		<path d="M{px} {py! + 8}V{py! - 22}l20 7-20 7" fill="var(--straw)" stroke="var(--ink)" stroke-width="2" />
	{/each}
	<rect x={350 - 84} y={150 - 22} width="168" height="40" rx="4" fill="var(--card)" />
	<text x="350" y="159" text-anchor="middle" class="big">{area}</text>
	<text x="350" y={y + h + 24} text-anchor="middle">{across}</text>
	<text x={x - 12} y={y + h / 2 + 6} text-anchor="end">{down}</text>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		max-height: 100%;
	}
	text {
		font: 600 19px var(--font-figures);
		font-stretch: 78%;
		fill: var(--ink);
	}
	.big {
		font-size: 27px;
		font-weight: 700;
	}
	@media (max-width: 859px) {
		text {
			font-size: 27px;
		}
		.big {
			font-size: 34px;
		}
	}
</style>
