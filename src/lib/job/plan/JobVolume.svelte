<!-- @component What tells a job's volume: a calibrated sprayer, a patch sprayed until it is wet, or so much for a surface. -->
<script lang="ts">
	import type { JobBasis } from '$core';
	import { longUnit, shortUnit } from '$lib/settings/field-units';
	import { shownRate } from '$lib/show/answer';
	import type { JobPlanState } from './job-plan.svelte';
	import { eventWords } from '$lib/wording/events';
	import FormField from '$lib/kit/FormField.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';

	let { plan }: { plan: JobPlanState } = $props();
	const { source, units } = $derived(plan);
	const settings = $derived(source.settings);
	const c = $derived(plan.calibration);
	const ways: readonly { readonly value: JobBasis['by']; readonly label: string }[] = [
		{ value: 'calibration', label: 'As calibrated' },
		{ value: 'trial', label: 'Spot work' },
		{ value: 'surface', label: 'A surface' }
	];
</script>

<Segmented label="What tells the volume" options={ways} value={plan.by} onchange={(by) => (plan.by = by)} />
{#if source.calibrations.length === 0 && plan.by === 'calibration'}
	<p class="lab">No sprayer is calibrated yet. <a href="/sprayers">Calibrate one</a> first.</p>
{:else if source.calibrations.length > 0}
	<label class="field"
		>{plan.by === 'calibration' ? 'Calibration' : 'Sprayer'}
		<select class="field-input" value={plan.calibrationId} onchange={(e) => plan.useCalibration(e.currentTarget.value)}>
			{#if plan.by !== 'calibration'}<option value="">another, its tank is told below</option>{/if}
			{#each source.calibrations as one (one.id)}
				{@const r = shownRate(one.rate, one.relativeU95, settings.rateUnit, settings.decimalComma)}
				<option value={one.id}
					>{one.sprayer}, {one.setting}{plan.by === 'calibration'
						? `: ${r.value} ${r.unit}, ${one.signedDay}${one.doubt ? ' (in doubt)' : ''}${r.tooWide ? ` (± ${r.interval}: too wide to tell 5 %)` : ''}`
						: ''}</option
				>
			{/each}
		</select>
	</label>
{/if}
{#if plan.by === 'calibration' && c?.doubt}
	<p class="look">
		▲ In doubt since: {eventWords[c.doubt as 'nozzles'].name.toLowerCase()}. Calibrate again, or say why it is used all
		the same.
	</p>
	<FormField
		label="Why it is used"
		bind:value={plan.reason}
		problem={plan.wantsReason ? 'Nothing is written here yet.' : undefined}
	/>
{/if}
{#if plan.by === 'trial'}
	<p class="lab">
		Spray clean water on a measured patch until it is as wet as the work will be, and read what it took.
	</p>
	<div class="two">
		<FormField
			label="It took, {shortUnit(units.tank)}"
			bind:value={plan.used}
			problem={plan.problem('basis.used')}
			required
		/>
		<FormField
			label="The patch, {units.side === 'm' ? 'm²' : 'ft²'}"
			bind:value={plan.patch}
			problem={plan.problem('basis.patch')}
			hint="Or 4 m2, 40 ft2."
			required
		/>
	</div>
{:else if plan.by === 'surface'}
	<FormField
		label="Mix for it, {longUnit(settings.rateUnit)}"
		bind:value={plan.surface}
		problem={plan.problem('basis.volume')}
		hint="As the label or a trial says, like 10 L/100 m2 or 2 gal/1000 ft2."
		required
	/>
{/if}
{#if plan.by !== 'surface'}
	<FormField
		label="Share of the ground that is sprayed, %"
		inputmode="decimal"
		bind:value={plan.sprayed}
		problem={plan.problem('sprayed')}
		hint="100 for all of it; less for spots and patches."
	/>
{/if}

<style>
	.field {
		display: grid;
		/* The longest calibration must not widen the page. */
		grid-template-columns: minmax(0, 1fr);
		gap: 4px;
		font-weight: 600;
	}
	.look {
		color: var(--amber-text);
		font-weight: 600;
	}
	.two {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 8px 16px;
	}
	@media (max-width: 859px) {
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
