<script lang="ts">
	import { show } from '$lib/show/show';
	import { enhance } from '$app/forms';
	import { inUnit, isCarried, showFigure, si } from '$core';
	import type { ActionData, PageData } from './$types';
	import type { Setting } from '$lib/wire/rig';
	import DueNote from '$lib/sprayer/DueNote.svelte';
	import RigDrawing from '$lib/sprayer/RigDrawing.svelte';
	import SprayerEvents from '$lib/sprayer/SprayerEvents.svelte';
	import SprayerHistory from '$lib/sprayer/SprayerHistory.svelte';
	import { shownRate } from '$lib/show/answer';
	import { changeLines } from '$lib/show/change-lines';
	import { fieldUnits, longUnit, shortUnit } from '$lib/settings/field-units';
	import { typedText } from '$lib/settings/typed-text';
	import { settingLabel } from '$lib/show/setting-label';
	import { describeRig, driveWords } from '$lib/wording/describe-rig';
	import { eventWords } from '$lib/wording/events';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const rig = $derived(data.sprayer.rig);
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	const latest = $derived(data.first ? data.calibrations.rows[0] : undefined);
	const rate = (c: { rate: number; relativeU95: number }) =>
		shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma);
	const figure = (v: number, digits = 3) => showFigure(v, digits, settings.decimalComma);
	const speed = (v: number | null) => (v === null ? 'not measured' : show('speed', v, settings).text);
	const pressure = (v: number | null) => (v === null ? 'not measured' : show('pressure', v, settings).text);
	const width = $derived(
		latest?.width ? `${figure(inUnit('length', si(latest.width), units.course), 4)} ${units.course}` : ''
	);
	const settingName = (c: { settingId: string; nozzlesOn: number | null }) =>
		settingLabel(
			data.sprayer.settings.find((s) => s.id === c.settingId),
			rig,
			c.nozzlesOn
		);
	const carried = $derived(isCarried(rig));
	const lines = $derived(
		[
			describeRig(rig),
			rig.rated && `rated ${typedText(rig.rated.flow)} at ${typedText(rig.rated.at)}`,
			`${typedText(rig.tank)} tank`,
			rig.agitation && `stirs from ${typedText(rig.agitation)}`,
			rig.drive && driveWords[rig.drive],
			rig.pressures && `${typedText(rig.pressures.low)} to ${typedText(rig.pressures.high)}`
		]
			.filter(Boolean)
			.join(' · ')
	);
	const start = (setting: string) => `/rounds/new?sprayer=${data.sprayer.id}&setting=${setting}`;
	const sectionsOf = ({ off, otherSide }: Setting) => {
		const other =
			otherSide === undefined
				? ''
				: otherSide === 'sprayed'
					? ', the other side by another pass'
					: ', the other side not';
		return off.length === 0
			? 'all on'
			: rig.sections.length === 2
				? off.includes(0)
					? `right only${other}`
					: `left only${other}`
				: `section ${off.map((s) => s + 1).join(', ')} off`;
	};
</script>

<svelte:head><title>{rig.name} · Fallow</title></svelte:head>

<div class="page">
	<main>
		<div class="head">
			<div>
				<h1>{rig.name}</h1>
				<p class="lab">{lines}</p>
			</div>
			<div class="do">
				<a class="btn plain" href="/sprayers/{data.sprayer.id}/edit">Change</a>
				<form method="post" action="?/copy" use:enhance><button class="btn plain">Copy</button></form>
				<form method="post" action="?/archive" use:enhance>
					<input type="hidden" name="away" value={data.sprayer.archived ? 'no' : 'yes'} />
					<button class="btn plain">{data.sprayer.archived ? 'Take out again' : 'Put away'}</button>
				</form>
			</div>
		</div>
		{#if data.sprayer.archived}<p class="away">▲ Put away. Nothing of it is lost; it is left out of Today.</p>{/if}
		<div class="top">
			<div class="card drawing">
				<RigDrawing {rig} width={width || (rig.spacing ? `${rig.nozzles} × ${typedText(rig.spacing)}` : '')} />
			</div>
			<section aria-label="Settings">
				<h2>Settings <a class="add" href="/sprayers/{data.sprayer.id}/settings/new">Add one</a></h2>
				<ul class="settings">
					{#each data.sprayer.settings as setting (setting.id)}
						<li>
							<div>
								<a href="/sprayers/{data.sprayer.id}/settings/{setting.id}"><b>{setting.name}</b></a>
								<span class="lab"
									>{[
										carried ? '' : sectionsOf(setting),
										setting.gear && `gear ${setting.gear}`,
										setting.rpm && `${setting.rpm} rpm`,
										setting.pressure && typedText(setting.pressure),
										setting.note
									]
										.filter(Boolean)
										.join(' · ')}</span
								>
								{#if setting.change}
									<span class="pending"
										>Changed {setting.change.day}: {changeLines(setting.change, settings.decimalComma)
											.map((line) => `${line.name.toLowerCase()} ${line.text}`)
											.join(', ')}. <b>A round has to check it.</b></span
									>
									<form method="post" action="?/unchanged" use:enhance>
										<input type="hidden" name="setting" value={setting.id} />
										<button class="undo">It was not done</button>
									</form>
								{/if}
							</div>
							<a
								class="paper"
								href="/sprayers/{data.sprayer.id}/field-sheet?setting={setting.id}"
								data-sveltekit-reload
								aria-label="Blank field sheet of {setting.name}, PDF">Sheet</a
							>
							<a class="btn" href={start(setting.id)} data-sveltekit-preload-data="off">Round</a>
						</li>
					{/each}
				</ul>
				{#if carried}<a class="btn plain" href="/sprayers/{data.sprayer.id}/team">The team side by side</a>{/if}
			</section>
		</div>

		<section>
			<h2>
				Calibrations {#if data.calibrations.total > 0}<span class="lab"
						>{data.calibrations.total} in all, newest first</span
					>{/if}
			</h2>
			{#if data.calibrations.rows.length === 0}
				<p class="lab">
					None yet. A round measures what the rig puts on the ground; signed off, it stands here and doses the tank.
				</p>
			{:else}
				<!-- svelte-ignore a11y_no_noninteractive_tabindex (a table that scrolls sideways has to take the focus) -->
				<div class="ledger-scroll" role="region" aria-label="Calibrations" tabindex="0">
					<table class="ledger">
						<thead>
							<tr
								><th scope="col">Signed</th><th scope="col">Setting</th><th scope="col">Spray volume</th><th scope="col"
									>Speed</th
								><th scope="col">Pressure</th><th scope="col">By</th><th scope="col">Findings</th></tr
							>
						</thead>
						<tbody>
							{#each data.calibrations.rows as c (c.id)}
								{@const r = rate(c)}
								<tr class:doubt={c.doubt !== null}>
									<td><a href="/calibrations/{c.id}">{c.signedDay}</a></td>
									<td>{settingName(c)}{c.person ? `, ${c.person}` : ''}</td>
									<td><span class="num">{r.value}</span> {r.unit} ± {r.interval}</td>
									<td class="num">{speed(c.speed)}</td>
									<td class="num">{pressure(c.pressure)}</td>
									<td>{c.signedBy}</td>
									<td class:look={c.findings > 0 || c.doubt !== null}
										>{c.doubt
											? `▲ in doubt: ${eventWords[c.doubt].short}`
											: c.findings > 0
												? `▲ ${c.findings}`
												: 'none'}</td
									>
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
					<a class="btn plain" href="/sprayers/{data.sprayer.id}/import">Read a sheet in</a>
				</nav>
			{/if}
			{#if data.calibrations.rows.length === 0}<a class="btn plain in" href="/sprayers/{data.sprayer.id}/import"
					>Read a sheet in</a
				>{/if}
		</section>
		{#if data.calibrations.total > 0}
			<SprayerHistory sprayerId={data.sprayer.id} {rig} {settings} total={data.calibrations.total} />
		{/if}
		<SprayerEvents
			zone={settings.timeZone}
			events={data.events}
			problem={form?.message ?? ''}
			typed={form?.typed ?? null}
		/>
	</main>
	<aside>
		{#if latest}
			{@const r = rate(latest)}
			<p class="lab">
				Spray volume, measured {latest.signedDay}{latest.person ? `, ${latest.person}` : ''}
			</p>
			<p class="big"><span class="num">{r.value}</span> <b>{r.unit}</b></p>
			<p>
				± {r.interval} (95 %){r.tooWide ? ', too wide to tell 5 %' : ''}{[
					latest.speed === null ? '' : ` at ${speed(latest.speed)}`,
					latest.pressure === null ? 'pressure not measured' : pressure(latest.pressure),
					latest.gear && `gear ${latest.gear}`,
					settingName(latest)
				]
					.filter(Boolean)
					.join(', ')}
			</p>
			{#if latest.findings > 0}<p class="look">
					<b>▲ Signed with {latest.findings} {latest.findings === 1 ? 'finding' : 'findings'}.</b>
					<a href="/calibrations/{latest.id}">Read {latest.findings === 1 ? 'it' : 'them'}</a>
				</p>{/if}
			<dl>
				{#if latest.flow !== null}<div>
						<dt>Flow of all nozzles</dt>
						<dd class="num">{figure(inUnit('flow', si(latest.flow), units.flow))} {shortUnit(units.flow)}</dd>
					</div>{/if}
				{#if width}<div>
						<dt>Swath</dt>
						<dd class="num">{width}</dd>
					</div>{/if}
			</dl>
			{#if data.due}<DueNote due={data.due} {settings} />{/if}
			<a class="btn go big" href="/calibrations/{latest.id}/tank">What goes in the tank</a>
		{:else if data.first}
			<p class="lab">Spray volume</p>
			<p class="big"><span class="num dry">–</span> <b>{longUnit(settings.rateUnit)}</b></p>
			<p>Not calibrated yet. Forty minutes with a jug, a tape and a stopwatch.</p>
		{/if}
		{#if data.openRound}<a class="btn big" href="/rounds/{data.openRound}">Carry on with the round</a>
		{:else}<a
				class="btn big"
				class:go={!latest}
				href="/rounds/new?sprayer={data.sprayer.id}"
				data-sveltekit-preload-data="off">Start a round</a
			>{/if}
		<a class="btn plain" href="/sprayers/{data.sprayer.id}/field-sheet" data-sveltekit-reload>Blank field sheet, PDF</a>
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
		gap: 20px;
		align-content: start;
		padding: 22px 24px;
	}
	.head,
	.do {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: start;
		gap: 10px 12px;
	}
	.top {
		display: grid;
		grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
		gap: 20px;
		align-items: start;
	}
	.drawing {
		padding: 10px 16px;
		height: 250px;
	}
	.drawing :global(svg) {
		height: 100%;
	}
	.away,
	.look {
		color: var(--amber-text);
	}
	.settings {
		list-style: none;
		margin: 8px 0 10px;
		padding: 0;
	}
	.settings li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 10px;
		padding: 6px 0;
		border-bottom: 1px solid var(--rule);
	}
	.settings a:not(.btn) {
		display: block;
		padding: 4px 0;
		color: inherit;
	}
	.settings li > div {
		flex: 1;
	}
	.undo {
		min-height: 44px;
		padding: 0;
		border: 0;
		background: none;
		color: var(--dye-text);
		font: inherit;
		text-decoration: underline;
		cursor: pointer;
	}
	.pending {
		padding-left: 8px;
		border-left: 5px solid var(--dye);
	}
	.settings .lab {
		font-size: 0.88rem;
	}
	.add {
		margin-left: 8px;
		padding: 8px 0;
		font: 600 0.95rem var(--font-text);
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
	.doubt td .num {
		color: var(--soft);
	}
	.pages {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		margin-top: 12px;
	}
	.in {
		margin-top: 10px;
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
		.page,
		.top {
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
