<!--
@component The yard beside the step that is worked on: what passes, what fills, what the instruments say. It is seen, not told; nothing on it is
the truth.
-->
<script lang="ts">
	import { m } from '$words';
	import { MediaQuery } from 'svelte/reactivity';
	import type { YardAction } from '$core';
	import { factor, inUnit, practiceSprayers, showDecimals, yardPans, yardWeather } from '$core';
	import type { StepName } from '$lib/calibration/calibration-steps';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { everyFrame } from '$lib/kit/attachments';
	import { shortUnit } from '$lib/settings/field-units';
	import { show } from '$lib/show/show';
	import { seenText, weatherText } from '$lib/show/seen';
	import { yardTime } from '$lib/wording/practice';
	import ClaimList from './ClaimList.svelte';
	import ClaimSheet from './ClaimSheet.svelte';
	import CourseOfYard from './CourseOfYard.svelte';
	import EdgeScene from './EdgeScene.svelte';
	import JugStand from './JugStand.svelte';
	import NeedleDial from './NeedleDial.svelte';
	import SettingSheet from './SettingSheet.svelte';
	import TankScene from './TankScene.svelte';
	import ToolSheet from './ToolSheet.svelte';
	import { sceneOf } from './scene-of';
	import type { YardState } from './yard.svelte';

	interface Props {
		yard: YardState;
		calibration: CalibrationState;
		step: StepName;
		/** The step below has no room for the course. */
		phone?: boolean;
	}
	let { yard, calibration, step, phone = false }: Props = $props();

	const own = $derived(practiceSprayers[yard.exercise.sprayer]);
	const units = $derived(calibration.units);
	const comma = $derived(calibration.settings.decimalComma);
	const still = new MediaQuery('(prefers-reduced-motion: reduce)');
	const machine = $derived(yard.yard.machine);
	const scene = $derived(sceneOf(step, yard.exercise));

	const volume = $derived(factor('volume', units.catch));
	const tankUnit = $derived(own.sprayer.kind === 'knapsack' ? units.catch : units.tank);
	const tank = $derived(factor('volume', tankUnit));
	const tape = $derived(units.side === 'm' ? { unit: 'm', parts: 10 } : { unit: 'ft', parts: 4 });
	const dipped = $derived(yard.last('dip'));
	const wet = $derived(yard.last('wet'));
	const pans = $derived(yard.last('pans'));
	const driven = $derived(yard.last('drive'));
	/** The newest doing that can be said in words. */
	const said = $derived(
		yard.yard.done.findLast((d) => seenText(d.seen, yard.exercise, calibration.settings) !== '') ?? null
	);
	const saidWords = $derived(
		said && !(said.seen.of === 'drive' && yard.passing) ? seenText(said.seen, yard.exercise, calibration.settings) : ''
	);

	const nozzle = $derived(yard.nozzle);
	let single = $state(false);
	$effect(() => {
		yard.under = single ? [nozzle] : machine.nozzles.map((_, i) => i + 1);
	});
	let setting = $state(false);
	let tools = $state(false);
	let claiming = $state(false);
	const act = (action: YardAction) => void yard.do(action);
	const levels = $derived(
		machine.nozzles.map((_, i) => {
			const level = yard.level(i + 1);
			return level === null ? null : level / volume;
		})
	);
	const gaugeTop = $derived.by(() => {
		const shown = inUnit('pressure', yard.yard.setting.gauge, units.pressure);
		const step = shown > 60 ? 50 : shown > 15 ? 20 : shown > 6 ? 5 : 1;
		return { step, most: Math.ceil((shown * 1.9) / step) * step };
	});
	const ground = $derived(machine.ground?.said ?? null);
	const courseSaid = $derived(
		show('length', scene === 'ground' && ground ? ground.length : machine.course.said, calibration.settings, {
			digits: 4
		}).text
	);
	/** A dial says something while it drives. */
	const dial = $derived(yard.passing && yard.along !== null && yard.along > -0.2 ? (driven?.seen.dial ?? null) : null);
</script>

<section
	class="flex min-h-full flex-col gap-2.5"
	aria-label={m.yard_world()}
	{@attach everyFrame(
		() => yard.alive,
		() => yard.tick()
	)}
>
	{#if scene === 'course' || scene === 'ground'}
		{#if scene === 'ground' || phone}<CourseOfYard
				{yard}
				settings={calibration.settings}
				ground={scene === 'ground'}
			/>{/if}
		{#if scene === 'ground' && ground}
			<p class="lab">
				{m.yard_ground_said({
					length: courseSaid,
					width: show('length', ground.width, calibration.settings, { digits: 3 }).text
				})}
			</p>
		{/if}
		<div class="flex flex-wrap items-center gap-2">
			<button
				type="button"
				class="btn go"
				disabled={yard.passing !== null || calibration.signedOff}
				onclick={() => void yard.pass(scene === 'ground' ? 'cover' : 'drive')}
				>{scene === 'ground' ? m.yard_cover() : m.yard_drive()}</button
			>
			{@render faster()}
			{#if own.dial && scene === 'course'}
				<p class="on-dye ml-auto flex flex-wrap items-baseline gap-x-2.5 rounded bg-bar px-3 py-1.5 text-bar-text">
					<small>{m.yard_speed_dial()}</small><span class="num text-[1.3rem]"
						>{dial === null
							? '–'
							: `${showDecimals(inUnit('speed', dial, units.speed), 1, comma)} ${units.speed}`}</span
					>
				</p>
			{/if}
		</div>
	{:else if scene === 'jugs'}
		<JugStand
			names={calibration.names}
			{levels}
			under={yard.under}
			brim={machine.jugSize.brim / volume}
			mark={machine.jugSize.marks / volume}
			unit={shortUnit(units.catch)}
			at={nozzle}
			running={yard.holding !== null || yard.parked !== null}
			decimalComma={comma}
			still={still.current}
			onpick={(n) => (yard.nozzle = n)}
			beside={instruments}
		/>
		<div class="flex flex-wrap items-center gap-2">
			{#if machine.nozzles.length > 1}
				<button type="button" class="btn plain" aria-pressed={single} onclick={() => (single = !single)}
					>{single
						? m.yard_jug_single({ place: calibration.names.nozzle(nozzle).toLowerCase() })
						: m.yard_jugs_all()}</button
				>
			{/if}
			{@render faster()}
		</div>
		{#if yard.jugs.size === 0}<p class="lab">{m.yard_jugs_how()}</p>{/if}
	{:else if scene === 'tank'}
		<TankScene
			sight={yard.sight / tank}
			size={machine.tank / tank}
			dip={dipped ? dipped.seen.level / tank : null}
			unit={shortUnit(tankUnit)}
			decimalComma={comma}
			still={still.current}
		/>
		<div class="flex flex-wrap items-center gap-2">
			<button type="button" class="btn" disabled={calibration.signedOff} onclick={() => act({ do: 'dip' })}
				>{m.yard_dip()}</button
			>
			<button type="button" class="btn" disabled={calibration.signedOff} onclick={() => act({ do: 'fill' })}
				>{m.yard_fill()}</button
			>
			{@render faster()}
		</div>
		<p class="lab">{yard.exercise.method === 'parked-drop' ? m.yard_tank_parked_how() : m.yard_tank_refill_how()}</p>
	{:else if scene === 'thrown'}
		{#if wet}
			<EdgeScene
				left={wet.seen.left / factor('length', tape.unit)}
				right={wet.seen.right / factor('length', tape.unit)}
				unit={tape.unit}
				step={1}
				parts={tape.parts}
				seed={yard.head.seed + yard.yard.done.length}
				decimalComma={comma}
				still={still.current}
			/>
		{:else}<p class="lab">{m.yard_wet_first()}</p>{/if}
		{#if pans}
			<p class="lab">
				{m.yard_pans_read({ spacing: show('spacing', yardPans.spacing, calibration.settings, { digits: 3 }).text })}
			</p>
			<ol class="num grid gap-1" style="grid-template-columns: repeat(auto-fill, minmax(2.6rem, 1fr))">
				{#each pans.seen.levels as level, i (i)}<li
						class="grid justify-items-center border border-field-border bg-card p-0.5"
					>
						<small class="font-text text-[0.78rem] font-normal text-soft">{i + 1}</small>{showDecimals(
							level / factor('volume', 'ml'),
							0,
							comma
						)}
					</li>{/each}
			</ol>
		{/if}
		<div class="flex flex-wrap items-center gap-2">
			<button type="button" class="btn" disabled={calibration.signedOff} onclick={() => act({ do: 'wet' })}
				>{m.yard_wet()}</button
			>
			<button type="button" class="btn" disabled={calibration.signedOff} onclick={() => act({ do: 'pans' })}
				>{m.yard_pans()}</button
			>
		</div>
	{:else if scene === 'taped'}
		<p>
			{own.sprayer.kind === 'knapsack'
				? m.yard_tape_lance()
				: own.sprayer.kind === 'airblast'
					? m.yard_tape_rows()
					: m.yard_tape_boom()}
		</p>
		<div class="flex flex-wrap gap-2">
			<button
				type="button"
				class="btn"
				disabled={calibration.signedOff}
				onclick={() => act({ do: 'tape', what: 'spacing' })}>{m.yard_tape_spacing()}</button
			>
			{#if own.sprayer.kind === 'boom'}
				<button
					type="button"
					class="btn"
					disabled={calibration.signedOff}
					onclick={() => act({ do: 'tape', what: 'height' })}>{m.yard_tape_height()}</button
				>
			{/if}
		</div>
	{/if}

	{#if scene === 'sprayer'}<p class="lab">{weatherText(yardWeather(yard.head.seed), calibration.settings)}</p>{/if}
	{#if scene !== 'course' && scene !== 'ground' && scene !== 'jugs'}{@render instruments()}{/if}

	<p class="min-h-[1.4em] font-semibold" role="status">{saidWords}</p>
	<div class="grid grid-cols-2 gap-2">
		<button type="button" class="btn" disabled={calibration.signedOff} onclick={() => (tools = true)}
			>{m.yard_tools()}</button
		>
		<button type="button" class="btn" disabled={calibration.signedOff} onclick={() => (setting = true)}
			>{m.yard_change_setting()}</button
		>
	</div>
	<ClaimList {yard} readOnly={calibration.signedOff} onadd={() => (claiming = true)} />
	<p class="lab mt-auto flex justify-between gap-3 border-t border-t-rule pt-2">
		<span>{m.yard_time_so_far({ time: yardTime(yard.yard.time) })}</span>
		<span
			>{m.yard_water_so_far({
				water: show('tank', yard.yard.water.filled - yard.yard.water.tank, calibration.settings, { digits: 2 }).text
			})}</span
		>
	</p>
</section>

{#snippet instruments()}
	{#if own.gauge || own.counter}
		<div class={['grid items-center gap-3', scene === 'jugs' ? 'grid-cols-1' : 'grid-cols-2']}>
			{#if own.gauge && yard.flows.gauge !== null}
				<NeedleDial
					label={m.yard_gauge()}
					value={inUnit('pressure', yard.flows.gauge, units.pressure)}
					most={gaugeTop.most}
					step={gaugeTop.step}
					parts={5}
					unit={units.pressure}
					decimalComma={comma}
					still={still.current}
				/>
			{/if}
			{#if own.counter}
				<p class="on-dye ml-auto flex flex-wrap items-baseline gap-x-2.5 rounded bg-bar px-3 py-1.5 text-bar-text">
					<small>{m.yard_rev_counter()}</small><span class="num text-[1.3rem]">{Math.round(yard.yard.setting.rpm)}</span
					>
				</p>
			{/if}
		</div>
	{/if}
{/snippet}

{#snippet faster()}
	<button
		type="button"
		class={['btn px-3!', !yard.fast && 'plain']}
		aria-pressed={yard.fast}
		disabled={!yard.alive}
		onclick={() => yard.hurry(!yard.fast)}>{m.yard_faster()}</button
	>
{/snippet}

{#if setting}
	<SettingSheet {yard} {units} decimalComma={comma} open={setting} onclose={() => (setting = false)} onset={act} />
{/if}
<ToolSheet
	{yard}
	names={calibration.names}
	{nozzle}
	open={tools}
	onclose={() => (tools = false)}
	onpick={(n) => (yard.nozzle = n)}
	ondo={act}
/>
<ClaimSheet {yard} names={calibration.names} {nozzle} open={claiming} onclose={() => (claiming = false)} />
