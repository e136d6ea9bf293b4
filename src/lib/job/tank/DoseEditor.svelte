<!-- @component One dose of a tank: a product of the farm or any name, the dose from the label, and the unit that it is in. -->
<script lang="ts">
	import { m } from '$words';
	import { Plus, Trash2 } from '@lucide/svelte';
	import { isBareNumber } from '$core';
	import { say } from '$lib/kit/say';
	import DoseAreaPicker from '$lib/job/DoseAreaPicker.svelte';
	import type { FullTankState } from './full-tank.svelte';

	let { tank }: { tank: FullTankState } = $props();
	const line = $derived(tank.writing!);
	const known = $derived(tank.lines.some((l) => l.key === line.key));
	const problem = $derived(tank.lineProblem(line));
	const state = $derived(tank.productOf(line.name)?.label.state);
	const bare = $derived(line.dose.trim() === '' || isBareNumber(line.dose.trim()));
	// A text with a unit of its own says nothing of liquid or dry: that is what is picked then.
	const units = $derived(
		bare
			? tank.doseUnits.filter((u) => state === undefined || u.state === state)
			: (['liquid', 'dry'] as const)
					.filter((s) => state === undefined || s === state)
					.map((s) => ({
						value: tank.doseUnits.find((u) => u.state === s)!.value,
						label: s === 'liquid' ? m.liquid() : m.dry()
					}))
	);
	const id = $props.id();

	function remove() {
		const { key, name } = line;
		const back = tank.remove(key);
		say(m.name_deleted({ name: name || m.dose() }), { label: m.undo(), run: back });
	}
	function onsubmit(event: SubmitEvent) {
		event.preventDefault();
		tank.add();
	}
</script>

<form class="grid gap-2" {onsubmit} aria-label={known ? m.dose_of({ name: line.name }) : m.add_a_dose()}>
	<div
		class="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)_auto_auto] gap-2 phone:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]"
	>
		<input
			class="field-input phone:col-span-full"
			aria-label={m.product_title()}
			placeholder={m.product_title()}
			list="products-{id}"
			autocomplete="off"
			bind:value={line.name}
			onchange={() => tank.named(line)}
		/>
		<datalist id="products-{id}">
			{#each tank.source.products as p (p.id)}<option value={p.label.name}></option>{/each}
		</datalist>
		<input
			class="field-input"
			aria-label={m.dose()}
			aria-invalid={problem !== undefined}
			aria-describedby={problem ? `said-${id}` : undefined}
			placeholder={m.dose()}
			inputmode="decimal"
			autocomplete="off"
			bind:value={line.dose}
		/>
		<select
			class="field-input"
			aria-label={bare ? m.unit_of_the_dose() : m.form()}
			bind:value={
				() => (units.some((u) => u.value === line.unit) ? line.unit : units[0]!.value), (v) => (line.unit = v)
			}
		>
			{#each units as u (u.value)}<option value={u.value}>{u.label}</option>{/each}
		</select>
		<button class="btn go" aria-label={known ? m.save_the_dose() : m.add_the_dose()}
			>{#if known}{m.save()}{:else}<Plus aria-hidden="true" />{/if}</button
		>
	</div>
	{#if tank.asksPer}<DoseAreaPicker value={line.per} onpick={(per) => (line.per = per)} />{/if}
	{#if problem}<p class="problem" id="said-{id}" role="alert">✕ {problem}</p>{/if}
	{#if known}<button type="button" class="btn plain justify-self-start text-rust-text" onclick={remove}
			><Trash2 size="18" aria-hidden="true" /> {m.delete_this_dose()}</button
		>{/if}
</form>
