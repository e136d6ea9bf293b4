<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { goto } from '$app/navigation';
	import type { PageData } from './$types';
	import StepPage from '$lib/calibration/StepPage.svelte';
	import { useCalibrationState } from '$lib/calibration/calibration-context';
	import CourseOfYard from '$lib/practice/CourseOfYard.svelte';
	import { practiceDevice, yardWatches } from '$lib/practice/practice-device';
	import { useYard } from '$lib/practice/yard-context';
	import { yardMeter } from '$lib/practice/yard-meter';
	import { noNozzles } from '$lib/settings/nozzle-table';
	import { yardReceiver } from '$lib/practice/yard-receiver';

	let { data }: { data: PageData } = $props();
	const yard = useYard();
	const calibration = useCalibrationState();
	const device = untrack(() => {
		const own = practiceDevice();
		// A yard has no shed: nozzles are chosen from the table of sizes that every farm has.
		return { ...yardWatches(own.clock, yard), nozzles: () => Promise.resolve(noNozzles) };
	});
	const { clock, now } = practiceDevice();
	const every = (ms: number, run: () => void) => {
		const timer = setInterval(run, ms);
		return () => clearInterval(timer);
	};
	const reveal = $derived(`/practice/${yard.head.id}/reveal`);
	const phone = new MediaQuery('(max-width: 859px)');
</script>

{#snippet course()}
	<!-- A phone shows it above the step. -->
	{#if !phone.current}<CourseOfYard {yard} settings={calibration.settings} />{/if}
{/snippet}

<StepPage
	step={data.step}
	{device}
	{now}
	status={{ state: 'sent' }}
	onsigned={() => goto(reveal)}
	meter={yardMeter(yard)}
	receiver={yardReceiver(yard, clock, every)}
	beside={yard}
	{course}
>
	{#snippet signed()}
		<div class="card grid justify-items-start gap-3 p-6">
			<h2>{m.practice_signed()}</h2>
			<p>{m.practice_signed_lead()}</p>
			<a class="btn go big" href={reveal}>{m.practice_see_truth()}</a>
		</div>
	{/snippet}
</StepPage>
