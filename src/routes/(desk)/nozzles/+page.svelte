<script lang="ts">
	import { m } from '$words';
	import { may } from '$lib/kit/may';
	import Actions from '$lib/kit/Actions.svelte';
	import { enhance } from '$app/forms';
	import type { Nozzle } from '$core';
	import { flowAt, isoReference, isoSizes, passes, readNozzleFilter } from '$core';
	import type { ActionData, PageData } from './$types';
	import Field from '$lib/kit/Field.svelte';
	import DataTable from '$lib/kit/DataTable.svelte';
	import IsoDot from '$lib/drawings/IsoDot.svelte';
	import { nozzleTable } from '$lib/settings/nozzle-table';
	import { measuresOf } from '$lib/settings/field-units';
	import { adjustFigures } from '$lib/show/adjust';
	import { wordIssue } from '$lib/wording/issues';
	import { colourWords, dropletWords, nozzleKindWords, nozzleName, nozzleText } from '$lib/wording/nozzles';

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
	const dropsOf = (n: Nozzle) => [...new Set(n.classes.map((c) => dropletWords[c.drops]))].join(', ');
	const quick = ['shed', 'flat-fan', 'air-induction', 'hollow-cone', 'disc-core'];
</script>

{#snippet name(n: Nozzle)}
	{#if own(n.key)}<a href="/nozzles/{n.key}"><b>{n.name}</b></a>
		<small class="text-soft">{nozzleKindWords[n.kind]}</small>{:else}{nozzleName(n)}{/if}
{/snippet}
{#snippet size(n: Nozzle)}
	<span class="flex items-center gap-2"
		><IsoDot size={n.size} /><small class="text-soft">{colourWords[colourOf(n.size) ?? ''] ?? ''}</small></span
	>
{/snippet}
{#snippet angle(n: Nozzle)}{n.angle ? `${n.angle}°` : ''}{/snippet}
{#snippet flow(n: Nozzle)}<span class="num">{f.flow(flowAt(n.points, reference))}</span>{/snippet}
{#snippet pressures(n: Nozzle)}
	<span
		><span class="num">{f.pressure(n.low)}–{f.pressure(n.high)}</span>{#if n.typical}<small class="ml-1 text-soft">
				{m.typical()}</small
			>{/if}</span
	>
{/snippet}
{#snippet shed(n: Nozzle)}
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
			aria-label={m.in_the_shed_n({ n: nozzleName(n) })}>{n.shed ? m.here_marked() : m.mark()}</button
		>
	</form>
{/snippet}

<svelte:head><title>{m.nozzle_catalogue_fallow()}</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>{m.nozzle_catalogue()}</h1>
			<p class="lab">
				{m.what_the_chooser_picks_from_and()} <b>{m.check_the_makers_sheet()}</b>.
			</p>
		</div>
		<span class="do flex-none">
			{#if may('manage')}<a class="btn go" href="/nozzles/new">{m.add_a_nozzle()}</a>{/if}
			<Actions
				label={m.import_export()}
				actions={[
					{ label: m.import_nozzles(), href: '/nozzles/import', needs: 'manage' as const },
					{ label: m.export_as_csv(), href: '/nozzles/csv', file: true }
				]}
			/>
		</span>
	</div>
	{#if form?.message}<p class="problem" role="alert">✕ {form.message}</p>{/if}
	<div class="grid grid-cols-[minmax(200px,1fr)_auto] gap-x-3.5 gap-y-1.5 items-end phone:grid-cols-1">
		<Field
			label={m.only_those_with()}
			placeholder={m.air_induction_03_shed_3_bar()}
			bind:value={text}
			problem={filter.ok ? null : wordIssue(filter.issues[0]!)}
		/>
		<span class="flex flex-wrap gap-2">
			{#each quick as word (word)}
				<button
					type="button"
					class="btn"
					aria-pressed={text === word}
					onclick={() => (text = text === word ? '' : word)}
					>{word === 'shed' ? m.in_the_shed_title() : nozzleKindWords[word as 'flat-fan']}</button
				>
			{/each}
		</span>
		<p class="col-span-full" role="status">
			{filter.ok ? m.of_count({ count: shown.length, length2: table.length }) : ''}
		</p>
	</div>
	<DataTable
		label={m.nozzles_title()}
		rows={shown.slice(0, most)}
		key={(n) => n.key}
		columns={[
			{ id: 'name', header: m.nozzle_title(), value: nozzleName, cell: name },
			{ id: 'size', header: m.size_title(), value: (n) => n.size, cell: size },
			{ id: 'angle', header: m.fan(), value: (n) => n.angle ?? 0, cell: angle, num: true },
			{
				id: 'flow',
				header: m.at_flow_unit({
					flowUnit: f.flowUnit,
					reference: f.pressure(reference),
					pressureUnit: f.pressureUnit
				}),
				value: (n) => flowAt(n.points, reference),
				cell: flow,
				num: true
			},
			{
				id: 'pressures',
				header: m.pressures({ pressureUnit: f.pressureUnit }),
				value: (n) => n.low,
				cell: pressures,
				num: true
			},
			{ id: 'drops', header: m.drops_title(), value: dropsOf },
			{ id: 'shed', header: m.shed(), value: (n) => (n.shed ? 0 : 1), cell: shed }
		]}
	/>
	{#if shown.length > most}<p class="lab">{m.the_first_are_shown_narrow_the({ most })}</p>{/if}
</main>

<style>
	.shed {
		min-width: 84px;
		min-height: 48px;
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
</style>
