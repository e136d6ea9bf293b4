<!-- @component Rows from a CSV file: what each is read as before anything is kept; a bad row is named and stays to be mended. -->
<script lang="ts" generics="T">
	import { m } from '$words';
	import FileDrop from './FileDrop.svelte';
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import type { ReadCsv } from '$lib/files/csv-rows';
	import { page } from '$app/state';
	import { csvLimit } from '$lib/files/csv-rows';
	import type { SplitCsv } from '$lib/files/split-csv';
	import PiecesBar from './PiecesBar.svelte';
	import { Pieces } from './pieces.svelte';
	import { postAction } from './post-action';
	import type { DecimalSign } from '$lib/files/decimal-sign';
	import { bothReadings } from '$lib/files/decimal-sign';
	import { wordIssue } from '$lib/wording/issues';
	import Field from './Field.svelte';

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

	/** A file that is more than one message takes: its rows go in pieces, each read by itself. */
	let large = $state.raw<{ readonly name: string; readonly split: SplitCsv } | null>(null);
	let sum = $state({ taken: 0, known: 0 });
	const pieces = new Pieces();
	/** Largest file that is taken in at all, bytes; a piece is well under what the server takes. */
	const largest = 40_000_000;

	async function take(file: File | undefined) {
		if (!file) return;
		problem = '';
		large = null;
		if (file.size <= csvLimit) {
			text = await file.text();
			return;
		}
		if (file.size > largest || !/\.csv$/i.test(file.name)) {
			problem = m.is_over_kb_take_it_in({
				name: file.name,
				csvLimit: (/\.csv$/i.test(file.name) ? largest : csvLimit) / 1000
			});
			return;
		}
		const { splitCsv } = await import('$lib/files/split-csv');
		const split = splitCsv(await file.text(), csvLimit / 2);
		large = { name: file.name, split };
		// What the first of them is read as stands beside, as with a small file.
		text = split.pieces[0] ?? '';
	}

	async function sendAll() {
		if (!large) return;
		sum = { taken: 0, known: 0 };
		const left: string[] = [];
		const end = await pieces.run(large.split.pieces, async (piece) => {
			const sent = new FormData();
			sent.set('csv', piece);
			if (sign) sent.set('decimal', sign);
			const result = await postAction(page.url.pathname, sent);
			if (result.type !== 'success' && result.type !== 'failure') {
				problem = m.class_no_answer();
				return false;
			}
			const told = (result.data ?? {}) as { taken?: number; known?: number; text?: string; message?: string };
			sum = { taken: sum.taken + (told.taken ?? 0), known: sum.known + (told.known ?? 0) };
			if (told.text) left.push(left.length === 0 ? told.text : told.text.slice(told.text.indexOf('\n') + 1));
			problem = told.message ?? '';
			return problem === '';
		});
		// What did not read stands in the field, to be mended; what was not sent is not lost either: the file is still there.
		text = left.join('\n');
		if (end === 'all') large = null;
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
		<Field label={m.the_rows()} type="lines" name="csv" rows={14} placeholder={example} bind:value={text} />
		{#if large}
			<p role="status">
				<b>{m.pieces_file({ name: large.name, rows: large.split.rows, all: large.split.pieces.length })}</b>
			</p>
		{/if}
		{#if pieces.busy}<PiecesBar {pieces} />{/if}
		{#if sum.taken + sum.known > 0}<p role="status">{m.pieces_taken(sum)}</p>{/if}
		{#if problem || answered?.message}<p class="problem" role="alert">✕ {problem || answered?.message}</p>{/if}
	</div>
	<div class="card grid gap-3 py-4 px-4.5" aria-live="polite">
		{#if asks !== null}
			{@const readings = bothReadings(asks)}
			<fieldset class="sign grid gap-1 py-2.5 px-3.5 border-l-6 border-l-amber bg-amber-wash">
				<legend>{m.in_this_file_is({ asks })}</legend>
				<p class="lab">{m.it_could_be_either_and_nothing()}</p>
				{#each ['point', 'comma'] as const as value (value)}
					<label class="check"
						><input type="radio" name="decimal" {value} bind:group={sign} />
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
			{#if large}
				<button type="button" class="btn go big" disabled={pieces.busy} onclick={() => void sendAll()}
					>{m.take_in({ which: large.split.rows })}</button
				>
			{:else}
				<button class="btn go big" disabled={good.length === 0}
					>{m.take_in({ which: good.length === 0 ? '' : good.length })}</button
				>
			{/if}
		</div>
	</div>
</form>

<style>
	.sign legend {
		float: left;
		padding: 0;
		font-weight: 700;
	}
</style>
