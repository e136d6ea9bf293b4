<!-- @component Swath of a boom: nozzles × spacing or bands, sections switched off by touching them, and its fans from behind. -->
<script lang="ts">
	import { m } from '$words';
	import { fanReach, showDecimals, si, factor, quantityOf } from '$core';
	import type { Issue } from '$core';
	import BoomBehind from '$lib/drawings/BoomBehind.svelte';
	import Swath from '$lib/drawings/Swath.svelte';
	import { typed } from '$lib/settings/field-units';
	import { keptText, typedText } from '$lib/settings/typed-text';
	import { GroundStripeState, stripeFaults } from '$lib/calibration/ground-stripe.svelte';
	import { groundWorker } from '$lib/calibration/ground-worker';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { wordIssue } from '$lib/wording/issues';
	import BandFields from './BandFields.svelte';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import Toggles from '$lib/kit/Toggles.svelte';

	let { state: calibration }: { state: CalibrationState } = $props();

	const comma = $derived(calibration.settings.decimalComma);
	const metric = $derived(calibration.units.course === 'm');
	const length = (m: number) =>
		metric ? `${showDecimals(m, 2, comma)} m` : `${showDecimals(m / factor('length', 'ft'), 1, comma)} ft`;
	const spacing = $derived(calibration.sprayer.spacing ?? si<'length'>(0));
	/** Nozzles at each place: the fans of one place fall on each other. */
	const stacked = $derived(calibration.sprayer.stacked);
	const boom = $derived(calibration.on.length * spacing);
	const band = $derived(calibration.entered.band === undefined ? calibration.sprayer.band : calibration.entered.band);
	const width = $derived(calibration.width ?? boom);
	const spacingShown = $derived(calibration.head.rig.spacing ? typedText(calibration.head.rig.spacing) : '');
	let problem = $state<Issue | null>(null);

	const typedHeight = $derived(calibration.entered.height?.typed ?? calibration.head.rig.fan?.height);
	const height = $derived(quantityOf(calibration.entered.height) ?? calibration.sprayer.fan?.height ?? null);
	const reach = $derived(
		calibration.sprayer.fan && height !== null ? fanReach(calibration.sprayer.fan.angle, height) : null
	);
	const stripe = new GroundStripeState((...asked) => groundWorker()(...asked));
	// Even nozzles: what angle, spacing and height alone make of the ground.
	$effect(() => {
		if (reach === null) return;
		const fans = Array.from({ length: calibration.sprayer.nozzles }, (_, i) => ({
			at: (Math.floor(i / stacked) + 0.5) * spacing * stacked,
			flow: 1
		}));
		void stripe.ask({ fans, reach, width: calibration.sprayer.nozzles * spacing });
	});
	const faults = $derived(stripeFaults(stripe.strips));
	const overlap = $derived(reach === null ? 0 : (2 * reach - spacing * stacked) / (2 * reach));

	async function toggle(section: number) {
		const [issue = null] = await calibration.add(() => {
			const { off } = calibration.entered;
			const without = off.filter((s) => s !== section);
			const next = without.length < off.length ? without : [...off, section].sort((a, b) => a - b);
			return { kind: 'sections', off: next };
		});
		problem = issue;
	}
</script>

<div class="flex flex-col gap-3 flex-1 min-h-0">
	<div
		class="card flex flex-col justify-center gap-2.5 flex-1 min-h-0 py-3 px-4 phone:p-2 phone:flex-none"
		class:both={reach !== null}
	>
		<div class="above">
			<Swath
				section={calibration.names.section}
				short={calibration.names.short}
				sections={calibration.sprayer.sections}
				off={calibration.entered.off}
				width={calibration.sprayer.spacing === null
					? calibration.width === null
						? ''
						: length(calibration.width)
					: length(boom)}
			/>
		</div>
		<div class="max-w-[26rem]">
			<QuantityField
				small
				label={m.width_as_taped()}
				kept={keptText(calibration.entered.wetted?.typed, calibration.units.course, calibration.settings)}
				unit={calibration.units.course}
				hint={m.over_the_nozzles_that_spray_half({
					which: spacingShown === '' ? '' : m.empty({ count: calibration.on.length, spacingShown })
				})}
				disabled={calibration.signedOff}
				commit={(text) =>
					calibration.add({ kind: 'wetted', width: typed(text, calibration.units.course, calibration.settings) })}
			/>
		</div>
		{#if calibration.sprayer.sections.length > 1}
			<Toggles
				label={m.sections_that_spray()}
				options={calibration.sprayer.sections.map((size, value) => ({
					value,
					label: calibration.names.section(value),
					share: size
				}))}
				value={calibration.sprayer.sections.flatMap((_, i) => (calibration.entered.off.includes(i) ? [] : [i]))}
				disabled={calibration.signedOff}
				looks={(on) =>
					`min-w-24 min-h-14 rounded-md border-2 text-[0.95rem] leading-tight phone:text-[0.85rem] ${on ? 'border-dye bg-dye-wash text-dye-text' : 'border-dashed border-straw-edge bg-straw-wash text-straw-text'}`}
				onturn={(i) => void toggle(i)}
			>
				{#snippet item({ label, share }, on)}
					<b>{label}</b>
					<span class="block">{m.nozzles({ which: on ? m.on_inline() : m.off(), size: share ?? 0 })}</span>
				{/snippet}
			</Toggles>
		{/if}
		{#if reach !== null && calibration.sprayer.fan && height !== null}
			<div
				class="behind grid grid-cols-[minmax(0,1fr)_190px] gap-4 items-center pt-2.5 border-t border-dashed border-t-rule phone:grid-cols-1"
			>
				<BoomBehind
					nozzles={calibration.sprayer.nozzles}
					spacingOverHeight={spacing / height}
					reach={reach / spacing}
					strips={stripe.strips}
					height={typedHeight ? typedText(typedHeight) : ''}
					angle={calibration.sprayer.fan.angle}
				/>
				<div class="grid gap-2 text-[0.95rem] leading-[1.3]">
					<QuantityField
						small
						label={m.nozzles_above_the_target()}
						kept={keptText(typedHeight, calibration.units.spacing, calibration.settings)}
						unit={calibration.units.spacing}
						disabled={calibration.signedOff}
						commit={(text) =>
							calibration.add({ kind: 'height', height: typed(text, calibration.units.spacing, calibration.settings) })}
					/>
					<p aria-live="polite">
						{#if overlap <= 0}<b class="text-rust-text">{m.gaps_between_the_fans()}</b> {m.they_do_not_meet_at_this()}
						{:else if faults.thin > 0.02 || faults.double > 0.02}<b class="look"
								>{m.strips_thin_double({
									figure: Math.round(faults.thin * 100),
									round2: Math.round(faults.double * 100)
								})}</b
							>
							{overlap < 0.45 ? m.raise_the_boom() : m.lower_the_boom()}
						{:else}<b>{m.even_ground()}</b>{/if}
						<span class="lab"
							>{m.fans_overlap({
								angle: calibration.sprayer.fan.angle,
								max: Math.max(0, Math.round(overlap * 100))
							})}</span
						>
					</p>
				</div>
			</div>
		{/if}
	</div>
	{#if problem}<p class="problem" role="alert">{wordIssue(problem)}</p>{/if}
	<div
		class="grid grid-cols-[auto_1fr] gap-6 items-center py-2.5 px-4 rounded-[6px] bg-paper-deep phone:grid-cols-[1fr] phone:gap-2"
	>
		<div>
			<span class="lab">{band ? m.treated_width() : m.swath()}</span><br />
			<span class="num text-[3.4rem] leading-[0.95]">{length(width).split(' ')[0]}</span> <b>{metric ? 'm' : 'ft'}</b>
		</div>
		<div class="flex justify-between items-center gap-4 phone:flex-wrap">
			<p>
				{#if band}<b>{m.bands_over_rows({ bands: band.bands, rows: band.rows })}</b>{:else}<b
						>{m.nozzles_count({ count: calibration.on.length, spacingShown })}</b
					>{/if}<br />
				<span class="lab">{band ? m.both_volumes_are_told_per_treated() : m.a_section_off_makes_this_a()}</span>
			</p>
			<BandFields {calibration} {band} />
		</div>
	</div>
</div>

<style>
	.both .above :global(svg) {
		max-height: 190px;
	}
	.both .above :global(.small) {
		font-size: 21px;
	}
	.both .above :global(.past) {
		display: none;
	}
	.behind :global(svg) {
		max-height: 150px;
	}
</style>
