<script lang="ts">
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import type { PageData } from './$types';
	import FormField from '$lib/kit/FormField.svelte';
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
	<div class="two">
		<section class="card">
			<h2>Out</h2>
			<p>All that was entered in {data.farm.name}, as it is now.</p>
			<a class="btn go big" href="/api/farm/file" data-sveltekit-reload>Keep the file</a>
		</section>
		<section class="card">
			<h2>In</h2>
			{#if take.answer?.ok}
				<p class="done" role="status">
					<b>✓ {take.answer.name} is here.</b>
					{Object.entries(names)
						.flatMap(([table, words]) =>
							take.answer?.ok && take.answer.counts[table] ? [`${take.answer.counts[table]} ${words}`] : []
						)
						.join(', ')}. Every seal holds.
				</p>
				<a class="btn" href="/">To Today</a>
			{:else}
				<p>
					{take.empty
						? 'Nothing was entered here yet: the file comes in as it is.'
						: `What is here goes, and what the file holds takes its place. Keep a file of ${data.farm.name} first.`}
				</p>
				<label class="btn"
					>{take.file ? take.file.name : 'Pick the file'}<input
						class="sr-only"
						type="file"
						accept=".zip,application/zip"
						onchange={(e) => take.pick(e.currentTarget.files?.[0])}
					/></label
				>
				{#if take.problem}<p class="problem" role="alert">✕ {take.problem}</p>{/if}
				{#if !take.empty}<FormField
						label="To replace it all, type {data.farm.name}"
						bind:value={take.typed}
						autocomplete="off"
					/>{/if}
				{#if take.answer && !take.answer.ok}<p class="problem" role="alert">✕ {take.answer.message}</p>{/if}
				<button
					type="button"
					class="btn big"
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

<style>
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 18px;
		align-items: start;
	}
	section {
		display: grid;
		gap: 12px;
		padding: 18px 20px;
	}
	section .btn {
		justify-self: start;
		white-space: normal;
	}
	label.btn:focus-within {
		outline: 3px solid var(--dye);
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.done {
		padding: 10px 14px;
		border-left: 6px solid var(--moss);
		background: var(--moss-wash);
	}
	@media (max-width: 859px) {
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
