<!-- @component A job as it is planned or edited: ground, volume, products and time, and beside it what they come to. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { v7 } from 'uuid';
	import { enhance } from '$app/forms';
	import DilutionTable from '$lib/job/DilutionTable.svelte';
	import DoseAreaPicker from '$lib/job/DoseAreaPicker.svelte';
	import Field from '$lib/kit/Field.svelte';
	import JobGroundPicker from './JobGroundPicker.svelte';
	import JobVolume from './JobVolume.svelte';
	import LabelCards from '$lib/job/LabelCards.svelte';
	import { productsOfJob } from '$lib/show/shown-plan';
	import LoadCards from '$lib/job/LoadCards.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import TimedField from '$lib/kit/TimedField.svelte';
	import Toggle from '$lib/kit/Toggle.svelte';
	import SplitTable from './SplitTable.svelte';
	import StopReasons from '$lib/job/StopReasons.svelte';
	import { longUnit } from '$lib/settings/field-units';
	import { typedText } from '$lib/settings/typed-text';
	import { stopKey } from '$lib/wire/stop-key';
	import { plainRate, shownRate, wideWords } from '$lib/show/answer';
	import type { JobPlanState } from './job-plan.svelte';
	import { dropletWords } from '$lib/wording/nozzles';
	import { dilutionWords } from '$lib/wording/products';

	import { dilutions, dropletClasses, labelStops, showFigure } from '$core';
	import Fold from '$lib/kit/Fold.svelte';
	import { unitsLike } from '$lib/settings/unit-lists';

	interface Props {
		plan: JobPlanState;
		title: string;
		submit: string;
		/** Where the way back leads. */
		back: string;
		/** Area that a tank plan was for, as it was typed. */
		area?: string | undefined;
		/** What the server refused, in words. */
		message?: string | undefined;
		/** Keeps it on this device under an id; left out where its form goes to the server. */
		onkeep?: (id: string) => void;
		/** It is being kept. */
		busy?: boolean;
		/** What stands under the title. */
		note?: Snippet;
	}
	let { plan, title, submit, back, area, message, onkeep, busy = false, note }: Props = $props();
	const settings = $derived(plan.source.settings);
	const id = v7();
	const c = $derived(plan.calibration);
	const rate = $derived(c && shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma));
	const names = $derived(plan.job?.products.map((p) => p.label.name) ?? []);
	const share = $derived(`${showFigure(plan.treated * 100, 3, settings.decimalComma)} %`);
	const thick = $derived(plan.read.ok ? plan.read.value.concentration : null);
	const stops = $derived(labelStops(plan.findings));
</script>

<svelte:head><title>{m.fallow_title({ title })}</title></svelte:head>

<main class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] min-h-[calc(100dvh_-_56px)] phone:grid-cols-1">
	<form
		class="grid grid-cols-1 gap-4 content-start py-5 px-6"
		method="post"
		novalidate
		use:enhance={({ cancel, formData }) => {
			const asked = plan.asked(id);
			if (onkeep || !asked || !plan.ready) {
				cancel();
				if (asked && plan.ready) onkeep?.(id);
				return;
			}
			formData.set('job', JSON.stringify(asked));
		}}
	>
		<h1>{title}</h1>
		{@render note?.()}
		{#if plan.lost && plan.calibrationId === ''}<p class="look">
				{m.the_calibration_that_this_came_from()}
			</p>{/if}
		<fieldset>
			<legend>{m.fields()}</legend>
			{#if area}<p class="lab">
					{m.the_tank_plan_was_for()} <b>{area}</b>{m.pick_the_field_that_it_is()}
				</p>{/if}
			{#if plan.source.blocks.length === 0}<p class="lab">
					{m.no_ground_is_known_yet()} <a href="/ground/new">{m.add_a_block()}</a>.
				</p>{/if}
			<JobGroundPicker {plan} />
		</fieldset>
		<fieldset>
			<legend>{m.how_much_mix_goes_on_it()}</legend>
			<JobVolume {plan} />
			<div class="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] gap-x-4 gap-y-2 items-start phone:grid-cols-1">
				<Field
					label={m.tank()}
					units={unitsLike(plan.units.tank)}
					bind:value={plan.tank}
					problem={plan.problem('tank')}
				/>
				<Field label={m.on_title()} type="date" bind:value={plan.day} />
			</div>
		</fieldset>
		<fieldset>
			<legend>{m.products()}</legend>
			{#each plan.unknown as dose, i (i)}
				<p class="look">
					{m.fallow_has_no_label_of_it({ name: dose.name, dose: typedText(dose.dose) })}
					<a href="/products/new">{m.add_the_product()}</a>{m.then_plan_the_job_with_it()}
				</p>
			{/each}
			{#each plan.lines as line, i (line.key)}
				<div
					class="product grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] gap-x-4 gap-y-2 items-start phone:grid-cols-1"
					role="group"
					aria-label={m.product({ i: i + 1 })}
				>
					<Field
						label={m.product_title()}
						type="search"
						bind:value={() => line.id, (picked) => plan.pick(line, picked)}
						options={[
							{ value: '', label: m.none() },
							...plan.source.products.map((p) => ({ value: p.id, label: p.label.name }))
						]}
					/>
					<Field label={m.dose()} bind:value={line.dose} problem={plan.doseProblem(line)} />
					{#if plan.asks(line).per}<div class="col-span-full">
							<DoseAreaPicker value={line.per} onpick={(per) => (line.per = per)} />
						</div>{/if}
					{#if plan.asks(line).dilution}<div class="col-span-full">
							<Segmented
								label={m.n100_l_of_the_dose_are()}
								options={dilutions.map((value) => ({ value, label: dilutionWords[value] }))}
								value={line.dilution as 'mix'}
								onchange={(dilution) => (line.dilution = dilution)}
							/>
						</div>{/if}
				</div>
			{/each}
			<button type="button" class="btn plain justify-self-start" onclick={() => plan.addLine()}
				>{m.add_a_product()}</button
			>
			{#if plan.canopy}
				<Field
					label={m.volume_to_run_off({ rateUnit: longUnit(settings.rateUnit) })}
					bind:value={plan.dilute}
					problem={plan.problem('dilute')}
					hint={m.dilute_spray_that_wets_these_trees()}
				/>
			{/if}
			{#if c}<Field
					label={m.drops_of_this_setting()}
					type="choice"
					bind:value={plan.drops}
					options={[
						{ value: '', label: m.not_known() },
						...dropletClasses.map((drops) => ({ value: drops, label: dropletWords[drops] }))
					]}
				/>{/if}
		</fieldset>
		<Fold title={m.time_and_harvest()}>
			<div class="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] gap-x-4 gap-y-2 items-start phone:grid-cols-1">
				<TimedField
					label={m.fill_and_mix_a_load()}
					long
					decimalComma={settings.decimalComma}
					bind:value={plan.fill}
					problem={plan.problem('pace.fill')}
				/>
				<TimedField
					label={m.drive_to_water_and_back()}
					long
					decimalComma={settings.decimalComma}
					bind:value={plan.drive}
					problem={plan.problem('pace.drive')}
				/>
				<Field label={m.begins_at()} type="time" bind:value={plan.start} problem={plan.problem('pace.start')} />
				<Field label={m.the_day_ends_at()} type="time" bind:value={plan.end} problem={plan.problem('pace.end')} />
				<Field
					label={m.field_efficiency()}
					inputmode="decimal"
					bind:value={plan.efficiency}
					problem={plan.problem('pace.efficiency')}
					hint={m.what_turns_and_stops_leave_of()}
				/>
				<Toggle label={m.rows_sprayed_one_way_only_drives()} bind:checked={plan.oneWay} />
				<Field label={m.harvest_wanted_on()} type="date" bind:value={plan.harvest} hint={m.held_against_the_labels()} />
			</div>
		</Fold>
		<Field label={m.notes()} bind:value={plan.notes} problem={plan.problem('notes')} />
		<StopReasons
			{stops}
			reasonOf={(stop) => plan.reasons[stopKey(stop)] ?? ''}
			onreason={(stop, reason) => (plan.reasons[stopKey(stop)] = reason)}
		/>
		{#if message}<p class="problem" role="alert">✕ {message}</p>{/if}
		<div class="sticky bottom-(--under,0px) flex gap-3.5 py-2.5 px-0 bg-paper">
			<button class="btn go big" disabled={!plan.ready || busy}>{submit}</button>
			<a class="btn plain justify-self-start" href={back}>{m.back_title()}</a>
		</div>
	</form>
	<aside
		class="grid grid-cols-1 gap-4 content-start py-5 px-6 border-l border-l-rule bg-paper-deep phone:border-0"
		aria-label={m.what_it_comes_to()}
	>
		{#if plan.by === 'calibration' && rate && c}
			<p class="lab">{m.at_sprayer({ sprayer: c.sprayer })} <b>{rate.value} {rate.unit} ± {rate.interval}</b></p>
			{#if rate.tooWide}<p><b>▲ {wideWords(c.relativeU95, settings.decimalComma)}</b></p>{/if}
		{:else if plan.rate !== null}
			<p class="lab">{plan.by === 'trial' ? m.wet_at() : m.mix_for_it()} <b>{plainRate(plan.rate, settings)}</b></p>
		{/if}
		{#if plan.treated < 1}
			<p class="py-2.5 px-3.5 border-l-6 border-l-dye bg-dye-wash">
				{m.bands_colon()} <b>{share}</b>
				{m.of_the_field_is_treated_volume()}
			</p>
		{/if}
		{#if thick !== null && Math.abs(thick - 1) > 0.005}
			<p class="py-2.5 px-3.5 border-l-6 border-l-dye bg-dye-wash">
				<b>{m.concentrate({ thick: showFigure(thick, 3, settings.decimalComma) })}</b>{m.the_volume_to_run_off_over()}
			</p>
		{/if}
		<LabelCards findings={plan.findings} {settings} />
		{#if plan.splits && plan.chosen}
			<SplitTable
				choices={plan.splits.choices}
				offered={plan.splits.offered}
				picked={plan.chosen.split}
				less={plan.less}
				{settings}
				pace={plan.read.ok ? plan.read.value.pace : null}
				onpick={(split) => (plan.split = split)}
			/>
			{#if plan.chosen.plan && plan.job && plan.read.ok}
				<LoadCards
					plan={plan.chosen.plan}
					sheet={plan.read.value.sheet}
					products={productsOfJob(plan.job, plan.read.value.sheet, plan.chosen.plan)}
					{settings}
				/>
			{/if}
			{#if plan.by !== 'calibration' && plan.read.ok && names.length > 0}
				<DilutionTable sheet={plan.read.value.sheet} {settings} />
			{/if}
		{:else}
			<p class="lab">
				{plan.by === 'calibration' ? m.pick_the_ground_and_a_calibration() : m.pick_the_ground_and_say_how()}
			</p>
			{#each plan.issues.filter((i) => ['blocks', 'rate', 'dilute'].includes(i.path) || /\.(per|dilution)$/.test(i.path)) as issue (issue.path)}
				<p class="lab">{plan.problem(issue.path)}</p>
			{/each}
		{/if}
		<p class="lab">
			<b>{m.the_label_in_your_hand_decides()}</b>{m.and_local_rules_above_it_never()}
		</p>
	</aside>
</main>

<style>
	fieldset {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 10px;
		min-width: 0;
		margin: 0;
		padding: 0;
		border: 0;
	}
	legend {
		padding: 0 0 6px;
		font: 700 1.15rem var(--font-figures);
		font-stretch: 82%;
	}
</style>
