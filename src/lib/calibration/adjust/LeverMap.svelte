<!-- @component The levers as one picture, and as two sliders under it: moving one moves the other. -->
<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import type { Pressure, Speed } from '$core';
	import { factor, pressureOn, si, volumeAt } from '$core';
	import ReachMap from '$lib/drawings/ReachMap.svelte';
	import { fieldUnits } from '$lib/settings/field-units';
	import { adjustFigures } from '$lib/show/adjust';
	import type { AdjustState } from './adjust.svelte';
	import { nozzleName } from '$lib/wording/nozzles';

	let { adjust, disabled = false }: { adjust: AdjustState; disabled?: boolean } = $props();
	const phone = new MediaQuery('(max-width: 859px)');
	const id = $props.id();
	const f = $derived(adjustFigures(adjust.source.settings));
	const units = $derived(fieldUnits(adjust.source.settings));
	const reach = $derived(adjust.reach);
	const aim = $derived(adjust.aim);
	const present = $derived(adjust.present);
	const point = $derived(adjust.point);
	const line = $derived(adjust.line);
	const paced = $derived(present?.paced ?? false);
	/** SI of one shown unit. */
	const speedOne = $derived(paced ? 0.01 : factor('speed', units.speed));
	const pressureOne = $derived(factor('pressure', units.pressure));
	const now = $derived(
		present?.pressure ? { speed: present.speed / speedOne, pressure: present.pressure / pressureOne } : null
	);
	const name = $derived(adjust.other ? nozzleName(adjust.other) : 'the fitted nozzles');
	const whyNot = $derived.by(() => {
		if (!line || line.inside || !reach) return '';
		const most = `${f.rate(line.bound)} ${f.rateUnit}`;
		return line.why === 'too-little'
			? `Slow and hard, at ${f.speed(reach.speeds.low, paced)} ${f.speedUnit(paced)} and ${f.pressure(reach.pressures.high)} ${f.pressureUnit}, ${name} give ${most}: not enough. Take larger ones.`
			: `Fast and soft, at ${f.speed(reach.speeds.high, paced)} ${f.speedUnit(paced)} and ${f.pressure(reach.pressures.low)} ${f.pressureUnit}, ${name} still give ${most}: too much. Take smaller ones.`;
	});
	/** Only the sprayer's own page says what it can be driven at; else the ends are what is usual, or no more than the map's. */
	const ends = $derived(
		paced
			? { slow: 'less than half', fast: 'more than twice' }
			: adjust.source.numbers.speeds
				? { slow: 'too slow to drive', fast: 'too fast to drive' }
				: { slow: 'slower than usual', fast: 'faster than usual' }
	);
	const outWords = $derived(
		adjust.pointOut
			? {
					'too-slow': ends.slow,
					'too-fast': ends.fast,
					under: 'under the nozzle’s range',
					over: 'over the nozzle’s range'
				}[adjust.pointOut]
			: ''
	);
	const bothWays = (span: { readonly low: number; readonly high: number }, value: number) => ({
		min: Math.min(span.low, value),
		max: Math.max(span.high, value)
	});
</script>

{#if reach && aim && present && point?.pressure}
	{@const speedSpan = bothWays(reach.speeds, point.speed)}
	{@const pressureSpan = bothWays(reach.pressures, point.pressure)}
	<div class="map card grid gap-2 py-3 px-3.5 phone:p-2.5">
		<div class="head">
			<h3>Any two together</h3>
			<p class="lab">With {name}. Slide along the line of what is wanted; green is what the sprayer can reach.</p>
		</div>
		<ReachMap
			speeds={{ low: reach.speeds.low / speedOne, high: reach.speeds.high / speedOne }}
			pressures={{ low: reach.pressures.low / pressureOne, high: reach.pressures.high / pressureOne }}
			speedUnit={f.speedUnit(paced)}
			pressureUnit={f.pressureUnit}
			wanted={(v) => pressureOn(reach, aim.volume, si<'speed'>(v * speedOne)) / pressureOne}
			measured={adjust.other || aim.keep || !now
				? null
				: (v) =>
						pressureOn(reach, volumeAt(reach, present.speed, present.pressure!), si<'speed'>(v * speedOne)) /
						pressureOne}
			wantedText="{f.rate(aim.volume)} wanted"
			measuredText="{f.rate(volumeAt(reach, present.speed, present.pressure ?? reach.pressures.low))} now"
			{now}
			point={{ speed: point.speed / speedOne, pressure: point.pressure / pressureOne }}
			pointText="{f.speed(point.speed, paced)} {f.speedUnit(paced)} at {f.pressure(
				point.pressure
			)} {f.pressureUnit}{outWords ? `, ${outWords}` : ''}"
			slowText={ends.slow}
			fastText={ends.fast}
			inside={adjust.pointOut === null}
			narrow={phone.current}
			{disabled}
			onspeed={(v) => adjust.moveSpeed(si<'speed'>(v * speedOne))}
			onpressure={(p) => adjust.movePressure(si<'pressure'>(p * pressureOne))}
		/>
		{#if whyNot}<p class="no font-semibold" role="status"><span aria-hidden="true">✕</span> {whyNot}</p>{/if}
		<div class="grid grid-cols-[1fr_1fr] gap-x-6 gap-y-1.5 phone:grid-cols-1">
			<div>
				<label class="block" for="{id}-speed"
					>{paced ? 'Part of the present speed' : 'Speed'}
					<b class="num text-[1.7rem]" class:bad={adjust.pointOut === 'too-slow' || adjust.pointOut === 'too-fast'}
						>{f.speed(point.speed, paced)}</b
					>
					{f.speedUnit(paced)}</label
				>
				<input
					id="{id}-speed"
					type="range"
					min={speedSpan.min}
					max={speedSpan.max}
					step="any"
					value={point.speed}
					{disabled}
					oninput={(e) => adjust.moveSpeed(si<'speed'>(e.currentTarget.valueAsNumber) as Speed)}
				/>
			</div>
			<div>
				<label class="block" for="{id}-pressure"
					>Pressure <b class="num text-[1.7rem]" class:bad={outWords.includes('range')}>{f.pressure(point.pressure)}</b>
					{f.pressureUnit}</label
				>
				<input
					id="{id}-pressure"
					type="range"
					min={pressureSpan.min}
					max={pressureSpan.max}
					step="any"
					value={point.pressure}
					{disabled}
					oninput={(e) => adjust.movePressure(si<'pressure'>(e.currentTarget.valueAsNumber) as Pressure)}
				/>
			</div>
		</div>
		{#if outWords}<p class="no font-semibold"><span aria-hidden="true">✕</span> There it is {outWords}.</p>{/if}
	</div>
{/if}

<style>
	h3 {
		font: 600 1rem var(--font-text);
	}
	.bad,
	.no {
		color: var(--rust-text);
	}
	input[type='range'] {
		width: 100%;
		height: 48px;
		margin: 0;
		accent-color: var(--dye);
	}
</style>
