<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { Tabs } from '@skeletonlabs/skeleton-svelte';
	import { page } from '$app/state';
	import type { WorkingNow } from '$core';
	import { readSprayer, si } from '$core';
	import type { PageData } from './$types';
	import BlockBoard from '$lib/figures/BlockBoard.svelte';
	import { BlockState } from '$lib/figures/block.svelte';
	import FourBoard from '$lib/figures/FourBoard.svelte';
	import { FourState } from '$lib/figures/four.svelte';
	import { namesOf } from '$lib/wording/nozzle-names';
	import TryBoard from '$lib/figures/TryBoard.svelte';
	import { TryState } from '$lib/figures/try.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { nozzleTable } from '$lib/settings/nozzle-table';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const asked = page.url.searchParams.get('calibration') ?? page.url.searchParams.get('sprayer') ?? '';
	let id = $state(untrack(() => data.calibrations.find((c) => c.id === asked || c.sprayerId === asked)?.id ?? ''));
	const c = $derived(data.calibrations.find((one) => one.id === id) ?? null);
	const table = $derived(nozzleTable(data.nozzles, settings));
	const four = untrack(() => new FourState(data.farm.settings));
	const nozzlesOf = (one: NonNullable<typeof c>) => one.nozzlesOn ?? one.rig.nozzles;
	const blocks = untrack(() => new BlockState(data.farm.settings));
	function fill() {
		if (!c) return;
		blocks.use(c.rig.tank);
		four.use({
			rate: c.rate,
			speed: c.speed,
			// Bands: the volume is on what they treat, and so is the width that it goes with.
			width: c.width,
			flow: c.flow,
			nozzles: nozzlesOf(c),
			day: c.signedDay
		});
	}
	untrack(fill);
	const now: WorkingNow | null = $derived.by(() => {
		if (!c) return null;
		const sprayer = readSprayer(c.rig);
		const nozzles = nozzlesOf(c);
		return {
			rate: si<'volumePerArea'>(c.rate),
			relativeU95: c.relativeU95,
			speed: c.speed === null ? null : si<'speed'>(c.speed),
			pressure: c.pressure === null ? null : si<'pressure'>(c.pressure),
			spacing:
				sprayer.ok && sprayer.value.spacing !== null
					? si<'length'>(sprayer.value.spacing * sprayer.value.stacked)
					: null,
			rpm: c.rpm,
			nozzleFlow: c.flow === null ? null : c.flow / nozzles,
			nozzles
		};
	});
	/** Sections can be shut in thought where all of them sprayed when it was measured. */
	const sections = $derived(c?.rig.kind === 'boom' && nozzlesOf(c) === c.rig.nozzles ? c.rig.sections : []);
	const trial = untrack(() => new TryState(() => now!, data.farm.settings));
	const askedTab = page.url.searchParams.get('tab');
	let tab = $state(untrack(() => (askedTab === 'block' ? 'block' : askedTab === 'what-if' && c ? 'what-if' : 'four')));
	const sources = $derived([
		{ value: '', label: m.none_all_is_typed() },
		...data.calibrations.map((one) => ({ value: one.id, label: [one.sprayer, one.setting].filter(Boolean).join(', ') }))
	]);
</script>

<svelte:head><title>{m.quick_figures_fallow()}</title></svelte:head>

<main class="plain-page max-w-[820px]!">
	<h1>{m.quick_figures()}</h1>
	<Field
		label={m.sprayer()}
		type="choice"
		bind:value={
			() => id,
			(v) => {
				id = v;
				trial.typedNozzles('');
				fill();
			}
		}
		options={sources}
	/>
	<Tabs value={tab} onValueChange={(d) => (tab = d.value as typeof tab)}>
		<Tabs.List class="tab-list">
			<Tabs.Trigger class="tab" value="four">{m.three_of_four()}</Tabs.Trigger>
			<Tabs.Trigger class="tab" value="what-if">{m.what_if()}</Tabs.Trigger>
			<Tabs.Trigger class="tab" value="block">{m.by_the_block()}</Tabs.Trigger>
		</Tabs.List>
		<Tabs.Content value="four"><FourBoard {four} /></Tabs.Content>
		<Tabs.Content value="what-if">
			{#if now && c}<TryBoard state={trial} {now} {table} {sections} section={namesOf(c.rig).section} />
			{:else}<p class="lab">{m.pick_a_calibrated_sprayer_what_changes()}</p>{/if}
		</Tabs.Content>
		<Tabs.Content value="block"><BlockBoard {blocks} /></Tabs.Content>
	</Tabs>
</main>
