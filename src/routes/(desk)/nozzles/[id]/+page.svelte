<script lang="ts">
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
	import { nozzleKindWords } from '$lib/wording/nozzles';
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
		return misfits(points).map(
			({ at, share }) =>
				`${f.flow(points[at]!.flow)} ${f.flowUnit} at ${f.pressure(points[at]!.pressure)} ${f.pressureUnit} is ${f.percent(share)} ${share > 0 ? 'over' : 'under'} what the other points say by the square law`
		);
	});
</script>

<svelte:head><title>{data.isNew ? 'A nozzle' : name} · Fallow</title></svelte:head>

<EditPage
	title={data.isNew ? 'Add a nozzle' : name}
	lead="Copied from the maker’s sheet. Between its points the flow follows the square root of the pressure."
	{form}
	action="?/keep"
	submit="Save"
	back="/nozzles"
>
	<div class="card grid grid-cols-3 items-start gap-x-5 gap-y-4 p-5 phone:grid-cols-1">
		<Field
			name="name"
			label="Name"
			bind:value={$text.name}
			problem={problems.name}
			hint="As you call it, or as it is stamped."
			required
		/>
		<Field
			type="choice"
			name="kind"
			label="Kind"
			bind:value={$text.kind}
			problem={problems.kind}
			options={nozzleKinds.map((kind) => ({ value: kind, label: nozzleKindWords[kind] }))}
		/>
		<Field
			type="choice"
			name="size"
			label="ISO 10625 size"
			bind:value={$text.size}
			options={[
				{ value: '', label: 'none' },
				...isoSizes.map(({ code, colour }) => ({ value: code, label: colour ? `${code}, ${colour}` : code }))
			]}
		/>
		<Field
			name="angle"
			label="Fan angle, degrees"
			bind:value={$text.angle}
			problem={problems.angle}
			inputmode="decimal"
			hint="Empty where it has none."
		/>
		<Field
			name="low"
			label="Least pressure, {f.pressureUnit}"
			bind:value={$text.low}
			problem={problems.low}
			hint="Empty: the usual one of its kind."
		/>
		<Field name="high" label="Most pressure, {f.pressureUnit}" bind:value={$text.high} problem={problems.high} />
		<div class="field">
			<Field
				type="lines"
				name="points"
				label="Pressure = flow, a line each"
				rows={5}
				bind:value={$text.points}
				problem={problems.points}
				hint="{asWritten(
					'Like 2 bar = 0.98 L/min.',
					settings.decimalComma
				)} No unit means {f.pressureUnit} and {f.flowUnit}."
				required
			/>
			{#each odd as line (line)}<p class="look" role="status">▲ {line}. Check it on the sheet; it may stay.</p>{/each}
		</div>
		<Field
			type="lines"
			name="classes"
			label="Pressure = drop size, where the sheet gives it"
			rows={5}
			bind:value={$text.classes}
			problem={problems.classes}
			hint="Like 2 bar = coarse. Very fine, fine, medium, coarse, very, extremely or ultra coarse."
		/>
		<Toggle name="shed" label="It lies in the shed" bind:checked={$text.shed} />
	</div>
	{#snippet more()}
		{#if !data.isNew}<AskTwice ask="Delete" words="Delete this nozzle" formaction="?/remove" />{/if}
	{/snippet}
</EditPage>
