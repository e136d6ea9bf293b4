<!-- @component A sprayer's form, by its kind, with the rig drawn as it is typed. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import type { SuperValidated } from 'sveltekit-superforms';
	import type { RigForm, RigText } from '$core';
	import { carried, carriers, drives, fields, inUnit, readField, showFigure, sprayerKinds, si } from '$core';
	import RigMini from '$lib/drawings/RigMini.svelte';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits, shortUnit } from '$lib/settings/field-units';
	import { readRigForm } from '$lib/forms/rig-form';
	import { carriedWords, carrierWords, driveWords, kindWords } from '$lib/wording/describe-rig';
	import { openForm } from '$lib/kit/open-form';
	import Field from '$lib/kit/Field.svelte';
	import RigDrawing from './RigDrawing.svelte';
	import { asWritten } from '$lib/wording/as-written';

	interface Props {
		form: SuperValidated<{ -readonly [K in keyof RigForm]: RigForm[K] } & Record<string, unknown>>;
		settings: FarmSettings;
		submit: string;
		cancel: string;
		/** The kind stays as it is: its calibrations belong to it. */
		fixed?: boolean;
	}
	let { form: initial, settings, submit, cancel, fixed = false }: Props = $props();

	const { form, errors, enhance, submitting } = openForm(untrack(() => initial));
	const units = $derived(fieldUnits(settings));
	const kind = $derived($form.kind);
	const drawn = $derived.by(() => {
		const { rig } = readRigForm($form as RigForm, settings);
		if (rig.uncounted) return null;
		const sum = rig.sections.reduce((s, n) => s + n, 0);
		if (!(Number.isInteger(rig.nozzles) && rig.nozzles >= 1 && rig.nozzles <= 144)) return null;
		const spacing = rig.spacing ? readField(fields.spacing, rig.spacing, '') : null;
		const unit = units.course;
		const width = spacing?.ok
			? `${showFigure(inUnit('length', si((spacing.value.value * rig.nozzles) / (rig.stacked ?? 1)), unit), 4, settings.decimalComma)} ${unit}`
			: rig.kind === 'boom'
				? '?'
				: '';
		return { rig: { ...rig, sections: sum === rig.nozzles ? rig.sections : [rig.nozzles] }, width };
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
	const first = (name: RigText) => ($errors[name] as string[] | undefined)?.[0];
	const ratingExample = $derived(asWritten('1.0 = 1.00 L/min\n1.5 = 1.50 L/min', settings.decimalComma));
	const tipsExample = $derived(asWritten('110-03 = 1.18 L/min\n110-04 = 1.58 L/min', settings.decimalComma));
	/** Name, kind and tank are enough to begin with. */
	const later = 'Empty: later.';
	const bare = (unit: string) => `No unit means ${shortUnit(unit)}.`;
</script>

{#snippet field(name: RigText, label: string, hint: string, required = false, numeric = false)}
	<Field
		{name}
		{label}
		{hint}
		{required}
		inputmode={numeric ? 'numeric' : 'text'}
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
	<div class="grid gap-3.5 content-start">
		{#if fixed}
			<input type="hidden" name="kind" value={kind} />
		{:else}
			<fieldset class="kinds grid grid-cols-[1fr_1fr] gap-2">
				<legend class="mb-1.5 font-semibold">What it is</legend>
				{#each sprayerKinds as k (k)}
					<label class:on={kind === k}>
						<input class="absolute opacity-[0]" type="radio" name="kind" value={k} bind:group={$form.kind} />
						<RigMini kind={k} nozzles={10} />
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
			{@render field('name', 'Name', 'What you call it.', true)}
			{@render field('tank', 'Tank', `What it holds. ${bare(units.tank)}`, true)}
			{#if kind === 'boom'}
				{@render field('nozzles', 'Nozzles', `All on the boom, like 12. ${later}`, false, true)}
				{@render field('spacing', 'Nozzle spacing', `${bare(units.spacing)} Empty: the width is taped.`)}
				{@render field('sections', 'Sections', 'Nozzles in each, left to right, like 4, 4, 4. Empty: one section.')}
			{:else if kind === 'boomless'}
				{@render field('nozzles', 'Nozzles', `All of them, like 5. ${later}`, false, true)}
				{@render field('sections', 'Parts that can be shut', 'Nozzles left and right, like 2, 3. Empty: one part.')}
				{@render field('groups', 'Which is which', 'Where they differ on purpose: edge, mid, mid, mid, edge.')}
			{:else if kind === 'airblast'}
				{@render field('perSide', 'Nozzles a side', `On one side of the arc, like 8. ${later}`, false, true)}
				{@render field('rowSpacing', 'Row spacing', bare(units.course))}
				{@render field('groups', 'Sizes, bottom to top', `Of one side, like ${sizesExample}. Empty: all one size.`)}
			{:else}
				<Field
					name="carried"
					type="choice"
					label="How it is carried"
					bind:value={() => $form.carried, (one) => ($form.carried = one as typeof $form.carried)}
					options={carried.map((one) => ({ value: one, label: carriedWords[one] }))}
				/>
				{@render field('nozzles', 'Nozzles', 'On the wand. Empty: one.', false, true)}
			{/if}
			{@render field('nozzle', 'Stamped on the nozzle', 'As you call it, like 110-03.')}
			{@render field('ratedFlow', 'Rated flow of one nozzle', `From its sheet. ${bare(units.flow)}`)}
			{@render field('ratedAt', 'at a pressure of', `No unit means ${units.pressure}. Empty both if you do not know.`)}
			{#if kind === 'airblast' || kind === 'boomless' || (kind === 'boom' && $form.groups !== '')}
				<div class="wide col-[1/3]">
					<Field
						name="ratings"
						type="lines"
						label="Rated flow of each size, at that pressure"
						rows={3}
						bind:value={$form.ratings}
						problem={first('ratings')}
						placeholder={ratingExample}
					/>
				</div>
			{/if}
		</div>
		<details class="card" bind:open={more}>
			<summary class="flex items-center min-h-13 py-0 px-4.5 font-semibold cursor-pointer"
				>More: drive, agitation, pressures{kind === 'boom'
					? ', fans, bands'
					: kind === 'boomless'
						? ', maker’s swath'
						: ''}</summary
			>
			<div class="fields grid grid-cols-[1fr_1fr] gap-x-4.5 gap-y-3.5 content-start py-4 px-4.5">
				{#if kind !== 'knapsack'}
					<Field
						name="drive"
						type="choice"
						label="What turns the pump"
						bind:value={() => $form.drive, (one) => ($form.drive = one as typeof $form.drive)}
						options={[
							{ value: '', label: 'not said' },
							...drives.map((one) => ({ value: one, label: driveWords[one] }))
						]}
					/>
				{/if}
				{#if kind === 'boom' || kind === 'boomless'}
					<Field
						name="carrier"
						type="choice"
						label="What carries it"
						bind:value={() => $form.carrier, (one) => ($form.carrier = one as typeof $form.carrier)}
						options={[
							{ value: '', label: 'not said' },
							...carriers.map((one) => ({ value: one, label: carrierWords[one] }))
						]}
					/>
				{/if}
				{@render field('agitation', 'Least that agitation stirs', bare(units.tank))}
				{@render field('dead', 'What cannot be sprayed out', bare(units.tank))}
				{#if kind !== 'knapsack'}
					{@render field(
						'sectionNames',
						kind === 'airblast' ? 'What each side is called' : 'What each section is called',
						kind === 'airblast'
							? 'Like hedge side, road side. Empty: left, right.'
							: 'From left to right, parted by commas.'
					)}
					{#if kind !== 'boomless'}
						{@render field(
							'stacked',
							'Nozzles at each place',
							'Where they are stacked, like 2. Empty: one.',
							false,
							true
						)}
					{/if}
					<div class="wide col-[1/3]">
						<Field
							name="tips"
							type="lines"
							label="Tips in each nozzle body"
							rows={3}
							bind:value={$form.tips}
							problem={first('tips')}
							hint="Where a body holds several: a tip a line with its rated flow at the pressure above. A setting says which is turned down."
							placeholder={tipsExample}
						/>
					</div>
				{/if}
				{@render field('pressureLow', 'Pressure from', bare(units.pressure))}
				{@render field('pressureHigh', 'to', bare(units.pressure))}
				{@render field('speedLow', kind === 'knapsack' ? 'Walked from' : 'Driven from', bare(units.speed))}
				{@render field('speedHigh', 'to', 'Slowest and fastest that it sprays at.')}
				{#if kind !== 'knapsack'}
					{@render field('pump', 'The pump gives', `At its rpm. ${bare(units.flow)}`)}
					{@render field('stir', 'Agitation takes', 'Empty: 5 % of the tank a minute.')}
				{/if}
				{#if kind === 'boom'}
					{@render field('groups', 'Which nozzle is which', 'Where they differ on purpose: end, mid, mid, end.')}
					{@render field('fanAngle', 'Fan angle, degrees', 'The 110 of 110-03.')}
					{@render field('fanHeight', 'Nozzles above the target', bare(units.spacing))}
					{@render field('band', 'Band width', 'Only for bands or directed spraying.')}
					{@render field('bands', 'Bands', 'All that spray, like 6.', false, true)}
					{@render field('bandRowSpacing', 'Row spacing of the bands', bare(units.spacing))}
					{@render field('bandRows', 'Rows in one pass', 'Like 6.', false, true)}
				{:else if kind === 'boomless'}
					{@render field('makerSwath', 'Maker’s swath', bare(units.course))}
					{@render field('makerLow', 'at nozzle heights from', bare(units.spacing))}
					{@render field('makerHigh', 'to', bare(units.spacing))}
				{/if}
			</div>
		</details>
	</div>
	<div class="flex flex-col gap-4 phone:order-1">
		<div class="card grid items-center min-h-55 p-4">
			{#if drawn}<RigDrawing rig={drawn.rig} width={drawn.width} />
			{:else}<p class="lab">It is drawn here once its nozzles are counted.</p>{/if}
		</div>
		<div class="flex justify-end items-center gap-3">
			<a class="btn plain" href={cancel}>Back</a>
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
