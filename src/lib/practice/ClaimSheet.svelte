<!-- @component A learner says what is wrong: the kind of fault, and where it sits on one nozzle or one section. -->
<script lang="ts">
	import { m } from '$words';
	import type { FaultKind } from '$core';
	import { atNozzle, atSection } from '$core';
	import Sheet from '$lib/kit/Sheet.svelte';
	import Field from '$lib/kit/Field.svelte';
	import type { NozzleNames } from '$lib/wording/nozzle-names';
	import { faultName } from '$lib/wording/practice';
	import { claimGroups } from './tools';
	import type { YardState } from './yard.svelte';

	interface Props {
		yard: YardState;
		names: NozzleNames;
		/** Nozzle at hand: most of what is found is found there. */
		nozzle: number;
		open: boolean;
		onclose: () => void;
	}
	let { yard, names, nozzle, open, onclose }: Props = $props();

	const groups = $derived(claimGroups(yard.exercise));
	const lists = $derived([
		{ title: m.yard_group_nozzle(), kinds: groups.nozzle },
		{ title: m.yard_group_sprayer(), kinds: groups.sprayer },
		{ title: m.yard_group_measuring(), kinds: groups.measuring }
	]);
	let place = $state('');
	let section = $state('1');
	const machine = $derived(yard.yard.machine);
	const nozzles = $derived(machine.nozzles.map((_, i) => ({ value: `${i + 1}`, label: names.nozzle(i + 1) })));
	const sections = $derived(machine.sections.map((_, i) => ({ value: `${i + 1}`, label: names.section(i) })));
	const at = $derived(place === '' ? nozzle : Number(place));

	function say(kind: FaultKind) {
		yard.claim({ kind, at: atNozzle(kind) ? at : atSection(kind) ? Number(section) : null }, true);
		onclose();
	}
</script>

<Sheet {open} wide title={m.yard_what_is_wrong()} lead={m.yard_what_is_wrong_lead()} {onclose}>
	{#each lists as { title, kinds }, i (i)}
		{#if kinds.length > 0}
			<section class="grid gap-2">
				<h3>{title}</h3>
				{#if i === 0 && nozzles.length > 1}
					<Field
						label={m.yard_which_nozzle()}
						type="choice"
						bind:value={() => `${at}`, (picked) => (place = picked)}
						options={nozzles}
					/>
				{/if}
				{#if i === 1 && sections.length > 1}
					<Field label={m.yard_which_section()} type="choice" bind:value={section} options={sections} />
				{/if}
				<div class="flex flex-wrap gap-2">
					{#each kinds as kind (kind)}
						<button type="button" class="btn plain whitespace-normal!" onclick={() => say(kind)}
							>{faultName(kind)}</button
						>
					{/each}
				</div>
			</section>
		{/if}
	{/each}
</Sheet>
