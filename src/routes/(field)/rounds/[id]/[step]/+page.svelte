<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { onMount } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { goto } from '$app/navigation';
	import type { PageData } from './$types';
	import ReadyStep from '$lib/calibration/ready/ReadyStep.svelte';
	import StepShell from '$lib/calibration/StepShell.svelte';
	import { dayAt } from '$lib/settings/farm-time';
	import { device as theDevice } from '$lib/device/device.svelte';
	import { useRound } from '$lib/calibration/round-context';
	import type { StepName } from '$lib/calibration/round-steps';
	import { isBeside, stepTitle } from '$lib/calibration/round-steps';
	import type { AdjustState } from '$lib/calibration/adjust/adjust.svelte';
	import { carryChange } from '$lib/calibration/sign/carry-change';
	import type { SignOffState } from '$lib/calibration/sign/sign-off.svelte';
	import { stepLead } from '$lib/wording/step-leads';

	let { data }: { data: PageData } = $props();
	const device = theDevice();
	const round = useRound();
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

	const today = untrack(() => dayAt(round.settings.timeZone, device.now()));

	const step = $derived(data.step as StepName);
	const title = $derived(stepTitle(step, round.rig.kind));
	const lead = $derived(stepLead(step, round.rig.kind, round.method));
	// A step outside of the way that was picked (a second way) leads to the answer.
	const after = $derived(
		isBeside(step, round.method) ? 'volume' : (round.stepAfter(step)?.name ?? (step === 'sign-off' ? null : 'volume'))
	);
	const next = $derived(
		after === null
			? ''
			: after === 'adjust'
				? m.to_what_is_wanted()
				: m.to_the_which({
						which: after === 'sign-off' ? m.signature() : stepTitle(after, round.rig.kind).toLowerCase()
					})
	);
	const go = () => {
		if (after) void goto(`/rounds/${round.head.id}/${after}`);
	};
</script>

{#if step === 'ready'}
	<StepShell {title} {lead} {next} onnext={go}>
		<ReadyStep state={round} />
	</StepShell>
{:else if step === 'speed'}
	<StepShell {title} {lead} {next} onnext={go} ownFoot besideWatch>
		{#await later.speed() then { default: SpeedStep }}
			<SpeedStep state={round} {device} {next} onnext={go} />
		{/await}
	</StepShell>
{:else if step === 'swath'}
	<StepShell {title} {lead} {next} onnext={go}>
		{#await later.swath() then { default: SwathStep }}
			<SwathStep state={round} />
		{/await}
	</StepShell>
{:else if step === 'plot'}
	<StepShell {title} {lead} {next} onnext={go} ownFoot besideWatch={round.method === 'plot-catch'}>
		{#await later.plot() then { default: PlotStep }}
			<PlotStep state={round} {device} {next} onnext={go} />
		{/await}
	</StepShell>
{:else if step === 'flow'}
	<StepShell {title} {lead} next={m.use_these_catches_title()} onnext={go} bare={phone.current} ownFoot>
		{#await later.flow() then { default: FlowStep }}
			<FlowStep state={round} {device} phone={phone.current} ondone={go} />
		{/await}
	</StepShell>
{:else if step === 'tank'}
	<StepShell {title} {lead} {next} onnext={go} ownFoot>
		{#await later.tank() then { default: TankStep }}
			<TankStep state={round} {device} {next} onnext={go} />
		{/await}
	</StepShell>
{:else if step === 'volume'}
	<StepShell {title} {lead} {next} onnext={go}>
		{#await later.volume() then { default: VolumeStep }}
			<VolumeStep state={round} unit={round.settings.rateUnit} />
		{/await}
	</StepShell>
{:else if step === 'adjust'}
	<StepShell
		{title}
		{lead}
		next={adjust?.next ?? next}
		onnext={async () => (round.signedOff || (await adjust?.keep())) && go()}
	>
		{#await later.adjust() then { default: AdjustStep }}
			<AdjustStep state={round} {device} bind:adjust />
		{/await}
	</StepShell>
{:else}
	<StepShell
		{title}
		lead={round.signedOff ? '' : lead}
		next={round.signedOff ? '' : m.sign_off()}
		onnext={async () => (await form?.sign()) && (await carryChange(device.store, round))}
	>
		{#await later.signOff() then { default: SignOffStep }}
			<SignOffStep state={round} {today} status={device.status} bind:form />
		{/await}
	</StepShell>
{/if}
