<!--
@component A list of records as a table: sorted by a tap on a head, with the columns that are wanted, its head in sight. On a
phone each record is a card whose title is the first column.
-->
<script lang="ts" generics="T extends object">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import type { ColumnDef } from '@tanstack/svelte-table';
	import Fold from './Fold.svelte';
	import {
		columnVisibilityFeature,
		createSortedRowModel,
		createTable,
		rowSortingFeature,
		sortFn_alphanumeric,
		sortFn_basic,
		tableFeatures
	} from '@tanstack/svelte-table';

	interface Column {
		readonly id: string;
		readonly header: string;
		/** What it is sorted by, and shown as where no cell is handed in. */
		readonly value: (row: T) => string | number;
		readonly cell?: Snippet<[T]>;
		/** A figure: to the right, digits under digits. */
		readonly num?: boolean;
		/** Not shown until it is asked for. */
		readonly off?: boolean;
	}
	interface Props {
		/** What the records are, for people who hear it. */
		label: string;
		columns: readonly Column[];
		rows: readonly T[];
		key: (row: T) => string;
		/** The server's order stands: a page of a longer list cannot be sorted by itself. */
		inOrder?: boolean;
	}
	let { label, columns, rows, key, inOrder = false }: Props = $props();

	const features = tableFeatures({
		columnVisibilityFeature,
		rowSortingFeature,
		sortedRowModel: createSortedRowModel(),
		sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic }
	});
	type Def = ColumnDef<typeof features, T>;
	const definitions = $derived(
		columns.map((c): Def => ({
			id: c.id,
			header: c.header,
			accessorFn: c.value,
			sortFn: c.num ? 'basic' : 'alphanumeric',
			sortDescFirst: false
		}))
	);
	const table = createTable({
		features,
		get columns() {
			return definitions;
		},
		get data() {
			return rows as T[];
		},
		getRowId: (row: T) => key(row),
		get enableSorting() {
			return !inOrder;
		},
		initialState: {
			get columnVisibility() {
				return Object.fromEntries(columns.filter((c) => c.off).map((c) => [c.id, false]));
			}
		}
	});
	const byId = $derived(new Map(columns.map((c) => [c.id, c])));
	const headers = $derived(table.getHeaderGroups()[0]?.headers ?? []);
	const says = { asc: 'ascending', desc: 'descending' } as const;
</script>

<div class="card">
	<Fold class="columns px-4 border-b border-b-hair" headClass="font-normal! text-soft" title={m.columns()}>
		<div class="flex flex-wrap gap-x-5 pb-2">
			{#each table.getAllLeafColumns() as column, i (column.id)}
				{#if i > 0}<label class="check"
						><input
							type="checkbox"
							checked={column.getIsVisible()}
							onchange={(e) => column.toggleVisibility(e.currentTarget.checked)}
						/>
						{byId.get(column.id)?.header}</label
					>{/if}
			{/each}
		</div>
	</Fold>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls has to take the focus) -->
	<div class="scroll" role="region" aria-label={label} tabindex="0">
		<table class="ledger" aria-label={label}>
			<thead>
				<tr>
					{#each headers as header (header.id)}
						{@const column = byId.get(header.column.id)}
						{@const sorted = header.column.getIsSorted()}
						<th scope="col" class:num={column?.num} aria-sort={sorted ? says[sorted] : undefined}>
							{#if inOrder}{column?.header}{:else}<button
									type="button"
									onclick={(e) => header.column.getToggleSortingHandler()?.(e)}
									>{column?.header}<span aria-hidden="true"
										>{sorted === 'asc' ? ' ▲' : sorted === 'desc' ? ' ▼' : ''}</span
									></button
								>{/if}
						</th>
					{/each}
				</tr>
			</thead>
			<tbody>
				{#each table.getRowModel().rows as row (row.id)}
					<tr>
						{#each row.getVisibleCells() as cell (cell.id)}
							{@const column = byId.get(cell.column.id)}
							<td class:num={column?.num} data-head={column?.header}>
								{#if column?.cell}{@render column.cell(row.original)}{:else}{cell.getValue()}{/if}
							</td>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</div>

<style>
	.scroll {
		max-height: calc(100dvh - 120px);
		overflow: auto;
		padding: 0 16px;
	}
	thead th {
		position: sticky;
		top: 0;
		z-index: 1;
		background: var(--card);
	}
	th button {
		min-height: 48px;
		cursor: pointer;
	}
	tbody td {
		height: 48px;
	}
	th.num,
	td.num {
		padding-right: 28px;
		text-align: right;
	}
	th.num {
		font-family: inherit;
		font-stretch: inherit;
		font-weight: 600;
		font-size: 0.9rem;
	}
	/* On a phone a record is a card: its title, and a line each for what it has. */
	@media (max-width: 859px) {
		.scroll {
			max-height: none;
		}
		table,
		tbody {
			display: block;
		}
		thead {
			position: absolute;
			clip-path: inset(50%);
		}
		tr {
			display: grid;
			gap: 2px 12px;
			padding: 10px 0;
			border-bottom: 1px solid var(--rule);
		}
		td {
			display: flex;
			justify-content: space-between;
			gap: 12px;
			height: auto;
			padding: 0;
			border: 0;
			text-align: right;
			white-space: normal;
		}
		td:empty {
			display: none;
		}
		td:first-child {
			justify-content: start;
			font-weight: 700;
			text-align: left;
		}
		td:not(:first-child)::before {
			flex: none;
			color: var(--soft);
			font: 400 0.92rem var(--font-text);
			content: attr(data-head);
		}
	}
</style>
