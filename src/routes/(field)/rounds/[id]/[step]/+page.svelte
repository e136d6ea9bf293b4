<script lang="ts">
	import type { PageData } from './$types';
	import StepPage from '$lib/calibration/StepPage.svelte';
	import { useRound } from '$lib/calibration/round-context';
	import { device as theDevice } from '$lib/device/device.svelte';

	let { data }: { data: PageData } = $props();
	const device = theDevice();
	const round = useRound();
	/** Its script came with the signature's. */
	const carry = async () => (await import('$lib/calibration/sign/carry-change')).carryChange(device.store, round);
</script>

<StepPage step={data.step} {device} now={device.now} status={device.status} onsigned={carry} />
