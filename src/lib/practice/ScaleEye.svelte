<!-- @component A scale with an eye at the height of the water: the marks about the level, to be read by whoever looks. -->
<script lang="ts">
	import { m } from '$words';
	import { scaleFigure, scaleWindow } from './scale-window';

	interface Props {
		/** What is looked at: `Jug of nozzle 4`. */
		label: string;
		/** Level in the scale's unit; null where there is nothing to read yet. */
		level: number | null;
		/** From one mark to the next, same unit. */
		mark: number;
		unit: string;
		decimalComma: boolean;
		/** In place of what moves: the marks that it stands between. */
		still: boolean;
	}
	let { label, level, mark, unit, decimalComma, still }: Props = $props();

	const high = 190;
	/** The marks change only as the water passes one. */
	const below = $derived(Math.floor((level ?? 0) / mark + 1e-9));
	const seen = $derived(scaleWindow(below * mark, mark));
	const y = (value: number) => high - 8 - ((value - seen.from) / (seen.to - seen.from)) * (high - 16);
	const figure = (value: number) => scaleFigure(value, decimalComma);
	const between = $derived(
		level === null
			? m.yard_scale_empty()
			: m.yard_scale_between({ low: figure(seen.between[0]), high: figure(seen.between[1]), unit })
	);
	const water = $derived(level === null ? high : Math.round(y(Math.max(seen.from, level)) * 4) / 4);
</script>

<figure class="grid gap-1 justify-items-center">
	<svg viewBox="0 0 150 {high}" role="img" aria-label="{label}: {between}" class="block h-auto w-full max-w-44">
		<rect x="6" y="0" width="138" height={high} fill="var(--card)" />
		{#if level !== null}
			<rect x="6" y={water} width="138" height={high - water} fill="var(--dye-wash)" />
			<path d="M6 {water}H144" stroke="var(--dye)" stroke-width="4" />
		{/if}
		{#each seen.marks as one (one.value)}
			<path d="M144 {y(one.value)}h{one.told ? -44 : -22}" stroke="var(--ink)" stroke-width={one.told ? 2.5 : 1.5} />
			{#if one.told}
				<text x="94" y={y(one.value) + 6} text-anchor="end" font-size="19" font-weight="700" fill="var(--ink)"
					>{figure(one.value)}</text
				>
			{/if}
		{/each}
		<path d="M6 0V{high}M144 0V{high}" stroke="var(--ink)" stroke-width="4" />
	</svg>
	<figcaption class="lab text-center">
		{label}, {unit}{#if still && level !== null}<br /><b class="text-ink">{between}</b>{/if}
	</figcaption>
</figure>
