<!-- @component What stops a job under way, each passed with the reason that its record keeps. -->
<script lang="ts">
	import { stopKey } from '$lib/wire/stop-key';
	import type { JobRunState } from './job-run.svelte';
	import StopReasons from '$lib/job/StopReasons.svelte';

	let { run }: { run: JobRunState } = $props();
	let reasons = $state<Record<string, string>>({});
</script>

<StopReasons
	stops={run.open}
	reasonOf={(stop) => reasons[stopKey(stop)] ?? ''}
	onreason={(stop, reason) => (reasons[stopKey(stop)] = reason)}
	onpass={(stop, reason) => void run.pass(stop, reason)}
/>
