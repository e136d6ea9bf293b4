<!-- @component Several nozzles in one bucket: picked on the drawing, a part of them in one tap, and what all of them gave. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import Arc from '$lib/drawings/Arc.svelte';
	import BoomRail from '$lib/drawings/BoomRail.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { say } from '$lib/kit/say';
	import Sheet from '$lib/kit/Sheet.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { jugUnitWords } from './flow-step.svelte';
	import type { FlowStepState } from './flow-step.svelte';
	import { BucketState } from './bucket.svelte';

	interface Props {
		step: FlowStepState;
		open: boolean;
		onclose: () => void;
	}
	let { step, open, onclose }: Props = $props();
	const bucket = untrack(() => new BucketState(step));
	const round = $derived(step.round);
	const picked = $derived(bucket.picked.length);
	$effect(() => {
		if (open) untrack(() => bucket.begin());
	});
	function remove(id: string) {
		void round.add({ kind: 'strike', entry: id });
		say('Bucket removed.', { label: 'Undo', run: () => void round.restore(id) });
	}
	async function save() {
		if (!(await bucket.keep())) return;
		step.goOn(step.at);
		onclose();
	}
</script>

<Sheet
	{open}
	wide
	title="Several nozzles in one bucket"
	lead="Touch the nozzles that went in. Their total counts; none of them is judged alone."
	back="Cancel"
	{onclose}
>
	<div class={round.rig.kind === 'airblast' ? 'h-56' : ''}>
		{#if round.rig.kind === 'airblast'}
			<Arc
				perSide={round.rig.nozzles / 2}
				jugs={bucket.jugs}
				top={step.kept.top}
				at={null}
				bare
				onpick={(n) => bucket.toggle(n)}
			/>
		{:else}<BoomRail short={round.names.short} jugs={bucket.jugs} at={null} onpick={(n) => bucket.toggle(n)} />{/if}
	</div>
	<div class="flex flex-wrap gap-2" role="group" aria-label="Parts of the sprayer">
		{#each bucket.parts as part (part.name)}
			<button
				type="button"
				class={['btn', bucket.holds(part) ? 'ink' : 'plain']}
				aria-pressed={bucket.holds(part)}
				onclick={() => bucket.pickPart(part)}>{part.name}</button
			>
		{/each}
	</div>
	<details>
		<summary class="min-h-12 cursor-pointer pt-3">Pick by number</summary>
		<div class="flex flex-wrap gap-1.5" role="group" aria-label="Nozzles in the bucket">
			{#each round.on as n (n)}
				<button
					type="button"
					class={['btn min-w-12 px-2', bucket.picked.includes(n) ? 'ink' : 'plain']}
					aria-pressed={bucket.picked.includes(n)}
					aria-label={round.names.nozzle(n)}
					onclick={() => bucket.toggle(n)}>{round.names.nozzle(n).replace('Nozzle ', '')}</button
				>
			{/each}
		</div>
	</details>
	<UnitField
		label={picked === 0 ? 'All of them gave' : `All ${picked} of them gave`}
		bind:value={bucket.text}
		bind:unit={bucket.unit}
		units={bucket.units.map((value) => ({ value, label: jugUnitWords(value) }))}
		problem={bucket.problem}
	/>
	<Field
		label="The bucket is marked every"
		bind:value={bucket.marked}
		problem={bucket.markedProblem ?? undefined}
		hint="Such as {round.units.catch === 'ml' ? '1 L' : '1 qt'}. Empty counts as the jug's marks."
	/>
	{#if bucket.kept.length > 0}
		<ul class="grid gap-1">
			{#each bucket.kept as one (one.id)}
				<li class="flex items-center justify-between gap-3">
					<span>{one.words}</span>
					<button type="button" class="btn plain" aria-label="Remove {one.words}" onclick={() => remove(one.id)}
						>Remove</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#snippet foot()}<button type="button" class="btn go" onclick={() => void save()}>Save</button>{/snippet}
</Sheet>
