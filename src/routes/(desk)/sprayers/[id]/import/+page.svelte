<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { calibrateSheet, isCarried, relativeU } from '$core';
	import type { ActionData, PageData } from './$types';
	import FormField from '$lib/kit/FormField.svelte';
	import { skillOf } from '$lib/settings/skill';
	import { longUnit } from '$lib/settings/field-units';
	import { readSheetText } from '$lib/files/sheet-text';
	import { shownRate } from '$lib/show/answer';
	import { wordIssue } from '$lib/wording/issues';
	import { methodWords } from '$lib/wording/methods';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const carried = $derived(isCarried(data.sprayer.rig));
	let text = $state(untrack(() => form?.typed.sheet ?? ''));
	let sign = $state(
		untrack(() => ({
			person: form?.typed.person ?? '',
			day: form?.typed.day ?? '',
			carriedBy: form?.typed.carriedBy ?? '',
			remarks: form?.typed.remarks ?? ''
		}))
	);
	let problem = $state('');
	/** What the sheet comes to, before anything is kept. */
	const preview = $derived.by(() => {
		if (text.trim() === '') return null;
		const read = readSheetText(text);
		if (!read.ok) return { problem: read.problem, words: '' };
		const result = calibrateSheet(read.sheet, skillOf(settings), settings.evenRule);
		if (!result.ok) return { problem: wordIssue(result.issues[0]!), words: '' };
		const c = result.value;
		const r = shownRate(c.rate.value, 2 * relativeU(c.rate), settings.rateUnit, settings.decimalComma);
		return {
			problem: '',
			value: r,
			words: `${methodWords[c.method].name}, ${c.findings.length === 0 ? 'nothing odd' : `${c.findings.length} findings`}`
		};
	});
	async function take(file: File | undefined) {
		if (!file) return;
		if (file.size > 400_000) problem = `“${file.name}” is over 400 kB: no sheet is.`;
		else {
			problem = '';
			text = await file.text();
		}
	}
</script>

<svelte:head><title>Read a sheet in · {data.sprayer.rig.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>Read a sheet in for <a href="/sprayers/{data.sprayer.id}">{data.sprayer.rig.name}</a></h1>
		<p class="lab">
			A <b>fallow-sheet/1</b> file: exported from a calibration here or elsewhere, or typed after a day with the field sheet.
		</p>
	</div>
	<form
		method="post"
		use:enhance={() =>
			async ({ update }) =>
				update({ reset: false })}
	>
		<div class="card left">
			<label class="btn">
				Open a file
				<input
					class="sr-only"
					type="file"
					accept=".json,application/json"
					onchange={(e) => void take(e.currentTarget.files?.[0])}
				/>
			</label>
			<label class="text"
				>The sheet
				<textarea name="sheet" class="field-input" rows="14" spellcheck="false" bind:value={text}></textarea></label
			>
			{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
		</div>
		<div class="right">
			<div class="card answer" aria-live="polite">
				{#if !preview}<p class="lab">What it comes to is shown here before it is kept.</p>
				{:else if preview.problem}<p class="problem">✕ {preview.problem}</p>
				{:else if preview.value}
					<p class="big"><span class="num">{preview.value.value}</span> <b>{longUnit(settings.rateUnit)}</b></p>
					<p>± {preview.value.interval} (95 %). {preview.words}.</p>
				{/if}
			</div>
			<label class="text"
				>Setting<select class="field-input" name="setting" value={form?.typed.setting ?? data.settings[0]?.id}>
					{#each data.settings as setting (setting.id)}<option value={setting.id}>{setting.name}</option>{/each}
				</select></label
			>
			<FormField name="person" label="Calibrated by" bind:value={sign.person} autocomplete="name" required />
			{#if carried}<FormField name="carriedBy" label="Carried by" bind:value={sign.carriedBy} required />{/if}
			<FormField name="day" type="date" label="On" bind:value={sign.day} required />
			<FormField name="remarks" label="Remarks" bind:value={sign.remarks} />
			{#if form?.message}<p class="problem" role="alert">✕ {form.message}</p>{/if}
			<div class="do">
				<a class="btn plain" href="/sprayers/{data.sprayer.id}">Back</a>
				<button class="btn go big">Keep it as a calibration</button>
			</div>
		</div>
	</form>
</main>

<style>
	form {
		display: grid;
		grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
		gap: 18px;
		align-items: start;
	}
	.left,
	.right {
		display: grid;
		gap: 14px;
	}
	.left {
		padding: 16px;
	}
	.left .btn {
		justify-self: start;
	}
	.left .btn:focus-within {
		outline: 3px solid var(--dye);
	}
	.text {
		display: grid;
		gap: 4px;
		font-weight: 600;
	}
	textarea {
		font: 400 0.95rem/1.4 monospace;
		resize: vertical;
	}
	.answer {
		min-height: 120px;
		padding: 14px 18px;
	}
	.big .num {
		font-size: 3.6rem;
		line-height: 1;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.do {
		display: flex;
		justify-content: space-between;
		align-items: center;
	}
	@media (max-width: 859px) {
		form {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
