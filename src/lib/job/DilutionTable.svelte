<!-- @component Product and water for the usual totals, at one strength; and what a third of the water would mean. -->
<script lang="ts">
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

<section class="card grid gap-2 py-3.5 px-4.5" aria-label="Dilution table">
	<h2>To mix any amount</h2>
	<div class="overflow-x-auto">
		<table class="w-full border-collapse">
			<thead>
				<tr>
					<th scope="col">Made up to</th>
					{#each sheet.products as p, i (i)}<th scope="col">{p.name}</th>{/each}
					<th scope="col">Water</th>
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
			Less to carry: a third of the time at three times the strength is the same product with {plainRate(
				low.rate,
				settings
			)} to spray. Only where the label allows that strength.
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
