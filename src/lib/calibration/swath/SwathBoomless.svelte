<!-- @component Swath of a boomless sprayer: the schools' answers side by side, and pans entered on the drawing. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import type { EntryBody, SwathSchool } from '$core';
	import { readShare, showDecimals, showFigure, factor } from '$core';
	import Pans from '$lib/drawings/Pans.svelte';
	import Thrown from '$lib/drawings/Thrown.svelte';
	import { shortUnit, typed } from '$lib/settings/field-units';
	import { keptText, typedText } from '$lib/settings/typed-text';
	import EstimatedWidth from './EstimatedWidth.svelte';
	import { BoomlessSwath } from './pans.svelte';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { wordIssue } from '$lib/wording/issues';
	import CvChart from './CvChart.svelte';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import SchoolAnswers from './SchoolAnswers.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import SideSwitches from './SideSwitches.svelte';
	import { asWritten } from '$lib/wording/as-written';

	let { state: calibration }: { state: CalibrationState } = $props();
	const swath = untrack(() => new BoomlessSwath(calibration));

	const comma = $derived(calibration.settings.decimalComma);
	const metric = $derived(calibration.units.course === 'm');
	const unit = $derived(calibration.units.course);
	const length = (m: number | null) =>
		m === null ? '–' : metric ? showDecimals(m, 2, comma) : showDecimals(m / factor('length', 'ft'), 1, comma);
	let tab = $state<'schools' | 'pans'>(untrack(() => (calibration.entered.pans ? 'pans' : 'schools')));
	let problem = $state('');
	const pans = $derived(calibration.entered.pans);
	const rows = $derived(swath.catches.length > 18 ? 2 : 1);

	async function pick(school: SwathSchool) {
		if (calibration.signedOff) return;
		const issues = await calibration.add(() => {
			const kept = calibration.entered.school;
			const same = kept?.school === school ? kept : null;
			return {
				kind: 'school',
				school,
				...(same?.share ? { share: same.share } : {}),
				...(same?.length ? { length: same.length.typed } : {})
			};
		});
		problem = issues[0] ? wordIssue(issues[0]) : '';
	}
	type PansEntry = Extract<EntryBody, { kind: 'pans' }>;
	const changedPans = (change: Partial<PansEntry>): PansEntry => {
		const now: Omit<PansEntry, 'kind'> = (pans && { ...pans, spacing: pans.spacing.typed }) ?? {
			spacing: typed(asWritten(metric ? '0.5' : '1.5', comma), unit, calibration.settings),
			count: 12,
			driving: 'back-and-forth' as const,
			maxCv: 0.15
		};
		const { spacing, count, driving, maxCv } = { ...now, ...change };
		return { kind: 'pans', spacing, count, driving, maxCv };
	};
	const setPans = (change: Partial<PansEntry>) => calibration.add(() => changedPans(change));
	const panText = (n: number) =>
		swath.drafts[n] ?? keptText(calibration.entered.panCatches.get(n)?.typed, swath.unit, calibration.settings);
	const focusPan = () => document.getElementById(`pan-${swath.at}`)?.focus();
	async function enterPan(n: number) {
		if (await swath.enter(n)) {
			problem = '';
			focusPan();
		} else
			problem = m.pan_is_not_a_volume_write({
				n,
				draft: swath.drafts[n] ?? '',
				example: asWritten(m.n42_ml_or_1_4_fl(), comma)
			});
	}
	function panKey(event: KeyboardEvent, n: number) {
		if (event.key === 'Enter') void enterPan(n);
		else if (event.key === 'Escape') delete swath.drafts[n];
		else if (event.key === 'ArrowLeft' && panText(n) === '') document.getElementById(`pan-${n - 1}`)?.focus();
		else if (event.key === 'ArrowRight' && panText(n) === '') document.getElementById(`pan-${n + 1}`)?.focus();
		else return;
		event.preventDefault();
	}
	const wetted = (text: string) =>
		calibration.add(() => ({
			kind: 'wetted',
			width: typed(text, unit, calibration.settings),
			estimated: calibration.entered.wettedGuessed
		}));
	const schoolLength = (school: SwathSchool) => (text: string) =>
		calibration.add({ kind: 'school', school, length: typed(text, unit, calibration.settings) });
	const typedLength = $derived(
		calibration.entered.school?.length ? typedText(calibration.entered.school.length.typed) : ''
	);
</script>

<div class="flex flex-col gap-2.5 flex-1 min-h-0">
	<div class="flex flex-wrap justify-between gap-2.5">
		<Segmented
			label={m.how_the_swath_is_measured()}
			options={[
				{ value: 'schools', label: m.wetted_width() },
				{ value: 'pans', label: m.pans() }
			]}
			value={tab}
			onchange={(v) => {
				tab = v;
				if (v === 'pans' && !pans && !calibration.signedOff) void setPans({});
			}}
		/>
		<SideSwitches {calibration} />
	</div>
	{#if tab === 'pans'}
		<div class="card pans flex flex-col gap-2 py-2.5 px-3.5">
			<div>
				<Pans
					fills={swath.fills}
					at={swath.at}
					swath={swath.shown}
					laid={swath.laid}
					words={swath.shown !== null && calibration.width !== null
						? `${length(calibration.width)} ${unit}${swath.cv === null ? '' : m.cv_figure_after({ figure: showDecimals(swath.cv * 100, 1, comma) })}`
						: m.type_what_each_pan_caught()}
					onpick={(n) => {
						swath.at = n;
						document.getElementById(`pan-${n}`)?.focus();
					}}
				/>
			</div>
			<div
				class="inputs grid grid-cols-[repeat(var(--n),minmax(0,1fr))] gap-0.75 phone:grid-cols-6"
				style="--n:{Math.ceil(swath.catches.length / rows)}"
			>
				{#each swath.catches as _, i (i)}
					<input
						id="pan-{i + 1}"
						class="num min-w-0 min-h-9.5 border-2 border-rule rounded-[5px] bg-card text-center text-[1.1rem] phone:min-h-12"
						type="text"
						inputmode="decimal"
						autocomplete="off"
						aria-label={m.pan({ i: i + 1, unit: shortUnit(swath.unit) })}
						placeholder={i === 0 ? shortUnit(swath.unit) : ''}
						disabled={calibration.signedOff}
						value={panText(i + 1)}
						oninput={(e) => (swath.drafts[i + 1] = e.currentTarget.value)}
						onfocus={(e) => {
							swath.at = i + 1;
							e.currentTarget.select();
						}}
						onblur={() => {
							if (swath.drafts[i + 1] !== undefined) void swath.enter(i + 1);
						}}
						onkeydown={(e) => panKey(e, i + 1)}
						onpaste={(e) => {
							const text = e.clipboardData?.getData('text') ?? '';
							if (/[\t\n;]/.test(text.trim())) {
								e.preventDefault();
								void swath.paste(i + 1, text);
							}
						}}
					/>
				{/each}
			</div>
			<div class="under" class:charted={swath.result !== null}>
				<div class="settings grid grid-cols-4 gap-2.5 items-end phone:grid-cols-[1fr_1fr]">
					<QuantityField
						small
						label={m.pan_to_pan()}
						kept={keptText(pans?.spacing.typed, unit, calibration.settings)}
						{unit}
						disabled={calibration.signedOff}
						commit={(text) => setPans({ spacing: typed(text, unit, calibration.settings) })}
					/>
					<QuantityField
						small
						label={m.pans()}
						kept={`${pans?.count ?? 12}`}
						disabled={calibration.signedOff}
						commit={(text) => setPans({ count: Number(text) })}
					/>
					<QuantityField
						small
						label={m.cv_at_most()}
						kept={showFigure((pans?.maxCv ?? 0.15) * 100, 3, comma)}
						disabled={calibration.signedOff}
						commit={(text) => setPans({ maxCv: readShare(text) })}
					/>
					<label class="grid gap-1">
						<span class="text-soft text-[0.85rem]">{m.driven()}</span>
						<select
							class="field-input py-1 pr-6 pl-[0.4rem] text-[1rem]"
							value={pans?.driving ?? 'back-and-forth'}
							disabled={calibration.signedOff}
							onchange={(e) => void setPans({ driving: e.currentTarget.value as 'one-way' })}
						>
							<option value="back-and-forth">{m.back_and_forth()}</option>
							<option value="one-way">{m.one_way()}</option>
						</select>
					</label>
				</div>
				{#if swath.result}
					<CvChart
						candidates={swath.result.candidates}
						best={swath.result.best}
						limit={pans?.maxCv ?? 0.15}
						spacing={(swath.spacing ?? 1) / (metric ? 1 : factor('length', 'ft'))}
						{unit}
						decimalComma={comma}
					/>
				{/if}
			</div>
		</div>
	{:else}
		<div class="card wet flex flex-col gap-2 py-2.5 px-3.5">
			<div class="settings grid gap-2.5 grid-cols-3 items-start phone:grid-cols-[1fr_1fr]">
				<QuantityField
					label={m.wetted_width_edge_to_edge()}
					kept={keptText(calibration.entered.wetted?.typed, unit, calibration.settings)}
					{unit}
					hint={m.on_dry_hard_ground_taped()}
					disabled={calibration.signedOff}
					commit={wetted}
				/>
				<QuantityField
					label={m.nozzles_above_the_ground()}
					kept={keptText(calibration.entered.height?.typed, calibration.units.spacing, calibration.settings)}
					unit={calibration.units.spacing}
					hint={calibration.head.rig.makerHeights
						? m.maker_to({
								low: typedText(calibration.head.rig.makerHeights.low),
								high: typedText(calibration.head.rig.makerHeights.high)
							})
						: m.the_makers_swath_goes_with_a()}
					disabled={calibration.signedOff}
					commit={(text) =>
						calibration.add({ kind: 'height', height: typed(text, calibration.units.spacing, calibration.settings) })}
				/>
				{#if swath.school === 'share'}
					<QuantityField
						label={m.usable_share()}
						kept={showFigure((calibration.entered.school?.share ?? 0.85) * 100, 3, comma)}
						hint={m.the_edges_thin_out()}
						disabled={calibration.signedOff}
						commit={(text) => calibration.add({ kind: 'school', school: 'share', share: readShare(text) })}
					/>
				{:else if swath.school === 'edges' || swath.school === 'maker' || swath.school === 'asked'}
					<QuantityField
						label={swath.school === 'edges'
							? m.overlap_at_each_edge()
							: swath.school === 'maker'
								? m.makers_swath()
								: m.width_that_i_drive()}
						kept={typedLength}
						{unit}
						disabled={calibration.signedOff}
						commit={schoolLength(swath.school)}
					/>
				{/if}
			</div>
			{#if swath.school !== 'maker' && swath.school !== 'asked'}<EstimatedWidth {calibration} />{/if}
			<div class="drawing wide">
				<Thrown
					used={swath.wetted !== null && calibration.width !== null ? calibration.width / swath.wetted : null}
					wetted={swath.wetted === null ? m.wetted_width_inline() : m.wetted({ wetted: length(swath.wetted), unit })}
					swath="{length(calibration.width)} {unit}"
					sides={calibration.entered.off.includes(0) ? 'right' : calibration.entered.off.includes(1) ? 'left' : 'both'}
				/>
			</div>
		</div>
	{/if}
	{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
	{#if swath.school === null && swath.wetted !== null}<p class="pick"><b>{m.pick_how_wide_you_drive()}</b></p>{/if}
	<SchoolAnswers
		answers={swath.answers}
		picked={swath.school}
		{length}
		{unit}
		terse={tab === 'pans'}
		disabled={calibration.signedOff}
		onpick={(school) => void pick(school)}
	/>
</div>

<style>
	.drawing.wide :global(svg) {
		max-height: 165px;
	}
	.charted {
		display: grid;
		grid-template-columns: 356px minmax(0, 1fr);
		gap: 12px;
		align-items: start;
	}
	.charted .settings {
		grid-template-columns: 1fr 1fr;
	}
	.inputs input:focus {
		border: 3px solid var(--dye);
		outline: none;
	}
	.inputs input::placeholder {
		font: 400 0.8rem var(--font-text);
		color: var(--soft);
		opacity: 1;
	}
	@media (max-width: 859px) {
		.charted {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
