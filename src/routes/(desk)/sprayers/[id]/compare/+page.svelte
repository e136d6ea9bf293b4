<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { show } from '$lib/show/show';
	import { showDecimals } from '$core';
	import type { AnySheet } from '$core';
	import type { PageData } from './$types';
	import { fieldUnits, longUnit, shortUnit } from '$lib/settings/field-units';
	import { shownRate } from '$lib/show/answer';
	import { methodWords } from '$lib/wording/methods';
	import { namesOf } from '$lib/wording/nozzle-names';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const comma = $derived(settings.decimalComma);
	const units = $derived(fieldUnits(settings));
	const both = $derived([data.one, data.two] as const);
	const percent = (v: number) => `${v < -0.0005 ? '−' : '+'}${showDecimals(Math.abs(v) * 100, 1, comma)} %`;
	const change = (a: number | null, b: number | null) =>
		a === null || b === null || a === 0 ? '' : percent(b / a - 1);
	const rows = $derived([
		{
			name: m.speed_speed({ speed: units.speed }),
			values: both.map((c) => c.speed),
			show: (v: number) => show('speed', v, settings).figure
		},
		{
			name: m.swath_course({ course: units.course }),
			values: both.map((c) => c.width),
			show: (v: number) => show('length', v, settings).figure
		},
		{
			name: m.flow_flow({ flow: shortUnit(units.flow) }),
			values: both.map((c) => c.flow),
			show: (v: number) => show('flow', v, settings).figure
		},
		{
			name: m.pressure_pressure({ pressure: units.pressure }),
			values: both.map((c) => c.pressure),
			show: (v: number) => show('pressure', v, settings).figure
		}
	]);
	const shares = $derived([
		{ name: m.wear_over_new(), values: both.map((c) => c.wear) },
		{ name: m.unevenness_cv_title(), values: both.map((c) => c.unevenness) }
	]);
	const gap = $derived(data.two.rate / data.one.rate - 1);
	const joint = $derived(Math.hypot(data.one.relativeU95, data.two.relativeU95 * (data.two.rate / data.one.rate)));
	const names = $derived(namesOf(data.sprayer.rig));
	const nozzles = $derived(
		[...new Set(both.flatMap((c) => c.nozzles.map((n) => n.n)))]
			.sort((a, b) => a - b)
			.map((n) => ({ n, flows: both.map((c) => c.nozzles.find((x) => x.n === n)?.flow ?? null) }))
	);
</script>

<svelte:head><title>{m.two_calibrations_fallow({ name: data.sprayer.rig.name })}</title></svelte:head>

<main class="plain-page">
	<h1>{m.two_calibrations_of()} <a class="tap" href="/sprayers/{data.sprayer.id}">{data.sprayer.rig.name}</a></h1>
	<div class="grid grid-cols-[1fr_1fr] gap-4 max-[700px]:grid-cols-[1fr]">
		{#each both as c (c === data.one ? 'one' : 'two')}
			{@const r = shownRate(c.rate, c.relativeU95, settings.rateUnit, comma)}
			<article class="card grid gap-1.5 py-3.5 px-4.5">
				<p class="lab">
					<a class="tap" href="/calibrations/{c.id}">{dayText(c.day)}</a>{m.signed_by({
						setting: c.setting,
						which: c.person ? `, ${c.person}` : '',
						by: c.by
					})}
				</p>
				<p>
					<span class="num text-[3.4rem] leading-none">{r.value}</span> <b>{longUnit(settings.rateUnit)}</b> ± {r.interval}
				</p>
				<p class="lab">
					{methodWords[c.method as AnySheet['method']].name}, {c.findings === 0
						? m.no_warnings_inline()
						: m.warnings_findings({ findings: c.findings })}
				</p>
			</article>
		{/each}
	</div>
	<p class:look={Math.abs(gap) > joint}>
		<b class="num text-[1.6rem]">{percent(gap)}</b>
		{m.from_the_first_to_the_second({
			which:
				Math.abs(gap) > joint
					? m.that_is_more_than_the_two({ figure: showDecimals(joint * 100, 1, comma) })
					: m.the_two_explain_up_to_so({ figure: showDecimals(joint * 100, 1, comma) })
		})}
	</p>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls sideways has to take the focus) -->
	<div class="ledger-scroll" role="region" aria-label={m.the_two_in_figures()} tabindex="0">
		<table class="ledger">
			<thead
				><tr
					><th scope="col"><span class="sr-only">{m.what()}</span></th><th scope="col">{dayText(data.one.day)}</th><th
						scope="col">{dayText(data.two.day)}</th
					><th scope="col">{m.change_title()}</th></tr
				></thead
			>
			<tbody>
				{#each rows as row (row.name)}
					<tr>
						<th class="text-ink font-semibold" scope="row">{row.name}</th>
						{#each row.values as v, i (i)}<td class="num">{v === null ? '–' : row.show(v)}</td>{/each}
						<td class="num">{change(row.values[0] ?? null, row.values[1] ?? null)}</td>
					</tr>
				{/each}
				{#each shares as row (row.name)}
					<tr>
						<th class="text-ink font-semibold" scope="row">{row.name}</th>
						{#each row.values as v, i (i)}<td class="num">{v === null ? '–' : percent(v)}</td>{/each}
						<td></td>
					</tr>
				{/each}
				{#each nozzles as row (row.n)}
					<tr>
						<th class="text-ink font-semibold" scope="row">{names.nozzle(row.n)}, {shortUnit(units.flow)}</th>
						{#each row.flows as q, i (i)}<td class="num">{q === null ? '–' : show('flow', q, settings).figure}</td
							>{/each}
						<td class="num" class:look={Math.abs((row.flows[1] ?? 0) / (row.flows[0] ?? 1) - 1) > 0.05}
							>{change(row.flows[0] ?? null, row.flows[1] ?? null)}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</main>
