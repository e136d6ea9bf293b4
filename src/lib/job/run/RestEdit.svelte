<!-- @component The loads that are still to be mixed, edited on the way: doses, filling, ground, and what comes of it. -->
<script lang="ts">
	import Field from '$lib/kit/Field.svelte';
	import Sheet from '$lib/kit/Sheet.svelte';
	import Toggle from '$lib/kit/Toggle.svelte';
	import { say } from '$lib/kit/say';
	import { shortUnit } from '$lib/settings/field-units';
	import { show, showAmount } from '$lib/show/show';
	import type { JobRunState } from './job-run.svelte';
	import { RestEditState } from './rest-edit.svelte';

	let { run, onclose }: { run: JobRunState; onclose: () => void } = $props();
	// The sheet is made anew each time that it opens.
	// svelte-ignore state_referenced_locally
	const edit = new RestEditState(run);
	const count = $derived(run.dryLoads.length);
	const rest = $derived(edit.preview?.loads.filter((l) => l.n >= edit.from) ?? []);
	const form = $props.id();

	async function onsubmit(event: SubmitEvent) {
		event.preventDefault();
		if (!(await edit.save())) return;
		say('Saved.', { label: 'Undo', run: () => void run.undo() });
		onclose();
	}
</script>

<Sheet
	open
	title="Edit the remaining loads"
	lead="{count === 1
		? `Load ${edit.from} is`
		: `Loads ${edit.from} to ${edit.from + count - 1} are`} still to mix. What is mixed or out stays as it was."
	back="Cancel"
	{onclose}
>
	<form id={form} class="grid gap-3.5" {onsubmit}>
		{#each edit.lines as line (line.product)}
			<div class="grid gap-1.5">
				{#if !line.out}<Field
						label="Dose of {line.name}"
						inputmode="decimal"
						bind:value={line.text}
						problem={edit.problem(line.product)}
						hint={line.unit.includes('/') ? `No unit means ${shortUnit(line.unit)}.` : ''}
					/>{/if}
				<Toggle
					label={line.out ? `${line.name} is left out` : `Leave ${line.name} out`}
					bind:checked={() => line.out, (on) => (line.out = on)}
				/>
			</div>
		{/each}
		<Field
			label="Fill each load to at most"
			inputmode="decimal"
			bind:value={edit.fill}
			problem={edit.problem('fill')}
			hint="Empty: as now. No unit means {shortUnit(run.units.tank)}."
		/>
		<Field
			label={edit.byRows ? 'Rows still to spray' : 'Ground still to spray'}
			inputmode="decimal"
			bind:value={edit.ground}
			problem={edit.problem('ground')}
			hint={edit.byRows
				? 'Empty: all that are left.'
				: `Empty: all that is left. No unit means ${shortUnit(run.units.area)}.`}
		/>
	</form>
	<div aria-live="polite">
		{#if rest.length > 0}
			<ol class="grid gap-1 m-0 p-0 list-none">
				{#each rest as load (load.n)}<li class="flex flex-wrap gap-x-3 border-b border-b-hair py-1.5">
						<b>Load {load.n}</b>
						<span
							><span class="num text-[1.3rem]">{show('tank', load.load.mix, run.settings).text}</span> on
							{show('area', load.load.area, run.settings).text}</span
						>
						{#each load.load.products as amount, i (i)}{#if amount.amount > 0}<span class="lab"
									>{run.job.products[i]?.label.name}
									{showAmount(amount, run.settings, load.doses[i] ?? run.job.products[i]?.dose).text}</span
								>{/if}{/each}
					</li>{/each}
			</ol>
		{/if}
		{#if edit.problem('')}<p class="problem">✕ {edit.problem('')}</p>
		{:else if edit.asked && !edit.body}<p class="problem">Nothing is changed yet.</p>{/if}
	</div>
	{#snippet foot()}<button class="btn go" {form}>Save</button>{/snippet}
</Sheet>
