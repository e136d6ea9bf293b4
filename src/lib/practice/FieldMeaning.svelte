<!-- @component What the answer would have done on a field: product and money, too much or too little. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import type { VolumePerArea } from '$core';
	import { factor, meantOnField, showFigure } from '$core';
	import Field from '$lib/kit/Field.svelte';
	import { getJson } from '$lib/device/device.svelte';
	import { show } from '$lib/show/show';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits, shortUnit } from '$lib/settings/field-units';
	import type { PracticeField } from '$lib/wire/practice';
	import { meaningOf } from './field-meaning';

	interface Props {
		answer: VolumePerArea;
		truth: VolumePerArea;
		settings: FarmSettings;
	}
	let { answer, truth, settings }: Props = $props();

	const place = 'fallow-practice-field';
	let area = $state('');
	let dose = $state('');
	let price = $state('');
	let fields = $state.raw<readonly PracticeField[]>([]);
	let picked = $state('');
	const units = $derived(fieldUnits(settings));
	const comma = $derived(settings.decimalComma);

	onMount(async () => {
		try {
			const kept: unknown = JSON.parse(localStorage.getItem(place) ?? '{}');
			if (typeof kept === 'object' && kept !== null)
				for (const [key, value] of Object.entries(kept)) {
					if (typeof value !== 'string') continue;
					if (key === 'area') area = value;
					else if (key === 'dose') dose = value;
					else if (key === 'price') price = value;
				}
		} catch {
			// What cannot be read is asked again.
		}
		fields = (await getJson<readonly PracticeField[]>('/api/practice/fields')) ?? [];
	});
	function pick(name: string) {
		picked = name;
		const field = fields.find((f) => f.name === name);
		if (field) area = show('area', field.area, settings, { digits: 4 }).text;
	}
	const read = $derived(meaningOf({ area, dose, price }, settings));
	const meant = $derived(
		read.ok ? meantOnField({ answer, truth, area: read.area, dose: read.dose.value, price: read.price }) : null
	);
	$effect(() => {
		if (read.ok) localStorage.setItem(place, JSON.stringify({ area, dose, price }));
	});
	const product = $derived.by(() => {
		if (!meant || !read.ok) return '';
		const { unit, kind } = read.dose;
		return `${showFigure(Math.abs(meant.product) / factor(kind, unit), 2, comma)} ${shortUnit(unit)}`;
	});
</script>

<section class="grid gap-3">
	<h2>{m.reveal_field()}</h2>
	{#if fields.length > 0}
		<Field
			label={m.reveal_which_field()}
			type="choice"
			bind:value={() => picked, pick}
			options={[
				{ value: '', label: m.reveal_any_field() },
				...fields.map(({ name }) => ({ value: name, label: name }))
			]}
		/>
	{/if}
	<div class="grid grid-cols-2 gap-3">
		<Field
			label={m.area()}
			bind:value={area}
			problem={read.ok ? '' : read.problems.area}
			hint={m.reveal_area_hint({ unit: units.area })}
		/>
		<Field
			label={m.reveal_dose()}
			bind:value={dose}
			problem={read.ok ? '' : read.problems.dose}
			hint={m.reveal_dose_hint({ unit: units.dose })}
		/>
		<Field
			label={m.reveal_price()}
			bind:value={price}
			problem={read.ok ? '' : read.problems.price}
			hint={m.reveal_price_hint()}
			inputmode="decimal"
		/>
	</div>
	{#if meant}
		<p class="num text-[2.2rem]">{product} {meant.share > 0 ? m.reveal_too_much() : m.reveal_too_little()}</p>
		<p>
			{m.reveal_share({
				share: showFigure(Math.abs(meant.share) * 100, 2, comma),
				which: meant.share > 0 ? m.reveal_over() : m.reveal_under()
			})}
			{meant.dry > 0
				? m.reveal_dry({ area: show('area', meant.dry, settings, { digits: 2 }).text })
				: m.reveal_left({ area: show('area', -meant.dry, settings, { digits: 2 }).text })}
			{#if meant.money !== null}<b>{m.reveal_money({ money: showFigure(Math.abs(meant.money), 3, comma) })}</b>{/if}
		</p>
	{/if}
</section>
