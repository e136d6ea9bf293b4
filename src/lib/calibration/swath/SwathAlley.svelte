<!-- @component Alley of an airblast sprayer: row spacing, which alleys, which sides; and what the canopy asks for. -->
<script lang="ts">
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
	import type { RoundState } from '$lib/calibration/round.svelte';
	import { otherSideWords, passWords } from '$lib/wording/airblast';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import SideSwitches from './SideSwitches.svelte';

	let { state: round }: { state: RoundState } = $props();

	const comma = $derived(round.settings.decimalComma);
	const metric = $derived(round.units.course === 'm');
	const unit = $derived(round.units.course);
	const spacing = $derived((round.round.rows?.spacing ?? round.rig.rowSpacing)?.typed);
	const alleys = $derived(round.round.rows?.alleys ?? 'every');
	const sides: 'both' | 'left' | 'right' = $derived(
		round.round.off.includes(0) ? 'right' : round.round.off.includes(1) ? 'left' : 'both'
	);
	/** What becomes of the other side, where one is shut; a round of before that question was signed as sprayed. */
	const otherSide = $derived(
		sides === 'both' ? null : (round.round.otherSide ?? (round.signedOff ? ('sprayed' as const) : null))
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
		round.width === null
			? '?'
			: metric
				? `${showDecimals(round.width, 2, comma)} m`
				: `${showDecimals(round.width / factor('length', 'ft'), 1, comma)} ft`
	);
	const canopy = $derived(round.round.canopy);
	const asked = $derived.by(() => {
		if (!canopy) return null;
		const [h, w, r] = [quantityOf(canopy.height), quantityOf(canopy.width), quantityOf(canopy.rowSpacing)];
		if (h === null || w === null || r === null) return null;
		return treeRowVolume(h, w, r, canopy.coefficient);
	});
	const rate = (value: number) => show('rate', value, round.settings).text;
	const gap = $derived(asked === null || !round.calibration ? null : round.calibration.rate.value / asked - 1);

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
			const read = readField(field, typed(text, unit, round.settings), '');
			if (!read.ok) return read.issues;
		}
		if (!draft.height || !draft.width || !coefficientFits(coefficient) || !spacing) return empty;
		return round.add({
			kind: 'canopy',
			canopy: {
				height: typed(draft.height, unit, round.settings),
				width: typed(draft.width, unit, round.settings),
				rowSpacing: spacing,
				coefficient
			}
		});
	}
</script>

<div class="alley">
	<div class="asked">
		<QuantityField
			label="Row to row"
			kept={keptText(spacing, unit, round.settings)}
			{unit}
			hint="Trunk to trunk, taped."
			disabled={round.signedOff}
			commit={(text) => round.add({ kind: 'rows', spacing: typed(text, unit, round.settings), alleys })}
		/>
		<div class="pickers">
			<Segmented
				label="Alleys driven"
				options={[
					{ value: 'every', label: 'Every alley' },
					{ value: 'second', label: 'Every second' }
				]}
				value={alleys}
				onchange={(v) => {
					if (!round.signedOff && spacing) void round.add({ kind: 'rows', spacing, alleys: v });
				}}
			/>
			<SideSwitches {round} />
		</div>
	</div>
	{#if sides !== 'both'}
		<div class="other" class:open={otherSide === null}>
			<b>The other side of each row</b>
			<Segmented
				label="The other side of each row"
				options={otherSides.map((value) => ({ value, label: otherSideWords[value] }))}
				value={(otherSide ?? '') as 'not'}
				onchange={(v) => {
					if (!round.signedOff && spacing) void round.add({ kind: 'rows', spacing, alleys, otherSide: v });
				}}
			/>
		</div>
	{/if}
	<p class="pass" role="status">
		{pass
			? passWords(pass, comma)
			: '▲ Say what becomes of the other side: the volume per area is twice or half by it.'}
	</p>
	<div class="board card">
		<Alley {alleys} {sides} spacing={spacing ? typedText(spacing) : '?'} {width} />
	</div>
	<details class="canopy card" open={canopy !== null || round.round.canopyShares !== null}>
		<summary>
			Check it against the canopy
			{#if asked !== null}<b class="num">{rate(asked)}</b>{/if}
		</summary>
		<div class="fields">
			<QuantityField
				small
				label="Tree height"
				kept={canopy ? typedText(canopy.height.typed) : draft.height}
				{unit}
				disabled={round.signedOff}
				commit={(text) => setCanopy({ height: text })}
			/>
			<QuantityField
				small
				label="Canopy across the row"
				kept={canopy ? typedText(canopy.width.typed) : draft.width}
				{unit}
				disabled={round.signedOff}
				commit={(text) => setCanopy({ width: text })}
			/>
			<QuantityField
				small
				label="L for each m³ of canopy"
				kept={coefficientText || draft.coefficient}
				disabled={round.signedOff}
				commit={(text) => setCanopy({ coefficient: text })}
			/>
			<QuantityField
				small
				label="Leaf by thirds, bottom up, %"
				kept={round.round.canopyShares ? round.round.canopyShares.map((s) => Math.round(s * 100)).join(', ') : ''}
				disabled={round.signedOff}
				commit={(text) => {
					const parts = text.split(/[\s,;/]+/).map((part) => Number(part.replace('%', '')) / 100);
					const [bottom = NaN, middle = NaN, top = NaN] = parts.length === 3 ? parts : [];
					return round.add({ kind: 'canopy-shares', shares: [bottom, middle, top] });
				}}
			/>
			<p aria-live="polite">
				{#if asked !== null && gap !== null}
					<b>Measured is {showDecimals(Math.abs(gap) * 100, 0, comma)} % {gap > 0 ? 'over' : 'under'} it.</b>
				{/if}
				<span class="lab">height × width ÷ row spacing × your figure. The schools differ, so the figure is yours.</span>
			</p>
		</div>
	</details>
</div>

<style>
	.alley {
		display: flex;
		flex-direction: column;
		gap: 12px;
		flex: 1;
		min-height: 0;
	}
	.asked {
		display: grid;
		grid-template-columns: minmax(0, 150px) 1fr;
		gap: 16px;
		align-items: start;
	}
	.pickers {
		display: flex;
		flex-wrap: wrap;
		gap: 10px 12px;
		padding-top: 24px;
	}
	.other {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 14px;
	}
	.other.open b {
		color: var(--amber-text);
	}
	.pass {
		font-weight: 600;
	}
	.board {
		display: grid;
		align-items: center;
		flex: 1;
		min-height: 0;
		padding: 12px 16px;
	}
	.board :global(svg) {
		max-height: 250px;
	}
	.canopy {
		padding: 0 16px;
	}
	summary {
		display: flex;
		justify-content: space-between;
		align-items: center;
		min-height: 48px;
		font-weight: 600;
		cursor: pointer;
	}
	summary .num {
		font-size: 1.5rem;
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(4, minmax(0, 1fr));
		gap: 14px;
		align-items: start;
		padding-bottom: 12px;
		line-height: 1.3;
	}
	.fields p {
		grid-column: 1 / -1;
	}
	@media (max-width: 859px) {
		.asked {
			grid-template-columns: 1fr;
			gap: 8px;
		}
		.pickers {
			padding-top: 0;
		}
		.board {
			flex: none;
		}
		.fields {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
