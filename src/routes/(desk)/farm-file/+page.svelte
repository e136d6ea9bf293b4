<script lang="ts">
	import FileDrop from '$lib/kit/FileDrop.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import type { PageData } from './$types';
	import Field from '$lib/kit/Field.svelte';
	import { FarmTakeState } from '$lib/farm/farm-take.svelte';
	import type { TakeAnswer } from '$lib/farm/farm-take.svelte';

	let { data }: { data: PageData } = $props();
	const take = untrack(
		() =>
			new FarmTakeState(data.farm.name, data.empty, async (file, replace): Promise<TakeAnswer> => {
				const answer = await fetch(`/api/farm/file${replace ? '?replace=yes' : ''}`, {
					method: 'PUT',
					headers: { 'content-type': 'application/zip' },
					body: file
				});
				const body = (await answer.json()) as TakeAnswer & { error?: { message: string } };
				if (body.error) return { ok: false, message: body.error.message };
				await invalidateAll();
				return { ...body, ok: true } as TakeAnswer;
			})
	);
	const names: Readonly<Record<string, string>> = {
		sprayer: 'sprayers',
		calibration: 'calibrations',
		block: 'blocks',
		product: 'products',
		job: 'jobs',
		record: 'records and what was added to them',
		nozzle: 'nozzles'
	};
</script>

<svelte:head><title>All of the farm · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>All of the farm in one file</h1>
		<p class="lab">
			Sprayers, calibrations with every reading, ground, products, jobs, the sealed log: zipped lines of JSON that any
			program can read. To keep at another place, or to take into a Fallow on another machine.
		</p>
	</div>
	<div class="grid grid-cols-[1fr_1fr] gap-4.5 items-start phone:grid-cols-1">
		<section class="card grid gap-3 py-4.5 px-5">
			<h2>Out</h2>
			<p>All that was entered in {data.farm.name}, as it is now.</p>
			<a class="btn go big justify-self-start whitespace-normal" href="/api/farm/file" data-sveltekit-reload
				>Save the file</a
			>
		</section>
		<section class="card grid gap-3 py-4.5 px-5">
			<h2>In</h2>
			{#if take.answer?.ok}
				<p class="py-2.5 px-3.5 border-l-6 border-l-moss bg-moss-wash" role="status">
					<b>✓ {take.answer.name} is here.</b>
					{Object.entries(names)
						.flatMap(([table, words]) =>
							take.answer?.ok && take.answer.counts[table] ? [`${take.answer.counts[table]} ${words}`] : []
						)
						.join(', ')}. Every seal holds.
				</p>
				<a class="btn justify-self-start whitespace-normal" href="/">To Today</a>
			{:else}
				<p>
					{take.empty
						? 'Nothing was entered here yet: the file comes in as it is.'
						: `What is here goes, and what the file holds takes its place. Keep a file of ${data.farm.name} first.`}
				</p>
				<FileDrop
					label={take.file ? take.file.name : 'Pick the file'}
					accept=".zip,application/zip"
					ontake={(file) => take.pick(file)}
				/>
				{#if take.problem}<p class="problem" role="alert">✕ {take.problem}</p>{/if}
				{#if !take.empty}<Field
						label="To replace it all, type {data.farm.name}"
						bind:value={take.typed}
						autocomplete="off"
					/>{/if}
				{#if take.answer && !take.answer.ok}<p class="problem" role="alert">✕ {take.answer.message}</p>{/if}
				<button
					type="button"
					class="btn big justify-self-start whitespace-normal"
					class:go={take.empty}
					disabled={!take.ready}
					onclick={() => void take.take()}
					>{take.busy ? 'It comes in …' : take.empty ? 'Take it in' : 'Replace all that is here'}</button
				>
			{/if}
		</section>
	</div>
	<p><a href="/farm">The farm, and how it measures</a></p>
</main>
