<!-- @component Where another amount went in than the step asks for: it is kept as it was poured, and everything after goes by it. -->
<script lang="ts">
	import { m } from '$words';
	import type { JobRunState } from './job-run.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { saidIn } from '$lib/settings/said-in';
	import { pouredIn, unitsLike } from '$lib/settings/unit-lists';

	interface Props {
		run: JobRunState;
		/** Unit that a bare number is read in. */
		unit: string;
		/** Unit of the figure that the step shows: a bare number means that one. */
		shown: string;
	}
	let { run, unit, shown }: Props = $props();
	const units = $derived(unitsLike(unit));
	let open = $state(false);
	let amount = $state('');
	let picked = $state('');
	const chosen = $derived(picked || pouredIn(units, unit, shown));
	let problem = $state<string | undefined>();

	async function keep() {
		problem = (await run.pourOther(saidIn(amount, chosen, unit))) ?? undefined;
		if (problem) return;
		open = false;
		amount = '';
	}
</script>

{#if !open}
	<button type="button" class="btn plain other" onclick={() => (open = true)}>{m.another_amount_went_in()}</button>
{:else}
	<form
		class="grid gap-2.5"
		novalidate
		onsubmit={(e) => {
			e.preventDefault();
			void keep();
		}}
	>
		<UnitField
			label={m.poured_in_this_step()}
			bind:value={amount}
			bind:unit={() => chosen, (to) => (picked = to)}
			{units}
			{problem}
			hint={m.doses_season_and_record_go_by()}
		/>
		<div class="foot grid grid-cols-[1fr_2fr] gap-2.5">
			<button type="button" class="btn plain" onclick={() => (open = false)}>{m.back_title()}</button>
			<button class="btn go">{m.it_went_in()}</button>
		</div>
	</form>
{/if}

<style>
	.other {
		justify-self: start;
		min-height: 48px;
	}
	.foot .btn {
		min-height: 56px;
	}
</style>
