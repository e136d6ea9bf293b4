<script lang="ts">
	import { m } from '$words';
	import { onMount, untrack } from 'svelte';
	import type { Attachment } from 'svelte/attachments';
	import { sprayerKinds } from '$core';
	import type { PageData } from './$types';
	import SprayerMini from '$lib/drawings/SprayerMini.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { openForm } from '$lib/kit/open-form';
	import { countryFor, followsFrom } from '$lib/settings/country';
	import { fieldUnits, longUnit, shortUnit } from '$lib/settings/field-units';
	import { timeAt } from '$lib/settings/farm-time';
	import { asWritten } from '$lib/wording/as-written';
	import { kindWords } from '$lib/wording/describe-sprayer';

	let { data }: { data: PageData } = $props();
	const made = untrack(() => openForm(data.form));
	const { form, errors, submitting } = made;
	const sends: Attachment<HTMLFormElement> = (node) => made.enhance(node).destroy;

	let now = $state(0);
	/** Time zone of the device; empty until it is known. */
	let device = $state('');
	onMount(() => {
		now = Date.now();
		const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
		device = timeZone;
	});
	/** Proposed while none is picked: loading the page anew empties a form that nobody has touched. */
	const proposed = $derived(device === '' ? '' : countryFor(data.countries, device, navigator.languages));
	$effect(() => {
		if ($form.country === '' && proposed !== '')
			form.update((f) => ({ ...f, country: proposed, zone: device }), { taint: false });
	});
	const country = $derived(data.countries.find((one) => one.code === $form.country));
	/** Of a country with several zones the device is in none: nobody can know which one the farm has. */
	const askZone = $derived(country !== undefined && country.zones.length > 1 && !country.zones.includes(device));
	// Another country has other zones: the device's own counts again, else nothing does until it is picked.
	$effect(() => {
		const { zones = [] } = country ?? {};
		untrack(() => {
			if (zones.length > 0 && !zones.includes($form.zone)) $form.zone = zones.includes(device) ? device : '';
		});
	});
	const follows = $derived(country && followsFrom(country.code, country.zones, $form.zone));
	const units = $derived(fieldUnits({ ...data.farm.settings, ...follows }));
	const facts = $derived(
		follows
			? [
					{
						name: m.measures_name(),
						text: [longUnit(follows.rateUnit), units.speed, units.course, units.pressure].join(' · ')
					},
					{
						name: m.gallon_name(),
						text:
							follows.gallon === 'US'
								? asWritten(m.us_gallon_words(), follows.decimalComma)
								: asWritten(m.imperial_gallon_words(), follows.decimalComma)
					},
					{
						name: m.decimal_sign(),
						text: follows.decimalComma ? m.decimal_comma_example() : m.decimal_point_example()
					},
					{
						name: m.date_and_time_name(),
						text:
							askZone && $form.zone === '' ? m.pick_the_time_zone() : `${timeAt(follows, now)} (${follows.timeZone})`
					},
					{ name: m.method_of_working_name(), text: follows.school === '5940' ? m.with_5940() : m.with_600() }
				]
			: []
	);
</script>

<svelte:head><title>{m.welcome_fallow()}</title></svelte:head>

<main class="plain-page">
	<h1>{m.welcome_title()}</h1>
	<form class="grid gap-4.5" method="post" novalidate {@attach sends}>
		<div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-4.5 phone:grid-cols-1">
			<div class="card grid gap-3.5 content-start py-4 px-4.5">
				<Field
					name="country"
					type="search"
					label={m.where_the_farm_is_country()}
					placeholder={m.pick_your_country()}
					bind:value={$form.country}
					options={[
						{ value: '', label: m.pick_your_country() },
						...data.countries.map(({ code, name }) => ({ value: code, label: name }))
					]}
					problem={$errors.country?.[0]}
					required
				/>
				{#if askZone}
					<Field
						name="zone"
						type="choice"
						label={m.time_zone()}
						bind:value={$form.zone}
						options={[
							{ value: '', label: m.pick_one_inline() },
							...country!.zones.map((zone) => ({ value: zone, label: zone }))
						]}
						problem={$errors.zone?.[0]}
						required
					/>
				{:else}<input type="hidden" name="zone" value={$form.zone} />{/if}
				<Field
					name="farm"
					label={m.what_the_farm_is_called()}
					bind:value={$form.farm}
					problem={$errors.farm?.[0]}
					required
				/>
			</div>
			<section class="grid gap-1 content-start" aria-label={m.what_follows_from_the_country()} aria-live="polite">
				{#if facts.length > 0}
					<h2 class="text-[1.2rem]">{m.what_follows_from_the_country()}</h2>
					<dl class="grid grid-cols-[minmax(110px,0.5fr)_1fr] gap-x-4 gap-y-1.5">
						{#each facts as fact (fact.name)}
							<dt class="text-soft">{fact.name}</dt>
							<dd class="m-0 font-semibold">{fact.text}</dd>
						{/each}
					</dl>
					<p class="lab">{m.all_of_it_can_be_changed()}</p>
				{/if}
			</section>
		</div>
		<fieldset class="grid gap-3.5 border-0 p-0 m-0">
			<legend class="mb-1.5 font-semibold">{m.what_it_sprays_with()}</legend>
			<div class="grid grid-cols-4 gap-2 phone:grid-cols-2">
				{#each sprayerKinds as kind (kind)}
					<label
						class="grid min-h-24 cursor-pointer content-start gap-1 rounded-md border-2 p-2.5 {$form.kind === kind
							? 'border-dye bg-card'
							: 'border-field-border'}"
					>
						<span class="flex items-center gap-2"
							><input type="radio" name="kind" value={kind} bind:group={$form.kind} /><b>{kindWords[kind].name}</b
							></span
						>
						<SprayerMini {kind} nozzles={10} />
						<small class="text-soft text-[0.85rem] leading-[1.2]">{kindWords[kind].what}</small>
					</label>
				{/each}
			</div>
			<div class="card grid grid-cols-[1fr_1fr] gap-4.5 py-4 px-4.5 phone:grid-cols-1">
				<Field
					name="name"
					label={m.name_of_the_sprayer()}
					bind:value={$form.name}
					problem={$errors.name?.[0]}
					required
				/>
				<Field
					name="tank"
					label={m.what_the_tank_holds({ unit: shortUnit(units.tank) })}
					inputmode="decimal"
					bind:value={$form.tank}
					problem={$errors.tank?.[0]}
					required
				/>
			</div>
		</fieldset>
		<div class="flex flex-wrap gap-3.5">
			<button class="btn go big" name="next" value="calibrate" disabled={$submitting}
				>{m.go_to_the_first_calibration()}</button
			>
			<button class="btn big" name="next" value="full-tank" disabled={$submitting}>{m.go_to_one_full_tank()}</button>
		</div>
	</form>
</main>
