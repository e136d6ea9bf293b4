<!-- @component What is set on the sprayer: gear, revs, pressure at the gauge, height, beat of the lever. One go of setting takes its time. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import type { YardAction } from '$core';
	import { factor, practiceSprayers, showFigure, si } from '$core';
	import Sheet from '$lib/kit/Sheet.svelte';
	import type { FieldUnits } from '$lib/settings/field-units';
	import type { YardState } from './yard.svelte';

	interface Props {
		yard: YardState;
		units: FieldUnits;
		decimalComma: boolean;
		open: boolean;
		onclose: () => void;
		onset: (action: YardAction) => void;
	}
	let { yard, units, decimalComma, open, onclose, onset }: Props = $props();

	const own = $derived(practiceSprayers[yard.exercise.sprayer]);
	const { setting } = untrack(() => yard.yard);
	let gear = $state(setting.gear);
	let rpm = $state(setting.rpm);
	let gauge = $state(setting.gauge as number);
	let height = $state(setting.height as number);
	let strokes = $state(setting.strokes);
	const gears = $derived(yard.yard.machine.gears);
	const bar = $derived(units.pressure === 'bar');
	const pressureStep = $derived(bar ? factor('pressure', 'bar') / 10 : factor('pressure', 'psi'));
	const heightStep = $derived(factor('length', units.spacing) * (units.spacing === 'cm' ? 5 : 2));
	const figure = (value: number, unit: string) =>
		`${showFigure(Math.round(value * 100) / 100, 4, decimalComma)} ${unit}`;

	const figureBy = (by: number) =>
		`${by < 0 ? '−' : '+'}${showFigure(Math.abs(Math.round(by)), 2, decimalComma)} ${units.spacing}`;

	interface Knob {
		readonly name: string;
		readonly value: string;
		readonly turn: (by: 1 | -1) => void;
	}
	const knobs = $derived<readonly Knob[]>([
		...(gears.length > 1
			? [
					{
						name: m.gear_title(),
						value: gears[gear]?.name ?? '',
						turn: (by: 1 | -1) => (gear = Math.min(gears.length - 1, Math.max(0, gear + by)))
					}
				]
			: []),
		...(own.counter
			? [
					{
						name: m.yard_rev_counter(),
						value: `${rpm} ${m.yard_rpm()}`,
						turn: (by: 1 | -1) => (rpm = Math.max(100, rpm + by * (own.sprayer.kind === 'knapsack' ? 100 : 10)))
					}
				]
			: []),
		...(own.gauge
			? [
					{
						name: m.pressure_at_the_gauge(),
						value: figure(gauge / factor('pressure', units.pressure), units.pressure),
						turn: (by: 1 | -1) => (gauge = Math.max(pressureStep, gauge + by * pressureStep))
					}
				]
			: []),
		...(own.sprayer.kind === 'boom' || own.sprayer.kind === 'boomless'
			? [
					{
						name: m.yard_height(),
						// How high it hangs is for the tape to say: here it is raised or lowered.
						value: figureBy((height - setting.height) / factor('length', units.spacing)),
						turn: (by: 1 | -1) => (height = Math.max(heightStep, height + by * heightStep))
					}
				]
			: []),
		...(own.sprayer.kind === 'knapsack' && !own.counter
			? [
					{
						name: m.yard_strokes(),
						value: m.yard_strokes_minute({ strokes }),
						turn: (by: 1 | -1) => (strokes = Math.min(40, Math.max(8, strokes + by)))
					}
				]
			: [])
	]);

	function apply() {
		const now = yard.yard.setting;
		onset({
			do: 'set',
			gear: gear === now.gear ? undefined : gear,
			rpm: rpm === now.rpm ? undefined : rpm,
			gauge: gauge === now.gauge ? undefined : si<'pressure'>(gauge),
			height: height === now.height ? undefined : si<'length'>(height),
			strokes: strokes === now.strokes ? undefined : strokes
		});
		onclose();
	}
</script>

<Sheet {open} title={m.yard_change_setting()} lead={m.yard_change_setting_lead()} {onclose}>
	<ul class="grid gap-2">
		{#each knobs as { name, value, turn } (name)}
			<li class="grid grid-cols-[1fr_auto_7rem_auto] items-center gap-2">
				<b>{name}</b>
				<button type="button" class="btn plain" aria-label={m.yard_less({ name })} onclick={() => turn(-1)}>−</button>
				<output class="num text-center text-[1.3rem]">{value}</output>
				<button type="button" class="btn plain" aria-label={m.yard_more({ name })} onclick={() => turn(1)}>+</button>
			</li>
		{/each}
	</ul>
	{#snippet foot()}<button type="button" class="btn go" onclick={apply}>{m.yard_apply_setting()}</button>{/snippet}
</Sheet>
