<!-- @component What can be looked at and done in the yard beside measuring, each with what it takes. -->
<script lang="ts">
	import { m } from '$words';
	import type { YardAction } from '$core';
	import Sheet from '$lib/kit/Sheet.svelte';
	import type { NozzleNames } from '$lib/wording/nozzle-names';
	import { toolText, yardTime } from '$lib/wording/practice';
	import { toolTime, toolsFor } from './tools';
	import type { YardState } from './yard.svelte';

	interface Props {
		yard: YardState;
		names: NozzleNames;
		nozzle: number;
		open: boolean;
		onclose: () => void;
		onpick: (nozzle: number) => void;
		ondo: (action: YardAction) => void;
	}
	let { yard, names, nozzle, open, onclose, onpick, ondo }: Props = $props();
	const tools = $derived(toolsFor(yard.exercise, nozzle));
	const count = $derived(yard.yard.machine.nozzles.length);
	const step = (by: 1 | -1) => onpick(((nozzle - 1 + by + count) % count) + 1);
</script>

<Sheet {open} wide title={m.yard_tools()} lead={m.yard_tools_lead()} {onclose}>
	{#if count > 1}
		<div class="flex items-center gap-2">
			<button type="button" class="btn plain" aria-label={m.yard_nozzle_before()} onclick={() => step(-1)}>←</button>
			<output class="num text-[1.3rem]">{names.nozzle(nozzle)}</output>
			<button type="button" class="btn plain" aria-label={m.yard_nozzle_after()} onclick={() => step(1)}>→</button>
			<span class="lab">{m.yard_nozzle_at_hand()}</span>
		</div>
	{/if}
	<ul class="grid grid-cols-2 gap-2 max-[500px]:grid-cols-1">
		{#each tools as tool, i (i)}
			<li>
				<button
					type="button"
					class="flex min-h-14 w-full items-center justify-between gap-3 rounded-md border-2 border-field-border px-3 text-left"
					onclick={() => {
						ondo(tool);
						onclose();
					}}
					><b>{toolText(tool, yard.exercise)}</b><span class="lab whitespace-nowrap"
						>{yardTime(toolTime(tool, yard.yard.machine))}</span
					></button
				>
			</li>
		{/each}
	</ul>
</Sheet>
