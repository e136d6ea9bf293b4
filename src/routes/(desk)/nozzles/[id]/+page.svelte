<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { isoSizes, misfits, nozzleKinds, readNozzle } from '$core';
	import type { ActionData, PageData } from './$types';
	import FormField from '$lib/kit/FormField.svelte';
	import FormText from '$lib/kit/FormText.svelte';
	import { readNozzleText } from '$lib/forms/nozzle-text';
	import { adjustFigures } from '$lib/show/adjust';
	import { nozzleKindWords } from '$lib/wording/nozzles';
	import { asWritten } from '$lib/wording/as-written';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const f = $derived(adjustFigures(settings));
	let text = $state(untrack(() => ({ ...(form?.text ?? data.text) })));
	let shed = $state(untrack(() => form?.shed ?? data.shed));
	const problems = $derived<Record<string, string | undefined>>(form?.problems ?? {});
	/** Points that do not go with the others: most often a slip of the pen, sometimes the sheet's truth. */
	const odd = $derived.by(() => {
		const typed = readNozzleText(text, settings);
		const read = typed.ok ? readNozzle('', typed.value, false) : null;
		if (!read?.ok) return [];
		const { points } = read.value;
		return misfits(points).map(
			({ at, share }) =>
				`${f.flow(points[at]!.flow)} ${f.flowUnit} at ${f.pressure(points[at]!.pressure)} ${f.pressureUnit} is ${f.percent(share)} ${share > 0 ? 'over' : 'under'} what the other points say by the square law`
		);
	});
</script>

<svelte:head><title>{data.isNew ? 'A nozzle' : data.text.name} · Fallow</title></svelte:head>

<main class="plain-page">
	<div>
		<h1>{data.isNew ? 'Add a nozzle' : data.text.name}</h1>
		<p class="lab">
			Copied from the maker’s sheet. Between its points the flow follows the square root of the pressure.
		</p>
	</div>
	<form
		method="post"
		action="?/keep"
		class="card"
		novalidate
		use:enhance={() =>
			({ update }) =>
				update({ reset: false })}
	>
		<FormField
			name="name"
			label="Name"
			bind:value={text.name}
			problem={problems.name}
			hint="As you call it, or as it is stamped."
			required
		/>
		<label class="field"
			>Kind
			<select class="field-input" name="kind" bind:value={text.kind}>
				{#each nozzleKinds as kind (kind)}<option value={kind}>{nozzleKindWords[kind]}</option>{/each}
			</select>
		</label>
		<label class="field"
			>ISO 10625 size
			<select class="field-input" name="size" bind:value={text.size}>
				<option value="">none</option>
				{#each isoSizes as size (size.code)}<option value={size.code}
						>{size.code}{size.colour ? `, ${size.colour}` : ''}</option
					>{/each}
			</select>
		</label>
		<FormField
			name="angle"
			label="Fan angle, degrees"
			bind:value={text.angle}
			problem={problems.angle}
			inputmode="decimal"
			hint="Empty where it has none."
		/>
		<FormField
			name="low"
			label="Least pressure, {f.pressureUnit}"
			bind:value={text.low}
			problem={problems.low}
			hint="Empty: the usual one of its kind."
		/>
		<FormField name="high" label="Most pressure, {f.pressureUnit}" bind:value={text.high} problem={problems.high} />
		<div class="field">
			<FormText
				name="points"
				label="Pressure = flow, a line each"
				rows={5}
				bind:value={text.points}
				problem={problems.points}
				hint="{asWritten(
					'Like 2 bar = 0.98 L/min.',
					settings.decimalComma
				)} A bare number is {f.pressureUnit} and {f.flowUnit}."
				required
			/>
			{#each odd as line (line)}<p class="look" role="status">▲ {line}. Check it on the sheet; it may stay.</p>{/each}
		</div>
		<FormText
			name="classes"
			label="Pressure = drop size, where the sheet gives it"
			rows={5}
			bind:value={text.classes}
			problem={problems.classes}
			hint="Like 2 bar = coarse. Very fine, fine, medium, coarse, very, extremely or ultra coarse."
		/>
		<label class="check"><input type="checkbox" name="shed" bind:checked={shed} /> It lies in the shed</label>
		<div class="do">
			<button class="btn go big">Keep it</button>
			<a class="btn plain" href="/nozzles">Back</a>
			{#if !data.isNew}<button class="btn plain away" formaction="?/remove">Take it off the table</button>{/if}
		</div>
	</form>
</main>

<style>
	form {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 16px 20px;
		align-items: start;
		padding: 20px;
	}
	.field {
		display: grid;
		gap: 4px;
		font-weight: 600;
	}
	.look {
		color: var(--amber-text);
		font-weight: 600;
	}
	.check {
		display: flex;
		align-items: center;
		gap: 10px;
		min-height: 48px;
	}
	.check input {
		width: 24px;
		height: 24px;
		accent-color: var(--dye);
	}
	.do {
		grid-column: 1 / -1;
		display: flex;
		flex-wrap: wrap;
		gap: 14px;
	}
	.away {
		margin-left: auto;
	}
	@media (max-width: 859px) {
		form {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
