<!-- @component Blocks without an area: what a share of one took gives gallons a block, and loads in blocks. -->
<script lang="ts">
	import { m } from '$words';
	import Field from '$lib/kit/Field.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { fieldUnits, shortUnit } from '$lib/settings/field-units';
	import type { BlockState } from './block.svelte';

	let { blocks }: { blocks: BlockState } = $props();
</script>

<div class="grid gap-3">
	<div class="border-l-6 border-l-dye bg-dye-wash px-4 py-2.5" aria-live="polite" data-testid="per-block">
		<span class="lab">{m.one_block_takes()}</span>
		<p class="num text-[3.4rem] leading-none">{blocks.perBlock || '–'}</p>
		{#if blocks.lines.length > 0}
			<dl class="mt-2 flex flex-wrap gap-x-6 gap-y-1">
				{#each blocks.lines as line (line.name)}<div>
						<dt class="text-soft text-[0.9rem]">{line.name}</dt>
						<dd class="font-semibold">{line.text}</dd>
					</div>{/each}
			</dl>
		{:else}<p class="lab">{m.type_what_it_took()}</p>{/if}
	</div>
	<div class="grid grid-cols-2 items-start gap-3 phone:grid-cols-1">
		<Field
			label={m.blocks_sprayed()}
			bind:value={blocks.sprayed}
			problem={blocks.problem('sprayed')}
			hint={m.a_share_or_a_number_1()}
		/>
		<UnitField
			label={m.that_took()}
			bind:value={blocks.used}
			bind:unit={blocks.usedUnit}
			units={blocks.units}
			problem={blocks.problem('used')}
		/>
		<UnitField
			label={m.tank()}
			bind:value={blocks.tank}
			bind:unit={blocks.tankUnit}
			units={blocks.units}
			problem={blocks.problem('tank')}
		/>
		<Field label={m.blocks_to_spray()} bind:value={blocks.wanted} problem={blocks.problem('wanted')} />
		<Field
			label={m.area_of_one_block({ area: shortUnit(fieldUnits(blocks.settings).area) })}
			bind:value={blocks.area}
			problem={blocks.problem('area')}
			hint={m.where_you_know_it_the_spray()}
		/>
	</div>
	<p class="lab">{m.a_product_goes_in_by_the()}</p>
</div>
