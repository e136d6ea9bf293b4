<!-- @component The colour that ISO 10625 gives a size, to find the nozzle in the box; the code stands in it. -->
<script lang="ts">
	import { m } from '$words';
	import { colourWords } from '$lib/wording/nozzles';
	import { isoSizes } from '$core';

	/** Size code, like 03; anything else is shown as an empty ring. */
	let { size }: { size: string } = $props();
	/** The standard's colours, as they look on plastic. */
	const shades: Record<string, { fill: string; ink: string }> = {
		orange: { fill: '#ef7d1a', ink: '#17231f' },
		green: { fill: '#23803f', ink: '#ffffff' },
		yellow: { fill: '#f2d02c', ink: '#17231f' },
		lilac: { fill: '#a98cc9', ink: '#17231f' },
		blue: { fill: '#2b62b5', ink: '#ffffff' },
		red: { fill: '#c4302b', ink: '#ffffff' },
		brown: { fill: '#7a4a2b', ink: '#ffffff' },
		grey: { fill: '#8d9290', ink: '#17231f' },
		white: { fill: '#ffffff', ink: '#17231f' }
	};
	const iso = $derived(isoSizes.find((s) => s.code === size));
	const shade = $derived(iso?.colour ? shades[iso.colour] : undefined);
</script>

<span
	class="dot"
	class:bare={!shade}
	style:background={shade?.fill}
	style:color={shade?.ink}
	title={iso?.colour ? m.iso_10625_size({ size, colour: colourWords[iso.colour] ?? iso.colour }) : undefined}
	>{size.slice(0, 3)}{#if iso?.colour}<span class="sr-only">
			{m.by_iso_10625({ colour: colourWords[iso.colour] ?? iso.colour })}</span
		>{/if}</span
>

<style>
	.dot {
		display: grid;
		place-items: center;
		width: 30px;
		height: 30px;
		border: 1.5px solid var(--ink);
		border-radius: 4px;
		font: 700 0.8rem var(--font-figures);
		font-stretch: 78%;
	}
	.bare {
		border-style: dashed;
		border-color: var(--field-border);
	}
</style>
