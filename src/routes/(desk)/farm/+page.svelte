<script lang="ts">
	import { m } from '$words';
	import { getLocale } from '$words/runtime.js';
	import Toggle from '$lib/kit/Toggle.svelte';
	import { onMount, untrack } from 'svelte';
	import { asWritten } from '$lib/wording/as-written';
	import { machineZone } from '$lib/settings/farm-time';
	import { requirable, sprayerChecks } from '$core';
	import { checkTitle } from '$lib/wording/sprayer-checks';
	import type { ActionData, PageData } from './$types';
	import FarmSafety from '$lib/farm/FarmSafety.svelte';
	import FarmPlace from '$lib/farm/FarmPlace.svelte';
	import Subject from '$lib/farm/Subject.svelte';
	import { farmSubjects } from '$lib/farm/subjects';
	import { openForm } from '$lib/kit/open-form';
	import Field from '$lib/kit/Field.svelte';
	import Seen from '$lib/kit/Seen.svelte';
	import { mostMeasures } from '$lib/settings/limits';
	import { longUnit } from '$lib/settings/field-units';
	import { rateUnits } from '$lib/settings/rate-units';
	import { requiredWords } from '$lib/wording/records';
	import { skillFields, usualText } from '$lib/forms/skill-form';

	let { data, form: answered }: { data: PageData; form: ActionData } = $props();
	let skill = $state(untrack(() => ({ ...data.skill })));
	const problems = $derived<Record<string, string | undefined>>(
		(answered as { problems?: Record<string, string> } | null)?.problems ?? {}
	);
	type JugProblems = { measures?: { problems: Record<string, string> } };
	const jugProblems = $derived<Record<string, string | undefined>>(
		(answered as JugProblems | null)?.measures?.problems ?? {}
	);
	let weather = $state(untrack(() => ({ ...data.weather })));
	let due = $state(untrack(() => ({ ...data.due })));
	let ownChecks = $state(untrack(() => data.checks.own));
	let safety = $state(untrack(() => ({ ...data.safety })));
	const dueLines = [
		{ name: 'dueSeason', label: m.when_the_season_starts(), hint: m.month_and_day_like_03_01() },
		{ name: 'dueDays', label: m.after_days(), inputmode: 'numeric' },
		{ name: 'dueHours', label: m.after_hours_of_spraying(), inputmode: 'decimal' },
		{ name: 'dueArea', label: m.after_ground_sprayed(), hint: m.like_200_ha_or_500_ac() },
		{ name: 'dueAbrasive', label: m.after_hours_with_abrasive_products(), inputmode: 'decimal' }
	] as const;
	const weatherLines = [
		{ name: 'windLow', label: m.wind_from_title() },
		{ name: 'windHigh', label: m.wind_to() },
		{ name: 'deltaLow', label: m.delta_t_from_c(), inputmode: 'decimal' },
		{ name: 'deltaHigh', label: m.delta_t_to_c(), inputmode: 'decimal' }
	] as const;
	let nextKey = untrack(() => data.measures.length);
	let jugs = $state(untrack(() => data.measures.map((m, key) => ({ ...m, key }))));
	const addJug = () => jugs.push({ key: nextKey++, name: '', mark: '', holds: '' });
	const { form, errors, message, enhance } = openForm(
		untrack(() => data.form),
		{ stays: true }
	);
	// Until the farm was told its zone, the form offers the browser's, never the server's.
	onMount(() => {
		if (!data.zoneTold) form.update((f) => ({ ...f, timeZone: machineZone() }), { taint: false });
	});
	const zones = $derived([...new Set([$form.timeZone, 'UTC', ...data.zones])].filter(Boolean));
	const measures = $derived([
		{
			name: 'rateUnit' as const,
			title: m.answers_in(),
			why: m.the_unit_of_every_spray_volume(),
			options: rateUnits.map((u) => ({ value: u as string, label: longUnit(u) }))
		},
		{
			name: 'gallon' as const,
			title: m.a_bare_gallon_is(),
			why: m.and_so_pint_quart_and_fluid(),
			options: [
				{ value: 'US', label: asWritten(m.us_3_785_l(), $form.decimalComma) },
				{ value: 'Imperial', label: asWritten(m.imperial_4_546_l(), $form.decimalComma) }
			]
		}
	]);
	const methods = $derived([
		{
			name: 'school' as const,
			title: m.the_working_is_shown(),
			why: m.all_of_them_give_the_same(),
			options: [
				{ value: 'units', label: m.by_units() },
				{ value: '5940', label: m.with_5940() },
				{ value: '600', label: m.with_600() },
				{ value: 'hour', label: m.per_hour() },
				{ value: 'reading', label: m.the_reading_is_the_answer() }
			]
		},
		{
			name: 'evenRule' as const,
			title: m.a_nozzle_is_even_within(),
			why: m.both_figures_are_shown_this_one(),
			options: [
				{ value: 'average', label: m.n5_of_the_others() },
				{ value: 'rated', label: m.n10_of_rated() }
			]
		},
		{
			name: 'adjustFirst' as const,
			title: m.to_change_a_volume_reach_first(),
			why: m.up_to_10_by_pressure_up(),
			options: [
				{ value: 'pressure', label: m.the_pressure() },
				{ value: 'speed', label: m.the_speed_title() }
			]
		}
	]);
</script>

<svelte:head><title>{m.farm_fallow()}</title></svelte:head>

<main class="plain-page">
	{#snippet picks(choices: typeof measures | typeof methods)}
		{#each choices as choice (choice.name)}
			<fieldset>
				<legend class="font-semibold">{choice.title}</legend>
				<p class="lab">{choice.why}</p>
				<div class="flex flex-wrap gap-2 mt-1.5">
					{#each choice.options as option (option.value)}
						<label class="option">
							<input
								type="radio"
								name={choice.name}
								value={option.value}
								checked={$form[choice.name] === option.value}
								onchange={() => form.update((f) => ({ ...f, [choice.name]: option.value }))}
							/>
							<span>{option.label}</span>
						</label>
					{/each}
				</div>
			</fieldset>
		{/each}
	{/snippet}
	<div class="page-head">
		<h1>{m.the_farm_and_how_it_measures()}</h1>
		<div class="flex flex-wrap gap-2.5">
			<a class="btn plain" href="/calendar?language={getLocale()}" data-sveltekit-reload
				>{m.calendar_of_what_is_due()}</a
			>
			<a class="btn" href="/people">{m.people()}</a>
			<a class="btn" href="/farm-file">{m.all_of_it_in_a_file()}</a>
		</div>
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] items-start gap-6 min-[1000px]:grid-cols-[190px_minmax(0,1fr)]">
		<form method="post" use:enhance novalidate>
			<Seen seen={data.seen} />
			{#if $errors._errors}<p class="problem" role="alert">✕ {$errors._errors[0]}</p>{/if}
			<div class="gap-4 min-[1000px]:columns-2">
				<Subject subject={farmSubjects.measures}>
					<Field
						name="name"
						label={m.name_of_the_farm()}
						bind:value={$form.name}
						problem={$errors.name?.[0]}
						required
					/>
					{@render picks(measures)}
					<fieldset>
						<legend class="font-semibold">{m.decimal_sign()}</legend>
						<Toggle name="decimalComma" label={m.write_and_show_a_decimal_comma()} bind:checked={$form.decimalComma} />
					</fieldset>
					<fieldset>
						<legend class="font-semibold">{m.clock()}</legend>
						<Toggle name="hour12" label={m.times_with_12_hours()} bind:checked={$form.hour12} />
					</fieldset>
					<div id="zone" class="max-w-105">
						<Field
							name="timeZone"
							label={m.time_zone()}
							type="search"
							bind:value={$form.timeZone}
							options={zones.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') }))}
							problem={$errors.timeZone?.[0]}
							hint={m.the_farms_days_begin_there_whatever()}
						/>
					</div>
				</Subject>
				<Subject subject={farmSubjects.methods}>{@render picks(methods)}</Subject>
				<Subject subject={farmSubjects.due}>
					<div>
						<p class="lab">
							{m.after_a_part_was_changed_a()}
						</p>
						<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
							{#each dueLines as line (line.name)}
								<Field {...line} bind:value={due[line.name]} problem={problems[line.name]} />
							{/each}
						</div>
					</div>
				</Subject>
				<Subject subject={farmSubjects.jugs}>
					<div>
						<p class="lab">{m.each_amount_is_told_for_the()}</p>
						<div class="grid gap-2.5 my-2 mx-0">
							{#each jugs as jug, i (jug.key)}
								<div
									class="grid grid-cols-[1.4fr_1fr_1fr] gap-2.5 phone:grid-cols-[1fr_1fr]"
									role="group"
									aria-label={m.jug_or_scale({ i: i + 1 })}
								>
									<Field
										name="measure-name"
										label={m.called()}
										bind:value={jug.name}
										problem={jugProblems[`${i}.name`]}
									/>
									<Field
										name="measure-mark"
										label={m.one_mark_is()}
										bind:value={jug.mark}
										problem={jugProblems[`${i}.mark`]}
										hint={i === 0 ? m.like_50_ml_5_g_or() : ''}
									/>
									<Field
										name="measure-holds"
										label={m.it_holds()}
										bind:value={jug.holds}
										problem={jugProblems[`${i}.holds`]}
										hint={i === 0 ? m.like_5_l_2_kg_1() : ''}
									/>
								</div>
							{/each}
						</div>
						{#if jugs.length < mostMeasures}<button type="button" class="btn plain" onclick={addJug}
								>{m.add_a_jug_or_a_scale()}</button
							>{/if}
					</div>
				</Subject>
				<Subject subject={farmSubjects.weather}>
					<fieldset>
						<legend class="font-semibold">{m.weather_that_this_farm_sprays_in()}</legend>
						<p class="lab">
							{m.empty_is_as_usual_wind_3()}
						</p>
						<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
							{#each weatherLines as line (line.name)}
								<Field {...line} bind:value={weather[line.name]} problem={problems[line.name]} />
							{/each}
						</div>
					</fieldset>
					<FarmPlace bind:texts={safety} {problems} comma={data.farm.settings.decimalComma} />
				</Subject>
				<Subject subject={farmSubjects.emergency}><FarmSafety bind:texts={safety} {problems} /></Subject>
				<Subject subject={farmSubjects.records}>
					<div>
						<p class="lab">{m.the_operator_always_tick_what_your()}</p>
						<div class="flex flex-wrap gap-2 mt-1.5">
							{#each requirable as name (name)}
								{#if name !== 'operator' && name !== 'remarks'}
									<label class="option"
										><input
											type="checkbox"
											name="record-field"
											value={name}
											checked={data.recordFields.includes(name)}
										/>
										<span>{requiredWords(name)}</span></label
									>
								{/if}
							{/each}
						</div>
					</div>
				</Subject>
				<Subject subject={farmSubjects.checks}>
					<div>
						<p class="lab">{m.untick_what_this_farm_does_not()}</p>
						<div class="grid grid-cols-[repeat(auto-fill,minmax(260px,1fr))] gap-2 my-2">
							{#each sprayerChecks as check (check)}
								<label class="option"
									><input type="checkbox" name="check" value={check} checked={!data.checks.dropped.includes(check)} />
									<span>{checkTitle(check)}</span></label
								>
							{/each}
						</div>
						<Field
							label={m.checks_of_your_own_one_a()}
							type="lines"
							name="own-checks"
							bind:value={ownChecks}
							problem={problems['own-checks']}
						/>
					</div>
				</Subject>
				<Subject subject={farmSubjects.skill}>
					<div>
						<p class="lab">
							{m.what_each_rests_on_one_standard()}
						</p>
						<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
							{#each skillFields as field (field.name)}
								<Field
									name="skill-{field.name}"
									label="{field.label}, {field.unit}"
									inputmode="decimal"
									bind:value={() => skill[field.name] ?? '', (v) => (skill[field.name] = v)}
									problem={problems[field.name]}
									hint={usualText(field, data.farm.settings.decimalComma)}
								/>
							{/each}
						</div>
					</div>
				</Subject>
			</div>
			<div class="sticky bottom-(--under,0px) flex items-center gap-4 bg-paper py-2.5">
				<button class="btn go big">{m.save()}</button>
				{#if $message}<p role="status"><b>{$message}</b></p>{/if}
			</div>
		</form>
		<!-- After the form, so that its first field is near for a keyboard; drawn before it. -->
		<nav class="-order-1 min-[1000px]:sticky min-[1000px]:top-4" aria-label={m.subjects_of_settings()}>
			<ul class="flex flex-wrap gap-x-4.5 min-[1000px]:grid">
				{#each Object.values(farmSubjects) as subject (subject.id)}<li>
						<a class="tap" href="#{subject.id}">{subject.name}</a>
					</li>{/each}
			</ul>
		</nav>
	</div>
</main>

<style>
	fieldset {
		margin: 0;
		padding: 0;
		border: 0;
	}
	.option {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 48px;
		padding: 0 14px;
		border: 2px solid var(--field-border);
		border-radius: 6px;
		cursor: pointer;
	}
	.option:has(:checked) {
		border-color: var(--dye);
		background: var(--dye-wash);
		font-weight: 600;
	}
</style>
