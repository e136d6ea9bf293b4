<!-- @component One step of a calibration by its name: each is fetched once somebody begins to work. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { onMount, untrack } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { goto } from '$app/navigation';
	import ReadyStep from '$lib/calibration/ready/ReadyStep.svelte';
	import StepShell from '$lib/calibration/StepShell.svelte';
	import { dayAt } from '$lib/settings/farm-time';
	import type { Device } from '$lib/device/device.svelte';
	import type { FlowMeter } from '$lib/device/flow-meter';
	import type { Receiver } from '$lib/device/receivers';
	import type { OutboxStatus } from '$lib/entries/outbox';
	import { useCalibrationState } from '$lib/calibration/calibration-context';
	import type { WatchDevice } from '$lib/calibration/kept-watch';
	import type { StepName } from '$lib/calibration/calibration-steps';
	import { isBeside, stepTitle } from '$lib/calibration/calibration-steps';
	import type { AdjustState } from '$lib/calibration/adjust/adjust.svelte';
	import { focusWrong } from '$lib/kit/focus';
	import type { SignOffState } from '$lib/calibration/sign/sign-off.svelte';
	import { stepLead } from '$lib/wording/step-leads';

	interface Props {
		step: StepName;
		/** Watches, and the farm's nozzles to choose from. */
		device: WatchDevice & Pick<Device, 'nozzles'>;
		/** Wall clock, ms. */
		now: () => number;
		status: OutboxStatus;
		/** Once it is signed. */
		onsigned: () => Promise<unknown>;
		/** Stands in place of what a signed calibration of a farm leads to. */
		signed?: Snippet;
		/** Instruments at hand; those of the farm's server where left out. */
		meter?: FlowMeter;
		receiver?: Receiver;
		/** Stands in place of the drawing of the course. */
		course?: Snippet;
		/** The machine itself is seen beside: the nozzle at hand there and here is one, and nothing is said twice. */
		beside?: { nozzle: number };
	}
	let { step, device, now, status, onsigned, signed, meter, receiver, course, beside }: Props = $props();
	const calibration = useCalibrationState();
	const phone = new MediaQuery('(max-width: 859px)');
	let form = $state<SignOffState>();
	let adjust = $state<AdjustState>();

	// The later steps are not part of the first view: they are fetched once somebody begins to work.
	const later = {
		speed: () => import('$lib/calibration/speed/SpeedStep.svelte'),
		swath: () => import('$lib/calibration/swath/SwathStep.svelte'),
		plot: () => import('$lib/calibration/plot/PlotStep.svelte'),
		flow: () => import('$lib/calibration/flow/FlowStep.svelte'),
		tank: () => import('$lib/calibration/tank/TankStep.svelte'),
		volume: () => import('$lib/calibration/volume/VolumeStep.svelte'),
		adjust: () => import('$lib/calibration/adjust/AdjustStep.svelte'),
		signOff: () => import('$lib/calibration/sign/SignOffStep.svelte')
	};
	onMount(() => {
		const begin = new AbortController();
		const fetchAll = () => {
			begin.abort();
			for (const load of Object.values(later)) void load();
		};
		for (const event of ['pointerdown', 'keydown']) addEventListener(event, fetchAll, { signal: begin.signal });
		return () => begin.abort();
	});

	const today = untrack(() => dayAt(calibration.settings.timeZone, now()));

	const title = $derived(stepTitle(step, calibration.sprayer.kind));
	const lead = $derived(beside ? '' : stepLead(step, calibration.sprayer.kind, calibration.method));
	// A step outside of the way that was picked (a second way) leads to the answer.
	const after = $derived(
		isBeside(step, calibration.method)
			? 'volume'
			: (calibration.stepAfter(step)?.name ?? (step === 'sign-off' ? null : 'volume'))
	);
	const next = $derived(
		after === null
			? ''
			: after === 'adjust'
				? m.to_what_is_wanted()
				: m.to_the_which({
						which: after === 'sign-off' ? m.signature() : stepTitle(after, calibration.sprayer.kind).toLowerCase()
					})
	);
	const go = () => {
		if (after) void goto(`${calibration.base}/${after}`);
	};
</script>

{#if step === 'ready'}
	<StepShell {title} {lead} {next} onnext={go}>
		<ReadyStep state={calibration} />
	</StepShell>
{:else if step === 'speed'}
	<StepShell {title} {lead} {next} onnext={go} ownFoot besideWatch>
		{#await later.speed() then { default: SpeedStep }}
			<SpeedStep state={calibration} {device} {receiver} {course} {next} onnext={go} />
		{/await}
	</StepShell>
{:else if step === 'swath'}
	<StepShell {title} {lead} {next} onnext={go}>
		{#await later.swath() then { default: SwathStep }}
			<SwathStep state={calibration} />
		{/await}
	</StepShell>
{:else if step === 'plot'}
	<StepShell {title} {lead} {next} onnext={go} ownFoot besideWatch={calibration.method === 'plot-catch'}>
		{#await later.plot() then { default: PlotStep }}
			<PlotStep state={calibration} {device} {next} onnext={go} />
		{/await}
	</StepShell>
{:else if step === 'flow'}
	<StepShell {title} {lead} next={m.use_these_catches_title()} onnext={go} bare={phone.current} ownFoot>
		{#await later.flow() then { default: FlowStep }}
			<FlowStep state={calibration} {device} {meter} {beside} phone={phone.current} ondone={go} />
		{/await}
	</StepShell>
{:else if step === 'tank'}
	<StepShell {title} {lead} {next} onnext={go} ownFoot>
		{#await later.tank() then { default: TankStep }}
			<TankStep state={calibration} {device} {next} onnext={go} />
		{/await}
	</StepShell>
{:else if step === 'volume'}
	<StepShell {title} {lead} {next} onnext={go}>
		{#await later.volume() then { default: VolumeStep }}
			<VolumeStep state={calibration} unit={calibration.settings.rateUnit} />
		{/await}
	</StepShell>
{:else if step === 'adjust'}
	<StepShell
		{title}
		{lead}
		next={adjust?.next ?? next}
		onnext={async () => (calibration.signedOff || (await adjust?.keep())) && go()}
	>
		{#await later.adjust() then { default: AdjustStep }}
			<AdjustStep state={calibration} {device} bind:adjust />
		{/await}
	</StepShell>
{:else}
	<StepShell
		{title}
		lead={calibration.signedOff ? '' : lead}
		next={calibration.signedOff ? '' : m.sign_off()}
		onnext={async () => ((await form?.sign()) ? await onsigned() : await focusWrong())}
	>
		{#if calibration.signedOff && signed}{@render signed()}{:else}{#await later.signOff() then { default: SignOffStep }}
				<SignOffStep state={calibration} {today} {status} bind:form />
			{/await}{/if}
	</StepShell>
{/if}
