<!-- @component Bands or directed spraying: switched on and told by band, bands, row spacing and rows. -->
<script lang="ts">
	import type { EnteredBand } from '$core';
	import Sheet from '$lib/kit/Sheet.svelte';
	import { typed } from '$lib/settings/field-units';
	import { typedText } from '$lib/settings/typed-text';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import { wordIssue } from '$lib/wording/issues';
	import Field from '$lib/kit/Field.svelte';

	let { round, band }: { round: RoundState; band: EnteredBand | null } = $props();

	let open = $state(false);
	let text = $state({ band: '', bands: '', rowSpacing: '', rows: '' });
	let problem = $state('');
	const unit = $derived(round.units.spacing);

	function begin() {
		text = {
			band: band ? typedText(band.band.typed) : '',
			bands: band ? `${band.bands}` : '',
			rowSpacing: band ? typedText(band.rowSpacing.typed) : '',
			rows: band ? `${band.rows}` : ''
		};
		problem = '';
		open = true;
	}
	async function keep() {
		const issues = await round.add({
			kind: 'band',
			band: {
				band: typed(text.band, unit, round.settings),
				bands: Number(text.bands),
				rowSpacing: typed(text.rowSpacing, unit, round.settings),
				rows: Number(text.rows)
			}
		});
		problem = issues[0] ? wordIssue(issues[0]) : '';
		if (issues.length === 0) open = false;
	}
</script>

{#if !round.signedOff}
	<div class="flex flex-wrap gap-2.5">
		<button type="button" class="btn plain" onclick={begin}>{band ? 'Change the bands' : 'Bands instead'}</button>
		{#if band}<button type="button" class="btn plain" onclick={() => void round.add({ kind: 'band', band: null })}
				>Whole width</button
			>{/if}
	</div>
{/if}

<Sheet
	{open}
	title="Bands or directed spraying"
	lead="The treated width is band × bands; the field width is row spacing × rows."
	onclose={() => (open = false)}
>
	<form
		id="bands"
		class="grid grid-cols-[1fr_1fr] gap-3.5"
		onsubmit={(e) => {
			e.preventDefault();
			void keep();
		}}
	>
		<Field label="Width of one band" bind:value={text.band} hint="No unit means {unit}." />
		<Field label="Bands" inputmode="numeric" bind:value={text.bands} hint="All that spray, like 6." />
		<Field label="Row spacing" bind:value={text.rowSpacing} hint="No unit means {unit}." />
		<Field label="Rows" inputmode="numeric" bind:value={text.rows} hint="Rows in one pass, like 6." />
		{#if problem}<p class="problem col-[1/3]" role="alert">✕ {problem}</p>{/if}
	</form>
	{#snippet foot()}<button class="btn go" form="bands">Use these bands</button>{/snippet}
</Sheet>
