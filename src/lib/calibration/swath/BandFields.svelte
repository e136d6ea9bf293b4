<!-- @component Bands or directed spraying: switched on and told by band, bands, row spacing and rows. -->
<script lang="ts">
	import type { EnteredBand } from '$core';
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
	import { typed } from '$lib/settings/field-units';
	import { typedText } from '$lib/settings/typed-text';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import { wordIssue } from '$lib/wording/issues';
	import FormField from '$lib/kit/FormField.svelte';

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
	<div class="do">
		<button type="button" class="btn plain" onclick={begin}>{band ? 'Change the bands' : 'Bands instead'}</button>
		{#if band}<button type="button" class="btn plain" onclick={() => void round.add({ kind: 'band', band: null })}
				>Whole width</button
			>{/if}
	</div>
{/if}

<Dialog {open} onOpenChange={(d) => (open = d.open)}>
	<Portal>
		<Dialog.Backdrop class="fallow-backdrop" />
		<Dialog.Positioner class="fallow-positioner">
			<Dialog.Content class="fallow-dialog">
				<Dialog.Title class="title">Bands or directed spraying</Dialog.Title>
				<Dialog.Description class="lab">
					The treated width is band × bands; the field width is row spacing × rows.
				</Dialog.Description>
				<form
					onsubmit={(e) => {
						e.preventDefault();
						void keep();
					}}
				>
					<FormField label="Width of one band" bind:value={text.band} hint="A bare number is {unit}." />
					<FormField label="Bands" inputmode="numeric" bind:value={text.bands} hint="All that spray, like 6." />
					<FormField label="Row spacing" bind:value={text.rowSpacing} hint="A bare number is {unit}." />
					<FormField label="Rows" inputmode="numeric" bind:value={text.rows} hint="Rows in one pass, like 6." />
					{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
					<div class="do">
						<Dialog.CloseTrigger class="btn plain">Back</Dialog.CloseTrigger>
						<button class="btn go">Use these bands</button>
					</div>
				</form>
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>

<style>
	.do {
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
	}
	form {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 14px;
	}
	form .do,
	.problem {
		grid-column: 1 / 3;
	}
	form .do {
		justify-content: space-between;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
</style>
