<!-- @component Product and water for the usual totals, at one strength; and what a third of the water would mean. -->
<script lang="ts">
	import { m } from '$words';
	import type { PlanSheet } from '$core';
	import { lowVolume, strength } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { plainRate } from '$lib/show/answer';
	import { dilutionRows } from '$lib/show/dilution-rows';

	interface Props {
		sheet: PlanSheet;
		settings: FarmSettings;
	}
	let { sheet, settings }: Props = $props();
	const rows = $derived(dilutionRows(sheet, settings));
	const times = 3;
	const low = $derived.by(() => {
		const [first] = sheet.products;
		return first ? lowVolume(sheet.rate, strength(first.dose, sheet.rate), times) : null;
	});
</script>

<section class="card grid gap-2 py-3.5 px-4.5" aria-label={m.dilution_table()}>
	<h2>{m.to_mix_any_amount()}</h2>
	<div class="overflow-x-auto">
		<table class="w-full border-collapse">
			<thead>
				<tr>
					<th scope="col">{m.made_up_to()}</th>
					{#each sheet.products as p, i (i)}<th scope="col">{p.name}</th>{/each}
					<th scope="col">{m.water()}</th>
				</tr>
			</thead>
			<tbody>
				{#each rows as row (row.total)}
					<tr>
						<th scope="row" class="num text-[1.15rem]">{row.total}</th>
						{#each row.products as product, i (i)}<td class="num text-[1.15rem]">{product}</td>{/each}
						<td class="num text-[1.15rem]">{row.water}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	{#if low}<p class="lab">
			{m.less_to_carry_a_third_of({ rate: plainRate(low.rate, settings) })}
		</p>{/if}
</section>

<style>
	th,
	td {
		padding: 5px 10px 5px 0;
		border-top: 1px solid var(--hair);
		text-align: left;
	}
	thead th {
		border: 0;
		font-size: 0.9rem;
		color: var(--soft);
	}
</style>
