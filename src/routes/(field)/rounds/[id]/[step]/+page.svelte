<script lang="ts">
	import { onMount } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { goto } from '$app/navigation';
	import type { PageData } from './$types';
	import ReadyStep from '$lib/components/ReadyStep.svelte';
	import SpeedStep from '$lib/components/SpeedStep.svelte';
	import StepShell from '$lib/components/StepShell.svelte';
	import { device as theDevice } from '$lib/state/device.svelte';
	import { useRound } from '$lib/state/round-context';
	import type { SignOffState } from '$lib/state/sign-off.svelte';

	let { data }: { data: PageData } = $props();
	const device = theDevice();
	const round = useRound();
	const phone = new MediaQuery('(max-width: 859px)');
	let form = $state<SignOffState>();

	// The later steps are not part of the first view: they are fetched once somebody begins to work.
	const later = {
		swath: () => import('$lib/components/SwathStep.svelte'),
		flow: () => import('$lib/components/FlowStep.svelte'),
		volume: () => import('$lib/components/VolumeStep.svelte'),
		signOff: () => import('$lib/components/SignOffStep.svelte')
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

	const now = new Date(device.now());
	const two = (n: number) => String(n).padStart(2, '0');
	const today = `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
	const go = (step: string) => () => void goto(`/rounds/${round.head.id}/${step}`);
</script>

{#if data.step === 'ready'}
	<StepShell
		title="Ready the rig"
		lead="Walk round it once. Tick what holds; nothing here stops you, but each saves a second round."
		next="To the ground speed"
		onnext={go('speed')}
	>
		<ReadyStep state={round} />
	</StepShell>
{:else if data.step === 'speed'}
	<StepShell
		title="Ground speed"
		lead="Tank half full, in the gear and rpm you spray in, already at speed at the first flag. Both ways on a slope."
		next="To the swath"
		onnext={go('swath')}
		ownFoot
		besideWatch
	>
		<SpeedStep state={round} {device} next="To the swath" onnext={go('swath')} />
	</StepShell>
{:else if data.step === 'swath'}
	<StepShell
		title="Swath"
		lead="Nozzles that spray × their spacing. Switch a section off by touching it."
		next="To the nozzle flow"
		onnext={go('flow')}
	>
		{#await later.swath() then { default: SwathStep }}
			<SwathStep state={round} />
		{/await}
	</StepShell>
{:else if data.step === 'flow'}
	<StepShell
		title="Nozzle flow"
		lead="Clean water from every nozzle for the same time, rig parked, same rpm and pressure."
		next="Use these catches"
		onnext={go('volume')}
		bare={phone.current}
		ownFoot
	>
		{#await later.flow() then { default: FlowStep }}
			<FlowStep state={round} {device} phone={phone.current} ondone={go('volume')} />
		{/await}
	</StepShell>
{:else if data.step === 'volume'}
	<StepShell
		title="Spray volume"
		lead="What this rig puts on the ground at this speed, pressure and swath."
		next="To the signature"
		onnext={go('sign-off')}
	>
		{#await later.volume() then { default: VolumeStep }}
			<VolumeStep state={round} unit={round.settings.rateUnit} />
		{/await}
	</StepShell>
{:else}
	<StepShell
		title="Sign off"
		lead={round.signedOff ? '' : 'Whose calibration this is, and what the rig was set to.'}
		next={round.signedOff ? '' : 'Sign off'}
		onnext={() => void form?.sign()}
	>
		{#await later.signOff() then { default: SignOffStep }}
			<SignOffStep state={round} {today} status={device.status} bind:form />
		{/await}
	</StepShell>
{/if}
