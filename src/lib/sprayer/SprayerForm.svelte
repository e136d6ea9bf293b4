<!-- @component A sprayer's form, by its kind, with the sprayer drawn as it is typed. -->
<script lang="ts">
	import { m } from '$words';
	import Seen from '$lib/kit/Seen.svelte';
	import { untrack } from 'svelte';
	import type { SuperValidated } from 'sveltekit-superforms';
	import type { SprayerFormText, SprayerText } from '$core';
	import { carried, carriers, drives, fields, inUnit, readField, showFigure, sprayerKinds, si } from '$core';
	import SprayerMini from '$lib/drawings/SprayerMini.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits, shortUnit } from '$lib/settings/field-units';
	import { readSprayerForm } from '$lib/forms/typed-sprayer';
	import { carriedWords, carrierWords, driveWords, kindWords } from '$lib/wording/describe-sprayer';
	import { openForm } from '$lib/kit/open-form';
	import Field from '$lib/kit/Field.svelte';
	import SprayerDrawing from './SprayerDrawing.svelte';
	import { asWritten } from '$lib/wording/as-written';
	import Fold from '$lib/kit/Fold.svelte';
	import { unitsLike } from '$lib/settings/unit-lists';

	interface Props {
		form: SuperValidated<{ -readonly [K in keyof SprayerFormText]: SprayerFormText[K] } & Record<string, unknown>>;
		settings: FarmSettings;
		submit: string;
		cancel: string;
		/** What it was opened on; empty for a new one. */
		seen?: string;
		/** The kind stays as it is: its calibrations belong to it. */
		fixed?: boolean;
	}
	let { form: initial, settings, submit, cancel, seen = '', fixed = false }: Props = $props();

	const { form, errors, enhance, submitting } = openForm(untrack(() => initial));
	const units = $derived(fieldUnits(settings));
	const kind = $derived($form.kind);
	const drawn = $derived.by(() => {
		const { rig: sprayer } = readSprayerForm($form as SprayerFormText, settings);
		if (sprayer.uncounted) return null;
		const sum = sprayer.sections.reduce((s, n) => s + n, 0);
		if (!(Number.isInteger(sprayer.nozzles) && sprayer.nozzles >= 1 && sprayer.nozzles <= 144)) return null;
		const spacing = sprayer.spacing ? readField(fields.spacing, sprayer.spacing, '') : null;
		const unit = units.course;
		const width = spacing?.ok
			? `${showFigure(inUnit('length', si((spacing.value.value * sprayer.nozzles) / (sprayer.stacked ?? 1)), unit), 4, settings.decimalComma)} ${unit}`
			: sprayer.kind === 'boom'
				? '?'
				: '';
		return { rig: { ...sprayer, sections: sum === sprayer.nozzles ? sprayer.sections : [sprayer.nozzles] }, width };
	});
	const sizesExample = $derived(
		settings.decimalComma ? asWritten('1.0; 1.5; 1.5; 2.0', true) : asWritten('1.0, 1.5, 1.5, 2.0', false)
	);
	let more = $state(
		untrack(() =>
			(
				[
					'agitation',
					'dead',
					'pressureLow',
					'fanAngle',
					'band',
					'makerSwath',
					'pump',
					'speedLow',
					'groups',
					'sectionNames',
					'stacked',
					'tips'
				] as const
			).some((name) => $form[name] !== '' && (name !== 'groups' || $form.kind === 'boom'))
		)
	);
	// What is wrong has to be seen; what was opened stays open while it is mended.
	$effect.pre(() => {
		if (Object.values($errors).some(Boolean)) more = true;
	});
	const first = (name: SprayerText) => ($errors[name] as string[] | undefined)?.[0];
	const ratingExample = $derived(asWritten('1.0 = 1.00 L/min\n1.5 = 1.50 L/min', settings.decimalComma));
	const tipsExample = $derived(asWritten('110-03 = 1.18 L/min\n110-04 = 1.58 L/min', settings.decimalComma));
	/** Name, kind and tank are enough to begin with. */
	const later = m.empty_later();
	/** The unit that a number alone means, of each figure that has one. */
	const unitOf = $derived<Partial<Record<SprayerText, string>>>({
		tank: units.tank,
		agitation: units.tank,
		dead: units.tank,
		spacing: units.spacing,
		fanHeight: units.spacing,
		band: units.spacing,
		bandRowSpacing: units.spacing,
		makerLow: units.spacing,
		makerHigh: units.spacing,
		rowSpacing: units.course,
		makerSwath: units.course,
		pressureLow: units.pressure,
		pressureHigh: units.pressure,
		ratedAt: units.pressure,
		speedLow: units.speed,
		speedHigh: units.speed
	});
	const bare = (unit: string) => m.no_unit_means({ unit: shortUnit(unit) });
</script>

{#snippet field(name: SprayerText, label: string, hint: string, required = false, numeric = false)}
	<Field
		{name}
		{label}
		{hint}
		{required}
		inputmode={numeric ? 'numeric' : 'text'}
		units={unitOf[name] ? unitsLike(unitOf[name]) : undefined}
		bind:value={$form[name]}
		problem={first(name)}
	/>
{/snippet}

<form
	class="grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] gap-4.5 phone:grid-cols-1"
	method="post"
	use:enhance
	novalidate
>
	<Seen {seen} />
	<div class="grid gap-3.5 content-start">
		{#if fixed}
			<input type="hidden" name="kind" value={kind} />
		{:else}
			<fieldset class="kinds grid grid-cols-[1fr_1fr] gap-2">
				<legend class="mb-1.5 font-semibold">{m.what_it_is()}</legend>
				{#each sprayerKinds as k (k)}
					<label class:on={kind === k}>
						<input class="absolute opacity-[0]" type="radio" name="kind" value={k} bind:group={$form.kind} />
						<SprayerMini kind={k} nozzles={10} />
						<span
							><b>{kindWords[k].name}</b><small class="block text-soft text-[0.85rem] leading-[1.2]"
								>{kindWords[k].what}</small
							></span
						>
					</label>
				{/each}
			</fieldset>
		{/if}
		<div class="fields card grid grid-cols-[1fr_1fr] gap-x-4.5 gap-y-3.5 content-start py-4 px-4.5">
			{@render field('name', m.name(), m.what_you_call_it(), true)}
			{@render field('tank', m.tank(), m.what_it_holds({ tank: bare(units.tank) }), true)}
			{#if kind === 'boom'}
				{@render field('nozzles', m.nozzles_title(), m.all_on_the_boom_like_12({ later }), false, true)}
				{@render field('spacing', m.nozzle_spacing(), m.empty_the_width_is_taped({ spacing: bare(units.spacing) }))}
				{@render field('sections', m.sections(), m.nozzles_in_each_left_to_right())}
			{:else if kind === 'boomless'}
				{@render field('nozzles', m.nozzles_title(), m.all_of_them_like_5({ later }), false, true)}
				{@render field('sections', m.parts_that_can_be_shut(), m.nozzles_left_and_right_like_2())}
				{@render field('groups', m.which_is_which(), m.where_they_differ_on_purpose_edge())}
			{:else if kind === 'airblast'}
				{@render field('perSide', m.nozzles_a_side(), m.on_one_side_of_the_arc({ later }), false, true)}
				{@render field('rowSpacing', m.row_spacing(), bare(units.course))}
				{@render field('groups', m.sizes_bottom_to_top(), m.of_one_side_like_empty_all({ sizesExample }))}
			{:else}
				<Field
					name="carried"
					type="choice"
					label={m.how_it_is_carried()}
					bind:value={() => $form.carried, (one) => ($form.carried = one as typeof $form.carried)}
					options={carried.map((one) => ({ value: one, label: carriedWords[one] }))}
				/>
				{@render field('nozzles', m.nozzles_title(), m.on_the_wand_empty_one(), false, true)}
			{/if}
			{@render field('nozzle', m.stamped_on_the_nozzle(), m.as_you_call_it_like_110())}
			{@render field('ratedFlow', m.rated_flow_of_one_nozzle(), m.from_its_sheet({ flow: bare(units.flow) }))}
			{@render field('ratedAt', m.at_a_pressure_of(), m.no_unit_means_empty_both_if({ pressure: units.pressure }))}
			{#if kind === 'airblast' || kind === 'boomless' || (kind === 'boom' && $form.groups !== '')}
				<div class="wide col-[1/3]">
					<Field
						name="ratings"
						type="lines"
						label={m.rated_flow_of_each_size_at()}
						rows={3}
						bind:value={$form.ratings}
						problem={first('ratings')}
						placeholder={ratingExample}
					/>
				</div>
			{/if}
		</div>
		<Fold
			class="card"
			headClass="px-4.5"
			bind:open={more}
			title={m.more_drive_agitation_pressures({
				which: kind === 'boom' ? m.fans_bands() : kind === 'boomless' ? m.makers_swath_after() : ''
			})}
		>
			<div class="fields grid grid-cols-[1fr_1fr] gap-x-4.5 gap-y-3.5 content-start py-4 px-4.5">
				{#if kind !== 'knapsack'}
					<Field
						name="drive"
						type="choice"
						label={m.what_turns_the_pump()}
						bind:value={() => $form.drive, (one) => ($form.drive = one as typeof $form.drive)}
						options={[
							{ value: '', label: m.not_said() },
							...drives.map((one) => ({ value: one, label: driveWords[one] }))
						]}
					/>
				{/if}
				{#if kind === 'boom' || kind === 'boomless'}
					<Field
						name="carrier"
						type="choice"
						label={m.what_carries_it()}
						bind:value={() => $form.carrier, (one) => ($form.carrier = one as typeof $form.carrier)}
						options={[
							{ value: '', label: m.not_said() },
							...carriers.map((one) => ({ value: one, label: carrierWords[one] }))
						]}
					/>
				{/if}
				{@render field('agitation', m.least_that_agitation_stirs(), bare(units.tank))}
				{@render field('dead', m.what_cannot_be_sprayed_out(), bare(units.tank))}
				{#if kind !== 'knapsack'}
					{@render field(
						'sectionNames',
						kind === 'airblast' ? m.what_each_side_is_called() : m.what_each_section_is_called(),
						kind === 'airblast' ? m.like_hedge_side_road_side_empty() : m.from_left_to_right_parted_by()
					)}
					{#if kind !== 'boomless'}
						{@render field('stacked', m.nozzles_at_each_place(), m.where_they_are_stacked_like_2(), false, true)}
					{/if}
					<div class="wide col-[1/3]">
						<Field
							name="tips"
							type="lines"
							label={m.tips_in_each_nozzle_body()}
							rows={3}
							bind:value={$form.tips}
							problem={first('tips')}
							hint={m.where_a_body_holds_several_a()}
							placeholder={tipsExample}
						/>
					</div>
				{/if}
				{@render field('pressureLow', m.pressure_from(), bare(units.pressure))}
				{@render field('pressureHigh', m.to(), bare(units.pressure))}
				{@render field('speedLow', kind === 'knapsack' ? m.walked_from() : m.driven_from(), bare(units.speed))}
				{@render field('speedHigh', m.to(), m.slowest_and_fastest_that_it_sprays())}
				{#if kind !== 'knapsack'}
					{@render field('pump', m.the_pump_gives(), m.at_its_rpm({ flow: bare(units.flow) }))}
					{@render field('stir', m.agitation_takes(), m.empty_5_of_the_tank_a())}
				{/if}
				{#if kind === 'boom'}
					{@render field('groups', m.which_nozzle_is_which(), m.where_they_differ_on_purpose_end())}
					{@render field('fanAngle', m.fan_angle_degrees(), m.the_110_of_110_03())}
					{@render field('fanHeight', m.nozzles_above_the_target(), bare(units.spacing))}
					{@render field('band', m.band_width(), m.only_for_bands_or_directed_spraying())}
					{@render field('bands', m.bands(), m.all_that_spray_like_6(), false, true)}
					{@render field('bandRowSpacing', m.row_spacing_of_the_bands(), bare(units.spacing))}
					{@render field('bandRows', m.rows_in_one_pass(), m.like_6(), false, true)}
				{:else if kind === 'boomless'}
					{@render field('makerSwath', m.makers_swath(), bare(units.course))}
					{@render field('makerLow', m.at_nozzle_heights_from(), bare(units.spacing))}
					{@render field('makerHigh', m.to(), bare(units.spacing))}
				{/if}
			</div>
		</Fold>
	</div>
	<div class="flex flex-col gap-4 phone:order-1">
		<div class="card grid items-center min-h-55 p-4">
			{#if drawn}<SprayerDrawing sprayer={drawn.rig} width={drawn.width} />
			{:else}<p class="lab">{m.it_is_drawn_here_once_its()}</p>{/if}
		</div>
		<div class="flex justify-end items-center gap-3">
			<a class="btn plain" href={cancel}>{m.back_title()}</a>
			<button class="btn go big" disabled={$submitting}>{submit}</button>
		</div>
	</div>
</form>

<style>
	.kinds label {
		display: grid;
		grid-template-columns: 96px 1fr;
		gap: 10px;
		align-items: center;
		min-height: 64px;
		padding: 6px 10px;
		border: 2px solid var(--rule);
		border-radius: 6px;
		background: var(--card);
		cursor: pointer;
	}
	.kinds label.on {
		border-color: var(--dye);
		background: var(--dye-wash);
	}
	.kinds label:has(:focus-visible) {
		outline: 3px solid var(--dye);
		outline-offset: 2px;
	}
	.kinds :global(svg) {
		width: 96px;
	}
	@media (max-width: 480px) {
		.fields,
		.kinds {
			grid-template-columns: 1fr;
		}
		.wide {
			grid-column: 1;
		}
	}
</style>
