<script lang="ts">
	import { inUnit, rigChecks, sectionOfNozzles, showDecimals, showFigure } from '$core';
	import type { VolumePerArea } from '$core';
	import type { PageData } from './$types';
	import BoomRail from '$lib/drawings/BoomRail.svelte';
	import BudgetBar from '$lib/components/BudgetBar.svelte';
	import { findingKey } from '$lib/wording/findings';
	import FindingCard from '$lib/components/FindingCard.svelte';
	import RateFigure from '$lib/components/RateFigure.svelte';
	import Working from '$lib/components/Working.svelte';
	import { fieldUnits, measuresOf, shortUnit } from '$lib/formats/field-units';
	import { typedText } from '$lib/formats/typed-text';
	import { jugBoard } from '$lib/state/jug-board';
	import { readCalibration } from '$lib/state/read-calibration';

	let { data }: { data: PageData } = $props();
	const c = $derived(data.calibration);
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	const figure = (v: number, digits = 3) => showFigure(v, digits, settings.decimalComma);
	const read = $derived(readCalibration(data.rig, data.entries, c.evenRule));
	const board = $derived(
		read
			? jugBoard({
					on: read.calibration.nozzles.nozzles.map((n) => n.n),
					catchUnit: units.catch,
					flow: read.calibration.nozzles,
					passedOver: (n) => read.round.nozzles.get(n)?.passedOver ?? false,
					decimalComma: settings.decimalComma
				})
			: null
	);
	const sections = $derived(sectionOfNozzles(data.rig.sections));
	const whyWords = {
		first: '',
		sure: 'to be sure',
		cleaned: 'after cleaning',
		replaced: 'after replacing',
		slip: 'typed again'
	};
	const percent = (share: number | null) =>
		share === null
			? ''
			: `${share < -0.0005 ? '−' : '+'}${showDecimals(Math.abs(share) * 100, 1, settings.decimalComma)} %`;
</script>

<svelte:head><title>Calibration {c.signedDay} · {data.rig.name} · Fallow</title></svelte:head>

<div class="page">
	<main>
		<div>
			<h1><a href="/sprayers/{c.sprayerId}">{data.rig.name}</a>, calibrated {c.signedDay}</h1>
			<p class="lab">
				Signed off by {c.signedBy} at {figure(inUnit('pressure', c.pressure as never, units.pressure))}
				{units.pressure}, gear {c.gear}{c.rpm ? `, ${c.rpm} rpm` : ''}. {c.remarks}
			</p>
		</div>
		<div class="card top">
			<RateFigure
				rate={c.rate as VolumePerArea}
				relativeU95={c.relativeU95}
				unit={settings.rateUnit}
				decimalComma={settings.decimalComma}
			/>
			{#if read}<div>
					<p class="lab">Where the ± comes from</p>
					<BudgetBar budget={read.calibration.budget} />
				</div>{/if}
		</div>
		{#if read && board}
			<div class="card">
				<Working
					sheet={read.sheet}
					calibration={read.calibration}
					school={settings.school}
					measures={measuresOf(settings)}
				/>
			</div>
			<div class="card">
				<h2>Readings as taken</h2>
				<p class="lab">
					Course {read.round.course ? typedText(read.round.course) : ''}; runs
					{#each read.round.runs as run, i (run.id)}{i > 0 ? ', ' : ''}<span class:struck={run.struck}
							>{typedText(run.time)}</span
						>{/each}{read.round.dial ? `; dial ${typedText(read.round.dial)}` : ''}. Jugs held {read.round.catchTime
						? typedText(read.round.catchTime)
						: 'as long as the course took'}, marked every {read.round.jug ? typedText(read.round.jug) : '10 ml'}.
					{read.round.ticks.size} of {rigChecks.length} checks of the rig ticked.
				</p>
				<BoomRail jugs={board.jugs} at={null} />
				<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls sideways has to take the focus) -->
				<div class="ledger-scroll" role="region" aria-label="Table" tabindex="0">
					<table class="ledger">
						<thead
							><tr
								><th scope="col">Nozzle</th><th scope="col">Section</th><th scope="col">Caught</th><th scope="col"
									>Against the others</th
								><th scope="col">Against rated</th><th scope="col">Verdict</th></tr
							></thead
						>
						<tbody>
							{#each read.calibration.nozzles.nozzles as n (n.n)}
								{@const takes = read.round.nozzles.get(n.n)?.takes ?? []}
								<tr class={n.verdict.replace(' ', '-')}>
									<td class="num">{n.n}</td>
									<td>{(sections[n.n - 1] ?? 0) + 1}</td>
									<td>
										{#each takes as take, i (take.id)}{i > 0 ? ', ' : ''}<span class:struck={!take.counts}
												>{typedText(take.amount)}</span
											>{whyWords[take.why] ? ` (${whyWords[take.why]})` : ''}{/each}
									</td>
									<td class="num">{percent(n.fromAverage)}</td>
									<td class="num">{percent(n.fromRated)}</td>
									<td
										>{n.verdict === 'low'
											? '▼ low'
											: n.verdict === 'high'
												? '▲ high'
												: n.verdict === 'blocked'
													? '✕ blocked'
													: n.verdict}</td
									>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
			</div>
		{/if}
	</main>
	<aside>
		<a class="btn go big" href="/calibrations/{c.id}/tank">What goes in the tank</a>
		<h2>
			{c.findings.length === 0
				? 'Nothing odd'
				: c.findings.length === 1
					? 'One finding'
					: `${c.findings.length} findings`}
		</h2>
		{#each c.findings as finding (findingKey(finding))}<FindingCard {finding} />{/each}
		{#if data.plans.length > 0}
			<h2>Tank plans from it</h2>
			<ul>
				{#each data.plans as plan (plan.id)}
					<li>
						<a href="/tank-plans/{plan.id}"
							>{figure(inUnit('area', plan.area as never, units.area))}
							{units.area}, {plan.loads}
							{plan.loads === 1 ? 'load' : 'loads'}</a
						>
						<span class="lab"
							>{figure(inUnit('volume', plan.mix as never, units.tank))}
							{shortUnit(units.tank)} of mix{plan.products.length ? `, ${plan.products.join(', ')}` : ''}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
		<p class="lab">
			Calibrate again when nozzles, pump, gauge or tyres change, at the start of the season, or when a tank runs out
			more than 5 % off.
		</p>
	</aside>
</div>

<style>
	.page {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 340px;
		min-height: calc(100dvh - 56px);
	}
	main {
		display: grid;
		gap: 16px;
		align-content: start;
		padding: 20px 24px;
	}
	h1 a {
		color: inherit;
	}
	.card {
		display: grid;
		gap: 10px;
		padding: 14px 18px;
	}
	.struck {
		text-decoration: line-through;
		color: var(--soft);
	}
	main > * {
		min-width: 0;
	}
	tr.low td,
	tr.high td {
		color: var(--amber-text);
	}
	tr.blocked td {
		color: var(--rust-text);
	}
	aside {
		display: grid;
		gap: 14px;
		align-content: start;
		padding: 20px;
		border-left: 1px solid var(--rule);
		background: var(--paper-deep);
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		gap: 8px;
	}
	li {
		display: grid;
	}
	li a {
		padding: 6px 0;
		font-weight: 600;
	}
	@media (max-width: 859px) {
		.page {
			grid-template-columns: minmax(0, 1fr);
		}
		main {
			padding: 16px;
		}
		aside {
			border: 0;
		}
	}
</style>
