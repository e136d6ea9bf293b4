<!-- @component The loads that are still to be mixed, edited on the way: doses, filling, ground, and what comes of it. -->
<script lang="ts">
	import { m } from '$words';
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
		say(m.saved_sentence(), { label: m.undo(), run: () => void run.undo() });
		onclose();
	}
</script>

<Sheet
	open
	title={m.edit_the_remaining_loads()}
	lead={m.still_to_mix_what_is_mixed({
		which:
			count === 1 ? m.load_is({ from: edit.from }) : m.loads_to_are({ from: edit.from, from2: edit.from + count - 1 })
	})}
	back={m.cancel()}
	{onclose}
>
	<form id={form} class="grid gap-3.5" {onsubmit}>
		{#each edit.lines as line (line.product)}
			<div class="grid gap-1.5">
				{#if !line.out}<Field
						label={m.dose_of({ name: line.name })}
						inputmode="decimal"
						bind:value={line.text}
						problem={edit.problem(line.product)}
						hint={line.unit.includes('/') ? m.no_unit_means({ unit: shortUnit(line.unit) }) : ''}
					/>{/if}
				<Toggle
					label={line.out ? m.is_left_out({ name: line.name }) : m.leave_out({ name: line.name })}
					bind:checked={() => line.out, (on) => (line.out = on)}
				/>
			</div>
		{/each}
		<Field
			label={m.fill_each_load_to_at_most()}
			inputmode="decimal"
			bind:value={edit.fill}
			problem={edit.problem('fill')}
			hint={m.empty_as_now_no_unit_means({ tank: shortUnit(run.units.tank) })}
		/>
		<Field
			label={edit.byRows ? m.rows_still_to_spray() : m.ground_still_to_spray()}
			inputmode="decimal"
			bind:value={edit.ground}
			problem={edit.problem('ground')}
			hint={edit.byRows
				? m.empty_all_that_are_left()
				: m.empty_all_that_is_left_no({ area: shortUnit(run.units.area) })}
		/>
	</form>
	<div aria-live="polite">
		{#if rest.length > 0}
			<ol class="grid gap-1 m-0 p-0 list-none">
				{#each rest as load (load.n)}<li class="flex flex-wrap gap-x-3 border-b border-b-hair py-1.5">
						<b>{m.load_n({ n: load.n })}</b>
						<span
							><span class="num text-[1.3rem]">{show('tank', load.load.mix, run.settings).text}</span>
							{m.on_text({ text: show('area', load.load.area, run.settings).text })}</span
						>
						{#each load.load.products as amount, i (i)}{#if amount.amount > 0}<span class="lab"
									>{run.job.products[i]?.label.name}
									{showAmount(amount, run.settings, load.doses[i] ?? run.job.products[i]?.dose).text}</span
								>{/if}{/each}
					</li>{/each}
			</ol>
		{/if}
		{#if edit.problem('')}<p class="problem">✕ {edit.problem('')}</p>
		{:else if edit.asked && !edit.body}<p class="problem">{m.nothing_is_changed_yet()}</p>{/if}
	</div>
	{#snippet foot()}<button class="btn go" {form}>{m.save()}</button>{/snippet}
</Sheet>
