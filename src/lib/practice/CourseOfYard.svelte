<!-- @component What passes in a yard: the course with its flags, or the ground that is sprayed for a refill or a plot. -->
<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import { practiceSprayers } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { show } from '$lib/show/show';
	import CourseScene from './CourseScene.svelte';
	import type { YardState } from './yard.svelte';

	interface Props {
		yard: YardState;
		settings: FarmSettings;
		/** The ground of a refill or a plot, in place of the course. */
		ground?: boolean;
	}
	let { yard, settings, ground = false }: Props = $props();

	const still = new MediaQuery('(prefers-reduced-motion: reduce)');
	const { sprayer } = $derived(practiceSprayers[yard.exercise.sprayer]);
	const machine = $derived(yard.yard.machine);
	const said = $derived(ground && machine.ground ? machine.ground.said.length : machine.course.said);
</script>

<CourseScene
	along={yard.along}
	back={yard.passing?.back ?? false}
	passer={sprayer.kind === 'knapsack' ? 'walker' : sprayer.carrier === 'atv' ? 'atv' : 'tractor'}
	still={still.current}
	said={show('length', said, settings, { digits: 4 }).text}
/>
