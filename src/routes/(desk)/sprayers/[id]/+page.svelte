<script lang="ts">
	import { inUnit, showFigure } from '$core';
	import type { PageData } from './$types';
	import Swath from '$lib/drawings/Swath.svelte';
	import { shownRate } from '$lib/state/answer';
	import { fieldUnits, shortUnit } from '$lib/formats/field-units';
	import { typedText } from '$lib/formats/typed-text';

	let { data }: { data: PageData } = $props();
	const rig = $derived(data.sprayer.rig);
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	const latest = $derived(data.first ? data.calibrations.rows[0] : undefined);
	const rate = (c: { rate: number; relativeU95: number }) =>
		shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma);
	const figure = (v: number, digits = 3) => showFigure(v, digits, settings.decimalComma);
	const width = $derived(
		latest ? `${figure(inUnit('length', latest.width as never, units.course), 4)} ${units.course}` : ''
	);
</script>

<svelte:head><title>{rig.name} · Fallow</title></svelte:head>

<div class="page">
	<main>
		<div class="head">
			<div>
				<h1>{rig.name}</h1>
				<p class="lab">
					{rig.nozzles} nozzles at {typedText(rig.spacing)}{rig.nozzle ? ` · ${rig.nozzle}` : ''}{rig.rated
						? ` · rated ${typedText(rig.rated.flow)} at ${typedText(rig.rated.at)}`
						: ''} · {typedText(rig.tank)} tank
				</p>
			</div>
			<a class="btn plain" href="/sprayers/{data.sprayer.id}/edit">Change</a>
		</div>
		<div class="card drawing">
			<Swath sections={rig.sections} off={[]} width={width || `${rig.nozzles} × ${typedText(rig.spacing)}`} />
		</div>

		<section>
			<h2>
				Calibrations {#if data.calibrations.total > 0}<span class="lab"
						>{data.calibrations.total} in all, newest first</span
					>{/if}
			</h2>
			{#if data.calibrations.rows.length === 0}
				<p class="lab">
					None yet. A round measures speed, swath and flow; signed off, it stands here and doses the tank.
				</p>
			{:else}
				<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls sideways has to take the focus) -->
				<div class="ledger-scroll" role="region" aria-label="Table" tabindex="0">
					<table class="ledger">
						<thead>
							<tr
								><th scope="col">Signed</th><th scope="col">Spray volume</th><th scope="col">Speed</th><th scope="col"
									>Pressure</th
								><th scope="col">Gear</th><th scope="col">By</th><th scope="col">Findings</th></tr
							>
						</thead>
						<tbody>
							{#each data.calibrations.rows as c (c.id)}
								{@const r = rate(c)}
								<tr>
									<td><a href="/calibrations/{c.id}">{c.signedDay}</a></td>
									<td><span class="num">{r.value}</span> {r.unit} ± {r.interval}</td>
									<td class="num">{figure(inUnit('speed', c.speed as never, units.speed))} {units.speed}</td>
									<td class="num">{figure(inUnit('pressure', c.pressure as never, units.pressure))} {units.pressure}</td
									>
									<td>{c.gear}</td>
									<td>{c.signedBy}</td>
									<td class:look={c.findings > 0}>{c.findings > 0 ? `▲ ${c.findings}` : 'none'}</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
				<nav class="pages" aria-label="Pages of calibrations">
					{#if !data.first}<a class="btn plain" href="/sprayers/{data.sprayer.id}">Newest</a>{/if}
					{#if data.calibrations.next}<a class="btn plain" href="?after={encodeURIComponent(data.calibrations.next)}"
							>Older</a
						>{/if}
				</nav>
			{/if}
		</section>
	</main>
	<aside>
		{#if latest}
			{@const r = rate(latest)}
			<p class="lab">Spray volume, measured {latest.signedDay}</p>
			<p class="big"><span class="num">{r.value}</span> <b>{r.unit}</b></p>
			<p>
				± {r.interval} (95 %), at {figure(inUnit('speed', latest.speed as never, units.speed))}
				{units.speed} and {figure(inUnit('pressure', latest.pressure as never, units.pressure))}
				{units.pressure}, gear {latest.gear}
			</p>
			{#if latest.findings > 0}<p class="look">
					<b>▲ Signed with {latest.findings} {latest.findings === 1 ? 'finding' : 'findings'}.</b>
					<a href="/calibrations/{latest.id}">Read {latest.findings === 1 ? 'it' : 'them'}</a>
				</p>{/if}
			<dl>
				<div>
					<dt>Flow of the boom</dt>
					<dd class="num">{figure(inUnit('flow', latest.flow as never, units.flow))} {shortUnit(units.flow)}</dd>
				</div>
				<div>
					<dt>Swath</dt>
					<dd class="num">{width}</dd>
				</div>
			</dl>
			<a class="btn go big" href="/calibrations/{latest.id}/tank">What goes in the tank</a>
		{:else if data.first}
			<p class="lab">Spray volume</p>
			<p class="big"><span class="num dry">–</span> <b>{settings.rateUnit}</b></p>
			<p>Not calibrated yet. Forty minutes with a jug, a tape and a stopwatch.</p>
		{/if}
		{#if data.openRound}<a class="btn big" href="/rounds/{data.openRound}">Carry on with the round</a>
		{:else}<a
				class="btn big"
				class:go={!latest}
				href="/rounds/new?sprayer={data.sprayer.id}"
				data-sveltekit-preload-data="off">Start a round</a
			>{/if}
		<p class="lab">Clean water only, and gloves, eye cover and boots all the same: the rig has held pesticide.</p>
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
		gap: 18px;
		align-content: start;
		padding: 22px 24px;
	}
	.head {
		display: flex;
		justify-content: space-between;
		align-items: start;
		gap: 16px;
	}
	.drawing {
		padding: 12px 18px;
		max-height: 300px;
	}
	.drawing :global(svg) {
		max-height: 270px;
	}
	main > * {
		min-width: 0;
	}
	td a {
		display: inline-block;
		padding: 12px 12px 12px 0;
	}
	td .num {
		font-size: 1.4rem;
	}
	.look {
		color: var(--amber-text);
	}
	.pages {
		display: flex;
		gap: 12px;
		margin-top: 12px;
	}
	aside {
		display: grid;
		gap: 12px;
		align-content: start;
		padding: 24px 20px;
		border-left: 1px solid var(--rule);
		background: var(--paper-deep);
	}
	.big {
		line-height: 1;
	}
	.big .num {
		font-size: 4.6rem;
		letter-spacing: -0.03em;
	}
	.dry {
		color: var(--straw-edge);
	}
	dl {
		margin: 0;
	}
	dl div {
		display: grid;
		grid-template-columns: 1fr auto;
		padding: 4px 0;
		border-bottom: 1px dashed var(--rule);
	}
	dd {
		margin: 0;
		font-size: 1.15rem;
	}
	@media (max-width: 859px) {
		.page {
			grid-template-columns: minmax(0, 1fr);
		}
		aside {
			order: -1;
			border: 0;
			padding: 16px;
		}
		main {
			padding: 16px;
		}
	}
</style>
