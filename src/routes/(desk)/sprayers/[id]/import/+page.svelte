<script lang="ts">
	import { m } from '$words';
	import FileDrop from '$lib/kit/FileDrop.svelte';
	import { untrack } from 'svelte';
	import { calibrateSheet, isCarried, relativeU } from '$core';
	import type { PageData } from './$types';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import Field from '$lib/kit/Field.svelte';
	import { skillOf } from '$lib/settings/skill';
	import { longUnit } from '$lib/settings/field-units';
	import { readSheetText } from '$lib/files/sheet-text';
	import { shownRate } from '$lib/show/answer';
	import { wordIssue } from '$lib/wording/issues';
	import { methodWords } from '$lib/wording/methods';

	let { data }: { data: PageData } = $props();
	const { form, errors, enhance, submitting } = openForm(untrack(() => data.form));
	const problems = $derived(firstErrors($errors));
	const settings = $derived(data.farm.settings);
	const carried = $derived(isCarried(data.sprayer.rig));
	let problem = $state('');
	/** What the sheet comes to, before anything is kept. */
	const preview = $derived.by(() => {
		if ($form.sheet.trim() === '') return null;
		const read = readSheetText($form.sheet);
		if (!read.ok) return { problem: read.problem, words: '' };
		const result = calibrateSheet(read.sheet, skillOf(settings), settings.evenRule);
		if (!result.ok) return { problem: wordIssue(result.issues[0]!), words: '' };
		const c = result.value;
		const r = shownRate(c.rate.value, 2 * relativeU(c.rate), settings.rateUnit, settings.decimalComma);
		return {
			problem: '',
			value: r,
			words: `${methodWords[c.method].name}, ${c.findings.length === 0 ? m.no_warnings_inline() : m.warnings_5({ count: c.findings.length })}`
		};
	});
	async function take(file: File | undefined) {
		if (!file) return;
		if (file.size > 400_000) problem = m.is_over_400_kb_no_sheet({ name: file.name });
		else {
			problem = '';
			$form.sheet = await file.text();
		}
	}
</script>

<svelte:head><title>{m.import_a_sheet_fallow({ name: data.sprayer.rig.name })}</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{m.import_a_sheet_for()} <a class="tap" href="/sprayers/{data.sprayer.id}">{data.sprayer.rig.name}</a></h1>
		<p class="lab">
			A <b>fallow-sheet/1</b>
			{m.file_exported_from_a_calibration_here()}
		</p>
	</div>
	<form
		class="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] gap-4.5 items-start phone:grid-cols-1"
		method="post"
		use:enhance
	>
		<div class="card left grid gap-3.5 p-4">
			<FileDrop label={m.open_a_file()} accept=".json,application/json" ontake={(file) => void take(file)} />
			<Field
				type="lines"
				name="sheet"
				label={m.the_sheet()}
				rows={14}
				bind:value={$form.sheet}
				problem={problems.sheet}
			/>
			{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
		</div>
		<div class="grid gap-3.5">
			<div class="card answer min-h-30 py-3.5 px-4.5" aria-live="polite">
				{#if !preview}<p class="lab">{m.what_it_comes_to_is_shown()}</p>
				{:else if preview.problem}<p class="problem">✕ {preview.problem}</p>
				{:else if preview.value}
					<p>
						<span class="num text-[3.6rem] leading-none">{preview.value.value}</span>
						<b>{longUnit(settings.rateUnit)}</b>
					</p>
					<p>± {preview.value.interval} (95 %). {preview.words}.</p>
				{/if}
			</div>
			<Field
				type="choice"
				name="setting"
				label={m.setting()}
				bind:value={$form.setting}
				problem={problems.setting}
				options={data.settings.map(({ id, name }) => ({ value: id, label: name }))}
			/>
			<Field
				name="person"
				label={m.calibrated_by()}
				bind:value={$form.person}
				problem={problems.person}
				autocomplete="name"
				required
			/>
			{#if carried}<Field
					name="carriedBy"
					label={m.carried_by()}
					bind:value={$form.carriedBy}
					problem={problems.carriedBy}
					required
				/>{/if}
			<Field name="day" type="date" label={m.on_title()} bind:value={$form.day} problem={problems.day} required />
			<Field name="remarks" label={m.remarks()} bind:value={$form.remarks} problem={problems.remarks} />
			{#if problems.all}<p class="problem" role="alert">✕ {problems.all}</p>{/if}
			<div class="flex justify-between items-center">
				<a class="btn plain" href="/sprayers/{data.sprayer.id}">{m.back_title()}</a>
				<button class="btn go big" disabled={$submitting}>{m.save_as_a_calibration()}</button>
			</div>
		</div>
	</form>
</main>
