<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import type { ActionData, PageData } from './$types';
	import { nozzleColumns, nozzleCsvLimit, readNozzleCsv } from '$lib/formats/nozzle-csv';
	import { typedText } from '$lib/formats/typed-text';
	import { wordIssue } from '$lib/wording/issues';
	import { nozzleKindWords } from '$lib/wording/nozzles';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	let text = $state(untrack(() => form?.text ?? ''));
	let problem = $state('');
	const read = $derived(text.trim() === '' ? null : readNozzleCsv(text, data.farm.settings));
	const good = $derived(read?.rows.filter((r) => r.ok) ?? []);
	const bad = $derived(read?.rows.filter((r) => !r.ok) ?? []);
	const example = `${nozzleColumns.join(',')}\nOrchard cone 1.5,hollow-cone,,80,5 bar,20 bar,10 bar = 1.5 L/min; 15 bar = 1.82 L/min,,yes`;

	async function take(file: File | undefined) {
		if (!file) return;
		problem =
			file.size > nozzleCsvLimit ? `“${file.name}” is over ${nozzleCsvLimit / 1000} kB. Take it in by parts.` : '';
		if (problem === '') text = await file.text();
	}
</script>

<svelte:head><title>Nozzles from CSV · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>Nozzles from CSV</h1>
		<p class="lab">
			Columns {nozzleColumns.join(', ')}; name, kind and points are needed. Points are <b>2 bar = 0.98 L/min</b>, parted
			by semicolons. One of a known kind and name is brought up to date.
		</p>
	</div>
	{#if form?.taken}
		<p class="done" role="status">
			<b>✓ {form.taken} {form.taken === 1 ? 'nozzle is' : 'nozzles are'} on the table.</b>
			{form.text ? 'The rows that could not be read are left here: mend them and take them in.' : ''}
			<a href="/nozzles">To the table</a>
		</p>
	{/if}
	<form
		method="post"
		use:enhance={() =>
			async ({ update, result }) => {
				await update({ reset: false });
				if (result.type === 'success' || result.type === 'failure') text = String(result.data?.text ?? '');
			}}
	>
		<div class="card left">
			<label class="btn"
				>Open a file<input
					class="sr-only"
					type="file"
					accept=".csv,text/csv"
					onchange={(e) => void take(e.currentTarget.files?.[0])}
				/></label
			>
			<label class="text"
				>The rows
				<textarea name="csv" class="field-input" rows="14" spellcheck="false" placeholder={example} bind:value={text}
				></textarea></label
			>
			{#if problem || form?.message}<p class="problem" role="alert">✕ {problem || form?.message}</p>{/if}
		</div>
		<div class="card right" aria-live="polite">
			{#if !read}<p class="lab">What each row is read as stands here before anything is kept.</p>
			{:else if read.lacking.length > 0}
				<p class="problem">
					✕ The first row names the columns, and {read.lacking.join(', ')}
					{read.lacking.length === 1 ? 'is' : 'are'} not among them. It begins like this: {nozzleColumns.join(',')}
				</p>
			{:else}
				<p>
					<span class="num big">{good.length}</span> can be taken in{bad.length > 0 ? `, ${bad.length} cannot yet` : ''}
				</p>
				{#if bad.length > 0}
					<ul class="bad">
						{#each bad as row (row.line)}
							{#if !row.ok}<li>
									<b>Line {row.line}{row.name ? `, ${row.name}` : ''}</b>
									{#each row.issues as issue (issue.path + issue.code)}<span>✕ {wordIssue(issue)}</span>{/each}
								</li>{/if}
						{/each}
					</ul>
				{/if}
				<ul>
					{#each good.slice(0, 8) as row (row.line)}
						{#if row.ok}<li>
								<b>{row.nozzle.name}</b>
								<span class="lab"
									>{nozzleKindWords[row.nozzle.kind]}, {row.nozzle.points
										.map((p) => `${typedText(p.flow)} at ${typedText(p.pressure)}`)
										.join(', ')}{row.shed ? ', in the shed' : ''}</span
								>
							</li>{/if}
					{/each}
				</ul>
				{#if good.length > 8}<p class="lab">and {good.length - 8} more</p>{/if}
			{/if}
			<div class="do">
				<a class="btn plain" href="/nozzles">Back</a>
				<button class="btn go big" disabled={good.length === 0}>Take in {good.length === 0 ? '' : good.length}</button>
			</div>
		</div>
	</form>
</main>

<style>
	form {
		display: grid;
		grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
		gap: 18px;
		align-items: start;
	}
	.left,
	.right {
		display: grid;
		gap: 12px;
		padding: 16px 18px;
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
	.num.big {
		font-size: 2.6rem;
		line-height: 1;
	}
	ul {
		display: grid;
		gap: 8px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
	}
	.bad li {
		padding-left: 10px;
		border-left: 5px solid var(--rust);
	}
	.problem,
	.bad span {
		color: var(--rust-text);
		font-weight: 600;
	}
	.done {
		padding: 10px 14px;
		border-left: 6px solid var(--moss);
		background: var(--moss-wash);
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
