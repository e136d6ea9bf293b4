<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import RunFrame from '$lib/job/run/RunFrame.svelte';
	import { keepAwake } from '$lib/device/awake';
	import { device as theDevice } from '$lib/device/device.svelte';
	import { useRun } from '$lib/job/run/run-context';

	const device = theDevice();
	const run = useRun();
	let awake = $state<boolean | null>(null);

	onMount(() =>
		keepAwake({
			locks: 'wakeLock' in navigator ? navigator.wakeLock : null,
			visible: () => document.visibilityState === 'visible',
			onVisibility: (turned) => {
				document.addEventListener('visibilitychange', turned);
				return () => document.removeEventListener('visibilitychange', turned);
			},
			told: (on) => (awake = on)
		})
	);
	const names = $derived(run.head.job.blocks.map((b) => b.name).join(', '));
</script>

<svelte:head><title>{m.load_fallow({ n: run.current?.n ?? 1, names })}</title></svelte:head>

<RunFrame {run} {awake} status={device.status} path={page.url.pathname} />
