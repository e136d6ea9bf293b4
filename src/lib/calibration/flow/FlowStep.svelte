<!-- @component Nozzle flow: the machine with a field at each nozzle at a desk, one jug and a key pad on a phone. -->
<script lang="ts">
	import { m } from '$words';
	import type { Component } from 'svelte';
	import { untrack } from 'svelte';
	import type { FlowMeter } from '$lib/device/flow-meter';
	import { ServerFlowMeter } from '$lib/device/flow-meter';
	import { spaceBar } from '$lib/kit/attachments';
	import { FlowStepState } from './flow-step.svelte';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import type { WatchDevice } from '$lib/calibration/kept-watch';
	import { keptWatch } from '$lib/calibration/kept-watch';
	import Segmented from '$lib/kit/Segmented.svelte';
	import FlowDesk from './FlowDesk.svelte';
	import FlowPhone from './FlowPhone.svelte';

	interface Props {
		state: CalibrationState;
		device: WatchDevice;
		/** The farm's flow meter; the one that its server reads when left out. */
		meter?: FlowMeter | undefined;
		/** Where the machine itself is seen: the nozzle at hand there and here is one. */
		beside?: { nozzle: number } | undefined;
		/** One jug and a pad instead of the board. */
		phone: boolean;
		/** On to the next step. */
		ondone: () => void;
	}
	let {
		state: calibration,
		device,
		meter = new ServerFlowMeter((input, init) => fetch(input, init)),
		phone,
		ondone,
		beside
	}: Props = $props();

	const own = untrack(() => new FlowStepState(calibration));
	/** Catches of a few seconds, for evenness only. */
	let checking = $state(false);
	let quick = $state<FlowStepState>();
	const step = $derived(checking && quick ? quick : own);
	/** Offered where the jugs are held as long as the course took: that is long for looking at each. */
	const offered = $derived(
		calibration.sprayer.nozzles > 1 &&
			!calibration.sprayer.groundDriven &&
			(calibration.catchTime === null || calibration.entered.quick !== null)
	);
	function check(on: boolean) {
		quick ??= new FlowStepState(calibration.quick);
		checking = on;
	}
	const watch = untrack(() => keptWatch(device, 'catch', calibration.head.id));

	let desk = $state<ReturnType<typeof FlowDesk>>();
	let hasMeter = $state(false);
	void untrack(() => meter.present()).then((present) => (hasMeter = present));

	const focus = (n: number | null) => {
		if (!phone) desk?.focus(n);
	};
	const press = () => {
		if (calibration.signedOff || calibration.sprayer.groundDriven) return;
		if (watch.running) watch.stop();
		else watch.start();
	};
	/** The meter's reading for the nozzle at hand is typed in, to be kept by Enter like any other. */
	async function readMeter() {
		const at = step.at;
		const read = await meter.read(at);
		if (!read.ok) {
			step.problem = read.problem;
			return;
		}
		focus(step.takeMeter(at, read.litresPerMinute));
	}

	/** Several nozzles in one bucket: loaded when it is asked for. */
	let Bucket = $state<Component<{ step: FlowStepState; open: boolean; onclose: () => void }>>();
	let bucketing = $state(false);
	const onbucket = () =>
		void import('./BucketDialog.svelte').then((dialog) => {
			Bucket = dialog.default;
			bucketing = true;
		});

	$effect(() => {
		const n = step.at;
		untrack(() => {
			if (beside) beside.nozzle = n;
		});
	});
	$effect(() => {
		const n = beside?.nozzle;
		untrack(() => {
			if (n === undefined || n === step.at || calibration.signedOff) return;
			step.pick(n);
			focus(n);
		});
	});

	// The focus starts in the first open jug, so that a desk can type at once.
	$effect(() => {
		if (!phone && desk && !calibration.signedOff) desk.focus(untrack(() => own.at));
	});
</script>

<svelte:window {@attach spaceBar(press)} />

{#snippet modes()}
	{#if offered}
		<Segmented
			label={m.what_is_caught()}
			options={[
				{ value: 'volume', label: m.for_the_volume() },
				{ value: 'quick', label: m.quick_evenness_check() }
			]}
			value={checking ? 'quick' : 'volume'}
			onchange={(mode) => check(mode === 'quick')}
		/>
		{#if checking}<p class="lab" role="status">
				{m.a_few_seconds_each_to_see()}
			</p>{/if}
	{/if}
{/snippet}

{#if calibration.sprayer.uncounted}
	<p class="look mb-2" role="status">
		{m.the_nozzles_of_this_sprayer_are()}
		<a href="/sprayers/{calibration.head.sprayerId}/edit?back=/rounds/{calibration.head.id}/flow">{m.enter_them()}</a
		>{m.then_catch_each()}
	</p>
{/if}
{#if !phone && offered}<div class="mb-2 flex flex-wrap items-center gap-3">{@render modes()}</div>{/if}
{#key step}
	{#if phone}
		<FlowPhone {step} {watch} onpress={press} {ondone} {onbucket} {modes} bare={beside !== undefined} />
	{:else}
		<FlowDesk
			bind:this={desk}
			{step}
			{watch}
			onpress={press}
			{ondone}
			{onbucket}
			onmeter={hasMeter && !calibration.signedOff && !calibration.sprayer.groundDriven ? () => void readMeter() : null}
		/>
	{/if}
{/key}
{#if Bucket}<Bucket {step} open={bucketing} onclose={() => ((bucketing = false), focus(step.at))} />{/if}
{#if step.asked}
	{#await import('./CatchAgainDialog.svelte') then { default: CatchAgainDialog }}
		<CatchAgainDialog
			asked={step.asked}
			name={calibration.names.nozzle(step.asked.nozzle)}
			onchoose={(why) => focus(step.choose(why))}
			oncancel={() => (step.cancel(), focus(step.at))}
		/>
	{/await}
{/if}
