<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { onMount, untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { foldCalibration, readSprayer } from '$core';
	import type { TypedAim, TypedChange } from '$core';
	import type { PageData } from './$types';
	import AdjustPanel from '$lib/calibration/adjust/AdjustPanel.svelte';
	import { aimSchema } from '$lib/wire/sprayer';
	import { nozzleTable } from '$lib/settings/nozzle-table';
	import { skillOf } from '$lib/settings/skill';
	import { readCalibration } from '$lib/show/read-calibration';
	import { dayAt } from '$lib/settings/farm-time';
	import { AdjustState } from '$lib/calibration/adjust/adjust.svelte';

	let { data }: { data: PageData } = $props();
	const c = $derived(data.calibration);

	async function send(aim: TypedAim, change: TypedChange | null): Promise<string> {
		if (!change) return '';
		const day = dayAt(data.farm.settings.timeZone, Date.now());
		try {
			const answer = await fetch(`/api/calibrations/${c.id}/change`, {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ day, aim, change })
			});
			if (answer.ok) return '';
			return ((await answer.json()) as { error: { message: string } }).error.message;
		} catch {
			return m.the_farm_cannot_be_reached_so();
		}
	}

	const adjust = untrack(() => {
		const sprayer = readSprayer(data.rig);
		const read = readCalibration(data.rig, data.setting, data.entries, skillOf({ skill: c.skill }), c.evenRule);
		if (!sprayer.ok) return null;
		return new AdjustState({
			sprayer: data.rig,
			numbers: sprayer.value,
			settings: data.farm.settings,
			setting: data.setting,
			entered: foldCalibration(data.entries, data.setting ?? {}),
			answer: read?.answer ?? null,
			table: nozzleTable(data.nozzles, data.farm.settings),
			keep: send
		});
	});
	/** What is wanted belongs to no entry of a signed calibration: this tab keeps it, so that a reload does not lose it. */
	const place = untrack(() => `fallow-aim-${c.id}`);
	onMount(() => {
		const kept = adjust && !adjust.source.entered.aim ? sessionStorage.getItem(place) : null;
		const read = kept ? aimSchema.safeParse(JSON.parse(kept)) : null;
		if (read?.success) adjust?.form.show(read.data);
	});
	const keepAim = () => {
		if (adjust?.form.aim) sessionStorage.setItem(place, JSON.stringify(adjust.form.aim));
	};
	async function onward() {
		if (!adjust || !(await adjust.keep())) return;
		await goto(adjust.change ? `/sprayers/${c.sprayerId}` : `/calibrations/${c.id}/tank`, { invalidateAll: true });
	}
	const words = $derived(adjust?.change ? m.make_this_change() : adjust?.aim?.keep ? m.no_change_to_the_tank() : '');
</script>

<svelte:head><title>{m.adjust_fallow({ name: data.rig.name })}</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{m.adjust()} <a class="tap" href="/sprayers/{c.sprayerId}">{data.rig.name}</a></h1>
		<p class="lab">
			{m.from_the_calibration_of()}
			<a href="/calibrations/{c.id}">{dayText(c.signedDay)}</a>{m.is_it_what_you_want_if_not({
				which: data.setting ? `, ${data.setting.name}` : ''
			})}
		</p>
	</div>
	{#if adjust}<div onfocusout={keepAim}><AdjustPanel {adjust} /></div>{/if}
	{#if words}
		<div class="foot">
			{#if adjust?.change}<p class="lab">
					{m.it_is_written_down_on_the()}
				</p>{/if}
			<button type="button" class="btn ink big" onclick={() => void onward()}>{words} →</button>
		</div>
	{/if}
</main>

<style>
	.foot {
		position: sticky;
		bottom: var(--under, 0px);
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: flex-end;
		gap: 8px 18px;
		padding: 10px 0;
		background: var(--paper);
	}
</style>
