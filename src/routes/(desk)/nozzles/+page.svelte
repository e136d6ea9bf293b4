<script lang="ts">
	import { enhance } from '$app/forms';
	import { flowAt, isoReference, isoSizes, passes, readNozzleFilter } from '$core';
	import type { ActionData, PageData } from './$types';
	import IsoDot from '$lib/drawings/IsoDot.svelte';
	import { nozzleTable } from '$lib/settings/nozzle-table';
	import { measuresOf } from '$lib/settings/field-units';
	import { adjustFigures } from '$lib/show/adjust';
	import { wordIssue } from '$lib/wording/issues';
	import { dropletWords, nozzleKindWords, nozzleName, nozzleText } from '$lib/wording/nozzles';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const settings = $derived(data.farm.settings);
	const f = $derived(adjustFigures(settings));
	const reference = $derived(isoReference(1, measuresOf(settings) === 'US' ? 'US' : 'metric').pressure);
	const table = $derived(nozzleTable(data.kept, settings));
	let text = $state('');
	const filter = $derived(readNozzleFilter(text, settings.gallon));
	const shown = $derived(
		!filter.ok
			? table
			: table.filter((n) => {
					const { pressure, speed } = filter.value;
					// On the table a limit of pressure means: it can work there.
					const fits = n.low <= pressure.high && n.high >= pressure.low;
					const any = { ...filter.value, pressure: { low: 0, high: Infinity }, speed: { low: 0, high: Infinity } };
					const drops = n.classes.some((c) => filter.value.drops.includes(c.drops));
					return (
						fits &&
						speed.low === 0 &&
						passes({ ...any, drops: [] }, { kind: n.kind, text: nozzleText(n), shed: n.shed }) &&
						(filter.value.drops.length === 0 || drops)
					);
				})
	);
	const most = 150;
	const own = (key: string) => !key.startsWith('iso-');
	const colourOf = (size: string) => isoSizes.find((s) => s.code === size)?.colour ?? null;
	const quick = ['shed', 'flat-fan', 'air-induction', 'hollow-cone', 'disc-core'];
</script>

<svelte:head><title>Nozzle table · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>Nozzle table</h1>
			<p class="lab">
				What the chooser picks from, and what lies in the shed first. The generic sizes are those of ISO 10625 with the
				standard’s colours; their pressures are typical: <b>check the maker’s sheet</b>.
			</p>
		</div>
		<span class="do">
			<a class="btn" href="/nozzles/csv" data-sveltekit-reload>CSV out</a>
			<a class="btn" href="/nozzles/import">CSV in</a>
			<a class="btn go" href="/nozzles/new">Add a nozzle</a>
		</span>
	</div>
	{#if form?.message}<p class="problem" role="alert">✕ {form.message}</p>{/if}
	<div class="filter">
		<label for="filter">Only those with</label>
		<input
			id="filter"
			class="field-input"
			type="search"
			autocomplete="off"
			placeholder="air-induction 03 shed <3 bar"
			bind:value={text}
			aria-invalid={!filter.ok}
			aria-describedby="filter-said"
		/>
		<span class="quick">
			{#each quick as word (word)}
				<button
					type="button"
					class="btn"
					aria-pressed={text === word}
					onclick={() => (text = text === word ? '' : word)}
					>{word === 'shed' ? 'In the shed' : nozzleKindWords[word as 'flat-fan']}</button
				>
			{/each}
		</span>
		<p id="filter-said" role="status" class:problem={!filter.ok}>
			{filter.ok ? `${shown.length} of ${table.length}` : `✕ ${wordIssue(filter.issues[0]!)}`}
		</p>
	</div>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls sideways has to take the focus) -->
	<div class="ledger-scroll card" role="region" aria-label="Nozzles" tabindex="0">
		<table class="ledger">
			<thead>
				<tr>
					<th scope="col" class="size">Size</th><th scope="col">Nozzle</th><th scope="col">Fan</th>
					<th scope="col" class="fig">{f.flowUnit} at {f.pressure(reference)} {f.pressureUnit}</th>
					<th scope="col" class="fig">Pressures, {f.pressureUnit}</th><th scope="col">Drops</th>
					<th scope="col">Shed</th>
				</tr>
			</thead>
			<tbody>
				{#each shown.slice(0, most) as n (n.key)}
					<tr>
						<td class="size"><span><IsoDot size={n.size} /><small>{colourOf(n.size) ?? ''}</small></span></td>
						<td
							>{#if own(n.key)}<a href="/nozzles/{n.key}"><b>{n.name}</b></a>
								<small>{nozzleKindWords[n.kind]}</small>{:else}{nozzleName(n)}{/if}</td
						>
						<td>{n.angle ? `${n.angle}°` : ''}</td>
						<td class="fig num">{f.flow(flowAt(n.points, reference))}</td>
						<td class="fig"
							><span class="num">{f.pressure(n.low)}–{f.pressure(n.high)}</span>{#if n.typical}<small>
									typical</small
								>{/if}</td
						>
						<td><small>{[...new Set(n.classes.map((c) => dropletWords[c.drops]))].join(', ')}</small></td>
						<td>
							<form
								method="post"
								action="?/shed"
								use:enhance={() =>
									({ update }) =>
										update({ reset: false })}
							>
								<input type="hidden" name="key" value={n.key} />
								<button
									class="shed"
									name="there"
									value={n.shed ? 'no' : 'yes'}
									aria-pressed={n.shed}
									aria-label="{nozzleName(n)} in the shed">{n.shed ? '✓ here' : 'mark'}</button
								>
							</form>
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	{#if shown.length > most}<p class="lab">The first {most} are shown. Narrow the filter to see the others.</p>{/if}
</main>

<style>
	.quick {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.do {
		flex: none;
	}
	.filter {
		display: grid;
		grid-template-columns: auto minmax(200px, 1fr) auto;
		gap: 6px 14px;
		align-items: center;
	}
	.filter label {
		font-weight: 600;
	}
	.filter p {
		grid-column: 2 / -1;
		margin: 0;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	.size span {
		display: flex;
		align-items: center;
		gap: 8px;
	}
	.size {
		padding-left: 14px;
	}
	.fig small {
		margin-left: 4px;
	}
	small {
		color: var(--soft);
	}
	.fig {
		text-align: right;
		white-space: nowrap;
	}
	.shed {
		min-width: 84px;
		min-height: 40px;
		border: 1px dashed var(--field-border);
		border-radius: 6px;
		background: none;
		color: var(--soft);
		font: inherit;
		cursor: pointer;
	}
	.shed[aria-pressed='true'] {
		border: 2px solid var(--moss);
		background: var(--moss-wash);
		color: var(--moss-text);
		font-weight: 700;
	}
	@media (max-width: 859px) {
		.filter {
			grid-template-columns: minmax(0, 1fr);
		}
		.filter p {
			grid-column: 1;
		}
	}
</style>
