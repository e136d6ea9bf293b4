<script lang="ts">
	import { untrack } from 'svelte';
	import { enhance } from '$app/forms';
	import { checkLabels, planLoads, readJob } from '$core';
	import type { VolumePerArea } from '$core';
	import type { PageData } from './$types';
	import LabelCards from '$lib/components/LabelCards.svelte';
	import LoadCards from '$lib/components/LoadCards.svelte';
	import { shownRate } from '$lib/shown/answer';
	import { mixingLines } from '$lib/shown/mixing-lines';
	import { typedText } from '$lib/formats/typed-text';
	import { eventWords } from '$lib/wording/events';
	import { splitWords } from '$lib/wording/jobs';

	let { data }: { data: PageData } = $props();
	const settings = $derived(data.farm.settings);
	const job = $derived(data.job);
	const read = $derived(readJob(job, data.rate as VolumePerArea));
	const plan = $derived.by(() => {
		const made = read.ok ? planLoads(read.value.sheet) : null;
		return made?.ok ? made.value : null;
	});
	const findings = $derived(read.ok ? checkLabels(read.value.checks, read.value.sheet.rate, 1) : []);
	const rate = $derived(shownRate(data.rate, data.relativeU95, settings.rateUnit, settings.decimalComma));
	let at = $state(untrack(() => 0));
	const load = $derived(plan?.loads[Math.min(at, (plan?.loads.length ?? 1) - 1)] ?? null);
	const wears = $derived([...new Set(job.products.map((p) => p.label.ppe).filter(Boolean))]);
</script>

<svelte:head><title>{job.blocks.map((b) => b.name).join(', ')} · Fallow</title></svelte:head>

<main class="plain-page">
	<div class="page-head">
		<div>
			<h1>
				{job.blocks.map((b) => (b.share === 1 ? b.name : `${Math.round(b.share * 100)} % of ${b.name}`)).join(', ')}
			</h1>
			<p class="lab">
				{job.day} · <a href="/sprayers/{data.sprayerId}">{data.sprayer}</a> at
				<a href="/calibrations/{data.calibrationId}"><b>{rate.value} {rate.unit} ± {rate.interval}</b></a>, calibrated {data.signedDay}
				· {splitWords[job.split].name.toLowerCase()}. {job.notes}
			</p>
			{#if data.doubt}<p class="look">
					▲ The calibration is in doubt since: {eventWords[data.doubt].name.toLowerCase()}.{job.reason
						? ` Used all the same: ${job.reason}`
						: ' Calibrate again before you dose from it.'}
				</p>{/if}
		</div>
		<form method="post" action="?/remove" use:enhance><button class="btn plain">Take the job off</button></form>
	</div>
	<LabelCards {findings} {settings} />
	{#if plan && read.ok && load}
		<LoadCards {plan} tank={read.value.sheet.tank} names={job.products.map((p) => p.label.name)} {settings} />
		<section class="card mixing">
			<div class="page-head">
				<h2>Mixing load {Math.min(at, plan.loads.length - 1) + 1} of {plan.loads.length}</h2>
				{#if plan.loads.length > 1}<span class="do">
						<button type="button" class="btn" disabled={at === 0} onclick={() => (at -= 1)}>← Load before</button>
						<button type="button" class="btn" disabled={at >= plan.loads.length - 1} onclick={() => (at += 1)}
							>Next load →</button
						>
					</span>{/if}
			</div>
			<ol>
				{#each mixingLines(load, job, settings) as line, i (i)}
					<li>
						<span class="figure"><span class="num">{line.figure}</span> {line.unit}</span>
						<span><b>{line.text}</b> <small>{line.why}</small></span>
					</li>
				{/each}
			</ol>
			<p class="lab">
				{wears.length > 0 ? `Wear what the labels say: ${wears.join('; ')}. ` : ''}Pour below shoulder height.
				Triple-rinse containers into the tank. A label that gives another order stands above this one; jar-test a new
				mix.
			</p>
		</section>
	{/if}
	<section>
		<h2>Doses</h2>
		<ul>
			{#each job.products as p (p.id)}<li>
					<a href="/products/{p.id}">{p.label.name}</a>: <b>{typedText(p.dose)}</b>{p.label.entryHours !== null
						? `, back in after ${p.label.entryHours} h`
						: ''}{p.label.harvestDays !== null ? `, harvest after ${p.label.harvestDays} days` : ''}
				</li>{/each}
		</ul>
	</section>
</main>

<style>
	.look {
		color: var(--amber-text);
		font-weight: 600;
	}
	.mixing {
		display: grid;
		gap: 10px;
		padding: 14px 18px;
	}
	ol {
		margin: 0;
		padding: 0;
		list-style: none;
		counter-reset: step;
	}
	ol li {
		display: grid;
		grid-template-columns: 44px 220px minmax(0, 1fr);
		gap: 14px;
		align-items: center;
		min-height: 64px;
		border-top: 1px solid var(--hair);
		counter-increment: step;
	}
	ol li::before {
		content: counter(step);
		display: grid;
		place-items: center;
		width: 40px;
		height: 40px;
		border: 2px solid var(--straw-edge);
		border-radius: 5px;
		background: var(--straw-wash);
		font: 700 1.2rem var(--font-figures);
	}
	.figure .num {
		font-size: 2.4rem;
		line-height: 1;
	}
	small {
		display: block;
		color: var(--soft);
	}
	ul {
		margin: 0;
		padding-left: 1.2rem;
	}
	@media (max-width: 859px) {
		ol li {
			grid-template-columns: 44px minmax(0, 1fr);
		}
		ol li {
			gap: 2px 14px;
			padding: 8px 0;
		}
		ol li::before {
			grid-row: 1 / 3;
		}
		ol li > span:last-child {
			grid-column: 2;
		}
	}
</style>
