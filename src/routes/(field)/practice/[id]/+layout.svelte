<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { onMount, untrack } from 'svelte';
	import { page } from '$app/state';
	import type { LayoutData } from './$types';
	import { provideCalibrationState } from '$lib/calibration/calibration-context';
	import type { StepName } from '$lib/calibration/calibration-steps';
	import { isStepName } from '$lib/calibration/calibration-steps';
	import { CalibrationState } from '$lib/calibration/calibration.svelte';
	import PracticeFrame from '$lib/practice/PracticeFrame.svelte';
	import { practiceDevice } from '$lib/practice/practice-device';
	import { ClassReport } from '$lib/practice/class-report';
	import { provideYard } from '$lib/practice/yard-context';
	import { YardState } from '$lib/practice/yard.svelte';
	import { exerciseTitle } from '$lib/wording/practice';

	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	const device = practiceDevice();
	const { kept, exercise, settings } = untrack(() => data);
	const report = kept.yard.head.seat ? new ClassReport(kept.yard.head, device, (i, init) => fetch(i, init)) : null;
	const outside = { newId: device.newId, now: device.now, onAdded: () => report?.soon() };
	const yard = new YardState(kept.yard, exercise, { ...outside, store: device.yards, clock: device.clock });
	const calibration = new CalibrationState({ head: kept.calibration, entries: kept.entries }, settings, {
		...outside,
		store: device.calibrations,
		practice: true
	});
	// What did not come through goes with the next report: when the yard is opened, and when there is a signal again.
	onMount(() => {
		if (!report) return;
		const again = () => report.soon();
		again();
		addEventListener('online', again);
		return () => removeEventListener('online', again);
	});
	provideYard(yard);
	provideCalibrationState(calibration);

	const step: StepName | null = $derived(isStepName(page.params.step ?? '') ? (page.params.step as StepName) : null);
</script>

<svelte:head><title>{m.practice_title({ title: exerciseTitle(exercise) })}</title></svelte:head>
{#if step}
	<PracticeFrame {yard} {calibration} {step} path={page.url.pathname}>{@render children()}</PracticeFrame>
{:else}
	{@render children()}
{/if}
