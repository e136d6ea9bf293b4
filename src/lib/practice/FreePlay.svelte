<!-- @component Free play: a sprayer of the yard, and the faults that are put into it. Their places and sizes are drawn. -->
<script lang="ts">
	import { m } from '$words';
	import type { FaultKind } from '$core';
	import { exercises, faultsOf, practiceSprayers, thingOf } from '$core';
	import Field from '$lib/kit/Field.svelte';
	import { methodWords } from '$lib/wording/methods';
	import { exerciseTitle, faultName } from '$lib/wording/practice';
	import Toggles from '$lib/kit/Toggles.svelte';

	let { onbegin }: { onbegin: (exercise: string, faults: readonly FaultKind[]) => void } = $props();

	let id = $state(exercises[0]!.id);
	let chosen = $state.raw<readonly FaultKind[]>([]);
	const exercise = $derived(exercises.find((e) => e.id === id)!);
	const kinds = $derived(faultsOf[practiceSprayers[exercise.sprayer].sprayer.kind]);
	const picked = $derived(chosen.filter((kind) => kinds.includes(kind)));
	function toggle(kind: FaultKind) {
		const others = chosen.filter((other) => thingOf(other) !== thingOf(kind));
		chosen = chosen.includes(kind) ? others : [...others, kind];
	}
</script>

<section class="card grid content-start gap-3 p-4">
	<h2>{m.practice_free()}</h2>
	<p class="lab">{m.practice_free_lead()}</p>
	<Field
		label={m.practice_free_sprayer()}
		type="choice"
		bind:value={id}
		options={exercises.map((e) => ({ value: e.id, label: `${exerciseTitle(e)} · ${methodWords[e.method].name}` }))}
	/>
	<Toggles
		label={m.practice_free_faults()}
		options={kinds.map((value) => ({ value, label: faultName(value) }))}
		value={picked}
		looks={(on) => `btn whitespace-normal! ${on ? 'ink' : 'plain'}`}
		onturn={toggle}
	/>
	<button type="button" class="btn go" onclick={() => onbegin(id, picked)}>{m.practice_begin()}</button>
</section>
