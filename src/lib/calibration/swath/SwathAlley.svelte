<!-- @component Alley of an airblast sprayer: row spacing, which alleys, which sides; and what the canopy asks for. -->
<script lang="ts">
	import { m } from '$words';
	import { untrack } from 'svelte';
	import { show } from '$lib/show/show';
	import {
		fields,
		otherSides,
		readField,
		readNumber,
		rowsPerPass,
		showDecimals,
		tidyText,
		treeRowVolume,
		factor,
		quantityOf
	} from '$core';
	import Alley from '$lib/drawings/Alley.svelte';
	import { typed } from '$lib/settings/field-units';
	import { keptText, typedText } from '$lib/settings/typed-text';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { otherSideWords, passWords } from '$lib/wording/airblast';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import SideSwitches from './SideSwitches.svelte';
	import Fold from '$lib/kit/Fold.svelte';

	let { state: calibration }: { state: CalibrationState } = $props();

	const comma = $derived(calibration.settings.decimalComma);
	const metric = $derived(calibration.units.course === 'm');
	const unit = $derived(calibration.units.course);
	const spacing = $derived((calibration.entered.rows?.spacing ?? calibration.sprayer.rowSpacing)?.typed);
	const alleys = $derived(calibration.entered.rows?.alleys ?? 'every');
	const sides: 'both' | 'left' | 'right' = $derived(
		calibration.entered.off.includes(0) ? 'right' : calibration.entered.off.includes(1) ? 'left' : 'both'
	);
	/** What becomes of the other side, where one is shut; a calibration of before that question was signed as sprayed. */
	const otherSide = $derived(
		sides === 'both' ? null : (calibration.entered.otherSide ?? (calibration.signedOff ? ('sprayed' as const) : null))
	);
	const pass = $derived(
		sides !== 'both' && otherSide === null
			? null
			: {
					alleys,
					sides,
					rows: rowsPerPass({ alleys, sides: sides === 'both' ? 'both' : 'one', ...(otherSide ? { otherSide } : {}) })
				}
	);
	const width = $derived(
		calibration.width === null
			? '?'
			: metric
				? `${showDecimals(calibration.width, 2, comma)} m`
				: `${showDecimals(calibration.width / factor('length', 'ft'), 1, comma)} ft`
	);
	const canopy = $derived(calibration.entered.canopy);
	const asked = $derived.by(() => {
		if (!canopy) return null;
		const [h, w, r] = [quantityOf(canopy.height), quantityOf(canopy.width), quantityOf(canopy.rowSpacing)];
		if (h === null || w === null || r === null) return null;
		return treeRowVolume(h, w, r, canopy.coefficient);
	});
	const rate = (value: number) => show('rate', value, calibration.settings).text;
	const gap = $derived(asked === null || !calibration.answer ? null : calibration.answer.rate.value / asked - 1);

	const coefficientFits = (c: ReturnType<typeof readNumber>): c is number => typeof c === 'number' && c > 0 && c <= 10;
	const coefficientText = $derived(canopy ? String(canopy.coefficient).replace('.', comma ? ',' : '.') : '');
	let draft = $state({ height: '', width: '', coefficient: '' });
	const empty: readonly never[] = [];
	/** The canopy is kept once height, width and coefficient are all there. */
	async function setCanopy(change: Partial<typeof draft>) {
		draft = {
			height: draft.height || (canopy ? typedText(canopy.height.typed) : ''),
			width: draft.width || (canopy ? typedText(canopy.width.typed) : ''),
			coefficient: draft.coefficient || coefficientText,
			...change
		};
		const coefficient = readNumber(tidyText(draft.coefficient), comma);
		if (change.coefficient !== undefined && !coefficientFits(coefficient))
			return [{ code: 'unreadable', path: '', text: change.coefficient, wanted: 'coefficient' } as const];
		for (const [field, text] of [
			[fields.tree, change.height],
			[fields.tree, change.width]
		] as const) {
			if (text === undefined) continue;
			const read = readField(field, typed(text, unit, calibration.settings), '');
			if (!read.ok) return read.issues;
		}
		if (!draft.height || !draft.width || !coefficientFits(coefficient) || !spacing) return empty;
		const height = typed(draft.height, unit, calibration.settings);
		const width = typed(draft.width, unit, calibration.settings);
		return calibration.add(() =>
			spacing ? { kind: 'canopy', canopy: { height, width, rowSpacing: spacing, coefficient } } : null
		);
	}
</script>

<div class="flex flex-col gap-3 flex-1 min-h-0">
	<div class="grid grid-cols-[minmax(0,150px)_1fr] gap-4 items-start phone:grid-cols-[1fr] phone:gap-2">
		<QuantityField
			label={m.row_to_row()}
			kept={keptText(spacing, unit, calibration.settings)}
			{unit}
			hint={m.trunk_to_trunk_taped()}
			disabled={calibration.signedOff}
			commit={(text) =>
				calibration.add(() => ({ kind: 'rows', spacing: typed(text, unit, calibration.settings), alleys }))}
		/>
		<div class="flex flex-wrap gap-x-3 gap-y-2.5 pt-6 phone:pt-0">
			<Segmented
				label={m.alleys_driven()}
				options={[
					{ value: 'every', label: m.every_alley() },
					{ value: 'second', label: m.every_second() }
				]}
				value={alleys}
				onchange={(v) => {
					if (!calibration.signedOff)
						void calibration.add(() => (spacing ? { kind: 'rows', spacing, alleys: v } : null));
				}}
			/>
			<SideSwitches {calibration} />
		</div>
	</div>
	{#if sides !== 'both'}
		<div class="other flex flex-wrap items-center gap-x-3.5 gap-y-2" class:open={otherSide === null}>
			<b>{m.the_other_side_of_each_row()}</b>
			<Segmented
				label={m.the_other_side_of_each_row()}
				options={otherSides.map((value) => ({ value, label: otherSideWords[value] }))}
				value={(otherSide ?? '') as 'not'}
				onchange={(v) => {
					if (!calibration.signedOff)
						void calibration.add(() => (spacing ? { kind: 'rows', spacing, alleys, otherSide: v } : null));
				}}
			/>
		</div>
	{/if}
	<p class="font-semibold" role="status">
		{pass ? passWords(pass, comma) : m.say_what_becomes_of_the_other()}
	</p>
	<div class="board card grid items-center flex-1 min-h-0 py-3 px-4 phone:flex-none">
		<Alley {alleys} {sides} spacing={spacing ? typedText(spacing) : '?'} {width} />
	</div>
	<Fold
		class="card py-0 px-4"
		title={m.check_it_against_the_canopy()}
		open={untrack(() => canopy !== null || calibration.entered.canopyShares !== null)}
	>
		{#snippet head()}{#if asked !== null}<b class="num text-[1.5rem]">{rate(asked)}</b>{/if}{/snippet}
		<div class="grid grid-cols-4 gap-3.5 items-start pb-3 leading-[1.3] phone:grid-cols-[1fr_1fr]">
			<QuantityField
				small
				label={m.tree_height()}
				kept={canopy ? typedText(canopy.height.typed) : draft.height}
				{unit}
				disabled={calibration.signedOff}
				commit={(text) => setCanopy({ height: text })}
			/>
			<QuantityField
				small
				label={m.canopy_across_the_row()}
				kept={canopy ? typedText(canopy.width.typed) : draft.width}
				{unit}
				disabled={calibration.signedOff}
				commit={(text) => setCanopy({ width: text })}
			/>
			<QuantityField
				small
				label={m.l_for_each_m_of_canopy()}
				kept={coefficientText || draft.coefficient}
				disabled={calibration.signedOff}
				commit={(text) => setCanopy({ coefficient: text })}
			/>
			<QuantityField
				small
				label={m.leaf_by_thirds_bottom_up()}
				kept={calibration.entered.canopyShares
					? calibration.entered.canopyShares.map((s) => Math.round(s * 100)).join(', ')
					: ''}
				disabled={calibration.signedOff}
				commit={(text) => {
					const parts = text.split(/[\s,;/]+/).map((part) => Number(part.replace('%', '')) / 100);
					const [bottom = NaN, middle = NaN, top = NaN] = parts.length === 3 ? parts : [];
					return calibration.add({ kind: 'canopy-shares', shares: [bottom, middle, top] });
				}}
			/>
			<p class="col-span-full" aria-live="polite">
				{#if asked !== null && gap !== null}
					<b
						>{m.measured_is_it({
							figure: showDecimals(Math.abs(gap) * 100, 0, comma),
							which: gap > 0 ? m.over() : m.under()
						})}</b
					>
				{/if}
				<span class="lab">{m.height_width_row_spacing_your_figure()}</span>
			</p>
		</div>
	</Fold>
</div>

<style>
	.other.open b {
		color: var(--amber-text);
	}
	.board :global(svg) {
		max-height: 250px;
	}
</style>
