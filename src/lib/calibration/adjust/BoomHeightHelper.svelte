<!-- @component How high to set a boom: from the fans' angle, their spacing and the overlap that is wanted, and back. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import type { Length } from '$core';
	import { boomHeight, factor, fanOverlap, fanReach, readShare, showFigure, usualBoomHeight } from '$core';
	import BoomBehind from '$lib/drawings/BoomBehind.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits } from '$lib/settings/field-units';
	import Field from '$lib/kit/Field.svelte';

	interface Props {
		/** Nozzle to nozzle, m. */
		spacing: Length;
		/** Degrees; what the fans have. */
		angle: number | null;
		/** Present height, m, where it is known. */
		height: Length | null;
		settings: FarmSettings;
	}
	let { spacing, angle: fitted, height, settings }: Props = $props();
	const unit = $derived(fieldUnits(settings).spacing);
	const one = $derived(factor('length', unit));
	const figure = (v: number) => showFigure(v / one, 3, settings.decimalComma);
	let angleText = $state(untrack(() => `${fitted ?? 110}`));
	let overlapText = $state('');
	const angle = $derived(Number(angleText.replace('°', '').trim()));
	const overlap = $derived(readShare(overlapText));
	const anglesFit = $derived(angle >= 15 && angle <= 170);
	const overlapFits = $derived(overlap >= 0 && overlap <= 4);
	/** Where no overlap is asked for, the heights that the trade works at. */
	const usual = $derived(anglesFit && overlapText.trim() === '' ? usualBoomHeight(angle, spacing) : null);
	const wanted = $derived(
		usual
			? (((usual.low + usual.high) / 2) as Length)
			: anglesFit && overlapFits
				? boomHeight(angle, spacing, overlap)
				: null
	);
	const told = $derived(
		wanted === null ? '–' : usual ? m.to_low({ low: figure(usual.low), high: figure(usual.high) }) : figure(wanted)
	);
	const is = $derived(height !== null && anglesFit ? fanOverlap(angle, spacing, height) : null);
</script>

<div class="grid grid-cols-3 gap-x-4.5 gap-y-2.5 items-start phone:grid-cols-1">
	<Field
		label={m.fan_angle_degrees()}
		bind:value={angleText}
		inputmode="decimal"
		hint={m.the_110_of_110_03()}
		problem={anglesFit ? undefined : m.is_no_fan_angle_15_to({ angleText })}
	/>
	<Field
		label={m.wanted_overlap_of_the_spacing()}
		bind:value={overlapText}
		inputmode="decimal"
		hint={m.empty_as_is_usual_0_the()}
		problem={overlapFits || overlapText.trim() === '' ? undefined : m.is_no_overlap_0_to_400({ overlapText })}
	/>
	<div class="answer" role="status">
		<p class="lab">{m.nozzles_above_the_target()}</p>
		<p><span class="num text-[2.6rem] leading-none">{told}</span> {unit}</p>
		{#if is !== null && height !== null}
			<p class="lab">
				{m.now_at({
					height: figure(height),
					unit,
					which:
						is < 0
							? m.a_gap_of_of_the_spacing({ figure: showFigure(-is * 100, 2, settings.decimalComma) })
							: m.overlap({ figure: showFigure(is * 100, 3, settings.decimalComma) })
				})}
			</p>
		{/if}
		<p class="lab">{m.above_the_crops_tops_not_the()}</p>
	</div>
	{#if wanted !== null}
		<div class="col-span-full h-37.5">
			<BoomBehind
				nozzles={7}
				spacingOverHeight={spacing / wanted}
				reach={fanReach(angle, wanted) / spacing}
				strips={[]}
				height="{told} {unit}"
				{angle}
			/>
		</div>
	{/if}
</div>
