<!-- @component The record of a closed job, written where the work is: with or without signal. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { askedFields } from '$core';
	import type { OutboxStatus } from '$lib/entries/outbox';
	import StopReasons from '$lib/job/StopReasons.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { focusHeading, focusWrong } from '$lib/kit/focus';
	import { recordFieldWords } from '$lib/wording/records';
	import type { JobRunState } from './job-run.svelte';
	import { RecordWrite } from './record-write.svelte';

	let { run, status }: { run: JobRunState; status: OutboxStatus } = $props();
	const record = untrack(() => new RecordWrite(run));
	const write = async () => ((await record.write()) ? focusHeading('#record') : focusWrong());
</script>

<section class="card grid max-w-160 gap-3 p-4.5" aria-labelledby="record">
	<h2 id="record">{m.the_record_of_this_job()}</h2>
	{#if run.sealed || (record.written && status.state === 'sent')}
		<p><a class="btn go" href="/log/{run.head.id}">{m.see_its_record()}</a></p>
	{:else if record.written}
		<p role="status"><b>{m.record_written_waits()}</b></p>
	{:else}
		<p class="lab">{m.record_write_lead()} <a href="/jobs/{run.head.id}/record">{m.record_in_one_page()}</a></p>
		<form
			class="grid gap-3"
			novalidate
			onsubmit={(e) => {
				e.preventDefault();
				void write();
			}}
		>
			{#each askedFields as name (name)}
				<Field
					label={recordFieldWords[name]}
					bind:value={record.asked[name]}
					problem={record.problems[name]}
					required={record.required(name)}
				/>
			{/each}
			<StopReasons stops={record.stops} reasonOf={record.reasonOf} onreason={record.setReason} />
			{#if record.problems.all}<p class="problem" role="alert">✕ {record.problems.all}</p>{/if}
			<button class="btn go big">{m.seal_the_record()}</button>
		</form>
	{/if}
</section>
