<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import type { Component } from 'svelte';
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import type { PageData } from './$types';
	import TankMarks from '$lib/drawings/TankMarks.svelte';
	import TankReach from '$lib/drawings/TankReach.svelte';
	import { tankSums } from '$lib/check/tank-sums';
	import DoseEditor from '$lib/job/tank/DoseEditor.svelte';
	import { FullTankState, fills } from '$lib/job/tank/full-tank.svelte';
	import Field from '$lib/kit/Field.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import { longUnit, shortUnit } from '$lib/settings/field-units';
	import { shownRate, wideWords } from '$lib/show/answer';
	import { tidyFigure } from '$lib/show/at-mark';
	import { shownTank } from '$lib/show/shown-tank';
	import { jobStartHref } from '$lib/wire/job-start-href';
	import { wordIssue } from '$lib/wording/issues';
	import { unitsLike } from '$lib/settings/unit-lists';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const query = page.url.searchParams;
	const tank = untrack(
		() =>
			new FullTankState(
				{
					settings: data.farm.settings,
					calibrations: data.calibrations,
					products: data.products,
					get mixes() {
						return data.mixes;
					}
				},
				{
					calibration: data.unsigned ?? query.get('calibration') ?? query.get('sprayer') ?? '',
					mix: query.get('mix') ?? ''
				}
			)
	);
	/** Asked for the name of a mix: loaded when it is. */
	let MixDialog = $state<Component<{ tank: FullTankState; open: boolean; onclose: () => void }>>();
	let saving = $state(false);
	async function save() {
		MixDialog ??= (await import('$lib/job/tank/MixDialog.svelte')).default;
		saving = true;
	}
	const sums = $derived(tankSums(tank));
	const c = $derived(tank.calibration);
	const rate = $derived(c && shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma));
	const said = $derived(
		tank.read.ok
			? shownTank(tank.read.value, tank.products, { relativeU95: tank.relativeU95, settings, tank: tank.mixTyped })
			: null
	);
	const whole = $derived(tank.issues.find((i) => i.code === 'products-fill-tank'));
	const fillWords = { full: m.full(), half: m.half(), typed: m.another_amount() } as const;
	const sources = $derived([
		...data.calibrations.map((one) => ({
			value: one.id,
			label: [one.sprayer, one.setting].filter(Boolean).join(', ')
		})),
		{ value: '', label: m.a_spray_volume_that_i_type() }
	]);
</script>

<svelte:head><title>{m.one_full_tank_fallow()}</title></svelte:head>

<main class="tank-page">
	<section class="grid gap-2.5 content-start" aria-label={m.what_one_tank_covers()}>
		<h1>{m.one_full_tank()}</h1>
		<Field label={m.sprayer()} type="choice" bind:value={tank.calibrationId} options={sources} />
		{#if tank.lost && !c}<p class="look">
				{m.that_calibration_was_withdrawn_or_it()}
			</p>{/if}
		{#if !c}
			<div class="grid grid-cols-2 gap-3">
				<Field
					label={m.spray_volume_rate_unit({ rateUnit: longUnit(settings.rateUnit) })}
					bind:value={tank.volume}
					problem={tank.problem('volume')}
				/>
				<Field
					label={m.tank()}
					units={unitsLike(tank.units.tank)}
					bind:value={tank.tank}
					problem={tank.problem('mix')}
				/>
			</div>
		{:else if c.id === data.unsigned}<p class="look">
				{m.this_calibration_is_not_signed_yet()}
				<a href="/rounds/{c.id}/volume">{m.back_to_it()}</a>
			</p>
		{:else if c.id === data.older}<p class="look">
				{m.there_is_a_newer_calibration_of({ signedDay: dayText(c.signedDay) })}
			</p>
		{:else if c.doubt}<p class="look">{m.this_calibration_is_in_doubt_calibrate()}</p>{/if}
		{#if said}
			<div class="grid grid-cols-[minmax(0,1fr)_118px] gap-4 items-end" aria-live="polite">
				<div>
					<p>
						{#if rate}{m.at_inline()} <b>{rate.value}</b>
							{rate.unit} ± {rate.interval}{:else}{m.at_a_volume_as_typed_not()}{/if}
					</p>
					<p class="num hero" data-testid="covers">{said.area.figure}<small>{said.area.unit}</small></p>
					{#if said.range}<p><b>{said.range}</b>{tank.treated < 1 ? m.of_treated_ground() : ''}</p>{/if}
					<p class="lab">{said.working}</p>
				</div>
				<TankMarks full={tank.fill === 'half' ? 0.5 : 1} mix={said.mix.figure} unit={said.mix.unit} />
			</div>
			{#if rate?.tooWide}<p class="look">▲ {wideWords(tank.relativeU95, settings.decimalComma)}</p>{/if}
			<TankReach {...said.reach} unit={said.area.unit} write={(v) => tidyFigure(v, 3, settings.decimalComma)} />
		{:else if whole}<p class="problem" role="alert">✕ {wordIssue(whole)}</p>
		{:else}<p class="lab">{m.type_the_spray_volume_and_what()}</p>{/if}
		<Segmented
			label={m.how_full()}
			options={fills.map((value) => ({ value, label: fillWords[value] }))}
			value={tank.fill}
			onchange={(fill) => (tank.fill = fill)}
		/>
		{#if tank.fill === 'typed'}<Field
				label={m.in_the_tank_tank({ tank: shortUnit(tank.units.tank) })}
				bind:value={tank.amount}
				problem={tank.problem('mix')}
			/>{/if}
	</section>

	<section class="grid gap-2 content-start" aria-label={m.what_goes_in()}>
		<div class="flex flex-wrap items-end justify-between gap-3">
			<h2>{m.what_goes_in()}</h2>
			{#if data.mixes.length > 0}
				<div class="w-56">
					<Field
						label={m.tank_mix()}
						type="choice"
						bind:value={() => tank.mixId, (id) => tank.useMix(id)}
						options={[{ value: '', label: m.none() }, ...data.mixes.map((m) => ({ value: m.id, label: m.mix.name }))]}
					/>
				</div>
			{/if}
		</div>
		<ul class="grid">
			{#each tank.lines as line, i (line.key)}
				{@const p = said?.products[i]}
				<li class="border-b border-b-rule py-2.5">
					{#if tank.writing?.key === line.key}<DoseEditor {tank} />
					{:else if p}
						<div class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 items-baseline">
							<h3>{p.name}</h3>
							<p class="num text-[2.3rem] leading-none text-right" data-testid="amount">
								{p.amount.figure} <small>{p.amount.unit}</small>
							</p>
							<button
								type="button"
								class="dose"
								aria-label={m.edit_name({ name: p.name, dose: p.dose })}
								onclick={() => tank.write(line)}>{p.dose}</button
							>
							<p class="text-right"><b>{p.perMix}</b></p>
							{#if p.mark}<p class="col-span-full text-right lab">{m.at_the_mark_inline()} <b>{p.mark}</b></p>
							{:else if p.coarse}<p class="col-span-full look">{m.no_jug_or_scale_of_the()}</p>{/if}
							{#if p.onGround}<p class="col-span-full lab">
									{m.makes_it({ interval: rate?.interval ?? '', onGround: p.onGround })}
								</p>{/if}
						</div>
					{/if}
				</li>
			{/each}
			{#if said}
				<li class="grid grid-cols-[minmax(0,1fr)_auto] items-baseline py-2.5">
					<div>
						<h3>{m.water()}</h3>
						<p class="lab">{m.up_to_text({ text: said.mix.text })}</p>
					</div>
					<p class="num text-[2rem] leading-none" data-testid="water">
						{said.water.figure} <small>{said.water.unit}</small>
					</p>
				</li>
			{/if}
		</ul>
		{#if tank.writing && !tank.lines.some((l) => l.key === tank.writing?.key)}<DoseEditor {tank} />{/if}
		<p class="lab">{m.the_label_in_your_hand_decides_and_local()}</p>
		{#if sums.length > 0}
			{#await import('$lib/check/CheckSum.svelte') then { default: CheckSum }}<CheckSum
					sources={sums}
					{settings}
				/>{/await}
		{/if}
		<button type="button" class="btn plain justify-self-start" disabled={tank.lines.length === 0} onclick={save}
			>{m.save_as_tank_mix()}</button
		>
		<div class="foot">
			<a class="btn go big flex-auto" href={jobStartHref(tank.job)}>{m.plan_a_job_from_this()}</a>
		</div>
	</section>
</main>
{#if MixDialog}<MixDialog {tank} open={saving} onclose={() => (saving = false)} />{/if}

<style>
	.tank-page {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
		gap: 32px;
		max-width: 1120px;
		margin: 0 auto;
		padding: 20px 24px;
	}
	.hero {
		font-size: clamp(4rem, 15vw, 6.2rem);
		line-height: 0.95;
	}
	small {
		margin-left: 0.25em;
		font: 600 1.05rem var(--font-text);
	}
	.dose {
		justify-self: start;
		min-height: 48px;
		border: 0;
		background: none;
		color: var(--dye-text);
		font: inherit;
		text-decoration: underline dashed;
		text-underline-offset: 5px;
		cursor: pointer;
	}
	.foot {
		position: sticky;
		bottom: var(--under, 0px);
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
		padding: 10px 0;
		background: var(--paper);
	}
	@media (max-width: 859px) {
		.tank-page {
			grid-template-columns: minmax(0, 1fr);
			gap: 14px;
			padding: 14px 16px;
		}
	}
</style>
