<!-- @component What if: another pressure, speed, spacing, engine speed, number of nozzles or nozzle, against the measured volume. -->
<script lang="ts">
	import { m } from '$words';
	import type { Nozzle, WorkingNow } from '$core';
	import { showFigure } from '$core';
	import CheckSum from '$lib/check/CheckSum.svelte';
	import Field from '$lib/kit/Field.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { shownRate } from '$lib/show/answer';
	import { show } from '$lib/show/show';
	import { nozzleName } from '$lib/wording/nozzles';
	import type { TryState } from './try.svelte';
	import { tried } from './try.svelte';
	import Toggles from '$lib/kit/Toggles.svelte';

	interface Props {
		state: TryState;
		now: WorkingNow;
		table: readonly Nozzle[];
		/** Nozzles in each section, where all of them sprayed at the calibration; empty where there is nothing to shut. */
		sections: readonly number[];
		/** What a section is called. */
		section: (section: number) => string;
	}
	let { state: trial, now, table, sections, section }: Props = $props();
	const { settings } = $derived(trial);
	let nozzle = $state('');
	const names = { pressure: m.pressure(), speed: m.ground_speed(), spacing: m.nozzle_spacing() } as const;
	const was = $derived({
		pressure: now.pressure === null ? m.not_measured() : show('pressure', now.pressure, settings).text,
		speed: now.speed === null ? m.not_measured() : show('speed', now.speed, settings).text,
		spacing: now.spacing === null ? m.not_entered() : show('spacing', now.spacing, settings).text
	});
	const result = $derived(trial.result.ok ? trial.result.value : null);
	const said = $derived(result && shownRate(result.volume, result.sure, settings.rateUnit, settings.decimalComma));
	const measured = $derived(shownRate(now.rate, now.relativeU95, settings.rateUnit, settings.decimalComma));
	const gap = $derived(
		result &&
			`${result.factor >= 1 ? '+' : '−'}${showFigure(Math.abs(result.factor - 1) * 100, 2, settings.decimalComma)} %`
	);
	const missingWords: Readonly<Record<string, string>> = {
		'flow.pressure': m.the_pressure_of_the_calibration(),
		speed: m.the_ground_speed(),
		spacing: m.the_nozzle_spacing(),
		rpm: m.the_engine_speed(),
		nozzles: m.the_number_of_nozzles(),
		flow: m.the_nozzle_flow()
	};
	const pumpMatters = $derived(trial.rpm.trim() !== '' || trial.nozzles.trim() !== '');
	function pick(key: string) {
		nozzle = key;
		trial.points = table.find((n) => n.key === key)?.points ?? null;
	}
</script>

<div class="grid gap-3">
	<div class="answer" aria-live="polite" data-testid="tried">
		<span class="lab">{m.spray_volume_that_comes_of_it()}</span>
		{#if result && said}
			<p class="num">{said.value} <small>{said.unit} ± {said.interval}</small></p>
			<p>
				<b>{gap}</b>
				{m.against_the_measured_it_is_predicted({ value: measured.value })}
			</p>
		{:else if trial.missing.length > 0}
			<p class="num">–</p>
			<p class="look">
				{m.not_measured_list({
					list: [...new Set(trial.missing.map((i) => missingWords[i.path] ?? i.path))].join(', ')
				})}
			</p>
		{:else}<p class="num">{measured.value} <small>{measured.unit} ± {measured.interval}</small></p>
			<p class="lab">{m.as_measured_type_what_you_would()}</p>{/if}
	</div>
	<div class="grid grid-cols-2 gap-3 items-start phone:grid-cols-1">
		{#each tried.filter((t) => t !== 'spacing' || now.spacing !== null) as thing (thing)}
			<UnitField
				label={names[thing]}
				bind:value={trial.boxes[thing].text}
				bind:unit={trial.boxes[thing].unit}
				units={trial.choices(thing)}
				problem={trial.problem(thing)}
				hint={m.now_was({ was: was[thing] })}
			/>
		{/each}
		<Field
			label={m.engine_speed_rpm()}
			inputmode="numeric"
			bind:value={trial.rpm}
			problem={trial.problem('rpm')}
			hint={m.now_in_the_same_gear({ which: now.rpm === null ? m.not_entered() : m.rpm({ rpm: now.rpm }) })}
		/>
		{#if now.rpm === null && trial.rpm.trim() !== ''}
			<Field
				label={m.engine_speed_at_the_calibration()}
				inputmode="numeric"
				bind:value={trial.rpmNow}
				problem={trial.problem('rpmNow')}
			/>
		{/if}
		<Field
			label={m.nozzles_that_spray()}
			inputmode="numeric"
			bind:value={() => trial.nozzles, (text) => trial.typedNozzles(text)}
			problem={trial.problem('nozzles')}
			hint={now.nozzles === null ? '' : m.now_nozzles({ nozzles: now.nozzles })}
		/>
		<Field
			label={m.another_nozzle()}
			type="search"
			bind:value={() => nozzle, pick}
			options={[{ value: '', label: m.as_fitted() }, ...table.map((n) => ({ value: n.key, label: nozzleName(n) }))]}
		/>
	</div>
	{#if trial.pressureSum}
		<CheckSum sources={[{ name: m.spray_volume(), sum: trial.pressureSum, unit: settings.rateUnit }]} {settings} />
	{/if}
	{#if sections.length > 1}
		<Toggles
			label={m.sections_that_spray()}
			options={sections.map((size, s) => ({
				value: s,
				label: `${section(s)} · ${trial.off.includes(s) ? m.off() : m.on_size({ size })}`
			}))}
			value={sections.flatMap((_, s) => (trial.off.includes(s) ? [] : [s]))}
			onturn={(s) => trial.toggleSection(s, sections)}
		/>
	{/if}
	{#if pumpMatters}
		<Segmented
			label={m.pressure()}
			options={[
				{ value: 'held', label: m.regulator_holds_the_pressure() },
				{ value: 'goes-along', label: m.pressure_goes_with_the_pump() }
			]}
			value={trial.pump}
			onchange={(pump) => (trial.pump = pump)}
		/>
	{/if}
</div>

<style>
	.answer {
		padding: 10px 16px;
		border-left: 6px solid var(--straw-edge);
		background: var(--straw-wash);
	}
	.num {
		font-size: 3rem;
		line-height: 1;
	}
	small {
		font: 600 1.05rem var(--font-text);
	}
</style>
