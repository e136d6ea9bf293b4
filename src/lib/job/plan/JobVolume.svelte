<!-- @component What tells a job's volume: a calibrated sprayer, a patch sprayed until it is wet, or so much for a surface. -->
<script lang="ts">
	import { m } from '$words';
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
		{ value: 'calibration', label: m.as_calibrated() },
		{ value: 'trial', label: m.spot_work() },
		{ value: 'surface', label: m.a_surface() }
	];
	const choices = $derived([
		...(plan.by !== 'calibration'
			? [{ value: '', label: m.another_its_tank_is_typed_below() }]
			: plan.calibrationId === ''
				? [{ value: '', label: m.pick_one() }]
				: []),
		...source.calibrations.map((one) => {
			const r = shownRate(one.rate, one.relativeU95, settings.rateUnit, settings.decimalComma);
			const doubt = one.doubt ? m.in_doubt() : '';
			const wide = r.tooWide ? m.too_wide_to_tell_5({ interval: r.interval }) : '';
			const volume =
				plan.by === 'calibration' ? `: ${r.value} ${r.unit}, ${dayText(one.signedDay)}${doubt}${wide}` : '';
			return { value: one.id, label: `${one.sprayer}, ${one.setting}${volume}` };
		})
	]);
</script>

<Segmented label={m.what_tells_the_volume()} options={ways} value={plan.by} onchange={(by) => (plan.by = by)} />
{#if source.calibrations.length === 0 && plan.by === 'calibration'}
	<p class="lab">{m.no_sprayer_is_calibrated_yet()} <a href="/sprayers">{m.calibrate_one()}</a>.</p>
{:else if source.calibrations.length > 0}
	<Field
		label={plan.by === 'calibration' ? m.calibration() : m.sprayer()}
		type="choice"
		bind:value={() => plan.calibrationId, (id) => plan.pickCalibration(id)}
		options={choices}
	/>
{/if}
{#if plan.by === 'calibration' && c?.team}
	<p class="lab">
		{m.the_mean_of_people_they_differ({
			count: c.team.length,
			figure: showDecimals(teamSpread(c.team.map((m) => ({ ...m, goes: null }))).spread * 100, 0, settings.decimalComma)
		})}
		<a href="/sprayers/{c.sprayerId}/team?setting={c.settingId}">{m.see_the_team()}</a>.
	</p>
{/if}
{#if plan.by === 'calibration' && c?.doubt}
	<p class="look">
		{m.in_doubt_since_calibrate_again_or({ name: eventWords[c.doubt as 'nozzles'].name.toLowerCase() })}
	</p>
	<Field
		label={m.why_it_is_used()}
		bind:value={plan.reason}
		problem={plan.problem('reason') ?? (plan.wantsReason ? m.nothing_is_written_here_yet() : undefined)}
	/>
{/if}
{#if plan.by === 'trial'}
	<p class="lab">
		{m.spray_clean_water_on_a_measured({ which: plan.timed ? m.time_it() : m.read_what_it_took() })}
	</p>
	{#if c?.flow}
		<Segmented
			label={m.how_the_patch_is_measured()}
			options={[
				{ value: 'tank', label: m.read_the_tank() },
				{ value: 'time', label: m.flow_time() }
			]}
			value={plan.timed ? 'time' : 'tank'}
			onchange={(way) => (plan.timed = way === 'time')}
		/>
	{/if}
	<div class="grid grid-cols-2 gap-x-4 gap-y-2 items-start phone:grid-cols-1">
		{#if plan.timed && c?.flow}
			<TimedField
				label={m.sprayed_for()}
				decimalComma={settings.decimalComma}
				bind:value={plan.time}
				problem={plan.problem('basis.time')}
				hint={m.no_unit_means_s_at_as({ text: show('flow', c.flow, settings).text, signedDay: dayText(c.signedDay) })}
				required
			/>
		{:else}
			<Field
				label={m.it_took({ tank: shortUnit(units.tank) })}
				bind:value={plan.used}
				problem={plan.problem('basis.used')}
				required
			/>
		{/if}
		<Field
			label={m.the_patch({ which: units.side === 'm' ? 'm²' : 'ft²' })}
			bind:value={plan.patch}
			problem={plan.problem('basis.patch')}
			hint={m.or_4_m2_40_ft2()}
			required
		/>
	</div>
{:else if plan.by === 'surface'}
	<Field
		label={m.mix_for_it_rate_unit({ rateUnit: longUnit(settings.rateUnit) })}
		bind:value={plan.surface}
		problem={plan.problem('basis.volume')}
		hint={m.as_the_label_or_a_trial()}
		required
	/>
{/if}
{#if plan.by !== 'surface'}
	<Field
		label={m.share_of_the_ground_that_is()}
		inputmode="decimal"
		bind:value={plan.sprayed}
		problem={plan.problem('sprayed')}
		hint={m.n100_for_all_of_it_less()}
	/>
{/if}
