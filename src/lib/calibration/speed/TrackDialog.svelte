<!-- @component Ground speed from a track: a file dropped in, this device's position, or the farm's receiver. -->
<script lang="ts">
	import { m } from '$words';
	import FileDrop from '$lib/kit/FileDrop.svelte';
	import { onDestroy, untrack } from 'svelte';
	import { showDecimals, showFigure, factor } from '$core';
	import Sheet from '$lib/kit/Sheet.svelte';
	import { instruments } from '$lib/device/flow-meter';
	import { readTrack } from '$lib/device/read-track';
	import type { Receiver } from '$lib/device/receivers';
	import { browserReceiver, serverReceiver } from '$lib/device/receivers';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { TrackStepState } from './track-step.svelte';
	import Slide from '$lib/kit/Slide.svelte';

	interface Props {
		calibration: CalibrationState;
		open: boolean;
		/** The one that is at hand; where left out, this device's position and the farm's receiver. */
		receiver?: Receiver | undefined;
	}
	let { calibration, open = $bindable(), receiver }: Props = $props();
	const track = untrack(() => new TrackStepState(calibration));
	const unit = $derived(calibration.units.speed);
	const comma = $derived(calibration.settings.decimalComma);
	const speedIn = (v: number) => v / factor('speed', unit);

	let hasReceiver = $state(untrack(() => receiver !== undefined));
	if (untrack(() => receiver === undefined))
		void instruments((input, init) => fetch(input, init)).then((found) => (hasReceiver = found.receiver));
	onDestroy(() => track.finish());

	async function takeFile(file: File | undefined) {
		if (!file) return;
		if (file.size > 20 * 1024 * 1024) {
			track.problem = m.is_over_20_mb_a_calibrations({ name: file.name });
			return;
		}
		const read = await readTrack(await file.text(), file.name);
		if (read.ok) track.take(read.track);
		else track.problem = read.problem;
	}
	async function pasted(event: ClipboardEvent) {
		const text = event.clipboardData?.getData('text') ?? '';
		if (!/[$<]/.test(text)) return;
		event.preventDefault();
		const read = await readTrack(text, m.pasted_text());
		if (read.ok) track.take(read.track);
		else track.problem = read.problem;
	}
	const W = 480;
	const H = 130;
	const top = $derived(Math.max(0.5, ...track.speeds.map((s) => speedIn(s.speed))) * 1.15);
	const x = (at: number) => (track.length > 0 ? (at / track.length) * W : 0);
	const y = (v: number) => H - (v / top) * H;
	const line = $derived(
		track.speeds.map((s, i) => `${i ? 'L' : 'M'}${x(s.at).toFixed(1)} ${y(speedIn(s.speed)).toFixed(1)}`).join('')
	);
</script>

<svelte:window onpaste={(e) => void pasted(e)} />

<Sheet
	{open}
	wide
	title={m.speed_from_a_track()}
	lead={m.the_mean_speed_of_the_steady()}
	onclose={() => (open = false)}
>
	<div class="flex flex-wrap items-center gap-2.5">
		<FileDrop
			label={m.open_gpx_or_nmea()}
			accept=".gpx,.nmea,.txt,.log,application/gpx+xml,text/plain"
			ontake={(file) => void takeFile(file)}
		/>
		{#if track.recording}
			<button type="button" class="btn go" onclick={() => track.finish()}
				>{m.stop_s_recorded({ count: Math.round(track.length) })}</button
			>
		{:else}
			{#if !receiver && 'geolocation' in navigator}
				<button
					type="button"
					class="btn"
					onclick={() => track.record('position', browserReceiver(navigator.geolocation))}
					>{m.record_this_device()}</button
				>
			{/if}
			{#if hasReceiver}
				<button
					type="button"
					class="btn"
					onclick={() => track.record('receiver', receiver ?? serverReceiver((path) => new EventSource(path)))}
					>{m.record_the_receiver()}</button
				>
			{/if}
		{/if}
		<span class="lab">{m.or_paste_nmea_sentences()}</span>
	</div>
	{#if track.points.length > 1}
		<svg
			class="w-full h-auto border-b-2 border-b-ink"
			viewBox="0 -6 {W} {H + 12}"
			role="img"
			aria-label={m.speed_along_the_track({ name: track.name })}
		>
			<rect
				x={x(track.from)}
				y="0"
				width={Math.max(1, x(track.to) - x(track.from))}
				height={H}
				fill="var(--dye-wash)"
			/>
			<path d={line} fill="none" stroke="var(--dye)" stroke-width="2.5" />
			<path d="M{x(track.from)} -6V{H + 6}M{x(track.to)} -6V{H + 6}" stroke="var(--ink)" stroke-width="2" />
			{#if track.speed !== null}
				<path
					d="M{x(track.from)} {y(speedIn(track.speed))}H{x(track.to)}"
					stroke="var(--ink)"
					stroke-width="1.5"
					stroke-dasharray="5 4"
				/>
			{/if}
		</svg>
		<div>
			<div class="grid grid-cols-[92px_1fr_60px] items-center gap-2.5 min-h-11">
				<span>{m.steady_from()}</span>
				<Slide
					label={m.steady_from()}
					value={track.from}
					min={0}
					max={track.length}
					step={1}
					spoken={`${Math.round(track.from)} s`}
					onmove={(v) => track.move('from', v)}
				/><b class="num">{Math.round(track.from)} s</b>
			</div>
			<div class="grid grid-cols-[92px_1fr_60px] items-center gap-2.5 min-h-11">
				<span>{m.to()}</span>
				<Slide
					label={m.to()}
					value={track.to}
					min={0}
					max={track.length}
					step={1}
					spoken={`${Math.round(track.to)} s`}
					onmove={(v) => track.move('to', v)}
				/><b class="num">{Math.round(track.to)} s</b>
			</div>
		</div>
		<p aria-live="polite">
			<span class="num text-[2.8rem] leading-none" data-testid="track-speed"
				>{track.speed === null ? '–' : showDecimals(speedIn(track.speed), 2, comma)}</span
			>
			<b>{unit}</b>
			{#if track.measured}<span class="lab"
					>± {showFigure(track.measured.relative * 200, 2, comma)} %{track.points.every((p) => p[3] !== undefined)
						? m.by_the_receivers_own_speed()
						: ''}</span
				>{/if}
			<span class="lab"
				>{m.positions({ which: track.measured ? '· ' : '', name: track.name, count: track.points.length })}</span
			>
		</p>
	{/if}
	{#if track.problem}<p class="problem" role="alert">✕ {track.problem}</p>{/if}
	{#snippet foot()}{#if calibration.entered.track}<button
				type="button"
				class="btn plain"
				onclick={async () => {
					await track.drop();
					open = false;
				}}>{m.use_the_course_instead()}</button
			>{/if}
		<button
			type="button"
			class="btn go"
			disabled={track.speed === null || track.recording || calibration.signedOff}
			onclick={async () => {
				if (await track.keep()) open = false;
			}}>{m.use_this_speed()}</button
		>{/snippet}
</Sheet>
