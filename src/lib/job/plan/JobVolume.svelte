<!-- @component What tells a job's volume: a calibrated sprayer, a patch sprayed until it is wet, or so much for a surface. -->
<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { showDecimals, teamSpread } from '$core';
	import { longUnit, shortUnit } from '$lib/settings/field-units';
	import { shownRate } from '$lib/show/answer';
	import { show } from '$lib/show/show';
	import type { JobPlanState } from './job-plan.svelte';
	import { eventWords } from '$lib/wording/events';
	import Field from '$lib/kit/Field.svelte';
	import TimedField from '$lib/kit/TimedField.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';

	let { plan }: { plan: JobPlanState } = $props();
	const { source, units } = $derived(plan);
	const settings = $derived(source.settings);
	const c = $derived(plan.calibration);
	const ways: readonly { readonly value: JobPlanState['by']; readonly label: string }[] = [
		{ value: 'calibration', label: 'As calibrated' },
		{ value: 'trial', label: 'Spot work' },
		{ value: 'surface', label: 'A surface' }
	];
	const choices = $derived([
		...(plan.by !== 'calibration'
			? [{ value: '', label: 'another, its tank is typed below' }]
			: plan.calibrationId === ''
				? [{ value: '', label: 'Pick one' }]
				: []),
		...source.calibrations.map((one) => {
			const r = shownRate(one.rate, one.relativeU95, settings.rateUnit, settings.decimalComma);
			const doubt = one.doubt ? ' (in doubt)' : '';
			const wide = r.tooWide ? ` (± ${r.interval}: too wide to tell 5 %)` : '';
			const volume =
				plan.by === 'calibration' ? `: ${r.value} ${r.unit}, ${dayText(one.signedDay)}${doubt}${wide}` : '';
			return { value: one.id, label: `${one.sprayer}, ${one.setting}${volume}` };
		})
	]);
</script>

<Segmented label="What tells the volume" options={ways} value={plan.by} onchange={(by) => (plan.by = by)} />
{#if source.calibrations.length === 0 && plan.by === 'calibration'}
	<p class="lab">No sprayer is calibrated yet. <a href="/sprayers">Calibrate one</a> first.</p>
{:else if source.calibrations.length > 0}
	<Field
		label={plan.by === 'calibration' ? 'Calibration' : 'Sprayer'}
		type="choice"
		bind:value={() => plan.calibrationId, (id) => plan.pickCalibration(id)}
		options={choices}
	/>
{/if}
{#if plan.by === 'calibration' && c?.team}
	<p class="lab">
		The mean of {c.team.length} people. They differ by {showDecimals(
			teamSpread(c.team.map((m) => ({ ...m, goes: null }))).spread * 100,
			0,
			settings.decimalComma
		)} % from the least to the most: each person’s ground gets as much more or less product.
		<a href="/sprayers/{c.sprayerId}/team?setting={c.settingId}">See the team</a>.
	</p>
{/if}
{#if plan.by === 'calibration' && c?.doubt}
	<p class="look">
		▲ In doubt since: {eventWords[c.doubt as 'nozzles'].name.toLowerCase()}. Calibrate again, or say why it is used all
		the same.
	</p>
	<Field
		label="Why it is used"
		bind:value={plan.reason}
		problem={plan.wantsReason ? 'Nothing is written here yet.' : undefined}
	/>
{/if}
{#if plan.by === 'trial'}
	<p class="lab">
		Spray clean water on a measured patch until it is as wet as the work will be, and {plan.timed
			? 'time it.'
			: 'read what it took.'}
	</p>
	{#if c?.flow}
		<Segmented
			label="How the patch is measured"
			options={[
				{ value: 'tank', label: 'Read the tank' },
				{ value: 'time', label: 'Flow × time' }
			]}
			value={plan.timed ? 'time' : 'tank'}
			onchange={(way) => (plan.timed = way === 'time')}
		/>
	{/if}
	<div class="grid grid-cols-2 gap-x-4 gap-y-2 items-start phone:grid-cols-1">
		{#if plan.timed && c?.flow}
			<TimedField
				label="Sprayed for"
				decimalComma={settings.decimalComma}
				bind:value={plan.time}
				problem={plan.problem('basis.time')}
				hint="No unit means s. At {show('flow', c.flow, settings).text}, as caught on {dayText(c.signedDay)}."
				required
			/>
		{:else}
			<Field
				label="It took, {shortUnit(units.tank)}"
				bind:value={plan.used}
				problem={plan.problem('basis.used')}
				required
			/>
		{/if}
		<Field
			label="The patch, {units.side === 'm' ? 'm²' : 'ft²'}"
			bind:value={plan.patch}
			problem={plan.problem('basis.patch')}
			hint="Or 4 m2, 40 ft2."
			required
		/>
	</div>
{:else if plan.by === 'surface'}
	<Field
		label="Mix for it, {longUnit(settings.rateUnit)}"
		bind:value={plan.surface}
		problem={plan.problem('basis.volume')}
		hint="As the label or a trial says, like 10 L/100 m2 or 2 gal/1000 ft2."
		required
	/>
{/if}
{#if plan.by !== 'surface'}
	<Field
		label="Share of the ground that is sprayed, %"
		inputmode="decimal"
		bind:value={plan.sprayed}
		problem={plan.problem('sprayed')}
		hint="100 for all of it; less for spots and patches."
	/>
{/if}
