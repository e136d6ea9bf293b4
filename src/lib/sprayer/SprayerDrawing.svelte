<!-- @component A sprayer drawn from its own numbers, whatever its kind. -->
<script lang="ts">
	import { m } from '$words';
	import type { TypedSprayer } from '$core';
	import Arc from '$lib/drawings/Arc.svelte';
	import Carried from '$lib/drawings/Carried.svelte';
	import Pans from '$lib/drawings/Pans.svelte';
	import Swath from '$lib/drawings/Swath.svelte';
	import { namesOf } from '$lib/wording/nozzle-names';
	import type { ShownJug } from '$lib/drawings/jug-board';

	interface Props {
		sprayer: Pick<TypedSprayer, 'kind' | 'nozzles' | 'sections' | 'carried' | 'sectionNames' | 'stacked'>;
		/** Sections that are off, from 0. */
		off?: readonly number[];
		/** Swath in words, with unit; none when empty. */
		width: string;
	}
	let { sprayer: sprayer, off = [], width }: Props = $props();

	const names = $derived(namesOf(sprayer));
	const half = $derived(sprayer.nozzles / 2);
	/** Sprays of an arc that nobody has measured: all alike, longer upwards. */
	const jugs = $derived(
		Array.from({ length: sprayer.nozzles }, (_, i): ShownJug => {
			const place = (i % half) / Math.max(1, half - 1);
			const shut = off.includes(i < half ? 0 : 1);
			return {
				n: i + 1,
				amount: shut ? null : 0.62 + 0.3 * place,
				figure: '',
				deviation: '',
				verdict: shut ? 'not caught' : 'even',
				fill: null,
				passedOver: false,
				takes: 0,
				reference: null,
				band: null
			};
		})
	);
</script>

{#if sprayer.kind === 'boom'}
	<Swath section={names.section} short={names.short} sections={sprayer.sections} {off} {width} />
{:else if sprayer.kind === 'airblast'}
	<Arc perSide={half} {jugs} top={1.1} at={null} />
{:else if sprayer.kind === 'boomless'}
	<Pans
		fills={Array.from({ length: 13 }, () => null)}
		at={null}
		swath={width === '' ? null : 11}
		laid={[]}
		words={width || m.swath_not_measured_yet()}
	/>
{:else}
	<Carried mist={sprayer.carried === 'mist'} {width} />
{/if}
