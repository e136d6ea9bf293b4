<!-- @component Sign off: who, when, at what pressure, gear and rpm. From then on the calibration is read-only. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { untrack } from 'svelte';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { SignOffState } from './sign-off.svelte';
	import { typedText } from '$lib/settings/typed-text';
	import type { OutboxStatus } from '$lib/entries/outbox';
	import { changeOf } from './carry-change';
	import ChangeFacts from '$lib/calibration/adjust/ChangeFacts.svelte';
	import Field from '$lib/kit/Field.svelte';

	interface Props {
		state: CalibrationState;
		/** Today as YYYY-MM-DD, local. */
		today: string;
		status: OutboxStatus;
		form?: SignOffState | undefined;
	}
	let { state: calibration, today, status, form = $bindable() }: Props = $props();
	form = untrack(() => new SignOffState(calibration, today));
	const f = $derived(form!);
	const made = $derived(changeOf(calibration));
	const signed = $derived(calibration.entered.signOff);
</script>

{#if signed}
	<div class="card sealed">
		<p class="stamp" aria-hidden="true">{m.signed()}</p>
		<h2>{m.signed_off_by_on({ person: signed.person, day: dayText(signed.day) })}</h2>
		<p>
			{[
				signed.pressure
					? m.at_pressure({ pressure: typedText(signed.pressure) })
					: calibration.onFoot
						? ''
						: m.pressure_not_measured(),
				signed.gear ? m.gear({ gear: signed.gear }) : calibration.onFoot ? '' : m.gear_not_entered(),
				signed.rpm ? m.rpm({ rpm: signed.rpm }) : ''
			]
				.filter(Boolean)
				.join(', ')}{signed.pressure || signed.gear || !calibration.onFoot ? '.' : ''}
			{signed.remarks}
		</p>
		<p class="lab">{m.nothing_in_this_calibration_can_be()}</p>
		{#if calibration.entered.change}
			<div class="change">
				<p><b>{m.now_change_the_sprayer_then_check()}</b> {m.the_next_calibration_opens_with_what()}</p>
				<ChangeFacts
					change={calibration.entered.change}
					prediction={made && { volume: made.predicted, sure: made.sure }}
					settings={calibration.settings}
				/>
				<a
					class="btn go big"
					href="/rounds/new?sprayer={calibration.head.sprayerId}{calibration.head.setting
						? `&setting=${calibration.head.setting.id}`
						: ''}">{m.calibrate_again_with_the_change()}</a
				>
			</div>
		{/if}
		{#if status.state === 'sent'}
			<div class="flex flex-wrap gap-3">
				<a class="btn go big" href="/full-tank?calibration={calibration.head.id}">{m.one_full_tank()}</a>
				<a class="btn" href="/calibrations/{calibration.head.id}/tank">{m.loads_for_an_area()}</a>
				<a class="btn big" href="/calibrations/{calibration.head.id}">{m.see_the_calibration()}</a>
			</div>
		{:else}
			<p>
				<b>{m.it_is_kept_on_this_device()}</b>
				{m.and_will_be_sent_to_the()}
			</p>
		{/if}
	</div>
{:else}
	<form
		class="card grid grid-cols-[1fr_1fr] gap-x-5.5 gap-y-4.5 p-5 content-start flex-1 phone:grid-cols-[1fr]"
		onsubmit={(e) => e.preventDefault()}
		novalidate
	>
		<Field label={m.calibrated_by()} bind:value={f.person} problem={f.problems.person} autocomplete="name" required />
		{#if f.asksCarrier}
			<Field
				label={m.carried_by()}
				bind:value={f.carrier}
				problem={f.problems.carrier}
				autocomplete="name"
				hint={m.another_person_is_another_calibration()}
				required
			/>
		{/if}
		<Field label={m.on_title()} type="date" bind:value={f.day} problem={f.problems.day} required />
		<Field
			label={m.pressure_at_the_gauge()}
			bind:value={f.pressure}
			problem={f.problems.pressure}
			hint={m.no_unit_means_empty_where_it({
				pressure: calibration.units.pressure,
				which: f.meant ? m.the_setting_is_meant_to_have({ meant: f.meant }) : ''
			})}
		/>
		{#if !f.carried}
			<Field label={m.gear_title()} bind:value={f.gear} problem={f.problems.gear} hint={m.as_you_call_it_b2_third()} />
			<Field
				label={m.engine_or_pto_rpm()}
				bind:value={f.rpm}
				problem={f.problems.rpm}
				inputmode="numeric"
				hint={m.n540_at_the_pto_or_what()}
			/>
		{/if}
		<Field
			label={m.remarks()}
			bind:value={f.remarks}
			problem={f.problems.remarks}
			hint={m.ground_wind_what_was_changed()}
		/>
		<div class="col-[1/3] grid gap-1.5 phone:col-1">
			{#if f.blocked}<p class="problem">{f.blocked}</p>{/if}
			{#each f.notes as note (note)}<p><span aria-hidden="true">▲</span> {note}.</p>{/each}
			<p class="lab">
				{m.after_signing_this_calibration_is_read()}
			</p>
		</div>
	</form>
{/if}

<style>
	.sealed {
		position: relative;
		display: grid;
		gap: 12px;
		padding: 28px 24px;
		border: 2px solid var(--dye);
	}
	.stamp {
		position: absolute;
		top: 18px;
		right: 24px;
		padding: 2px 12px;
		border: 3px solid var(--dye);
		border-radius: 6px;
		color: var(--dye-text);
		font: 800 1.3rem var(--font-figures);
		font-stretch: 80%;
		transform: rotate(-6deg);
	}
	.change {
		display: grid;
		gap: 10px;
		justify-items: start;
		padding: 12px 0;
		border-block: 1px solid var(--rule);
	}
</style>
