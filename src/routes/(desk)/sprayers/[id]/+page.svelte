<script lang="ts">
	import { m } from '$words';
	import { may } from '$lib/kit/may';
	import { dayText } from '$lib/settings/day-text';
	import { show } from '$lib/show/show';
	import { enhance } from '$app/forms';
	import { inUnit, isCarried, showFigure, si } from '$core';
	import type { PageData } from './$types';
	import type { Setting } from '$lib/wire/sprayer';
	import DueNote from '$lib/sprayer/DueNote.svelte';
	import DataTable from '$lib/kit/DataTable.svelte';
	import AskTwice from '$lib/kit/AskTwice.svelte';
	import SprayerDrawing from '$lib/sprayer/SprayerDrawing.svelte';
	import SprayerEvents from '$lib/sprayer/SprayerEvents.svelte';
	import SprayerHistory from '$lib/sprayer/SprayerHistory.svelte';
	import { shownRate } from '$lib/show/answer';
	import { changeLines } from '$lib/show/change-lines';
	import { fieldUnits, longUnit, shortUnit } from '$lib/settings/field-units';
	import { typedText } from '$lib/settings/typed-text';
	import { settingLabel } from '$lib/show/setting-label';
	import { describeSprayer, driveWords } from '$lib/wording/describe-sprayer';
	import { eventWords } from '$lib/wording/events';

	let { data }: { data: PageData } = $props();
	const sprayer = $derived(data.sprayer.rig);
	type Calibration = PageData['calibrations']['rows'][number];
	const settings = $derived(data.farm.settings);
	const units = $derived(fieldUnits(settings));
	const latest = $derived(data.first ? data.calibrations.rows.find((c) => !c.withdrawn) : undefined);
	const rate = (c: { rate: number; relativeU95: number }) =>
		shownRate(c.rate, c.relativeU95, settings.rateUnit, settings.decimalComma);
	const figure = (v: number, digits = 3) => showFigure(v, digits, settings.decimalComma);
	const speed = (v: number | null) => (v === null ? m.not_measured() : show('speed', v, settings).text);
	const pressure = (v: number | null) => (v === null ? m.not_measured() : show('pressure', v, settings).text);
	const width = $derived(
		latest?.width ? `${figure(inUnit('length', si(latest.width), units.course), 4)} ${units.course}` : ''
	);
	const settingName = (c: { settingId: string; nozzlesOn: number | null }) =>
		settingLabel(
			data.sprayer.settings.find((s) => s.id === c.settingId),
			sprayer,
			c.nozzlesOn
		);
	const carried = $derived(isCarried(sprayer));
	const lines = $derived(
		[
			describeSprayer(sprayer),
			sprayer.rated && m.rated_at({ flow: typedText(sprayer.rated.flow), at: typedText(sprayer.rated.at) }),
			m.tank_5({ tank: typedText(sprayer.tank) }),
			sprayer.agitation && m.stirs_from({ agitation: typedText(sprayer.agitation) }),
			sprayer.drive && driveWords[sprayer.drive],
			sprayer.pressures && m.to_low({ low: typedText(sprayer.pressures.low), high: typedText(sprayer.pressures.high) })
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
					? m.the_other_side_by_another_pass()
					: m.the_other_side_not();
		return off.length === 0
			? m.all_on()
			: sprayer.sections.length === 2
				? off.includes(0)
					? m.right_only_other({ other })
					: m.left_only_other({ other })
				: m.section_off({ list: off.map((s) => s + 1).join(', ') });
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
			? m.withdrawn()
			: c.doubt
				? m.in_doubt_3({ short: eventWords[c.doubt].short })
				: c.findings > 0
					? `▲ ${c.findings}`
					: m.none()}</span
	>
{/snippet}

<svelte:head><title>{m.fallow_name({ name: sprayer.name })}</title></svelte:head>

<div class="grid grid-cols-[minmax(0,1fr)_340px] min-h-[calc(100dvh_-_56px)] phone:grid-cols-1">
	<main class="grid gap-5 content-start py-5.5 px-6 phone:p-4">
		<div class="min-w-0 flex flex-wrap justify-between items-start gap-x-3 gap-y-2.5">
			<div>
				<h1>{sprayer.name}</h1>
				<p class="lab">{lines}</p>
			</div>
			<div class="flex flex-wrap justify-between items-start gap-x-3 gap-y-2.5">
				{#if may('manage')}<a class="btn plain" href="/sprayers/{data.sprayer.id}/edit">{m.edit()}</a>{/if}
				<form method="post" action="?/copy" use:enhance><button class="btn plain">{m.copy_title()}</button></form>
				<form method="post" action="?/archive" use:enhance>
					<input type="hidden" name="away" value={data.sprayer.archived ? 'no' : 'yes'} />
					<button class="btn plain">{data.sprayer.archived ? m.restore() : m.archive()}</button>
				</form>
			</div>
		</div>
		{#if data.sprayer.archived}<p class="min-w-0 text-amber-text">
				{m.archived_nothing_of_it_is_lost()}
			</p>{/if}
		<div class="min-w-0 grid grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] gap-5 items-start phone:grid-cols-1">
			<div class="card drawing py-2.5 px-4 h-62.5">
				{#if sprayer.uncounted}
					<p class="lab py-6">
						{m.its_nozzles_are_not_counted_yet()}
						<a href="/sprayers/{data.sprayer.id}/edit">{m.enter_its_nozzles()}</a>
						{m.to_catch_them_one_by_one()}
					</p>
				{:else}<SprayerDrawing
						{sprayer}
						width={width ||
							(sprayer.spacing ? `${sprayer.nozzles / (sprayer.stacked ?? 1)} × ${typedText(sprayer.spacing)}` : '')}
					/>{/if}
			</div>
			<section aria-label={m.settings()}>
				<h2>
					{m.settings()}
					{#if may('manage')}<a
							class="tap ml-2 font-text text-[0.95rem] font-semibold"
							href="/sprayers/{data.sprayer.id}/settings/new">{m.add_one()}</a
						>{/if}
				</h2>
				<ul class="settings mx-0 mt-2 mb-2.5">
					{#each data.sprayer.settings as setting (setting.id)}
						<li class="flex justify-between items-center gap-2.5 py-1.5 px-0 border-b border-b-rule">
							<div class="flex-1">
								<a class="tap" href="/sprayers/{data.sprayer.id}/settings/{setting.id}"><b>{setting.name}</b></a>
								<span class="lab text-[0.88rem]"
									>{[
										carried ? '' : sectionsOf(setting),
										setting.gear && m.gear({ gear: setting.gear }),
										setting.rpm && m.rpm({ rpm: setting.rpm }),
										setting.pressure && typedText(setting.pressure),
										setting.note
									]
										.filter(Boolean)
										.join(' · ')}</span
								>
								{#if setting.change}
									<span class="pl-2 border-l-5 border-l-dye"
										>{m.changed({
											day: dayText(setting.change.day),
											list: changeLines(setting.change, settings.decimalComma)
												.map((line) => `${line.name.toLowerCase()} ${line.text}`)
												.join(', ')
										})} <b>{m.a_new_calibration_has_to_check()}</b></span
									>
									<form method="post" action="?/unchanged" use:enhance>
										<input type="hidden" name="setting" value={setting.id} />
										<AskTwice ask={m.it_was_not_done()} words={m.forget_the_change()} />
									</form>
								{/if}
							</div>
							<a
								class="paper tap"
								href="/sprayers/{data.sprayer.id}/field-sheet?setting={setting.id}"
								data-sveltekit-reload
								aria-label={m.blank_field_sheet_of_pdf({ name: setting.name })}>{m.sheet()}</a
							>
							<a class="btn" href={start(setting.id)} data-sveltekit-preload-data="off">{m.calibrate_title()}</a>
						</li>
					{/each}
				</ul>
				{#if carried}<a class="btn plain" href="/sprayers/{data.sprayer.id}/team">{m.compare_the_team()}</a>{/if}
			</section>
		</div>

		<section class="min-w-0">
			<h2>
				{m.calibrations()}
				{#if data.calibrations.total > 0}<span class="lab"
						>{m.in_all_newest_first({ total: data.calibrations.total })}</span
					>{/if}
			</h2>
			{#if data.calibrations.rows.length === 0}
				<p class="lab">
					{m.none_yet_a_calibration_measures_what()}
				</p>
			{:else}
				<DataTable
					label={m.calibrations()}
					rows={data.calibrations.rows}
					key={(c) => c.id}
					inOrder
					columns={[
						{ id: 'day', header: m.signed(), value: (c) => c.signedDay, cell: signed },
						{
							id: 'setting',
							header: m.setting(),
							value: (c) => `${settingName(c)}${c.person ? `, ${c.person}` : ''}`
						},
						{ id: 'rate', header: m.spray_volume(), value: (c) => c.rate, cell: volume },
						{ id: 'speed', header: m.speed_title(), value: (c) => speed(c.speed), num: true },
						{ id: 'pressure', header: m.pressure(), value: (c) => pressure(c.pressure), num: true },
						{ id: 'by', header: m.by(), value: (c) => c.signedBy },
						{ id: 'findings', header: m.warnings_title(), value: (c) => c.findings, cell: found }
					]}
				/>
				<nav class="flex flex-wrap gap-3 mt-3" aria-label={m.pages_of_calibrations()}>
					{#if !data.first}<a class="btn plain" href="/sprayers/{data.sprayer.id}">{m.newest()}</a>{/if}
					{#if data.calibrations.next}<a class="btn plain" href="?after={encodeURIComponent(data.calibrations.next)}"
							>{m.older()}</a
						>{/if}
					<a class="btn plain" href="/sprayers/{data.sprayer.id}/import">{m.import_a_sheet()}</a>
				</nav>
			{/if}
			{#if data.calibrations.rows.length === 0}<a class="btn plain mt-2.5" href="/sprayers/{data.sprayer.id}/import"
					>{m.import_a_sheet()}</a
				>{/if}
		</section>
		{#if data.calibrations.total > 0}
			<SprayerHistory sprayerId={data.sprayer.id} {sprayer} {settings} total={data.calibrations.total} />
		{/if}
		<SprayerEvents events={data.events} next={data.event} />
	</main>
	<aside
		class="grid gap-3 content-start py-6 px-5 border-l border-l-rule bg-paper-deep phone:-order-1 phone:border-0 phone:p-4"
	>
		{#if latest}
			{@const r = rate(latest)}
			<p class="lab">
				{m.spray_volume_measured({
					signedDay: dayText(latest.signedDay),
					which: latest.person ? `, ${latest.person}` : ''
				})}
			</p>
			<p class="big"><span class="num text-[4.6rem] tracking-[-0.03em]">{r.value}</span> <b>{r.unit}</b></p>
			<p>
				± {r.interval} (95 %){r.tooWide ? m.too_wide_to_tell_5_after() : ''}{[
					latest.speed === null ? '' : m.at_11({ speed: speed(latest.speed) }),
					latest.pressure === null ? m.pressure_not_measured_inline() : pressure(latest.pressure),
					latest.gear && m.gear({ gear: latest.gear }),
					settingName(latest)
				]
					.filter(Boolean)
					.join(', ')}
			</p>
			{#if latest.findings > 0}<p class="look">
					<b>{m.signed_with_warnings({ findings: latest.findings })}</b>
					<a href="/calibrations/{latest.id}">{m.read_them({ findings: latest.findings })}</a>
				</p>{/if}
			<dl>
				{#if latest.flow !== null}<div class="grid grid-cols-[1fr_auto] py-1 px-0 border-b border-dashed border-b-rule">
						<dt>{m.flow_of_all_nozzles()}</dt>
						<dd class="num text-[1.15rem]">
							{figure(inUnit('flow', si(latest.flow), units.flow))}
							{shortUnit(units.flow)}
						</dd>
					</div>{/if}
				{#if width}<div class="grid grid-cols-[1fr_auto] py-1 px-0 border-b border-dashed border-b-rule">
						<dt>{m.swath()}</dt>
						<dd class="num text-[1.15rem]">{width}</dd>
					</div>{/if}
			</dl>
			{#if data.due}<DueNote due={data.due} {settings} />{/if}
			<a class="btn go big" href="/full-tank?calibration={latest.id}">{m.one_full_tank()}</a>
			<a class="btn" href="/calibrations/{latest.id}/tank">{m.loads_for_an_area()}</a>
			<a class="btn" href="/rounds/new?sprayer={data.sprayer.id}&after={latest.id}" data-sveltekit-preload-data="off"
				>{m.again_after_a_change()}</a
			>
			<a class="btn plain" href="/figures?calibration={latest.id}">{m.quick_figures()}</a>
		{:else if data.first}
			<p class="lab">{m.spray_volume()}</p>
			<p class="big">
				<span class="num text-straw-edge text-[4.6rem] tracking-[-0.03em]">–</span> <b>{longUnit(settings.rateUnit)}</b>
			</p>
			<p>{m.not_calibrated_yet_forty_minutes_with()}</p>
		{/if}
		{#if data.calibrationInProgress}<a class="btn big" href="/rounds/{data.calibrationInProgress}"
				>{m.continue_the_calibration()}</a
			>
		{:else}<a
				class="btn big"
				class:go={!latest}
				href="/rounds/new?sprayer={data.sprayer.id}"
				data-sveltekit-preload-data="off">{m.start_a_calibration()}</a
			>{/if}
		<a class="btn plain" href="/sprayers/{data.sprayer.id}/field-sheet" data-sveltekit-reload
			>{m.blank_field_sheet_pdf()}</a
		>
		<p class="lab">{m.clean_water_only_and_gloves_eye_cover()}</p>
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
	.big {
		line-height: 1;
	}
</style>
