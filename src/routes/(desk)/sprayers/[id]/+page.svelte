<script lang="ts">
	import { dayText } from '$lib/settings/day-text';
	import { show } from '$lib/show/show';
	import { enhance } from '$app/forms';
	import { inUnit, isCarried, showFigure, si } from '$core';
	import type { PageData } from './$types';
	import type { Setting } from '$lib/wire/rig';
	import DueNote from '$lib/sprayer/DueNote.svelte';
	import DataTable from '$lib/kit/DataTable.svelte';
	import AskTwice from '$lib/kit/AskTwice.svelte';
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

	let { data }: { data: PageData } = $props();
	const rig = $derived(data.sprayer.rig);
	type Calibration = PageData['calibrations']['rows'][number];
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	const latest = $derived(data.first ? data.calibrations.rows.find((c) => !c.withdrawn) : undefined);
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

{#snippet signed(c: Calibration)}<a class="inline-block py-3 pr-3" href="/calibrations/{c.id}">{dayText(c.signedDay)}</a
	>{/snippet}
{#snippet volume(c: Calibration)}
	{@const r = rate(c)}
	<span class={[c.withdrawn && 'line-through']}
		><span class="num text-[1.4rem]" class:text-soft={c.doubt !== null || c.withdrawn}>{r.value}</span>
		{r.unit} ± {r.interval}</span
	>
{/snippet}
{#snippet found(c: Calibration)}
	<span class:look={c.findings > 0 || c.doubt !== null || c.withdrawn}
		>{c.withdrawn
			? '✕ withdrawn'
			: c.doubt
				? `▲ in doubt: ${eventWords[c.doubt].short}`
				: c.findings > 0
					? `▲ ${c.findings}`
					: 'none'}</span
	>
{/snippet}

<svelte:head><title>{rig.name} · Fallow</title></svelte:head>

<div class="grid grid-cols-[minmax(0,1fr)_340px] min-h-[calc(100dvh_-_56px)] phone:grid-cols-1">
	<main class="grid gap-5 content-start py-5.5 px-6 phone:p-4">
		<div class="min-w-0 flex flex-wrap justify-between items-start gap-x-3 gap-y-2.5">
			<div>
				<h1>{rig.name}</h1>
				<p class="lab">{lines}</p>
			</div>
			<div class="flex flex-wrap justify-between items-start gap-x-3 gap-y-2.5">
				<a class="btn plain" href="/sprayers/{data.sprayer.id}/edit">Edit</a>
				<form method="post" action="?/copy" use:enhance><button class="btn plain">Copy</button></form>
				<form method="post" action="?/archive" use:enhance>
					<input type="hidden" name="away" value={data.sprayer.archived ? 'no' : 'yes'} />
					<button class="btn plain">{data.sprayer.archived ? 'Restore' : 'Archive'}</button>
				</form>
			</div>
		</div>
		{#if data.sprayer.archived}<p class="min-w-0 text-amber-text">
				▲ Archived. Nothing of it is lost; it is left out of Today.
			</p>{/if}
		<div class="min-w-0 grid grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] gap-5 items-start phone:grid-cols-1">
			<div class="card drawing py-2.5 px-4 h-62.5">
				{#if rig.uncounted}
					<p class="lab py-6">
						Its nozzles are not counted yet, so it is measured at the tank.
						<a href="/sprayers/{data.sprayer.id}/edit">Enter its nozzles</a> to catch them one by one.
					</p>
				{:else}<RigDrawing
						{rig}
						width={width || (rig.spacing ? `${rig.nozzles / (rig.stacked ?? 1)} × ${typedText(rig.spacing)}` : '')}
					/>{/if}
			</div>
			<section aria-label="Settings">
				<h2>Settings <a class="add" href="/sprayers/{data.sprayer.id}/settings/new">Add one</a></h2>
				<ul class="settings mx-0 mt-2 mb-2.5">
					{#each data.sprayer.settings as setting (setting.id)}
						<li class="flex justify-between items-center gap-2.5 py-1.5 px-0 border-b border-b-rule">
							<div class="flex-1">
								<a href="/sprayers/{data.sprayer.id}/settings/{setting.id}"><b>{setting.name}</b></a>
								<span class="lab text-[0.88rem]"
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
									<span class="pl-2 border-l-5 border-l-dye"
										>Changed {dayText(setting.change.day)}: {changeLines(setting.change, settings.decimalComma)
											.map((line) => `${line.name.toLowerCase()} ${line.text}`)
											.join(', ')}. <b>A new calibration has to check it.</b></span
									>
									<form method="post" action="?/unchanged" use:enhance>
										<input type="hidden" name="setting" value={setting.id} />
										<AskTwice ask="It was not done" words="Forget the change" />
									</form>
								{/if}
							</div>
							<a
								class="paper"
								href="/sprayers/{data.sprayer.id}/field-sheet?setting={setting.id}"
								data-sveltekit-reload
								aria-label="Blank field sheet of {setting.name}, PDF">Sheet</a
							>
							<a class="btn" href={start(setting.id)} data-sveltekit-preload-data="off">Calibrate</a>
						</li>
					{/each}
				</ul>
				{#if carried}<a class="btn plain" href="/sprayers/{data.sprayer.id}/team">Compare the team</a>{/if}
			</section>
		</div>

		<section class="min-w-0">
			<h2>
				Calibrations {#if data.calibrations.total > 0}<span class="lab"
						>{data.calibrations.total} in all, newest first</span
					>{/if}
			</h2>
			{#if data.calibrations.rows.length === 0}
				<p class="lab">
					None yet. A calibration measures what the sprayer puts on the ground; signed off, it doses the tank.
				</p>
			{:else}
				<DataTable
					label="Calibrations"
					rows={data.calibrations.rows}
					key={(c) => c.id}
					inOrder
					columns={[
						{ id: 'day', header: 'Signed', value: (c) => c.signedDay, cell: signed },
						{
							id: 'setting',
							header: 'Setting',
							value: (c) => `${settingName(c)}${c.person ? `, ${c.person}` : ''}`
						},
						{ id: 'rate', header: 'Spray volume', value: (c) => c.rate, cell: volume },
						{ id: 'speed', header: 'Speed', value: (c) => speed(c.speed), num: true },
						{ id: 'pressure', header: 'Pressure', value: (c) => pressure(c.pressure), num: true },
						{ id: 'by', header: 'By', value: (c) => c.signedBy },
						{ id: 'findings', header: 'Warnings', value: (c) => c.findings, cell: found }
					]}
				/>
				<nav class="flex flex-wrap gap-3 mt-3" aria-label="Pages of calibrations">
					{#if !data.first}<a class="btn plain" href="/sprayers/{data.sprayer.id}">Newest</a>{/if}
					{#if data.calibrations.next}<a class="btn plain" href="?after={encodeURIComponent(data.calibrations.next)}"
							>Older</a
						>{/if}
					<a class="btn plain" href="/sprayers/{data.sprayer.id}/import">Import a sheet</a>
				</nav>
			{/if}
			{#if data.calibrations.rows.length === 0}<a class="btn plain mt-2.5" href="/sprayers/{data.sprayer.id}/import"
					>Import a sheet</a
				>{/if}
		</section>
		{#if data.calibrations.total > 0}
			<SprayerHistory sprayerId={data.sprayer.id} {rig} {settings} total={data.calibrations.total} />
		{/if}
		<SprayerEvents events={data.events} next={data.event} />
	</main>
	<aside
		class="grid gap-3 content-start py-6 px-5 border-l border-l-rule bg-paper-deep phone:-order-1 phone:border-0 phone:p-4"
	>
		{#if latest}
			{@const r = rate(latest)}
			<p class="lab">
				Spray volume, measured {dayText(latest.signedDay)}{latest.person ? `, ${latest.person}` : ''}
			</p>
			<p class="big"><span class="num text-[4.6rem] tracking-[-0.03em]">{r.value}</span> <b>{r.unit}</b></p>
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
					<b>▲ Signed with {latest.findings} {latest.findings === 1 ? 'warning' : 'warnings'}.</b>
					<a href="/calibrations/{latest.id}">Read {latest.findings === 1 ? 'it' : 'them'}</a>
				</p>{/if}
			<dl>
				{#if latest.flow !== null}<div class="grid grid-cols-[1fr_auto] py-1 px-0 border-b border-dashed border-b-rule">
						<dt>Flow of all nozzles</dt>
						<dd class="num text-[1.15rem]">
							{figure(inUnit('flow', si(latest.flow), units.flow))}
							{shortUnit(units.flow)}
						</dd>
					</div>{/if}
				{#if width}<div class="grid grid-cols-[1fr_auto] py-1 px-0 border-b border-dashed border-b-rule">
						<dt>Swath</dt>
						<dd class="num text-[1.15rem]">{width}</dd>
					</div>{/if}
			</dl>
			{#if data.due}<DueNote due={data.due} {settings} />{/if}
			<a class="btn go big" href="/full-tank?calibration={latest.id}">One full tank</a>
			<a class="btn" href="/calibrations/{latest.id}/tank">Loads for an area</a>
			<a class="btn" href="/rounds/new?sprayer={data.sprayer.id}&after={latest.id}" data-sveltekit-preload-data="off"
				>Again after a change</a
			>
			<a class="btn plain" href="/figures?calibration={latest.id}">Quick figures</a>
		{:else if data.first}
			<p class="lab">Spray volume</p>
			<p class="big">
				<span class="num text-straw-edge text-[4.6rem] tracking-[-0.03em]">–</span> <b>{longUnit(settings.rateUnit)}</b>
			</p>
			<p>Not calibrated yet. Forty minutes with a jug, a tape and a stopwatch.</p>
		{/if}
		{#if data.openRound}<a class="btn big" href="/rounds/{data.openRound}">Continue the calibration</a>
		{:else}<a
				class="btn big"
				class:go={!latest}
				href="/rounds/new?sprayer={data.sprayer.id}"
				data-sveltekit-preload-data="off">Start a calibration</a
			>{/if}
		<a class="btn plain" href="/sprayers/{data.sprayer.id}/field-sheet" data-sveltekit-reload>Blank field sheet, PDF</a>
		<p class="lab">Clean water only, and gloves, eye cover and boots all the same: the sprayer has held pesticide.</p>
	</aside>
</div>

<style>
	.drawing :global(svg) {
		height: 100%;
	}
	.settings a:not(.btn) {
		display: block;
		padding: 4px 0;
		color: inherit;
	}
	.add {
		margin-left: 8px;
		padding: 8px 0;
		font: 600 0.95rem var(--font-text);
	}
	.big {
		line-height: 1;
	}
</style>
