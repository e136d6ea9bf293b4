<!-- @component Blocks without an area: what a share of one took gives gallons a block, and loads in blocks. -->
<script lang="ts">
	import Field from '$lib/kit/Field.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { fieldUnits, shortUnit } from '$lib/settings/field-units';
	import type { BlockState } from './block.svelte';

	let { blocks }: { blocks: BlockState } = $props();
</script>

<div class="grid gap-3">
	<div class="border-l-6 border-l-dye bg-dye-wash px-4 py-2.5" aria-live="polite" data-testid="per-block">
		<span class="lab">One block takes</span>
		<p class="num text-[3.4rem] leading-none">{blocks.perBlock || '–'}</p>
		{#if blocks.lines.length > 0}
			<dl class="mt-2 flex flex-wrap gap-x-6 gap-y-1">
				{#each blocks.lines as line (line.name)}<div>
						<dt class="text-soft text-[0.9rem]">{line.name}</dt>
						<dd class="font-semibold">{line.text}</dd>
					</div>{/each}
			</dl>
		{:else}<p class="lab">Type what it took.</p>{/if}
	</div>
	<div class="grid grid-cols-2 items-start gap-3 phone:grid-cols-1">
		<Field
			label="Blocks sprayed"
			bind:value={blocks.sprayed}
			problem={blocks.problem('sprayed')}
			hint="A share or a number: 1/2, 1 or 3. All alike."
		/>
		<UnitField
			label="That took"
			bind:value={blocks.used}
			bind:unit={blocks.usedUnit}
			units={blocks.units}
			problem={blocks.problem('used')}
		/>
		<UnitField
			label="Tank"
			bind:value={blocks.tank}
			bind:unit={blocks.tankUnit}
			units={blocks.units}
			problem={blocks.problem('tank')}
		/>
		<Field label="Blocks to spray" bind:value={blocks.wanted} problem={blocks.problem('wanted')} />
		<Field
			label="Area of one block, {shortUnit(fieldUnits(blocks.settings).area)}"
			bind:value={blocks.area}
			problem={blocks.problem('area')}
			hint="Where you know it: the spray volume follows."
		/>
	</div>
	<p class="lab">A product goes in by the block too: its dose for a block × the blocks that a load does.</p>
</div>
