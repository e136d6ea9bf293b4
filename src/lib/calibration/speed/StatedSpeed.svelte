<!-- @component A speed as a dial or a screen tells it, where there is no time for a course: less sure, and it says so. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import type { Issue } from '$core';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import Sheet from '$lib/kit/Sheet.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { typed } from '$lib/settings/field-units';
	import { keptText } from '$lib/settings/typed-text';
	import { unitChoices } from '$lib/settings/unit-lists';
	import { wordIssue } from '$lib/wording/issues';

	let { round, open = $bindable() }: { round: RoundState; open: boolean } = $props();
	const stated = untrack(() => round.entered.stated);
	let unit = $state(untrack(() => stated?.speed.typed.unit ?? round.units.speed));
	let text = $state(untrack(() => keptText(stated?.speed.typed, unit, round.settings)));
	let checked = $state<'yes' | 'no' | ''>(untrack(() => (stated ? (stated.checked ? 'yes' : 'no') : '')));
	let problem = $state('');

	const told = (issues: readonly Issue[]) => {
		problem = issues[0] ? wordIssue(issues[0]) : '';
		if (issues.length === 0) open = false;
	};
	async function save() {
		if (checked === '') {
			problem = 'Say whether this dial or screen was checked against a course before.';
			return;
		}
		told(
			await round.add({ kind: 'stated-speed', speed: typed(text, unit, round.settings), checked: checked === 'yes' })
		);
	}
</script>

<Sheet
	{open}
	title="State the speed"
	lead="As the dial or screen shows it while you spray. Timed runs over a course are better and count before it."
	onclose={() => (open = false)}
>
	<UnitField label="Ground speed" bind:value={text} bind:unit units={unitChoices('speed', round.settings)} {problem} />
	<Segmented
		label="Checked against a course"
		options={[
			{ value: 'yes', label: 'Checked before' },
			{ value: 'no', label: 'Never checked' }
		]}
		value={checked}
		onchange={(v) => (checked = v)}
	/>
	{#snippet foot()}
		{#if stated}<button
				type="button"
				class="btn plain"
				onclick={async () => told(await round.add({ kind: 'stated-speed', speed: null, checked: false }))}
				>Delete</button
			>{/if}
		<button type="button" class="btn go" onclick={() => void save()}>Save</button>
	{/snippet}
</Sheet>
