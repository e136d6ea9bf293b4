<!-- @component What if: another pressure, speed, spacing, engine speed, number of nozzles or nozzle, against the measured volume. -->
<script lang="ts">
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
	const names = { pressure: 'Pressure', speed: 'Ground speed', spacing: 'Nozzle spacing' } as const;
	const was = $derived({
		pressure: now.pressure === null ? 'not measured' : show('pressure', now.pressure, settings).text,
		speed: now.speed === null ? 'not measured' : show('speed', now.speed, settings).text,
		spacing: now.spacing === null ? 'not entered' : show('spacing', now.spacing, settings).text
	});
	const result = $derived(trial.result.ok ? trial.result.value : null);
	const said = $derived(result && shownRate(result.volume, result.sure, settings.rateUnit, settings.decimalComma));
	const measured = $derived(shownRate(now.rate, now.relativeU95, settings.rateUnit, settings.decimalComma));
	const gap = $derived(
		result &&
			`${result.factor >= 1 ? '+' : '−'}${showFigure(Math.abs(result.factor - 1) * 100, 2, settings.decimalComma)} %`
	);
	const missingWords: Readonly<Record<string, string>> = {
		'flow.pressure': 'the pressure of the calibration',
		speed: 'the ground speed',
		spacing: 'the nozzle spacing',
		rpm: 'the engine speed',
		nozzles: 'the number of nozzles',
		flow: 'the nozzle flow'
	};
	const pumpMatters = $derived(trial.rpm.trim() !== '' || trial.nozzles.trim() !== '');
	function pick(key: string) {
		nozzle = key;
		trial.points = table.find((n) => n.key === key)?.points ?? null;
	}
</script>

<div class="grid gap-3">
	<div class="answer" aria-live="polite" data-testid="tried">
		<span class="lab">Spray volume that comes of it</span>
		{#if result && said}
			<p class="num">{said.value} <small>{said.unit} ± {said.interval}</small></p>
			<p>
				<b>{gap}</b> against the measured {measured.value}. It is predicted, not measured: catch again after the change.
			</p>
		{:else if trial.missing.length > 0}
			<p class="num">–</p>
			<p class="look">
				▲ Not measured: {[...new Set(trial.missing.map((i) => missingWords[i.path] ?? i.path))].join(', ')}.
			</p>
		{:else}<p class="num">{measured.value} <small>{measured.unit} ± {measured.interval}</small></p>
			<p class="lab">As measured. Type what you would change.</p>{/if}
	</div>
	<div class="grid grid-cols-2 gap-3 items-start phone:grid-cols-1">
		{#each tried.filter((t) => t !== 'spacing' || now.spacing !== null) as thing (thing)}
			<UnitField
				label={names[thing]}
				bind:value={trial.boxes[thing].text}
				bind:unit={trial.boxes[thing].unit}
				units={trial.choices(thing)}
				problem={trial.problem(thing)}
				hint="Now {was[thing]}."
			/>
		{/each}
		<Field
			label="Engine speed, rpm"
			inputmode="numeric"
			bind:value={trial.rpm}
			problem={trial.problem('rpm')}
			hint="Now {now.rpm === null ? 'not entered' : `${now.rpm} rpm`}. In the same gear."
		/>
		{#if now.rpm === null && trial.rpm.trim() !== ''}
			<Field
				label="Engine speed at the calibration"
				inputmode="numeric"
				bind:value={trial.rpmNow}
				problem={trial.problem('rpmNow')}
			/>
		{/if}
		<Field
			label="Nozzles that spray"
			inputmode="numeric"
			bind:value={() => trial.nozzles, (text) => trial.typedNozzles(text)}
			problem={trial.problem('nozzles')}
			hint={now.nozzles === null ? '' : `Now ${now.nozzles}.`}
		/>
		<Field
			label="Another nozzle"
			type="search"
			bind:value={() => nozzle, pick}
			options={[{ value: '', label: 'as fitted' }, ...table.map((n) => ({ value: n.key, label: nozzleName(n) }))]}
		/>
	</div>
	{#if trial.pressureSum}
		<CheckSum sources={[{ name: 'Spray volume', sum: trial.pressureSum, unit: settings.rateUnit }]} {settings} />
	{/if}
	{#if sections.length > 1}
		<div class="flex flex-wrap gap-2" role="group" aria-label="Sections that spray">
			{#each sections as size, s (s)}
				{@const on = !trial.off.includes(s)}
				<button
					type="button"
					class={['btn', on ? 'ink' : 'plain']}
					aria-pressed={on}
					onclick={() => trial.toggleSection(s, sections)}>{section(s)} · {on ? `on, ${size}` : 'off'}</button
				>
			{/each}
		</div>
	{/if}
	{#if pumpMatters}
		<Segmented
			label="Pressure"
			options={[
				{ value: 'held', label: 'Regulator holds the pressure' },
				{ value: 'goes-along', label: 'Pressure goes with the pump' }
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
