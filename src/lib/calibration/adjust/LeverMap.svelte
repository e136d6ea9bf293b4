<!-- @component The levers as one picture, and as two sliders under it: moving one moves the other. -->
<script lang="ts">
	import { m } from '$words';
	import { MediaQuery } from 'svelte/reactivity';
	import type { Pressure, Speed } from '$core';
	import { factor, pressureOn, si, volumeAt } from '$core';
	import ReachMap from '$lib/drawings/ReachMap.svelte';
	import { fieldUnits } from '$lib/settings/field-units';
	import { adjustFigures } from '$lib/show/adjust';
	import type { AdjustState } from './adjust.svelte';
	import { nozzleName } from '$lib/wording/nozzles';
	import Slide from '$lib/kit/Slide.svelte';

	let { adjust, disabled = false }: { adjust: AdjustState; disabled?: boolean } = $props();
	const phone = new MediaQuery('(max-width: 859px)');
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
	const name = $derived(adjust.other ? nozzleName(adjust.other) : m.the_fitted_nozzles());
	const whyNot = $derived.by(() => {
		if (!line || line.inside || !reach) return '';
		const most = `${f.rate(line.bound)} ${f.rateUnit}`;
		return line.why === 'too-little'
			? m.slow_and_hard_at_and_give({
					low: f.speed(reach.speeds.low, paced),
					paced: f.speedUnit(paced),
					high: f.pressure(reach.pressures.high),
					pressureUnit: f.pressureUnit,
					name,
					most
				})
			: m.fast_and_soft_at_and_still({
					high: f.speed(reach.speeds.high, paced),
					paced: f.speedUnit(paced),
					low: f.pressure(reach.pressures.low),
					pressureUnit: f.pressureUnit,
					name,
					most
				});
	});
	/** Only the sprayer's own page says what it can be driven at; else the ends are what is usual, or no more than the map's. */
	const ends = $derived(
		paced
			? { slow: m.less_than_half(), fast: m.more_than_twice() }
			: adjust.source.numbers.speeds
				? { slow: m.too_slow_to_drive(), fast: m.too_fast_to_drive() }
				: { slow: m.slower_than_usual(), fast: m.faster_than_usual() }
	);
	const outWords = $derived(
		adjust.pointOut
			? {
					'too-slow': ends.slow,
					'too-fast': ends.fast,
					under: m.under_the_nozzles_range(),
					over: m.over_the_nozzles_range()
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
			<h3>{m.any_two_together()}</h3>
			<p class="lab">{m.with_slide_along_the_line_of({ name })}</p>
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
			wantedText={m.wanted_volume({ volume: f.rate(aim.volume) })}
			measuredText={m.now_rate({
				rate: f.rate(volumeAt(reach, present.speed, present.pressure ?? reach.pressures.low))
			})}
			{now}
			point={{ speed: point.speed / speedOne, pressure: point.pressure / pressureOne }}
			pointText={m.at_speed({
				speed: f.speed(point.speed, paced),
				paced: f.speedUnit(paced),
				pressure: f.pressure(point.pressure),
				pressureUnit: f.pressureUnit,
				which: outWords ? `, ${outWords}` : ''
			})}
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
				<p>
					{paced ? m.part_of_the_present_speed() : m.speed_title()}
					<b class="num text-[1.7rem]" class:bad={adjust.pointOut === 'too-slow' || adjust.pointOut === 'too-fast'}
						>{f.speed(point.speed, paced)}</b
					>
					{f.speedUnit(paced)}
				</p>
				<Slide
					label={paced ? m.part_of_the_present_speed() : m.speed_title()}
					value={point.speed}
					min={speedSpan.min}
					max={speedSpan.max}
					spoken={`${f.speed(point.speed, paced)} ${f.speedUnit(paced)}`}
					{disabled}
					onmove={(v) => adjust.moveSpeed(si<'speed'>(v) as Speed)}
				/>
			</div>
			<div>
				<p>
					{m.pressure()}
					<b class="num text-[1.7rem]" class:bad={outWords.includes('range')}>{f.pressure(point.pressure)}</b>
					{f.pressureUnit}
				</p>
				<Slide
					label={m.pressure()}
					value={point.pressure}
					min={pressureSpan.min}
					max={pressureSpan.max}
					spoken={`${f.pressure(point.pressure)} ${f.pressureUnit}`}
					{disabled}
					onmove={(v) => adjust.movePressure(si<'pressure'>(v) as Pressure)}
				/>
			</div>
		</div>
		{#if outWords}<p class="no font-semibold"><span aria-hidden="true">✕</span> {m.there_it_is({ outWords })}</p>{/if}
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
</style>
