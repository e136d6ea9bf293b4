<script lang="ts">
	import { m } from '$words';
	import Toggle from '$lib/kit/Toggle.svelte';
	import { untrack } from 'svelte';
	import { isoSizes, misfits, nozzleKinds, readNozzle } from '$core';
	import type { PageData } from './$types';
	import { firstErrors } from '$lib/kit/first-errors';
	import { openForm } from '$lib/kit/open-form';
	import AskTwice from '$lib/kit/AskTwice.svelte';
	import EditPage from '$lib/kit/EditPage.svelte';
	import Field from '$lib/kit/Field.svelte';
	import { readNozzleText } from '$lib/forms/nozzle-text';
	import { adjustFigures } from '$lib/show/adjust';
	import { colourWords, nozzleKindWords } from '$lib/wording/nozzles';
	import { asWritten } from '$lib/wording/as-written';

	let { data }: { data: PageData } = $props();
	const form = openForm(
		untrack(() => data.form),
		{ whole: true }
	);
	const { form: text, errors } = form;
	const problems = $derived(firstErrors($errors));
	const name = untrack(() => data.form.data.name);
	const settings = $derived(data.farm.settings);
	const f = $derived(adjustFigures(settings));
	/** Points that do not go with the others: most often a slip of the pen, sometimes the sheet's truth. */
	const odd = $derived.by(() => {
		const typed = readNozzleText($text, settings);
		const read = typed.ok ? readNozzle('', typed.value, false) : null;
		if (!read?.ok) return [];
		const { points } = read.value;
		return misfits(points).map(({ at, share }) =>
			m.at_is_what_the_other_points({
				flow: f.flow(points[at]!.flow),
				flowUnit: f.flowUnit,
				pressure: f.pressure(points[at]!.pressure),
				pressureUnit: f.pressureUnit,
				share: f.percent(share),
				which: share > 0 ? m.over() : m.under()
			})
		);
	});
</script>

<svelte:head><title>{m.fallow_which({ which: data.isNew ? m.a_nozzle() : name })}</title></svelte:head>

<EditPage
	title={data.isNew ? m.add_a_nozzle() : name}
	lead={m.copied_from_the_makers_sheet_between()}
	{form}
	action="?/keep"
	seen={data.seen}
	submit={m.save()}
	back="/nozzles"
>
	<div class="card grid grid-cols-3 items-start gap-x-5 gap-y-4 p-5 phone:grid-cols-1">
		<Field
			name="name"
			label={m.name()}
			bind:value={$text.name}
			problem={problems.name}
			hint={m.as_you_call_it_or_as()}
			required
		/>
		<Field
			type="choice"
			name="kind"
			label={m.kind()}
			bind:value={$text.kind}
			problem={problems.kind}
			options={nozzleKinds.map((kind) => ({ value: kind, label: nozzleKindWords[kind] }))}
		/>
		<Field
			type="choice"
			name="size"
			label={m.iso_10625_size_title()}
			bind:value={$text.size}
			problem={problems.size}
			options={[
				{ value: '', label: m.none() },
				...isoSizes.map(({ code, colour }) => ({
					value: code,
					label: colour ? `${code}, ${colourWords[colour] ?? colour}` : code
				}))
			]}
		/>
		<Field
			name="angle"
			label={m.fan_angle_degrees()}
			bind:value={$text.angle}
			problem={problems.angle}
			inputmode="decimal"
			hint={m.empty_where_it_has_none()}
		/>
		<Field
			name="low"
			label={m.least_pressure({ pressureUnit: f.pressureUnit })}
			bind:value={$text.low}
			problem={problems.low}
			hint={m.empty_the_usual_one_of_its()}
		/>
		<Field
			name="high"
			label={m.most_pressure({ pressureUnit: f.pressureUnit })}
			bind:value={$text.high}
			problem={problems.high}
		/>
		<div class="field">
			<Field
				type="lines"
				name="points"
				label={m.pressure_flow_a_line_each()}
				rows={5}
				bind:value={$text.points}
				problem={problems.points}
				hint={m.no_unit_means_and({
					example: asWritten(m.like_2_bar_0_98_l(), settings.decimalComma),
					pressureUnit: f.pressureUnit,
					flowUnit: f.flowUnit
				})}
				required
			/>
			{#each odd as line (line)}<p class="look" role="status">{m.check_it_on_the_sheet_it({ line })}</p>{/each}
		</div>
		<Field
			type="lines"
			name="classes"
			label={m.pressure_drop_size_where_the_sheet()}
			rows={5}
			bind:value={$text.classes}
			problem={problems.classes}
			hint={m.like_2_bar_coarse_very_fine()}
		/>
		<Toggle name="shed" label={m.it_lies_in_the_shed()} bind:checked={$text.shed} />
	</div>
	{#snippet more()}
		{#if !data.isNew}<AskTwice ask={m.delete_word()} words={m.delete_this_nozzle()} formaction="?/remove" />{/if}
	{/snippet}
</EditPage>
