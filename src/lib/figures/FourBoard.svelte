<!-- @component Volume, speed, width and flow on one board: what is looked for is picked, the other three give it as they are typed. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import Field from '$lib/kit/Field.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import type { FourState, FourThing } from './four.svelte';
	import { fourThings } from './four.svelte';

	let { four }: { four: FourState } = $props();
	const names: Record<FourThing, string> = {
		rate: m.spray_volume(),
		speed: m.ground_speed(),
		width: m.swath_width(),
		flow: m.flow_of_one_nozzle()
	};
	const short: Record<FourThing, string> = {
		rate: m.volume(),
		speed: m.speed_title(),
		width: m.width(),
		flow: m.nozzle_flow()
	};
	const given = $derived(fourThings.filter((t) => t !== four.find));
	const from = (thing: FourThing) =>
		four.boxes[thing].from === 'measured' && four.day !== null ? m.measured_day({ day: dayText(four.day) }) : '';
</script>

<div class="grid gap-3">
	<Segmented
		label={m.what_to_work_out()}
		options={fourThings.map((value) => ({ value, label: short[value] }))}
		value={four.find}
		onchange={(thing) => (four.find = thing)}
	/>
	<div class="answer" aria-live="polite" data-testid="fourth">
		<span class="lab">{names[four.find]}</span>
		{#if four.answer}
			<p class="num">{four.answer.figure} <small>{four.answer.unit}</small></p>
			{#if four.answer.more}<p class="lab">{four.answer.more}</p>{/if}
		{:else}<p class="num">–</p>
			<p class="lab">{m.type_the_other_three()}</p>{/if}
	</div>
	<div class="grid grid-cols-2 gap-3 items-start phone:grid-cols-1">
		{#each given as thing (thing)}
			<UnitField
				label={names[thing]}
				bind:value={four.boxes[thing].text}
				bind:unit={four.boxes[thing].unit}
				units={four.choices(thing)}
				problem={four.problem(thing)}
				hint={from(thing)}
				onchange={() => four.typed(thing)}
			/>
		{/each}
		<Field label={m.nozzles_that_spray()} inputmode="numeric" bind:value={four.nozzles} problem={four.countProblem} />
	</div>
</div>

<style>
	.answer {
		padding: 10px 16px;
		border-left: 6px solid var(--dye);
		background: var(--dye-wash);
	}
	.num {
		font-size: 3.4rem;
		line-height: 1;
	}
	small {
		font: 600 1.1rem var(--font-text);
	}
</style>
