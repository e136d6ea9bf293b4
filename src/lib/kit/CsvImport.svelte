<!-- @component Rows from a CSV file: what each is read as before anything is kept; a bad row is named and stays to be mended. -->
<script lang="ts" generics="T">
	import { m } from '$words';
	import FileDrop from './FileDrop.svelte';
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import type { ReadCsv } from '$lib/files/csv-rows';
	import { csvLimit } from '$lib/files/csv-rows';
	import type { DecimalSign } from '$lib/files/decimal-sign';
	import { bothReadings } from '$lib/files/decimal-sign';
	import { wordIssue } from '$lib/wording/issues';

	interface Props {
		/** What the rows are, for sentences: one and many. */
		one: string;
		many: string;
		/** Where they stand once they are taken in. */
		home: string;
		/** A file as it should look. */
		example: string;
		accept?: string;
		/** `sign` is what somebody told of its decimal sign, where the file does not tell. */
		read: (text: string, sign: DecimalSign | null) => ReadCsv<T>;
		/** A row in a few words. */
		title: (value: T) => string;
		facts: (value: T) => string;
		answered: {
			readonly text: string;
			readonly taken: number;
			readonly known?: number;
			readonly message: string;
		} | null;
	}
	let { one, many, home, example, accept = '.csv,text/csv', read, title, facts, answered }: Props = $props();
	let text = $state(untrack(() => answered?.text ?? ''));
	let problem = $state('');
	let sign = $state<DecimalSign | null>(null);
	const found = $derived(text.trim() === '' ? null : read(text, sign));
	/** The number that was asked about stays in sight with both its readings, so that the answer can be changed. */
	const asks = $derived(text.trim() === '' ? null : (read(text, null).asks ?? null));
	const good = $derived(found?.rows.filter((r) => r.ok) ?? []);
	const bad = $derived(found?.rows.filter((r) => !r.ok) ?? []);
	const shown = 8;

	async function take(file: File | undefined) {
		if (!file) return;
		problem = file.size > csvLimit ? m.is_over_kb_take_it_in({ name: file.name, csvLimit: csvLimit / 1000 }) : '';
		if (problem === '') text = await file.text();
	}
</script>

{#if answered && (answered.taken > 0 || answered.known)}
	<p class="py-2.5 px-3.5 border-l-6 border-l-moss bg-moss-wash" role="status">
		<b>{m.taken_in({ taken: answered.taken, which: answered.taken === 1 ? m.is({ one }) : m.are({ many }) })}</b>
		{answered.known ? m.of_them_stood_here_already_and({ known: answered.known }) : ''}
		{answered.text ? m.the_rows_that_could_not_be() : ''}
		<a href={home}>{m.to_the_list()}</a>
	</p>
{/if}
<form
	class="grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] gap-4.5 items-start phone:grid-cols-1"
	method="post"
	use:enhance={() =>
		async ({ update, result }) => {
			await update({ reset: false });
			if (result.type === 'success' || result.type === 'failure') text = String(result.data?.text ?? '');
		}}
>
	<div class="card left grid gap-3 py-4 px-4.5">
		<FileDrop label={m.open_a_file()} {accept} ontake={(file) => void take(file)} />
		<label class="grid gap-1 font-semibold"
			>{m.the_rows()}
			<textarea name="csv" class="field-input" rows="14" spellcheck="false" placeholder={example} bind:value={text}
			></textarea></label
		>
		{#if problem || answered?.message}<p class="problem" role="alert">✕ {problem || answered?.message}</p>{/if}
	</div>
	<div class="card grid gap-3 py-4 px-4.5" aria-live="polite">
		{#if asks !== null}
			{@const readings = bothReadings(asks)}
			<fieldset class="sign grid gap-1 py-2.5 px-3.5 border-l-6 border-l-amber bg-amber-wash">
				<legend>{m.in_this_file_is({ asks })}</legend>
				<p class="lab">{m.it_could_be_either_and_nothing()}</p>
				{#each ['point', 'comma'] as const as value (value)}
					<label class="flex items-center gap-2.5 min-h-12"
						><input class="w-6 h-6 accent-dye" type="radio" name="decimal" {value} bind:group={sign} />
						<b class="num text-[1.5rem]">{readings[value]}</b>
						<span class="lab"
							>{value === 'point' ? m.a_point_is_the_decimal_sign() : m.a_comma_is_the_decimal_sign()}</span
						></label
					>
				{/each}
			</fieldset>
		{/if}
		{#if found?.asks}<p class="lab">{m.say_which_it_is_and_what()}</p>
		{:else if !found}<p class="lab">{m.what_each_row_is_read_as()}</p>
		{:else if found.lacking.length > 0}
			<p class="problem">
				{m.the_first_row_names_the_columns({
					list: found.lacking.join(', '),
					heads: example.split('\n')[0] ?? '',
					count: found.lacking.length
				})}
			</p>
		{:else}
			<p>
				<span class="num text-[2.6rem] leading-none">{good.length}</span>
				{m.can_be_taken_in({ which: bad.length > 0 ? m.cannot_yet({ count: bad.length }) : '' })}
			</p>
			{#if bad.length > 0}
				<ul class="grid gap-2">
					{#each bad as row (row.line)}
						{#if !row.ok}<li class="grid pl-2.5 border-l-5 border-l-rust">
								<b>{m.line_line({ line: row.line, which: row.name ? `, ${row.name}` : '' })}</b>
								{#each row.issues as issue, i (i)}<span class="text-rust-text font-semibold"
										>✕ {issue.path ? `${issue.path}: ` : ''}{wordIssue(issue)}</span
									>{/each}
							</li>{/if}
					{/each}
				</ul>
			{/if}
			<ul class="grid gap-2">
				{#each good.slice(0, shown) as row (row.line)}
					{#if row.ok}<li class="grid"><b>{title(row.value)}</b><span class="lab">{facts(row.value)}</span></li>{/if}
				{/each}
			</ul>
			{#if good.length > shown}<p class="lab">{m.and_more({ count: good.length - shown })}</p>{/if}
		{/if}
		<div class="flex justify-between items-center">
			<a class="btn plain" href={home}>{m.back_title()}</a>
			<button class="btn go big" disabled={good.length === 0}
				>{m.take_in({ which: good.length === 0 ? '' : good.length })}</button
			>
		</div>
	</div>
</form>

<style>
	.sign legend {
		float: left;
		padding: 0;
		font-weight: 700;
	}
	textarea {
		font: 400 0.95rem/1.4 monospace;
		resize: vertical;
	}
</style>
