<!-- @component Pattern width of a hand-carried sprayer at working height; for a swung wand the width of the sweep. -->
<script lang="ts">
	import { m } from '$words';
	import { showDecimals, factor } from '$core';
	import { keptText } from '$lib/settings/typed-text';
	import { typed } from '$lib/settings/field-units';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import EstimatedWidth from './EstimatedWidth.svelte';
	import WandPicker from '$lib/calibration/WandPicker.svelte';

	let { state: calibration }: { state: CalibrationState } = $props();
	const metric = $derived(calibration.units.course === 'm');
	const comma = $derived(calibration.settings.decimalComma);
	const swung = $derived(calibration.entered.notes.get('wand') === 'swung');
	const shown = $derived(
		calibration.width === null
			? '–'
			: metric
				? showDecimals(calibration.width, 2, comma)
				: showDecimals(calibration.width / factor('length', 'ft'), 1, comma)
	);
</script>

<div class="flex flex-col gap-3 flex-1 min-h-0">
	<div class="grid grid-cols-[minmax(0,260px)_1fr] gap-4.5 items-start phone:grid-cols-[1fr]">
		<QuantityField
			label={swung ? m.width_of_the_sweep() : m.width_of_the_wet_strip()}
			kept={keptText(calibration.entered.wetted?.typed, calibration.units.course, calibration.settings)}
			unit={calibration.units.course}
			hint={m.on_dry_ground_at_the_height()}
			disabled={calibration.signedOff}
			commit={(text) =>
				calibration.add(() => ({
					kind: 'wetted',
					width: typed(text, calibration.units.course, calibration.settings),
					estimated: calibration.entered.wettedGuessed
				}))}
		/>
		<EstimatedWidth {calibration} />
		<WandPicker {calibration} />
	</div>
	<div class="card grid items-center flex-1 min-h-0 p-3 phone:flex-none">
		<svg
			class="w-full max-h-80"
			viewBox="0 0 700 300"
			role="img"
			aria-label={m.a_wand_held_over_the_ground({ shown, course: calibration.units.course })}
		>
			<rect x="0" y="252" width="700" height="30" fill="var(--straw-wash)" stroke="var(--straw-edge)" />
			<rect
				x="170"
				y="252"
				width="360"
				height="30"
				fill={calibration.width === null ? 'none' : 'var(--dye)'}
				stroke="var(--dye)"
				stroke-dasharray={calibration.width === null ? '5 4' : undefined}
			/>
			<g fill="var(--ink)">
				<circle cx="350" cy="40" r="20" />
				<path d="M334 62h32l10 70h-14l-4 110h-8l-2-86-2 86h-8l-4-110h-14z" />
				<rect
					x="312"
					y="66"
					width="20"
					height="58"
					rx="6"
					fill="var(--dye-light)"
					stroke="var(--ink)"
					stroke-width="3"
				/>
			</g>
			{#if swung}
				<path d="M370 92L560 170M330 92L140 170" stroke="var(--ink)" stroke-width="5" />
				<path d="M540 176Q350 232 160 176" stroke="var(--dye)" stroke-width="3" stroke-dasharray="8 6" fill="none" />
				<path d="M160 176l-6 76h392l-6-76Q350 232 160 176z" fill="var(--dye-light)" opacity="0.3" />
			{:else}
				<path d="M368 92L420 158" stroke="var(--ink)" stroke-width="5" />
				<path d="M420 158L170 252H530z" fill="var(--dye-light)" opacity="0.4" stroke="var(--dye)" />
			{/if}
			<path d="M170 292H530M170 284v14M530 284v14" stroke="var(--ink)" stroke-width="2" />
		</svg>
	</div>
	<div class="flex items-end gap-6 py-2.5 px-4 rounded-[6px] bg-paper-deep">
		<p><span class="num text-[3.4rem] leading-[0.95]">{shown}</span> <b>{calibration.units.course}</b></p>
		<p class="lab">{m.not_needed_for_a_plot_or()}</p>
	</div>
</div>
