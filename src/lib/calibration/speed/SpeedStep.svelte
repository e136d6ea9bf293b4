<!-- @component Ground speed: a course, runs by stopwatch or typed, their mean, what the dial said. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { untrack } from 'svelte';
	import type { Issue } from '$core';
	import { dialFor, inUnit, mean, relativeU, showDecimals, factor, si, quantityOf } from '$core';
	import { asWritten } from '$lib/wording/as-written';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { usualRuns } from '$lib/calibration/calibration-steps';
	import type { WatchDevice } from '$lib/calibration/kept-watch';
	import { keptWatch } from '$lib/calibration/kept-watch';
	import type { Receiver } from '$lib/device/receivers';
	import { show } from '$lib/show/show';
	import { typed } from '$lib/settings/field-units';
	import { keptText, typedText } from '$lib/settings/typed-text';
	import { everyFrame, spaceBar } from '$lib/kit/attachments';
	import Course from '$lib/drawings/Course.svelte';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import RunList from '$lib/calibration/RunList.svelte';
	import StopwatchButton from '$lib/kit/StopwatchButton.svelte';

	interface Props {
		state: CalibrationState;
		device: WatchDevice;
		/** Words on the next button of a desk, and what it does. */
		next: string;
		onnext: () => void;
		/** A receiver at hand; those of this device and of the farm's server where left out. */
		receiver?: Receiver | undefined;
		/** Stands in place of the drawing of the course: where what passes can be seen. */
		course?: Snippet | undefined;
	}
	let { state: calibration, device, next: nextWords, onnext, receiver, course: seen }: Props = $props();

	const watch = untrack(() => keptWatch(device, 'run', calibration.head.id));

	const unit = $derived(calibration.units.speed);
	const comma = $derived(calibration.settings.decimalComma);
	const runs = $derived(calibration.entered.runs);
	const counted = $derived(runs.filter((r) => !r.struck));
	const courseText = $derived(
		keptText(calibration.entered.course?.typed, calibration.units.course, calibration.settings)
	);
	const course = $derived(quantityOf(calibration.entered.course));
	const courseShown = $derived(calibration.entered.course ? typedText(calibration.entered.course.typed) : '');
	const seconds = (run: (typeof runs)[number]): number | null => quantityOf(run.time);
	const speedOf = (time: number | null) =>
		course === null || time === null ? '' : `${showDecimals(course / time / factor('speed', unit), 2, comma)} ${unit}`;
	const meanShown = $derived.by(() => {
		const m = calibration.speed?.measured;
		return m ? show('speed', m.value, calibration.settings, { u95: 2 * relativeU(m) }) : null;
	});
	const dial = $derived.by(() => {
		const s = calibration.speed;
		const read = quantityOf(calibration.entered.dial);
		if (!s || read === null) return null;
		const off = read / s.measured.value - 1;
		const want = unit === 'mph' ? 5 : 8;
		const hold = dialFor(
			si((s.measured.value / inUnit('speed', s.measured.value, unit)) * want),
			s.measured.value,
			read
		);
		return {
			words:
				Math.abs(off) < 0.005
					? m.the_dial_is_right()
					: m.it_reads({
							figure: showDecimals(Math.abs(off) * 100, 1, comma),
							which: off > 0 ? m.fast() : m.slow()
						}),
			hold: m.to_do_hold_the_dial_at({ want, unit, figure: showDecimals(inUnit('speed', hold, unit), 1, comma) })
		};
	});
	// What a run should take, for moving the sprayer over the drawing while the watch runs.
	const expected = $derived(counted.length > 0 ? mean(counted.map((r) => seconds(r) ?? 30)) : 30);
	const next = $derived(counted.length + 1);
	const back = $derived(next % 2 === 0);
	let problem = $state<string | null>(null);
	let typing = $state('');
	let helping = $state(false);
	let tracking = $state(false);
	let telling = $state(false);
	const stated = $derived(calibration.entered.stated);
	const track = $derived(calibration.entered.track);
	const meanOf = $derived(
		track
			? m.from_the_track()
			: counted.length === 0
				? stated
					? stated.correction
						? m.as_stated_corrected()
						: stated.checked
							? m.as_stated_checked_before()
							: m.as_stated_never_checked()
					: m.mean()
				: counted.length === 1
					? m.one_run()
					: m.mean_of({ count: counted.length })
	);

	async function press() {
		if (calibration.signedOff) return;
		if (!watch.running) {
			problem = calibration.entered.course ? null : m.say_how_long_the_course_is();
			watch.start();
			return;
		}
		const time = watch.stop();
		const issues = await calibration.add({
			kind: 'run',
			time: typed(time.toFixed(2), 's', { ...calibration.settings, decimalComma: false }),
			by: 'stopwatch'
		});
		problem =
			issues.length > 0
				? m.s_is_too_short_for_a_run({ time: showDecimals(time, 2, calibration.settings.decimalComma) })
				: null;
	}

	const typeTime = async (text: string): Promise<readonly Issue[]> => {
		const issues = await calibration.add({ kind: 'run', time: typed(text, 's', calibration.settings), by: 'typed' });
		if (issues.length === 0) typing = '';
		return issues;
	};
</script>

<svelte:window {@attach spaceBar(() => void press())} />

<div
	class="speed"
	{@attach everyFrame(
		() => watch.running,
		() => watch.tick()
	)}
>
	<div class="scrolling contents">
		<div class="asked">
			<QuantityField
				label={m.course_length()}
				kept={courseText}
				unit={calibration.units.course}
				hint={m.taped_60_m_or_200_ft()}
				disabled={calibration.signedOff}
				commit={(text) =>
					calibration.add({ kind: 'course', length: typed(text, calibration.units.course, calibration.settings) })}
			/>
			<QuantityField
				label={m.dial_or_screen_said()}
				kept={keptText(calibration.entered.dial?.typed, unit, calibration.settings)}
				{unit}
				hint={dial?.hold ?? m.to_learn_how_far_it_is()}
				disabled={calibration.signedOff}
				commit={(text) => calibration.add({ kind: 'dial', speed: typed(text, unit, calibration.settings) })}
			/>
		</div>

		<div class="course">
			{#if seen}{@render seen()}{:else}<Course
					done={watch.running ? Math.min(1, watch.elapsed / expected) : counted.length >= usualRuns ? 1 : 0}
					{back}
					length={courseShown}
				/>{/if}
		</div>

		<div class="runs phone:order-1">
			<RunList
				{runs}
				{seconds}
				{speedOf}
				wanted={usualRuns}
				readOnly={calibration.signedOff}
				decimalComma={comma}
				onstrike={(id) => void calibration.add({ kind: 'strike', entry: id })}
				onrestore={(id) => void calibration.restore(id)}
			/>
		</div>

		<div class="mean phone:order-0" aria-live="polite">
			<div class="whitespace-nowrap">
				<span class="lab">{meanOf}</span><br />
				<span class="num text-[3rem] leading-[0.95]" data-testid="mean-speed">{meanShown?.figure ?? '–'}</span>
				<b>{unit}</b>
			</div>
			<div class="ml-auto text-right text-[0.95rem]">
				{#if meanShown}± {meanShown.interval}{/if}
				{#if dial}<br />{m.dial_said({
						which: calibration.entered.dial ? typedText(calibration.entered.dial.typed) : ''
					})}
					<b>{dial.words}</b>{/if}
				{#if track}<br />{track.name}{:else if counted.length > 0 && counted.length < usualRuns}<br
					/>{m.more_would_narrow_the({ usualRuns: usualRuns - counted.length })}{/if}
			</div>
		</div>

		<div class="typed phone:order-1">
			<QuantityField
				label={m.or_type_a_time()}
				kept={typing}
				unit="s"
				hint={asWritten(m.n27_4_0_55_or_1(), comma)}
				disabled={calibration.signedOff}
				commit={typeTime}
			/>
			<div class="more flex flex-wrap gap-2.5">
				<button type="button" class="btn plain" onclick={() => (helping = true)}>{m.how_far_to_drive()}</button>
				<button type="button" class="btn plain" onclick={() => (tracking = true)}
					>{track ? m.the_track() : m.use_a_track()}</button
				>
				<button type="button" class="btn plain" onclick={() => (telling = true)}
					>{stated ? m.the_stated_speed() : m.state_the_speed()}</button
				>
			</div>
		</div>

		{#if problem}<p class="problem phone:order-1" role="alert">{problem}</p>{/if}
	</div>
	{#if !calibration.signedOff}
		<div class="watch phone:flex-none phone:my-0 phone:-mx-4">
			<StopwatchButton
				{watch}
				idle={m.run_next({ next, which: back ? m.back() : m.out() })}
				decimalComma={comma}
				onpress={() => void press()}
			/>
		</div>
	{/if}
	<button type="button" class="btn ink big next" onclick={onnext}>{nextWords} →</button>
</div>

{#if helping}
	{#await import('./CourseHelper.svelte') then { default: CourseHelper }}<CourseHelper
			{calibration}
			bind:open={helping}
		/>{/await}
{/if}
{#if telling}
	{#await import('./StatedSpeed.svelte') then { default: StatedSpeed }}<StatedSpeed
			{calibration}
			bind:open={telling}
		/>{/await}
{/if}
{#if tracking}
	{#await import('./TrackDialog.svelte') then { default: TrackDialog }}<TrackDialog
			{calibration}
			{receiver}
			bind:open={tracking}
		/>{/await}
{/if}

<style>
	.speed {
		display: grid;
		grid-template: 'course course' auto 'asked mean' auto 'runs typed' 1fr 'problem problem' auto 'watch next' auto / 1.15fr 1fr;
		gap: 14px 18px;
		flex: 1;
		min-height: 0;
	}
	/* At a desk all of it is one grid; on a phone all but the stopwatch scrolls. */
	.asked {
		grid-area: asked;
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 14px;
	}
	.course {
		grid-area: course;
	}
	.runs {
		grid-area: runs;
	}
	.mean {
		grid-area: mean;
		display: flex;
		align-items: center;
		gap: 10px;
		padding: 12px 14px;
		border-radius: 6px;
		background: var(--paper-deep);
	}
	.typed {
		grid-area: typed;
		display: grid;
		gap: 10px;
		align-content: start;
	}
	.more .btn {
		flex: 1;
		padding: 0 0.6rem;
	}
	.problem {
		grid-area: problem;
	}
	.next {
		grid-area: next;
		justify-self: end;
		align-self: end;
	}
	.watch {
		grid-area: watch;
	}
	@media (max-width: 859px) {
		.speed {
			display: flex;
			flex-direction: column;
			gap: 10px;
		}
		.scrolling {
			display: flex;
			flex-direction: column;
			gap: 10px;
			flex: 1;
			min-height: 0;
			margin: 0 -16px;
			padding: 0 16px 8px;
			overflow-y: auto;
		}
		.next {
			display: none;
		}
	}
</style>
