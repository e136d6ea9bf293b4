<!-- @component Sign off: who, when, at what pressure, gear and rpm. From then on the round is read-only. -->
<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { untrack } from 'svelte';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import { SignOffState } from './sign-off.svelte';
	import { typedText } from '$lib/settings/typed-text';
	import type { OutboxStatus } from '$lib/entries/outbox';
	import { changeOf } from './carry-change';
	import ChangeFacts from '$lib/calibration/adjust/ChangeFacts.svelte';
	import Field from '$lib/kit/Field.svelte';

	interface Props {
		state: RoundState;
		/** Today as YYYY-MM-DD, local. */
		today: string;
		status: OutboxStatus;
		form?: SignOffState | undefined;
	}
	let { state: round, today, status, form = $bindable() }: Props = $props();
	form = untrack(() => new SignOffState(round, today));
	const f = $derived(form!);
	const made = $derived(changeOf(round));
	const signed = $derived(round.entered.signOff);
</script>

{#if signed}
	<div class="card sealed">
		<p class="stamp" aria-hidden="true">Signed</p>
		<h2>Signed off by {signed.person} on {dayText(signed.day)}</h2>
		<p>
			{[
				signed.pressure ? `At ${typedText(signed.pressure)}` : round.onFoot ? '' : 'Pressure not measured',
				signed.gear ? `gear ${signed.gear}` : round.onFoot ? '' : 'gear not entered',
				signed.rpm ? `${signed.rpm} rpm` : ''
			]
				.filter(Boolean)
				.join(', ')}{signed.pressure || signed.gear || !round.onFoot ? '.' : ''}
			{signed.remarks}
		</p>
		<p class="lab">Nothing in this calibration can be changed now. Start a new one to measure again.</p>
		{#if round.entered.change}
			<div class="change">
				<p><b>Now change the sprayer, then check it:</b> the next calibration opens with what is predicted.</p>
				<ChangeFacts
					change={round.entered.change}
					prediction={made && { volume: made.predicted, sure: made.sure }}
					settings={round.settings}
				/>
				<a
					class="btn go big"
					href="/rounds/new?sprayer={round.head.sprayerId}{round.head.setting
						? `&setting=${round.head.setting.id}`
						: ''}">Calibrate again with the change</a
				>
			</div>
		{/if}
		{#if status.state === 'sent'}
			<div class="flex flex-wrap gap-3">
				<a class="btn go big" href="/full-tank?calibration={round.head.id}">One full tank</a>
				<a class="btn" href="/calibrations/{round.head.id}/tank">Loads for an area</a>
				<a class="btn big" href="/calibrations/{round.head.id}">See the calibration</a>
			</div>
		{:else}
			<p>
				<b>It is kept on this device</b> and will be sent to the farm as soon as there is a connection. The tank plan follows
				then.
			</p>
		{/if}
	</div>
{:else}
	<form
		class="card grid grid-cols-[1fr_1fr] gap-x-5.5 gap-y-4.5 p-5 content-start flex-1 phone:grid-cols-[1fr]"
		onsubmit={(e) => e.preventDefault()}
		novalidate
	>
		<Field label="Calibrated by" bind:value={f.person} problem={f.problems.person} autocomplete="name" required />
		{#if f.asksCarrier}
			<Field
				label="Carried by"
				bind:value={f.carrier}
				problem={f.problems.carrier}
				autocomplete="name"
				hint="Another person is another calibration."
				required
			/>
		{/if}
		<Field label="On" type="date" bind:value={f.day} problem={f.problems.day} required />
		<Field
			label="Pressure at the gauge"
			bind:value={f.pressure}
			problem={f.problems.pressure}
			hint="No unit means {round.units.pressure}. Empty where it was not read.{f.meant
				? ` The setting is meant to have ${f.meant}.`
				: ''}"
		/>
		{#if !f.carried}
			<Field
				label="Gear"
				bind:value={f.gear}
				problem={f.problems.gear}
				hint="As you call it: B2, third low. Empty where it is not known."
			/>
			<Field
				label="Engine or PTO rpm"
				bind:value={f.rpm}
				problem={f.problems.rpm}
				inputmode="numeric"
				hint="540 at the PTO, or what the engine showed."
			/>
		{/if}
		<Field label="Remarks" bind:value={f.remarks} hint="Ground, wind, what was changed." />
		<div class="col-[1/3] grid gap-1.5 phone:col-1">
			{#if f.blocked}<p class="problem">{f.blocked}</p>{/if}
			{#each f.notes as note (note)}<p><span aria-hidden="true">▲</span> {note}.</p>{/each}
			<p class="lab">
				After signing, this round is read-only. Nothing is lost: every reading stays on it as it was typed.
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
