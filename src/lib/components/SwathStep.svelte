<!-- @component Swath of a boom: nozzles × spacing, sections switched off by touching them. -->
<script lang="ts">
	import { inUnit, showDecimals, showFigure } from '$core';
	import type { Issue } from '$core';
	import Swath from '$lib/drawings/Swath.svelte';
	import { sectionName } from '$lib/drawings/boom-geometry';
	import type { RoundState } from '$lib/state/round.svelte';
	import { wordIssue } from '$lib/wording/issues';

	let { state: round }: { state: RoundState } = $props();

	const comma = $derived(round.settings.decimalComma);
	const metric = $derived(round.units.course === 'm');
	const width = $derived(round.on.length * round.rig.spacing);
	const shown = $derived(metric ? showDecimals(width, 2, comma) : showDecimals(width / 0.3048, 1, comma));
	const unit = $derived(metric ? 'm' : 'ft');
	const spacing = $derived(
		`${showFigure(inUnit('length', round.rig.spacing, round.units.spacing), 4, comma)} ${round.units.spacing}`
	);
	let problem = $state<Issue | null>(null);

	async function toggle(section: number) {
		const off = round.round.off.includes(section)
			? round.round.off.filter((s) => s !== section)
			: [...round.round.off, section].sort((a, b) => a - b);
		problem = (await round.add({ kind: 'sections', off }))[0] ?? null;
	}
</script>

<div class="swath">
	<div class="board card">
		<Swath sections={round.rig.sections} off={round.round.off} width="{shown} {unit}" />
		{#if round.rig.sections.length > 1}
			<div class="switches" role="group" aria-label="Sections that spray">
				{#each round.rig.sections as size, i (i)}
					{@const isOn = !round.round.off.includes(i)}
					<button
						type="button"
						aria-pressed={isOn}
						disabled={round.signedOff}
						style="flex:{size}"
						onclick={() => void toggle(i)}
					>
						<b>{sectionName(i, round.rig.sections.length)}</b>
						<span>{isOn ? 'on' : 'off'} · {size} {size === 1 ? 'nozzle' : 'nozzles'}</span>
					</button>
				{/each}
			</div>
		{/if}
	</div>
	{#if problem}<p class="problem" role="alert">{wordIssue(problem)}</p>{/if}
	<div class="sum">
		<div>
			<span class="lab">Swath</span><br />
			<span class="num">{shown}</span> <b>{unit}</b>
		</div>
		<p>
			<b>{round.on.length} nozzles × {spacing}</b><br />
			<span class="lab"
				>Tape the spacing over several nozzles. A section off makes this a calibration of its own: pressure and flow
				change.</span
			>
		</p>
	</div>
</div>

<style>
	.swath {
		display: flex;
		flex-direction: column;
		gap: 14px;
		flex: 1;
		min-height: 0;
	}
	.board {
		display: flex;
		flex-direction: column;
		justify-content: center;
		gap: 14px;
		flex: 1;
		min-height: 0;
		padding: 16px;
	}
	.switches {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.switches button {
		min-width: 96px;
		min-height: 60px;
		border: 2px dashed var(--straw-edge);
		border-radius: 6px;
		background: var(--straw-wash);
		color: var(--straw-text);
		font: inherit;
		font-size: 0.95rem;
		line-height: 1.25;
		cursor: pointer;
	}
	.switches button[aria-pressed='true'] {
		border: 2px solid var(--dye);
		background: var(--dye-wash);
		color: var(--dye-text);
	}
	.switches span {
		display: block;
	}
	.sum {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 24px;
		align-items: end;
		padding: 12px 16px;
		border-radius: 6px;
		background: var(--paper-deep);
	}
	.sum .num {
		font-size: 3.6rem;
		line-height: 0.95;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
	@media (max-width: 859px) {
		.switches button {
			font-size: 0.85rem;
		}
		.board {
			padding: 8px;
			flex: none;
		}
		.sum {
			gap: 12px;
		}
	}
</style>
