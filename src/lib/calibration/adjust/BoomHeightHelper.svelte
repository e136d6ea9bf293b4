<!-- @component How high to set a boom: from the fans' angle, their spacing and the overlap that is wanted, and back. -->
<script lang="ts">
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
		wanted === null ? '–' : usual ? `${figure(usual.low)} to ${figure(usual.high)}` : figure(wanted)
	);
	const is = $derived(height !== null && anglesFit ? fanOverlap(angle, spacing, height) : null);
</script>

<div class="grid grid-cols-3 gap-x-4.5 gap-y-2.5 items-start phone:grid-cols-1">
	<Field
		label="Fan angle, degrees"
		bind:value={angleText}
		inputmode="decimal"
		hint="The 110 of 110-03."
		problem={anglesFit ? undefined : `“${angleText}” is no fan angle. 15 to 170 degrees, like 110.`}
	/>
	<Field
		label="Wanted overlap, % of the spacing"
		bind:value={overlapText}
		inputmode="decimal"
		hint="Empty: as is usual. 0: the fans just meet. 100: every spot lies under two of them."
		problem={overlapFits || overlapText.trim() === ''
			? undefined
			: `“${overlapText}” is no overlap. 0 to 400 %, like 100.`}
	/>
	<div class="answer" role="status">
		<p class="lab">Nozzles above the target</p>
		<p><span class="num text-[2.6rem] leading-none">{told}</span> {unit}</p>
		{#if is !== null && height !== null}
			<p class="lab">
				Now at {figure(height)}
				{unit}: {is < 0
					? `a gap of ${showFigure(-is * 100, 2, settings.decimalComma)} % of the spacing between the fans`
					: `${showFigure(is * 100, 3, settings.decimalComma)} % overlap`}
			</p>
		{/if}
		<p class="lab">Above the crop’s tops, not the ground, where the crop is what is sprayed.</p>
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
