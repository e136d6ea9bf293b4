<!-- @component The walk round the sprayer: things to tick, each with its reason; who carries it, and how it will be measured. -->
<script lang="ts">
	import { m } from '$words';
	import { isCarried } from '$core';
	import { checkList } from '$lib/settings/check-list';
	import type { MadeChange, NotedThing } from '$core';
	import { asWritten } from '$lib/wording/as-written';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { methodWords } from '$lib/wording/methods';
	import { measuresOf } from '$lib/settings/field-units';
	import { checkTitle, sprayerCheckWhy } from '$lib/wording/sprayer-checks';
	import Check from '@lucide/svelte/icons/check';
	import TipPicker from './TipPicker.svelte';
	import MethodPicker from './MethodPicker.svelte';
	import QuantityField from '$lib/kit/QuantityField.svelte';

	let { state }: { state: CalibrationState } = $props();
	const checks = $derived(checkList(state.head.rig, state.settings));
	const done = $derived(checks.filter((c) => state.entered.ticks.has(c)).length);
	const carried = $derived(isCarried(state.sprayer));
	const mist = $derived(state.head.rig.carried === 'mist');
	/** What belongs to the setting of a carried sprayer, noted with the readings. */
	const notes = $derived<readonly { what: NotedThing; label: string; hint: string }[]>(
		!carried
			? [
					...(state.head.rig.drive === 'pto'
						? [
								{ what: 'pto' as const, label: m.pto_speed_at_the_shaft(), hint: m.n540_rpm() },
								{ what: 'engine' as const, label: m.engine_speed_on_its_clock(), hint: m.n1_800_rpm() }
							]
						: []),
					...(state.sprayer.kind === 'airblast'
						? [{ what: 'fan' as const, label: m.fan_off_or_its_gear(), hint: m.off_or_its_gear() }]
						: [])
				]
			: [
					mist
						? { what: 'engine', label: m.engine_speed(), hint: m.n6_500_rpm_or_full_throttle() }
						: { what: 'strokes', label: m.strokes_or_gauge(), hint: m.n20_a_minute_or_2_bar() },
					{
						what: 'orifice',
						label: m.orifice_or_dial(),
						hint: asWritten(m.number_3_or_1_2_mm(), state.settings.decimalComma)
					}
				]
	);
	const nothing: readonly never[] = [];
</script>

{#if state.head.setting?.change}
	{#await import('./ChangeBanner.svelte') then { default: ChangeBanner }}
		<ChangeBanner change={state.head.setting.change as MadeChange} settings={state.settings} />
	{/await}
{/if}
<div class="flex flex-wrap justify-between gap-x-4.5 gap-y-2" class:more={carried}>
	<div class="flex flex-wrap items-center gap-x-3.5 gap-y-1 col-span-full">
		<MethodPicker calibration={state} />
		<p class="lab" class:sr-only={!carried && notes.length > 0}>
			{methodWords[state.method].asks[0]?.toUpperCase()}{methodWords[state.method].asks.slice(1)}.
		</p>
	</div>
	{#if carried}
		<QuantityField
			label={m.who_carries_it()}
			kept={state.entered.person}
			hint={m.another_person_is_another_calibration()}
			disabled={state.signedOff}
			commit={async (text) => (text.trim() ? state.add({ kind: 'person', name: text.trim() }) : nothing)}
		/>
	{/if}
	<TipPicker calibration={state} />
	{#each notes as note (note.what)}
		<QuantityField
			label={note.label}
			kept={state.entered.notes.get(note.what) ?? (note.what === 'orifice' ? (state.head.setting?.note ?? '') : '')}
			hint={carried ? note.hint : ''}
			small={!carried}
			disabled={state.signedOff}
			commit={async (text) =>
				text.trim() ? state.add({ kind: 'noted', what: note.what, text: text.trim() }) : nothing}
		/>
	{/each}
</div>
<ul>
	{#each checks as check, i (i)}
		{@const on = state.entered.ticks.has(check)}
		<li>
			<button
				type="button"
				role="checkbox"
				aria-checked={on}
				aria-describedby="why-{i}"
				class:on
				disabled={state.signedOff}
				onclick={() => void state.add({ kind: 'tick', check, done: !on })}
			>
				<span class="tick" aria-hidden="true"
					>{#if on}<Check size={26} strokeWidth={3.5} />{/if}</span
				>
				<span class="title font-[650] text-[1.08rem] self-end">{checkTitle(check)}</span>
				<span class="text-soft text-[0.92rem] leading-[1.3]" id="why-{i}">
					{sprayerCheckWhy(check, state.sprayer.kind, measuresOf(state.settings) === 'metric')}
				</span>
			</button>
		</li>
	{/each}
</ul>
<p class="sr-only" role="status">{m.of_ticked({ done, count: checks.length })}</p>

<style>
	.more {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		grid-template-columns: 1fr 1fr;
		grid-auto-rows: 1fr;
		gap: 10px;
		flex: 1;
		min-height: 0;
	}
	button {
		display: grid;
		grid-template: auto 1fr / 48px 1fr;
		column-gap: 14px;
		align-content: center;
		width: 100%;
		height: 100%;
		min-height: 72px;
		padding: 6px 14px;
		border: 1px solid var(--straw-edge);
		border-left-width: 8px;
		border-radius: 6px;
		background: var(--straw-wash);
		color: var(--ink);
		text-align: left;
		font: inherit;
		cursor: pointer;
	}
	button.on {
		border-color: var(--dye);
		background: var(--card);
	}
	button:disabled {
		opacity: 1;
		cursor: default;
	}
	.tick {
		grid-row: 1 / 3;
		align-self: center;
		display: grid;
		place-items: center;
		width: 42px;
		height: 42px;
		border: 2px solid var(--ink);
		border-radius: 5px;
		background: var(--card);
	}
	.on .tick {
		border-color: var(--dye);
		background: var(--dye-key);
		color: var(--on-dye);
	}
	@media (max-width: 859px) {
		ul {
			grid-template-columns: 1fr;
			grid-auto-rows: auto;
			padding-bottom: 12px;
		}
		.more {
			grid-template-columns: 1fr;
		}
	}
</style>
