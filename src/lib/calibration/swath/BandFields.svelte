<!-- @component Bands or directed spraying: switched on and told by band, bands, row spacing and rows. -->
<script lang="ts">
	import { m } from '$words';
	import type { EnteredBand } from '$core';
	import Sheet from '$lib/kit/Sheet.svelte';
	import { typed } from '$lib/settings/field-units';
	import { typedText } from '$lib/settings/typed-text';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { wordIssue } from '$lib/wording/issues';
	import Field from '$lib/kit/Field.svelte';

	let { calibration, band }: { calibration: CalibrationState; band: EnteredBand | null } = $props();

	let open = $state(false);
	let text = $state({ band: '', bands: '', rowSpacing: '', rows: '' });
	let problem = $state('');
	const unit = $derived(calibration.units.spacing);

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
		const issues = await calibration.add({
			kind: 'band',
			band: {
				band: typed(text.band, unit, calibration.settings),
				bands: Number(text.bands),
				rowSpacing: typed(text.rowSpacing, unit, calibration.settings),
				rows: Number(text.rows)
			}
		});
		problem = issues[0] ? wordIssue(issues[0]) : '';
		if (issues.length === 0) open = false;
	}
</script>

{#if !calibration.signedOff}
	<div class="flex flex-wrap gap-2.5">
		<button type="button" class="btn plain" onclick={begin}>{band ? m.change_the_bands() : m.bands_instead()}</button>
		{#if band}<button type="button" class="btn plain" onclick={() => void calibration.add({ kind: 'band', band: null })}
				>{m.whole_width()}</button
			>{/if}
	</div>
{/if}

<Sheet
	{open}
	title={m.bands_or_directed_spraying()}
	lead={m.the_treated_width_is_band_bands()}
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
		<Field label={m.width_of_one_band()} bind:value={text.band} hint={m.no_unit_means({ unit })} />
		<Field label={m.bands()} inputmode="numeric" bind:value={text.bands} hint={m.all_that_spray_like_6()} />
		<Field label={m.row_spacing()} bind:value={text.rowSpacing} hint={m.no_unit_means({ unit })} />
		<Field label={m.rows()} inputmode="numeric" bind:value={text.rows} hint={m.rows_in_one_pass_like_6()} />
		{#if problem}<p class="problem col-[1/3]" role="alert">✕ {problem}</p>{/if}
	</form>
	{#snippet foot()}<button class="btn go" form="bands">{m.use_these_bands()}</button>{/snippet}
</Sheet>
