<!-- @component Asked once before the first water: whether a marker dye goes in, with a dose like any product's. -->
<script lang="ts">
	import { m } from '$words';
	import UnitField from '$lib/kit/UnitField.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { doseUnits, typedDose } from '$lib/settings/dose-units';
	import { wordIssue } from '$lib/wording/issues';
	import type { JobRunState } from './job-run.svelte';

	let { run }: { run: JobRunState } = $props();
	let open = $state(false);
	let name = $state(m.marker_dye());
	let dose = $state('');
	let problem = $state<string | undefined>();
	const units = $derived(doseUnits(run.settings));
	// Dyes are told by the volume of mix.
	let unit = $state('');
	const picked = $derived(
		units.find((u) => u.value === unit) ?? units.findLast((u) => u.inText && u.state === 'liquid')!
	);

	async function add(event: SubmitEvent) {
		event.preventDefault();
		if (dose.trim() === '') return (problem = m.type_the_dose_from_the_label());
		const body = {
			kind: 'dye' as const,
			dye: { name: name.trim() || m.marker_dye(), state: picked.state, dose: typedDose(dose, picked, run.settings) }
		};
		const made = run.ifAdded(body);
		problem = made.ok ? undefined : wordIssue(made.issues[0]!);
		if (made.ok) await run.add(body);
	}
</script>

<section class="grid gap-2.5 mb-3 py-3 px-4 border-l-6 border-l-dye bg-dye-wash" aria-label={m.marker_dye()}>
	{#if !open}
		<div class="flex flex-wrap items-center justify-between gap-2.5">
			<p><b>{m.marker_dye_in_this_job()}</b> {m.it_shows_skips_and_doubles()}</p>
			<div class="flex gap-2.5">
				<button type="button" class="btn plain" onclick={() => void run.add({ kind: 'dye', dye: null })}
					>{m.no_dye()}</button
				>
				<button type="button" class="btn" onclick={() => (open = true)}>{m.add_dye()}</button>
			</div>
		</div>
	{:else}
		<form class="grid gap-2.5" novalidate onsubmit={(e) => void add(e)}>
			<div class="grid grid-cols-2 gap-2.5 phone:grid-cols-1">
				<Field label={m.name()} bind:value={name} />
				<UnitField
					label={m.dose()}
					bind:value={dose}
					bind:unit={() => picked.value, (v) => (unit = v)}
					{units}
					{problem}
					onchange={() => (problem = undefined)}
				/>
			</div>
			<div class="flex gap-2.5">
				<button type="button" class="btn plain" onclick={() => (open = false)}>{m.back_title()}</button>
				<button class="btn go">{m.add_dye_to_each_load()}</button>
			</div>
		</form>
	{/if}
</section>
