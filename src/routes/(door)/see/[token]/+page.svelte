<script lang="ts">
	import { m } from '$words';
	import type { PageData } from './$types';
	import RecordFacts from '$lib/record/RecordFacts.svelte';
	import DataTable from '$lib/kit/DataTable.svelte';
	import { dayText } from '$lib/settings/day-text';
	import { timeAt } from '$lib/settings/farm-time';
	import { shownUse } from '$lib/show/shown-use';

	let { data }: { data: PageData } = $props();
	type Use = PageData['uses'][number];
	const settings = $derived(data.farm.settings);
	const at = (time: string) => timeAt(settings, Date.parse(time));
</script>

{#snippet used(u: Use)}{shownUse(u, settings)}{/snippet}

<svelte:head><title>{m.records_of_farm({ farm: data.farm.name })}</title></svelte:head>

<h1>{m.records_of_farm({ farm: data.farm.name })}</h1>
<p>
	{m.inspector_lead({
		name: data.forWhom,
		first: dayText(data.first),
		last: dayText(data.last),
		until: at(data.until)
	})}
</p>
<p class="lab">
	{data.blocks.length === 0 ? m.all_fields() : m.fields_named({ names: data.blocks.join(', ') })}
	{data.seals.broken ? `✕ ${m.seals_do_not_hold()}` : `✓ ${m.seals_hold({ count: data.seals.checked })}`}
</p>
<p class="lab break-all">{m.newest_seal({ count: data.newest.count, seal: data.newest.seal })}</p>
{#if data.records.length === 0}<p class="card p-4">{m.no_records_on_these_days()}</p>{/if}
{#if data.uses.length > 0}
	<h2>{m.what_the_fields_had()}</h2>
	<DataTable
		label={m.what_the_fields_had()}
		rows={data.uses}
		key={(u) => JSON.stringify([u.block, u.product, u.kind])}
		columns={[
			{ id: 'block', header: m.block_title(), value: (u) => u.block },
			{ id: 'product', header: m.product_title(), value: (u) => u.product },
			{ id: 'used', header: m.on_the_ground_name(), value: (u) => u.perGround, cell: used, num: true },
			{ id: 'times', header: m.times_sprayed(), value: (u) => u.times, num: true }
		]}
	/>
{/if}
{#if data.more}<p class="look">{m.the_first_are_shown_narrow_the({ most: data.records.length })}</p>{/if}
{#each data.records as { id, record, others, hash, place, added } (id)}
	<section class="grid gap-2" aria-label="{dayText(record.day)} {record.blocks.map((b) => b.name).join(', ')}">
		<h2>{dayText(record.day)} · {record.blocks.map((b) => b.name).join(', ')}</h2>
		{#if others > 0}<p class="lab">{m.and_other_fields_not_shown({ others })}</p>{/if}
		{#each added as a, i (i)}<p class="card p-3">
				<span class="lab">{m.added_by({ at: at(a.at), by: a.by })}</span>
				{a.text}
			</p>{/each}
		<RecordFacts {record} {settings} />
		<p class="lab break-all">{m.seal_of_record({ place, hash })}</p>
	</section>
{/each}
