<!-- @component A boom sprayer's form, with the boom drawn as it is typed. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import type { SuperValidated } from 'sveltekit-superforms';
	import { superForm } from 'sveltekit-superforms';
	import type { RigForm } from '$core';
	import { readField, fields, showFigure, inUnit } from '$core';
	import Swath from '$lib/drawings/Swath.svelte';
	import type { FarmSettings } from '$lib/formats/farm-settings';
	import { fieldUnits, shortUnit } from '$lib/formats/field-units';
	import { readRigForm } from '$lib/formats/rig-form';
	import FormField from './FormField.svelte';

	interface Props {
		form: SuperValidated<RigForm & Record<string, unknown>>;
		settings: FarmSettings;
		submit: string;
		cancel: string;
	}
	let { form: initial, settings, submit, cancel }: Props = $props();

	const { form, errors, enhance, submitting } = superForm(
		untrack(() => initial),
		{ resetForm: false, invalidateAll: true }
	);
	const units = $derived(fieldUnits(settings));
	const drawn = $derived.by(() => {
		const { rig } = readRigForm($form as RigForm, settings);
		const sum = rig.sections.reduce((s, n) => s + n, 0);
		const whole = Number.isInteger(rig.nozzles) && rig.nozzles >= 1 && rig.nozzles <= 144;
		if (!whole) return null;
		const spacing = readField(fields.spacing, rig.spacing, '');
		const unit = units.course;
		const width = spacing.ok
			? `${showFigure(inUnit('length', (spacing.value.value * rig.nozzles) as never, unit), 4)} ${unit}`
			: '?';
		return { sections: sum === rig.nozzles ? rig.sections : [rig.nozzles], width };
	});
	const first = (name: keyof RigForm) => ($errors[name] as string[] | undefined)?.[0];
</script>

<form method="post" use:enhance novalidate>
	<div class="fields card">
		<div class="wide">
			<FormField name="name" label="What you call it" bind:value={$form.name} problem={first('name')} required />
		</div>
		<FormField
			name="nozzles"
			label="Nozzles"
			inputmode="numeric"
			bind:value={$form.nozzles}
			problem={first('nozzles')}
			hint="On the whole boom, like 12."
			required
		/>
		<FormField
			name="spacing"
			label="Nozzle spacing"
			bind:value={$form.spacing}
			problem={first('spacing')}
			hint="A bare number is {shortUnit(units.spacing)}."
			required
		/>
		<FormField
			name="sections"
			label="Sections"
			bind:value={$form.sections}
			problem={first('sections')}
			hint="Nozzles in each, left to right, like 4, 4, 4. Empty: one section."
		/>
		<FormField
			name="tank"
			label="Tank"
			bind:value={$form.tank}
			problem={first('tank')}
			hint="What it holds. A bare number is {shortUnit(units.tank)}."
			required
		/>
		<FormField
			name="nozzle"
			label="Stamped on the nozzle"
			bind:value={$form.nozzle}
			problem={first('nozzle')}
			hint="As you call it, like 110-03."
		/>
		<div></div>
		<FormField
			name="ratedFlow"
			label="Rated flow of one nozzle"
			bind:value={$form.ratedFlow}
			problem={first('ratedFlow')}
			hint="From its sheet. A bare number is {shortUnit(units.flow)}."
		/>
		<FormField
			name="ratedAt"
			label="at a pressure of"
			bind:value={$form.ratedAt}
			problem={first('ratedAt')}
			hint="A bare number is {units.pressure}. Empty both if you do not know."
		/>
	</div>
	<div class="side">
		<div class="card drawing">
			{#if drawn}<Swath sections={drawn.sections} off={[]} width={drawn.width} />
			{:else}<p class="lab">The boom is drawn here once its nozzles are counted.</p>{/if}
		</div>
		<div class="do">
			<a class="btn plain" href={cancel}>Back</a>
			<button class="btn go big" disabled={$submitting}>{submit}</button>
		</div>
	</div>
</form>

<style>
	form {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 18px;
	}
	.fields {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 14px 18px;
		align-content: start;
		padding: 18px 20px;
	}
	.wide {
		grid-column: 1 / 3;
	}
	.side {
		display: flex;
		flex-direction: column;
		gap: 16px;
	}
	.drawing {
		display: grid;
		align-items: center;
		min-height: 220px;
		padding: 16px;
	}
	.do {
		display: flex;
		justify-content: flex-end;
		align-items: center;
		gap: 12px;
	}
	@media (max-width: 859px) {
		form {
			grid-template-columns: minmax(0, 1fr);
		}
		.side {
			order: 1;
		}
	}
	@media (max-width: 480px) {
		.fields {
			grid-template-columns: 1fr;
		}
		.wide {
			grid-column: 1;
		}
	}
</style>
