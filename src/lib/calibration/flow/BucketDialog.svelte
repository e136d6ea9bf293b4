<!-- @component Several nozzles in one bucket: picked on the drawing, a part of them in one tap, and what all of them gave. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import Arc from '$lib/drawings/Arc.svelte';
	import BoomRail from '$lib/drawings/BoomRail.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { say } from '$lib/kit/say';
	import Sheet from '$lib/kit/Sheet.svelte';
	import Toggles from '$lib/kit/Toggles.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { jugUnitWords } from './flow-step.svelte';
	import type { FlowStepState } from './flow-step.svelte';
	import { BucketState } from './bucket.svelte';
	import Fold from '$lib/kit/Fold.svelte';

	interface Props {
		step: FlowStepState;
		open: boolean;
		onclose: () => void;
	}
	let { step, open, onclose }: Props = $props();
	const bucket = untrack(() => new BucketState(step));
	const calibration = $derived(step.calibration);
	const picked = $derived(bucket.picked.length);
	$effect(() => {
		if (open) untrack(() => bucket.begin());
	});
	function remove(id: string) {
		void calibration.add({ kind: 'strike', entry: id });
		say(m.bucket_removed(), { label: m.undo(), run: () => void calibration.restore(id) });
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
	title={m.several_nozzles_in_one_bucket()}
	lead={m.touch_the_nozzles_that_went_in()}
	back={m.cancel()}
	{onclose}
>
	<div class={calibration.sprayer.kind === 'airblast' ? 'h-56' : ''}>
		{#if calibration.sprayer.kind === 'airblast'}
			<Arc
				perSide={calibration.sprayer.nozzles / 2}
				jugs={bucket.jugs}
				top={step.kept.top}
				at={null}
				bare
				onpick={(n) => bucket.toggle(n)}
			/>
		{:else}<BoomRail
				short={calibration.names.short}
				jugs={bucket.jugs}
				at={null}
				onpick={(n) => bucket.toggle(n)}
			/>{/if}
	</div>
	<div class="flex flex-wrap gap-2" role="group" aria-label={m.parts_of_the_sprayer()}>
		{#each bucket.parts as part (part.name)}
			<button
				type="button"
				class={['btn', bucket.holds(part) ? 'ink' : 'plain']}
				aria-pressed={bucket.holds(part)}
				onclick={() => bucket.pickPart(part)}>{part.name}</button
			>
		{/each}
	</div>
	<Fold title={m.pick_by_number()}>
		<Toggles
			label={m.nozzles_in_the_bucket()}
			options={calibration.on.map((n) => ({
				value: n,
				label: calibration.names.listed(n),
				spoken: calibration.names.nozzle(n)
			}))}
			value={bucket.picked}
			looks={(on) => `btn min-w-12 px-2 ${on ? 'ink' : 'plain'}`}
			onturn={(n) => bucket.toggle(n)}
		/>
	</Fold>
	<UnitField
		label={picked === 0 ? m.all_of_them_gave() : m.all_of_them_gave_picked({ picked })}
		bind:value={bucket.text}
		bind:unit={bucket.unit}
		units={bucket.units.map((value) => ({ value, label: jugUnitWords(value) }))}
		problem={bucket.problem}
	/>
	<Field
		label={m.the_bucket_is_marked_every()}
		bind:value={bucket.marked}
		problem={bucket.markedProblem ?? undefined}
		hint={m.such_as_empty_counts_as_the({ which: calibration.units.catch === 'ml' ? '1 L' : m.n1_qt() })}
	/>
	{#if bucket.kept.length > 0}
		<ul class="grid gap-1">
			{#each bucket.kept as one (one.id)}
				<li class="flex items-center justify-between gap-3">
					<span>{one.words}</span>
					<button
						type="button"
						class="btn plain"
						aria-label={m.remove({ words: one.words })}
						onclick={() => remove(one.id)}>{m.remove_title()}</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#snippet foot()}<button type="button" class="btn go" onclick={() => void save()}>{m.save()}</button>{/snippet}
</Sheet>
