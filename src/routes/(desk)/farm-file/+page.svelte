<script lang="ts">
	import { m } from '$words';
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
		record: m.records_and_what_was_added_to(),
		nozzle: 'nozzles'
	};
</script>

<svelte:head><title>{m.all_of_the_farm_fallow()}</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{m.all_of_the_farm_in_one()}</h1>
		<p class="lab">
			{m.sprayers_calibrations_with_every_reading_ground()}
		</p>
	</div>
	<div class="grid grid-cols-[1fr_1fr] gap-4.5 items-start phone:grid-cols-1">
		<section class="card grid gap-3 py-4.5 px-5">
			<h2>{m.out_title()}</h2>
			<p>{m.all_that_was_entered_in_as({ name: data.farm.name })}</p>
			<a class="btn go big justify-self-start whitespace-normal" href="/api/farm/file" data-sveltekit-reload
				>{m.save_the_file()}</a
			>
		</section>
		<section class="card grid gap-3 py-4.5 px-5">
			<h2>{m.in_title()}</h2>
			{#if take.answer?.ok}
				<p class="py-2.5 px-3.5 border-l-6 border-l-moss bg-moss-wash" role="status">
					<b>{m.is_here({ name: take.answer.name })}</b>
					{m.every_seal_holds({
						list: Object.entries(names)
							.flatMap(([table, words]) =>
								take.answer?.ok && take.answer.counts[table] ? [`${take.answer.counts[table]} ${words}`] : []
							)
							.join(', ')
					})}
				</p>
				{#if take.answer.before}<p class="lab">{m.what_was_there_is_kept({ name: take.answer.before })}</p>{/if}
				<a class="btn justify-self-start whitespace-normal" href="/">{m.to_today()}</a>
			{:else}
				<p>
					{take.empty ? m.nothing_was_entered_here_yet_the() : m.what_is_here_goes_and_what({ name: data.farm.name })}
				</p>
				<FileDrop
					label={take.file ? take.file.name : m.pick_the_file()}
					accept=".zip,application/zip"
					ontake={(file) => take.pick(file)}
				/>
				{#if take.problem}<p class="problem" role="alert">✕ {take.problem}</p>{/if}
				{#if !take.empty}<Field
						label={m.to_replace_it_all_type({ name: data.farm.name })}
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
					>{take.busy ? m.it_comes_in() : take.empty ? m.take_it_in() : m.replace_all_that_is_here()}</button
				>
			{/if}
		</section>
	</div>
	<p><a class="tap" href="/farm">{m.the_farm_and_how_it_measures()}</a></p>
</main>
